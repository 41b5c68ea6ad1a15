import { arealPrice } from "../material/layer-properties"
import { materialOf } from "../material/catalogue"
import type { Detail } from "../conduction/detail"
import type { Conditions } from "../heat/conditions"
import type { FaceFigures } from "./face-figures"
import { memberDetailOf, withBreak } from "./member-bridge"

/** What a break across members can be of: stuffs that are sold thin and lie under a lining. */
export const BREAKS = ["xps", "cork-board", "wood-fibre-board", "aerogel-blanket", "softwood-plywood"] as const

/** Thicker than this a break is a layer of insulation of its own, m. */
const THICKEST = 0.06

/** A layer across the inside of a set's members, with the detail that it makes. */
export interface Break {
  material: string
  thickness: number
  /** €/m² */
  price: number
  detail: Detail
}

/** All breaks that are sold, the cheapest first. */
export function breaksFor(figures: FaceFigures, set: string, conditions: Conditions): Break[] {
  const standing = { tilt: figures.face.tilt, beyond: figures.beyond }
  return BREAKS.flatMap((material) =>
    materialOf(material)
      .sold.thicknesses.filter((thickness) => thickness <= THICKEST)
      .flatMap((thickness): Break[] => {
        const found = memberDetailOf(withBreak(figures.driven, set, material, thickness), set, standing, conditions)
        return found ? [{ material, thickness, price: arealPrice(materialOf(material), thickness), detail: found.detail }] : []
      }),
  ).sort((a, b) => a.price - b.price)
}
