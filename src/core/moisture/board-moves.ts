import type { AirState } from "../../schema/quantity"
import { shrinkage, SPECIES } from "./shrinkage"
import { woodEquilibrium } from "./wood-equilibrium"

/** The coldest air that the wood's curve is fitted for, °C: in colder air wood barely moves. */
const COLDEST = -1

/** What wood settles at in the air of each month, kg of water per kg of dry wood. @see Wood Handbook, FPL-GTR-282 (2021), eq. 4-5 */
export const settlingMoisture = (months: readonly AirState[]): number[] =>
  months.map(
    ({ temperature, relativeHumidity }) =>
      woodEquilibrium({ temperature: Math.max(COLDEST, temperature), relativeHumidity: Math.min(0.95, relativeHumidity) }).moistureContent,
  )

/** How a board is sawn: along the rings it moves by about twice as much as across them. */
export type Sawn = "flat" | "quarter"

/** A board as it is laid. */
export interface LaidBoard {
  species: keyof typeof SPECIES
  sawn: Sawn
  /** m, across the grain */
  width: number
  /** kg/kg that a meter reads in it now */
  reading: number
}

/** By how much a board gets narrower and wider than it is laid, m, each 0 or more, and the month, 0…11, in which it does most. */
export interface BoardMoves {
  narrower: { by: number; month: number }
  wider: { by: number; month: number }
}

/** What a board does through the year where it lies. @param settles kg/kg that it settles at in each month */
export function boardMoves({ species, sawn, width, reading }: LaidBoard, settles: readonly number[]): BoardMoves {
  const { radial, tangential } = SPECIES[species]!
  const whole = sawn === "flat" ? { tangential } : { radial }
  const changes = settles.map((to) => shrinkage({ width, ...whole, from: reading, to }).change)
  const [least, most] = [Math.min(...changes), Math.max(...changes)]
  return {
    narrower: { by: Math.max(0, -least), month: changes.indexOf(least) },
    wider: { by: Math.max(0, most), month: changes.indexOf(most) },
  }
}
