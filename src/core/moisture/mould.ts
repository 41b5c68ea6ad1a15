import type { AirState } from "../../schema/quantity"
import { sum } from "../numeric/sum"
import { type MouldClass, mouldThrough, SEEN } from "./mould-index"
import { humidityAt, riskAt } from "./surface-humidity"

/** Surface resistances that a mould check takes: behind furniture and in corners, and at glass and its frames, m²·K/W. @see ISO 13788:2012, 4.4.1 */
export const MOULD_RESISTANCE = { opaque: 0.25, glazing: 0.13 } as const

/**
 * How warm a surface stands between outdoors, 0, and indoors, 1, past a thicker film than it was solved with: its heat flow is that of a wall
 * of one resistance.
 * @param factor at the film it was solved with
 * @param film of that, m²·K/W
 */
export function factorPast(factor: number, film: number, thicker: number): number {
  if (factor >= 1) return factor
  const behind = film / (1 - factor) - film
  return 1 - thicker / (behind + thicker)
}

/** The airs on both sides of a face. */
export interface Sides {
  inside: AirState
  beyond: AirState
}

/** The airs on both sides of a face in the mean of a month, and at the times that it is the mean of, each with its share. */
export interface MonthSides extends Sides {
  times: readonly (Sides & { share: number })[]
}

/**
 * Months, 0…11, in whose mean mould can grow on an inside face. Where the room's own air is as damp, its surfaces say nothing of the build-up.
 * @param factor f_Rsi of the face, with the film of the mould check
 * @see ISO 13788:2012, 5.2 and 5.3
 */
export const mouldMonths = (factor: number, months: readonly MonthSides[]): number[] =>
  monthsWhere(months, ({ inside, beyond, times }) => {
    const room = sum(times.map((time) => time.share * time.inside.relativeHumidity))
    if (riskAt(room) !== "none" || beyond.temperature >= inside.temperature) return false
    return riskAt(meanHumidity(factor, "inside", times)) !== "none"
  })

/**
 * Whether mould comes to be seen on a face in the means of its months.
 * @param factor f_Rsi of the face, with the film of the mould check
 */
export const mouldSeen = (factor: number, months: readonly MonthSides[], grows: MouldClass): boolean =>
  mouldThrough(
    grows,
    months.map((month) => ({ temperature: between(factor, month), humidity: meanHumidity(factor, "inside", month.times) })),
  ).most >= SEEN

/**
 * Months, 0…11, in whose mean a face gathers water from the air before it.
 * @param share where the face stands between the air beyond, 0, and that inside, 1
 * @param side which of its two faces it is
 */
export const dewMonths = (share: number, side: "inside" | "outside", months: readonly MonthSides[]): number[] =>
  monthsWhere(months, (month) => {
    const before = month[side === "inside" ? "inside" : "beyond"]
    return between(share, month) < before.temperature && riskAt(meanHumidity(share, side, month.times)) === "sweating"
  })

/** Humidity at a face in the mean of a month: that of each of its times. */
const meanHumidity = (share: number, side: "inside" | "outside", times: MonthSides["times"]): number =>
  sum(times.map((time) => time.share * humidityAt(between(share, time), side === "inside" ? time.inside : time.beyond)))

const between = (share: number, { inside, beyond }: Sides): number => beyond.temperature + share * (inside.temperature - beyond.temperature)

const monthsWhere = (months: readonly MonthSides[], is: (month: MonthSides) => boolean): number[] =>
  months.flatMap((month, i) => (is(month) ? [i] : []))
