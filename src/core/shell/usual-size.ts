import type { Dimension } from "../../schema/job/form"
import type { JobKind } from "../../schema/job/job"

type Ends = readonly [least: number, most: number]

/**
 * Sizes that an enclosure of a kind can have, m, with room on either side: what lies beyond was most likely mistyped.
 * Vehicles: width and height by Council Directive 96/53/EC, annex I; the rest is judgement.
 */
const SIZES: Record<JobKind, Record<"length" | "width" | "height", Ends>> = {
  van: { length: [1.2, 9], width: [1, 2.6], height: [0.3, 3.2] },
  cabin: { length: [1.2, 15], width: [1, 4], height: [0.6, 4] },
  "cold-room": { length: [0.8, 40], width: [0.8, 30], height: [1, 10] },
  shed: { length: [1, 30], width: [0.9, 15], height: [0.6, 8] },
  "post-frame": { length: [2.4, 120], width: [2.4, 60], height: [1.8, 20] },
}

/**
 * Whether a measure is one that no enclosure of its kind has.
 * @returns the sizes that they have, m; null for a measure among them, and for bows, which any wall may have
 */
export function unusualSize(kind: JobKind, dimension: Dimension, value: number): { least: number; most: number } | null {
  if (dimension === "wallBow") return null
  const of = dimension === "length" ? "length" : dimension === "width" || dimension === "shoulderWidth" ? "width" : "height"
  const [least, most] = SIZES[kind][of]
  return value >= least && value <= most ? null : { least, most }
}
