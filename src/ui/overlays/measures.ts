import type { Overlay } from "./overlay"

export const MEASURES: Overlay = {
  id: "measures",
  title: "how large it is",
  lengths: true,
  paint: ({ face }, _, { write }) => ({ words: write("area", face.area) }),
}
