import { findMaterials, INSULATION, layerOf } from "../material/search"
import { materialOf } from "../material/catalogue"
import type { SurfaceFigures } from "../enclosure/surface-figures"
import type { Ledger } from "../ledger/ledger"
import { canBear, mustBear } from "./bearing"
import { type Exchange, exchanged } from "./same-resistance"
import { type JobState, stockOf } from "../enclosure/job-state"

/**
 * What insulates best in a depth: each stuff as thick as one board that is sold, or two together, fits there.
 * @param depth of the layer's place, m
 * @returns the least loss first
 */
export function whatFits(state: JobState, ledger: Ledger, assembly: string, layer: string, depth: number): Exchange[] {
  const materials = stockOf(state)
  const { class: kind } = materialOf(state.variant.assemblies[assembly]!.layers[layer]!.material, materials)
  if (kind === "metal" || kind === "air") return []
  const bears = mustBear(state, assembly, layer)
  return findMaterials(materials, INSULATION)
    .filter(({ material }) => !bears || canBear(material))
    .flatMap(({ id, material }) => {
      const thickness = thickestIn(material.sold.thicknesses, depth)
      return thickness === null ? [] : [exchanged(state, ledger, assembly, layer, layerOf(id, material, thickness))]
    })
    .sort((a, b) => a.loss - b.loss)
}

/** The thickest of one or two boards that fits, m. */
function thickestIn(sold: readonly number[], depth: number): number | null {
  // A hair of a length is within the rounding of inches.
  const stacked = [...sold, ...sold.flatMap((one) => sold.map((other) => one + other))].filter((thickness) => thickness <= depth + 1e-4)
  return stacked.length === 0 ? null : Math.max(...stacked)
}

/**
 * Depth that a layer of a floor or a roof may have until the clear height comes down to its limit.
 * @param height limit of the brief, m; null: none
 * @returns m; null where no height limits it
 */
export function depthLeft(face: SurfaceFigures, thickness: number, { clear }: Ledger, height: number | null): number | null {
  const level = face.face.tilt === 180 || face.face.tilt < 60
  if (!level || height === null) return null
  // Under a slope the height goes by the plumb thickness.
  return Math.max(0, thickness + (clear.standing - height) * Math.abs(Math.cos((face.face.tilt * Math.PI) / 180)))
}
