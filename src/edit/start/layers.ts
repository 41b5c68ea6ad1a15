import type { Assembly, Framing, Layer } from "../../schema/job/job"
import { freshLayer } from "../assembly-edits"

/** A layer of a ready build-up: material, thickness in m, and what is special about it. */
export type LayerSketch = readonly [material: string, thickness: number, special?: Partial<Pick<Layer, "existing" | "voids" | "framing">>]

/** A build-up from its sketch, layers outside to inside. */
export function sketch(name: string, layers: readonly LayerSketch[], absorptance: number | null = null): Assembly {
  const entries = layers.map(
    ([material, thickness, special], i) => [`l${i + 1}`, { ...freshLayer(material, thickness), ...special }] as const,
  )
  return { name, absorptance, layers: Object.fromEntries(entries), order: entries.map(([id]) => id) }
}

/** Pressed ribs of a van: hats of 1.2 mm steel, 50 mm wide. */
export const RIBS: Framing = { material: "steel-bare", width: 0.05, wall: 0.0012, spacing: 0.6, positions: null, plates: 0 }

/** Timber members of a width at a spacing, with what plates and edges add. */
export const timber = (width: number, spacing: number, plates = 0.05): Framing => ({
  material: "spruce",
  width,
  wall: null,
  spacing,
  positions: null,
  plates,
})
