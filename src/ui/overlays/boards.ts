import type { Overlay } from "./overlay"

/** Boards as they are laid, which are drawn over the faces once they are. */
export const BOARDS: Overlay = {
  id: "boards",
  title: "boards",
  paint: () => ({ words: "" }),
  boards: true,
}
