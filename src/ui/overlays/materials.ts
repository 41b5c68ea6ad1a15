import type { SurfaceFigures } from "../../core/enclosure/surface-figures"
import type { MaterialClass } from "../../schema/material"
import type { Overlay } from "./overlay"

/** Class of the layer that insulates most: what a surface is hatched with. */
export function mainClass({ layers }: SurfaceFigures): MaterialClass {
  return layers.reduce((best, layer) => ((layer.declaredResistance ?? 0) > (best.declaredResistance ?? 0) ? layer : best)).material.class
}

export const MATERIALS: Overlay = {
  id: "materials",
  title: "what it is made of",
  paint: (surface, _, { write, figure }) => ({
    words: `R ${figure("resistance", surface.totalResistance)} built · ${write("length", surface.winter.thickness)}`,
    hatch: mainClass(surface),
  }),
}
