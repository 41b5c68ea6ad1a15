import type { Overlay } from "./overlay"

export const BUILT_R: Overlay = {
  id: "built-r",
  title: "built R",
  paint: ({ declaredResistance, cavityResistance, totalResistance }, _, { figure }) => ({
    words: `label ${figure("resistance", declaredResistance)} · centre ${figure("resistance", cavityResistance)}`,
    figure: figure("resistance", totalResistance),
  }),
}
