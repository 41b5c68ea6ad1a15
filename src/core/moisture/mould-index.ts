import type { Material } from "../../schema/material"
import { DAYS_IN_MONTH } from "../climate/design-day"

/** How fast mould takes to a face: what its growth is against pine sapwood's, before it is seen and after, and how far it comes. */
export interface MouldClass {
  name: "very sensitive" | "sensitive" | "medium resistant" | "resistant"
  growth: readonly [unseen: number, seen: number]
  /** Greatest index at a humidity over the least: A + B·x − C·x². */
  most: readonly [a: number, b: number, c: number]
  /** Least humidity of the air at the face that it grows at, per cent. */
  least: number
  /** How fast it goes back in the dry, against pine sapwood. */
  decline: number
  /** It lives on the stuff itself, and not only on the dust that lies there. */
  organic: boolean
}

/** @see Ojanen et al., Mold growth modeling of building structures using sensitivity classes of materials (2010), tables 3 to 6 */
const CLASSES = {
  wood: { name: "very sensitive", growth: [1, 2], most: [1, 7, 2], least: 80, decline: 1, organic: true },
  planed: { name: "sensitive", growth: [0.578, 0.386], most: [0.3, 6, 1], least: 80, decline: 0.5, organic: true },
  mineral: { name: "medium resistant", growth: [0.072, 0.097], most: [0, 5, 1.5], least: 85, decline: 0.25, organic: false },
  smooth: { name: "resistant", growth: [0.033, 0.014], most: [0, 3, 1], least: 85, decline: 0.1, organic: false },
} as const satisfies Record<string, MouldClass>

/** The class of a stuff's face; null where there is nothing to grow on. Natural fibre and paper count with planed wood. */
export function mouldClass({ class: kind, sorption, fire }: Pick<Material, "class" | "sorption" | "fire">): MouldClass | null {
  if (kind === "metal" || kind === "air" || kind === "glass") return null
  if (kind === "wood") return CLASSES.wood
  if (kind === "board" || kind === "fibre") return fire.combustible && sorption ? CLASSES.planed : CLASSES.mineral
  if (kind === "plaster") return CLASSES.planed
  return kind === "stone" ? CLASSES.mineral : CLASSES.smooth
}

/** The class of a room's face: that of its lining, of bare metal and glass that of what settles on them. */
export const faceMouldClass = (lining: Pick<Material, "class" | "sorption" | "fire">): MouldClass => mouldClass(lining) ?? CLASSES.smooth

/** A face's mould index, 0 (none) to 6 (covered), and for how long it has been too dry or too cold to grow, h. */
export interface Mould {
  index: number
  idle: number
}

/** From this index on mould is seen with the naked eye. @see Hukka and Viitanen (1999), table 1 */
export const SEEN = 3

/** Least humidity that mould grows at, per cent. @see Hukka and Viitanen, Wood Science and Technology 33 (1999), eq. 1 */
const critical = (temperature: number, least: number): number =>
  temperature > 20 ? least : Math.max(least, -0.00267 * temperature ** 3 + 0.16 * temperature ** 2 - 3.13 * temperature + 100)

/** What a face is in the mean of a month. */
export interface MonthAtFace {
  temperature: number
  humidity: number
}

/** Years of the same months that mould is followed through: by then it is as far as it comes, or it comes nowhere. */
const YEARS = 3
/** A month is gone through in so many parts: it grows by less than a tenth in any of them. */
const PARTS = 8

/**
 * Mould on a face through the same twelve months again and again, at their means.
 * @param months January first
 * @returns the greatest index, and the months, 0…11, in which it grows; 0 and none where it cannot come to be seen
 */
export function mouldThrough(grows: MouldClass, months: readonly MonthAtFace[]): { most: number; growing: number[] } {
  const told = { most: 0, growing: [] as number[] }
  if (months.every(({ humidity }) => humidity * 100 < grows.least)) return told
  const mould: Mould = { index: 0, idle: 0 }
  const growing = new Set<number>()
  const climates = months.map(({ temperature, humidity }) => mouldClimate(grows, temperature, humidity))
  // Where no month lets it come so far it is not seen.
  if (climates.every(({ reachable }) => reachable < SEEN)) return told
  for (let year = 0; year < YEARS; year++)
    for (const [month, days] of DAYS_IN_MONTH.entries())
      for (let part = 0; part < PARTS; part++) {
        const before = mould.index
        growIn(mould, grows, climates[month]!, (24 * days) / PARTS)
        if (mould.index > before) growing.add(month)
        told.most = Math.max(told.most, mould.index)
      }
  return { ...told, growing: [...growing].sort((a, b) => a - b) }
}

/** Of an hour: what dries first goes back, then rests, then goes back slowly. @see Hukka and Viitanen (1999), eq. 6: 0.032 and 0.016 a day */
const [QUICK, SLOW] = [0.032 / 24, 0.016 / 24] as const
const [QUICK_HOURS, RESTED_HOURS] = [6, 24] as const
const HOURS_OF_WEEK = 168

/** What a temperature and a humidity at a face are to mould: how far it comes there, and the weeks that pine takes to its beginning. */
interface MouldClimate {
  /** It is warm and damp enough; else it goes back. */
  grows: boolean
  reachable: number
  weeks: number
}

const GOES_BACK: MouldClimate = { grows: false, reachable: 0, weeks: Infinity }

function mouldClimate({ most, least }: MouldClass, temperature: number, humidity: number): MouldClimate {
  const percent = Math.min(100, humidity * 100)
  if (temperature <= 0 || temperature > 50) return GOES_BACK
  const needed = critical(temperature, least)
  if (percent < needed) return GOES_BACK
  const over = (needed - percent) / (needed - 100)
  return {
    grows: true,
    reachable: most[0] + most[1] * over - most[2] * over ** 2,
    weeks: Math.exp(-0.68 * Math.log(temperature) - 13.9 * Math.log(percent) + 66.02),
  }
}

/**
 * Brings a face through an hour, or through some that are alike.
 * @param humidity of the air at it, 0…1
 * @see Hukka and Viitanen (1999), eq. 2 to 6; Ojanen et al. (2010) for other stuffs than pine
 */
export const growMould = (mould: Mould, grows: MouldClass, temperature: number, humidity: number, hours = 1): void =>
  growIn(mould, grows, mouldClimate(grows, temperature, humidity), hours)

function growIn(mould: Mould, { growth, decline }: MouldClass, { grows, reachable, weeks }: MouldClimate, hours: number): void {
  if (!grows) {
    const until = mould.idle + hours
    const quick = Math.max(0, Math.min(until, QUICK_HOURS) - mould.idle)
    const slow = Math.max(0, until - Math.max(mould.idle, RESTED_HOURS))
    mould.idle = until
    mould.index = Math.max(0, mould.index - decline * (quick * QUICK + slow * SLOW))
    return
  }
  mould.idle = 0
  const slows = Math.max(0, 1 - Math.exp(2.3 * (mould.index - reachable)))
  mould.index += (hours * growth[mould.index < 1 ? 0 : 1] * slows) / (weeks * HOURS_OF_WEEK)
}
