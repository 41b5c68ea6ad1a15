import { isoSaturation } from "../air/iso-saturation"
import type { WeatherYear } from "../climate/weather-file"
import { HOURS, MONTH_OF_HOUR } from "../climate/weather-year"
import type { HygroState } from "../hygrothermal/balance"
import type { Leak } from "../hygrothermal/leak"
import { type Grading, type Mesh, meshOf } from "../hygrothermal/mesh"
import { runSection, type SectionRun } from "../hygrothermal/section-run"
import { type Before, beforeAt } from "../hygrothermal/side"
import { waterAt } from "./layer-stuff"
import { growMould, type Mould } from "../moisture/mould-index"
import type { SectionModel } from "./section-model"
import { hourOfYear, takesRain, yearSides } from "./section-sides"

/** How damp a section is built in: wood and what else takes up water stand in balance with air of such a humidity. */
export type BuiltIn = "dry" | "usual" | "wet"
/** Spruce holds 11, 15 and about 24 % by mass then. */
export const BUILT_IN_HUMIDITY: Readonly<Record<BuiltIn, number>> = { dry: 0.65, usual: 0.8, wet: 0.97 }

/** A layer through one year. */
export interface LayerYear {
  /** kg/m² that it holds */
  least: number
  most: number
  end: number
  /** Hours of each month, January first, in which it is wet: wood above 20 % by mass, else water lies free in it. */
  wet: number[]
  /** Free water in it at most, kg/m²; and hours of frost in that. */
  free: number
  /** kg/m² that it held no more in the year and that ran down and out below. */
  drained: number
  /** Hours in which wood is damp and warm enough somewhere to rot. */
  rot: number
  /** How often it froze while it held more than frost lets it. */
  cycles: number
  frost: number
  /** Greatest mould index of its outer and its inner face; null where nothing grows. */
  mould: readonly [number, number] | null
  /** Wood at its wettest, by mass; null where it is none. */
  wettest: number | null
  /** Hours in which damp air above freezing stands at metal: what rusts does so then, where its coat is broken or it has none. */
  rust: number
}

/** What a section came to, year by year. */
export interface YearsOutcome {
  years: LayerYear[][]
  /** The last year is as the one before. */
  repeats: boolean
  /** Hours of the last year in which dew lies on the inside face. */
  sweats: number
  /** Days until all wood behind a skin that rain wets is below 20 %; null where it was from the beginning, or never is. */
  dryAfter: number | null
  /** kg/m² of water in the last year: in through each face and with leaking air, less out. */
  gained: SectionRun["gained"]
  balance: { water: number; heat: number }
}

/** A section followed until its years are alike, and all that it went through. */
export interface SectionYears extends YearsOutcome {
  /** m of each cell, and the layer that it lies in */
  widths: Float64Array
  layers: Int32Array
  /** Of each moment that is told and each cell in it: °C, 0…1, kg/m³. */
  temperature: Float32Array
  humidity: Float32Array
  water: Float32Array
}

/** How closely it is followed. */
export interface Closeness {
  /** h of weather that are taken together */
  every: number
  grading: Grading
  /** How many times further than usual a step may bend. */
  slack: number
  years: number
}

/** Hour by hour: what the others are held against. */
export const CLOSE: Closeness = { every: 1, grading: { face: 0.002, growth: 2, least: 2 }, slack: 4, years: 10 }
/** As a face is judged, and told on screen. */
export const JUDGED: Closeness = { every: 3, grading: { face: 0.003, growth: 2, least: 2 }, slack: 8, years: 10 }
/** As each of a hundred likely builds is followed. */
export const ROUGH: Closeness = { every: 6, grading: { face: 0.004, growth: 2.5, least: 1 }, slack: 20, years: 5 }

/** h between two moments that are told. */
export const FRAME = 6
/** Moments told of each year. */
export const FRAMES = HOURS / FRAME
/** Wood above this by mass can rot where it lasts. @see EN 335:2013, 4 (use classes 2 and 3) */
const WET_WOOD = 0.2
/** From this humidity on water lies free in the pores. */
export const FREE = 0.95
/** From this humidity on metal rusts. @see ISO 9223:2012, 3.5 (time of wetness: above 80 % and 0 °C) */
const RUSTS = 0.8
/** Less free water than this share of what it bears is nothing to speak of. */
const LITTLE = 0.1
/** Years are alike where no layer ends its year with another load, by this share of what it goes through or of so many kg/m². */
const [ALIKE, SLIGHT] = [0.02, 0.05] as const
/** °C from which on water in pores is counted as frozen, if it was not before. */
const FREEZES = -1

/**
 * Follows a section from the month that it begins with, year upon year of the same weather, until they are alike.
 * @param onYear hears how many years are done, in fractions
 * @see EN 15026:2007
 */
export function sectionYears(
  model: SectionModel,
  weather: WeatherYear,
  builtIn: number,
  { every, grading, slack, years: most }: Closeness = CLOSE,
  onYear: (done: number) => void = () => {},
): SectionYears {
  const mesh = meshOf(
    model.layers.map(({ thickness, material, sheet }) => ({
      ...{ thickness, material, drains: material.liquidConductivity === undefined },
      ...(sheet ? { cells: 1 } : {}),
    })),
    0,
    grading,
  )
  const sides = yearSides(model, weather, every)
  const leaks = sides.leaks.map((leak, i): Leak => ({ ...leak, cell: leakCell(model.leaks[i]!, mesh) }))
  const count = mesh.widths.length
  let state: HygroState = {
    humidity: Float64Array.from(mesh.layers, (layer) => Math.min(builtIn, model.layers[layer]!.comes)),
    temperature: new Float64Array(count).fill(beforeAt(sides.outside, 0).temperature),
  }
  const watch = watching(model, mesh, every)
  const frames: { temperature: Float64Array; humidity: Float64Array; water: Float64Array }[] = []
  const times = Array.from({ length: HOURS / every }, (_, k) => (k + 0.5) * every * 3600)
  const years: LayerYear[][] = []
  const result = { repeats: false, sweats: 0, gained: { outside: 0, inside: 0, leaks: 0 }, balance: { water: 0, heat: 0 } }
  while (years.length < most && !result.repeats && !risesForGood(model, years)) {
    let told = 0
    result.sweats = 0
    const run = runSection({
      ...{ mesh, start: state, outside: sides.outside, inside: sides.inside, leaks, slack, maximumStep: Infinity },
      times: [...times, HOURS * 3600],
      tell({ humidity, temperature }, water) {
        const hour = told++ * every
        if (hour >= HOURS) return void (state = { humidity: humidity.slice(), temperature: temperature.slice() })
        watch.hear(hour, temperature, humidity, water)
        if (faceSweats(beforeAt(sides.inside, times[hour / every]!), temperature[count - 1]!)) result.sweats += every
        if (hour % FRAME === 0) frames.push({ temperature: temperature.slice(), humidity: humidity.slice(), water: water.slice() })
        if (hour % 240 === 0) onYear(years.length + hour / HOURS)
      },
    })
    years.push(watch.yearEnds(run.drained))
    result.gained = run.gained
    result.balance = { water: Math.max(result.balance.water, run.balance.water), heat: Math.max(result.balance.heat, run.balance.heat) }
    result.repeats = years.length > 1 && areAlike(model, years.at(-2)!, years.at(-1)!)
  }
  const flat = (key: "temperature" | "humidity" | "water") => {
    const all = new Float32Array(frames.length * count)
    frames.forEach((frame, i) => all.set(frame[key], i * count))
    return all
  }
  return {
    ...{ widths: mesh.widths, layers: mesh.layers, years, ...result, dryAfter: watch.dryAfter() },
    ...{ temperature: flat("temperature"), humidity: flat("humidity"), water: flat("water") },
  }
}

/** Whether a face as warm as its cell is colder than the dew point of the air before it. */
const faceSweats = ({ temperature, humidity }: Before, face: number): boolean =>
  face < temperature && humidity * isoSaturation(temperature) > isoSaturation(face)

const leakCell = ({ layer, face }: SectionModel["leaks"][number], { layers }: Mesh): number =>
  face === "outer" ? layers.indexOf(layer) : layers.lastIndexOf(layer)

/** Mould that has grown by less is the same. */
const SAME_MOULD = 0.05

const areAlike = ({ layers }: SectionModel, before: readonly LayerYear[], now: readonly LayerYear[]): boolean =>
  now.every(({ least, most, end, mould, drained }, i) => {
    const [then, same] = [before[i]!, Math.abs(end - before[i]!.end) <= ALIKE * Math.max(SLIGHT, most - least)]
    return (
      same &&
      Math.abs(drained - before[i]!.drained) <= SLIGHT &&
      (!layers[i]!.mould?.organic || mould!.every((index, face) => Math.abs(index - then.mould![face]!) < SAME_MOULD))
    )
  })

/** Years that each end wetter than the last, with more water than may lie, say enough. */
const TELLING = 4
/** A layer that ends each year by so much more than the last, of what it bears, goes on so. */
const RISES = 0.02

/** Whether a layer holds more than it bears and each of some years ends wetter than the one before: more of them say nothing else. */
function risesForGood({ layers }: SectionModel, years: readonly LayerYear[][]): boolean {
  if (years.length < TELLING) return false
  return layers.some(({ bearable, onGround }, i) => {
    const rises = years.slice(1).every((year, k) => year[i]!.end - years[k]![i]!.end > RISES * bearable)
    return !onGround && rises && years.at(-1)![i]!.free > bearable
  })
}

/** Keeps count of a section's layers, moment by moment, each of so many hours. */
function watching(model: SectionModel, mesh: Mesh, every: number) {
  const { layers, start } = model
  const skin = takesRain(model) ? 0 : -1
  const cells = layers.map((_, layer) => [mesh.layers.indexOf(layer), mesh.layers.lastIndexOf(layer)] as const)
  const holds = layers.map(({ material }) => waterAt(material.sorption, FREE))
  const ice = mesh.layers.map(() => 0)
  const moulds = layers.map(({ mould }) => (mould ? ([fresh(), fresh()] as const) : null))
  let lastWet: number | null = null
  let passed = 0
  let year = layers.map(nothing)

  function hearLayer(layer: number, hour: number, temperature: Float64Array, humidity: Float64Array, water: Float64Array): void {
    const told = year[layer]!
    const { wood, metal, mould, material, bearable, thickness, frost } = layers[layer]!
    const [first, last] = cells[layer]!
    let [held, free, frozen] = [0, 0, false]
    let broken = false
    for (let i = first; i <= last; i++) {
      held += water[i]! * mesh.widths[i]!
      const freezes = temperature[i]! < FREEZES ? 1 : temperature[i]! > 0 ? 0 : ice[i]!
      if (freezes > ice[i]! && frost !== null && water[i]! > frost) broken = true
      ice[i] = freezes
      const over = (water[i]! - holds[layer]!) * mesh.widths[i]!
      if (over <= 0) continue
      free += over
      frozen ||= temperature[i]! < 0
    }
    if (broken) told.cycles++
    if (wood && rotsSomewhere(first, last, temperature, humidity)) told.rot += every
    told.least = Math.min(told.least, held)
    told.most = Math.max(told.most, held)
    told.end = held
    told.free = Math.max(told.free, free)
    const byMass = held / thickness / material.density
    if (wood) told.wettest = Math.max(told.wettest ?? 0, byMass)
    const much = free > LITTLE * bearable
    if (much && frozen) told.frost += every
    if (wood ? byMass > WET_WOOD : much) told.wet[MONTH_OF_HOUR[hourOfYear(start, hour)]!]! += every
    if (wood && layer !== skin && byMass > WET_WOOD) lastWet = passed
    if (metal && neighbours(layer).some((i) => humidity[i]! > RUSTS && temperature[i]! > 0)) told.rust += every
    const both = moulds[layer]
    if (!mould || !both) return
    for (let hours = 0; hours < every; hours++) {
      growMould(both[0], mould, temperature[first]!, humidity[first]!)
      growMould(both[1], mould, temperature[last]!, humidity[last]!)
    }
    told.mould = [Math.max(told.mould?.[0] ?? 0, both[0].index), Math.max(told.mould?.[1] ?? 0, both[1].index)]
  }

  const neighbours = (layer: number): number[] =>
    [cells[layer]![0] - 1, cells[layer]![1] + 1].filter((i) => i >= 0 && i < mesh.widths.length)

  return {
    hear(hour: number, temperature: Float64Array, humidity: Float64Array, water: Float64Array) {
      for (let layer = 0; layer < layers.length; layer++) hearLayer(layer, hour, temperature, humidity, water)
      passed += every
    },
    yearEnds(drained: Float64Array) {
      drained.forEach((one, i) => (year[mesh.layers[i]!]!.drained += one))
      const told = year
      year = layers.map(nothing)
      return told
    },
    dryAfter: () => (lastWet === null || passed - lastWet <= HOURS / 12 ? null : (lastWet + every) / 24),
  }
}

/**
 * Humidity of the pores from which on wood can rot: 95 % at 0 °C, 86 % at 30 °C.
 * @see WTA 6-8:2016, 6.4 (limits for solid wood)
 */
const rotsFrom = (temperature: number): number => 0.95 - 0.003 * temperature

function rotsSomewhere(first: number, last: number, temperature: Float64Array, humidity: Float64Array): boolean {
  for (let i = first; i <= last; i++) if (temperature[i]! > 0 && humidity[i]! > rotsFrom(temperature[i]!)) return true
  return false
}

const fresh = (): Mould => ({ index: 0, idle: 0 })

const nothing = (): LayerYear => ({
  ...{ least: Infinity, most: 0, end: 0, free: 0, drained: 0, rot: 0, cycles: 0, frost: 0, mould: null, wettest: null, rust: 0 },
  wet: new Array<number>(12).fill(0),
})
