import type { Overlay } from "./overlay"

export const MEASURES: Overlay = {
  id: "measures",
  title: "how large it is",
  lengths: true,
  paint: ({ area }, _, { write }) => ({ words: write("area", area) }),
}
