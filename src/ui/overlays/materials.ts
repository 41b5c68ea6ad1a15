import { mainClass } from "../../core/enclosure/emblem"
import type { Overlay } from "./overlay"

export const MATERIALS: Overlay = {
  id: "materials",
  title: "what it is made of",
  paint: (surface, _, { write, figure }) => ({
    words: `R ${figure("resistance", surface.totalResistance)} built · ${write("length", surface.winter.thickness)}`,
    hatch: mainClass(surface),
  }),
}
