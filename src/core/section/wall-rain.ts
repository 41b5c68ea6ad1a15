import type { Leakage } from "../../schema/job/job"
import type { SurfaceFigures } from "../enclosure/surface-figures"

/**
 * What shelter from the wind says of rain: roughness of the land around with the roughness of its category, its length and the height below
 * which it stays, m; and what stands before a wall, by how far off it stands: nothing, 80 m, 25 m, 8 m, and closer.
 * @see ISO 15927-3:2009, tables 1 (roughness: categories II, II, III, III, IV) and 3 (obstruction)
 */
const SHELTER: Readonly<Record<Leakage["shelter"], { factor: number; length: number; least: number; obstruction: number }>> = {
  1: { factor: 0.19, length: 0.05, least: 4, obstruction: 1 },
  2: { factor: 0.19, length: 0.05, least: 4, obstruction: 0.8 },
  3: { factor: 0.22, length: 0.3, least: 8, obstruction: 0.5 },
  4: { factor: 0.22, length: 0.3, least: 8, obstruction: 0.3 },
  5: { factor: 0.24, length: 1, least: 16, obstruction: 0.2 },
}
/** Walls of low buildings: under a gable, under a flat roof, under an eave that reaches out so far, m. @see ISO 15927-3:2009, table 4 */
const [GABLE, FLAT, EAVE, REACHES] = [0.5, 0.4, 0.3, 0.2] as const
/** Of the rain that wind drives what comes to a wall of which it is not known how it lies to that wind: the mean of cosines above nought. */
const MEAN_WALL = 1 / Math.PI
/** Times the mean that a wall on the weather side gets. */
export const WEATHER_SIDE = 2

/**
 * What of the rain that wind drives over open country comes to a face, in the mean of all directions; 0 under a roof of its own.
 * @see ISO 15927-3:2009, 4 (wall index): roughness × obstruction × wall
 */
export function wallRainShare({ face, shades }: Pick<SurfaceFigures, "face" | "shades">, shelter: Leakage["shelter"]): number {
  const { factor, length, least, obstruction } = SHELTER[shelter]
  const roughness = factor * Math.log(least / length)
  const overhang = shades?.overhang?.depth ?? 0
  const wall = overhang >= REACHES ? EAVE : face.outline.length > 4 ? GABLE : FLAT
  return MEAN_WALL * roughness * obstruction * wall
}
