import type { OwnWeather } from "../../schema/job/weather"
import type { WeatherYear } from "../climate/weather-file"
import { HOURS, hoursIn, MONTH_OF_HOUR } from "../climate/weather-year"
import { sum } from "../numeric/sum"
import { INCH } from "../quantity/length"
import type { UnitSystem } from "../quantity/unit-system"
import type { SurfaceFigures } from "../enclosure/surface-figures"
import { BOARD } from "../shell/shading"
import type { Around } from "../sun/horizon"
import { seesSun } from "../steady/surface-gain"
import { glassOf, type Sunny, sunnyFace, type YearGlass } from "./year-model"
import { sunOn, sunThrough, weatherAround } from "./year-of-sun"

/** Faces and glass whose sun is asked for, by their ids. */
export interface SunInput {
  weather: string | OwnWeather
  around: Around
  faces: Readonly<Record<string, Sunny>>
  /** Of upright walls: a board over it shades it. */
  panes: Readonly<Record<string, YearGlass>>
  /** of boards that are tried over them, m */
  depths: readonly number[]
}

/** What comes through glass under a board. */
export interface ShadedPane {
  /** How far the board reaches out, m; null: as it is built. */
  depth: number | null
  /** J in each month */
  months: number[]
}

/** The sun of a year. */
export interface SunYear {
  /** W/m² on each face by month and clock hour, in the mean of the month's days. */
  faces: Record<string, number[][]>
  /** Through each pane: as it is, then under boards ever deeper. */
  panes: Record<string, ShadedPane[]>
}

/** Boards that are tried, m, as they are cut where one builds in a system of units. */
const DEPTHS: Readonly<Record<UnitSystem, readonly number[]>> = {
  metric: [0.2, 0.4, 0.6, 0.8, 1, 1.2],
  "inch-pound": [8, 12, 16, 24, 36, 48].map((inches) => inches * INCH),
}
/** What of an enclosure the sun reaches. */
export function sunInput(weather: string | OwnWeather, around: Around, surfaces: readonly SurfaceFigures[], units: UnitSystem): SunInput {
  const sunny = surfaces.filter(seesSun)
  const upright = sunny.filter(({ face }) => face.tilt === 90 && face.strips.length === 1)
  const faces = Object.fromEntries(sunny.map((figures) => [figures.id, sunnyFace(figures)]))
  return { weather, around, faces, panes: Object.fromEntries(upright.flatMap(glassOf)), depths: DEPTHS[units] }
}

/** The sun of a year on faces and through glass, past the roof's overhang and under boards that are not there yet. */
export function sunYear({ around, faces, panes, depths }: SunInput, weather: WeatherYear): SunYear {
  const lit = weatherAround(weather, around)
  return {
    faces: Object.fromEntries(Object.entries(faces).map(([id, face]) => [id, byMonthAndHour(sunOn(lit, face))])),
    panes: Object.fromEntries(
      Object.entries(panes).map(([id, pane]) => {
        const beside = { left: pane.shades?.left ?? null, right: pane.shades?.right ?? null }
        const under = depths.map((depth) => ({ depth, shades: { ...beside, overhang: { depth, ...BOARD } } }))
        const rows = [{ depth: null, shades: pane.shades }, { depth: 0, shades: { ...beside, overhang: null } }, ...under]
        return [id, rows.map(({ depth, shades }) => ({ depth, months: monthsThrough({ ...pane, shades }, lit) }))]
      }),
    ),
  }
}

function byMonthAndHour(sun: Float64Array): number[][] {
  const means = Array.from({ length: 12 }, () => new Array<number>(24).fill(0))
  for (let k = 0; k < HOURS; k++) means[MONTH_OF_HOUR[k]!]![k % 24]! += (sun[k]! * 24) / hoursIn(MONTH_OF_HOUR[k]!)
  return means
}

function monthsThrough(pane: YearGlass, weather: WeatherYear): number[] {
  const sun = sunThrough(weather, pane)
  const months = new Array<number>(12).fill(0)
  for (let k = 0; k < HOURS; k++) months[MONTH_OF_HOUR[k]!]! += pane.g * pane.area * sun[k]! * 3600
  return months
}

/** What keeps off so much in the three hottest months and in the three coldest, shares of what comes in with nothing over the glass. */
export interface KeptOff {
  hot: number
  cold: number
}

/**
 * What stands over glass keeps off of its sun.
 * @param temperatures means of the months
 * @returns null where no sun comes in the hot months anyway
 */
export function keptOff(row: ShadedPane, rows: readonly ShadedPane[], temperatures: readonly number[]): KeptOff | null {
  const order = temperatures.map((_, month) => month).sort((a, b) => temperatures[a]! - temperatures[b]!)
  const total = ({ months }: ShadedPane, some: readonly number[]) => sum(some.map((month) => months[month]!))
  const open = rows.find(({ depth }) => depth === 0)!
  const kept = (some: readonly number[]) => (total(open, some) > 0 ? 1 - total(row, some) / total(open, some) : 0)
  const [cold, hot] = [order.slice(0, 3), order.slice(-3)]
  return total(open, hot) === 0 ? null : { hot: kept(hot), cold: kept(cold) }
}

/** The board that keeps most of the hot months' sun off for what it keeps off in the cold ones; a deeper one only for a hundredth more. */
export function bestBoard(rows: readonly ShadedPane[], temperatures: readonly number[]): (KeptOff & { depth: number }) | null {
  const boards = rows.flatMap((row) => {
    const kept = keptOff(row, rows, temperatures)
    return row.depth && kept ? [{ ...kept, depth: row.depth }] : []
  })
  if (boards.length === 0) return null
  return boards.reduce((best, one) => (one.hot - one.cold > best.hot - best.cold + 0.01 ? one : best))
}
