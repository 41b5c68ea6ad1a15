import { arealPrice } from "../material/layer-properties"
import { materialOf } from "../material/catalogue"
import { sum } from "../numeric/sum"
import type { RankedBridge } from "./bridge-ranking"
import type { Ledger } from "./ledger"
import type { JobState } from "./state"

/** What a break across members can be of: stuffs that are sold thin and lie under a lining. */
export const BREAKS = ["xps", "cork-board", "wood-fibre-board", "aerogel-blanket", "softwood-plywood"] as const

/** Thicker than this a break is a layer of insulation of its own, m. */
const THICKEST = 0.06
/** Strips of plastic that a frame or a bar can be parted with, m. */
const STRIPS = [0.006, 0.01, 0.02, 0.03, 0.05] as const

/** A change of a job that may keep one of its bridges dry. */
export type Cure =
  | { kind: "layer"; assembly: string; at: number; material: string; thickness: number; money: number }
  | { kind: "frame"; opening: string; break: number }
  | { kind: "bar"; penetration: string; break: number }

/**
 * What could be tried on a bridge, the cheapest first: a layer across the inside of its members, one under the lining of a face at an edge,
 * a strip of plastic in a frame or a bar.
 */
export function curesFor({ set, between, opening, point, face }: RankedBridge, { variant }: JobState, ledger: Ledger): Cure[] {
  if (opening) return STRIPS.map((thick) => ({ kind: "frame", opening, break: thick }))
  if (point) return STRIPS.map((thick) => ({ kind: "bar", penetration: point.id, break: thick }))
  const worn = [...new Set(between ? between.map((id) => variant.wears[id]!) : [face.assembly])]
  return worn
    .flatMap((assembly) => {
      const { order, layers } = variant.assemblies[assembly]!
      const at = set ? order.map((id) => layers[id]!.between).lastIndexOf(set.id) + 1 : Math.max(1, order.length - 1)
      const area = sum(ledger.faces.map((figures) => (figures.assembly === assembly ? figures.netArea : 0)))
      return breaks().map(({ material, thickness, price }) => ({
        kind: "layer" as const,
        assembly,
        at,
        material,
        thickness,
        money: price * area,
      }))
    })
    .sort((a, b) => a.money - b.money)
}

/** All breaks that are sold, and their prices, €/m². */
function breaks(): { material: string; thickness: number; price: number }[] {
  return BREAKS.flatMap((material) => {
    const record = materialOf(material)
    const thin = record.sold.thicknesses.filter((thickness) => thickness <= THICKEST)
    return thin.map((thickness) => ({ material, thickness, price: arealPrice(record, thickness) }))
  })
}
