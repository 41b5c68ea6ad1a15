import type { Season } from "../../schema/quantity"
import { humidityRatioOf, vapourPressureAt } from "../air/moist-air"
import { infiltration } from "../airflow/infiltration"
import { skyLoss } from "../climate/sky-temperature"
import type { WeatherYear } from "../climate/weather-file"
import { HOURS, MONTH_OF_HOUR } from "../climate/weather-year"
import { airCapacity, bodyHours, type EnclosureHours } from "../dynamic/enclosure-hours"
import type { Drive } from "../dynamic/implicit-step"
import { openDoorHeat, trafficHeat, type WetAir } from "../inside/door-traffic"
import { presenceOf } from "../inside/presence"
import { STANDARD_PRESSURE } from "../quantity/constants"
import { airLeakageHeat, airLeakageLatentHeat, ventilationHeat } from "../steady/transmission"
import type { MonthEnergy } from "../steady/year"
import { heldByHour } from "./held-by-hour"
import { reheat } from "./reheat"
import type { FarAir, Straight, YearModel } from "./year-model"
import { seenSky, sunOn, sunThrough, weatherAround } from "./year-of-sun"
import { workingHours, type YearPower, yearPower } from "./year-power"

/** A year as it was stepped through. */
export interface YearFigures extends YearPower {
  /** J */
  months: MonthEnergy[]
  /** J that the sun brings in through glass in each month */
  sun: number[]
  /** Greatest hour, W. */
  peak: MonthEnergy
  /** Hours in which heater or cooler are asked for more than they have. */
  short: MonthEnergy
  /** Hours in which heater or cooler run at all. */
  hours: MonthEnergy
  /** Hours in which they are asked for less than they can run down to: they go on and off. */
  below: MonthEnergy
  /** W, the most that holds the inside and brings it back in weeks as cold as the worst night; null where it is held all along. */
  reheat: number | null
  /** °C of the air inside */
  lowest: number
  highest: number
  /** What was lost between all sums, of all that was summed. */
  balance: number
}

/** Times that the first day is gone through before: walls then remember no other. */
const BEFORE = 20
/** h from one word on how far it is to the next. */
const MONTH = HOURS / 12
/** Plant that gives no more than this rests, W: so near a held temperature is told. */
const TOLD = 1e-3

/**
 * A year hour by hour: faces as they store heat, sun and sky on them, sun through glass, leaks by wind and warmth, who and what is inside.
 * Heater and cooler hold what they are set to, and are taken to be strong enough; water that is condensed counts while it is cooled.
 * @param onYear hears what part of it is stepped through, month by month
 * @see ISO 52016-1:2017, 6.5 (heat balance of a zone by hours)
 */
export function simulatedYear(model: YearModel, weather: WeatherYear, onYear: (done: number) => void = () => {}): YearFigures {
  const { heater, cooler, volume, capacity } = model
  const lit = weatherAround(weather, model.around)
  const driven = yearDrives(model, lit)
  const run = bodyHours(
    { faces: model.faces, capacity: airCapacity(volume) + capacity, held: heldByHour(model, HOURS / 24) },
    (k, inside) => {
      if (k % MONTH === 0) onYear(k / HOURS)
      return driven.drive(k, inside)
    },
    {
      steps: HOURS,
      step: 3600,
      warmup: BEFORE,
      faces: false,
      initial: heater?.setpoint ?? cooler?.setpoint ?? weather.hours[0]!.temperature,
    },
  )
  return summed(model, lit, run, driven)
}

/** What a year came to, from its hours. */
function summed(model: YearModel, weather: WeatherYear, run: EnclosureHours, { water, glass }: Driven): YearFigures {
  const { air } = run
  const asked = {
    heating: run.heating.map((power) => (power > TOLD ? power : 0)),
    cooling: run.cooling.map((power, k) => (power > TOLD ? power + water[k]! : 0)),
    air,
  }
  const figures: YearFigures = {
    months: Array.from({ length: 12 }, () => ({ heating: 0, cooling: 0 })),
    sun: new Array<number>(12).fill(0),
    peak: { heating: 0, cooling: 0 },
    short: { heating: 0, cooling: 0 },
    hours: { heating: 0, cooling: 0 },
    below: { heating: 0, cooling: 0 },
    reheat: model.reheat && reheat(model.reheat),
    lowest: air.reduce((least, one) => Math.min(least, one), Infinity),
    highest: air.reduce((most, one) => Math.max(most, one), -Infinity),
    balance: run.balance,
    ...yearPower(model, weather, asked),
  }
  for (const [way, machine] of [
    ["heating", model.heater],
    ["cooling", model.cooler],
  ] as const) {
    const at = machine && workingHours(machine, weather, air)
    for (let k = 0; k < HOURS; k++) {
      const power = asked[way][k]!
      if (power <= 0) continue
      figures.months[MONTH_OF_HOUR[k]!]![way] += power * 3600
      figures.peak[way] = Math.max(figures.peak[way], power)
      figures.hours[way]++
      const most = at ? at(k)[0] : Infinity
      if (power > most) figures.short[way]++
      if (most < Infinity && power < (machine?.machine?.least ?? 0) * most) figures.below[way]++
    }
  }
  for (let k = 0; k < HOURS; k++) figures.sun[MONTH_OF_HOUR[k]!]! += glass[k]! * 3600
  return figures
}

/** What drives each hour; and, W, what water a cooler must condense then, and what sun comes through glass. */
export interface Driven {
  drive: (k: number, inside: number) => Drive
  water: Float64Array
  glass: Float64Array
}

/** A model driven by weather, hour by hour of its year. @param open as it is under the open sky */
export function yearDrives(model: YearModel, open: WeatherYear): Driven {
  const weather = weatherAround(open, model.around)
  const { faces, ventilation, beside, gains, seasons, coming } = model
  const { there } = presenceOf(coming, HOURS / 24)
  const glass = new Float64Array(HOURS)
  for (const pane of model.glass) {
    const sun = sunThrough(weather, pane)
    for (let k = 0; k < HOURS; k++) glass[k]! += pane.g * pane.area * sun[k]!
  }
  const skins = faces.map(({ sun }) => sun && { ...sun, on: sunOn(weather, sun), seen: seenSky(sun) })
  const warmed = faces.map(({ space }) => space && sunOn(weather, { strips: [{ share: 1, ...space }], width: 1, height: 1, shades: null }))
  const water = new Float64Array(HOURS)
  const outside = new Float64Array(faces.length)
  const letIn = ventilationHeat(ventilation, 1)
  const drive = (k: number, inside: number): Drive => {
    const { temperature, relativeHumidity, skyTemperature, windSpeed } = weather.hours[k]!
    const month = MONTH_OF_HOUR[k]!
    const season = seasons[month]!
    const sky = skyLoss(temperature, skyTemperature)
    faces.forEach(({ beyond, space }, f) => {
      const skin = skins[f]
      const far = "winter" in beyond ? along(beyond[season], inside, temperature) : beyond[month]!
      const warmth = space ? space.warmth * warmed[f]![k]! : 0
      outside[f] = far + warmth + (skin ? skin.film[season] * (skin.absorptance * skin.on[k]! - skin.emissivity * skin.seen * sky) : 0)
    })
    const out: WetAir = { temperature, vapourPressure: vapourPressureAt(temperature, relativeHumidity) }
    const { inside: indoors } = model
    const room: WetAir = {
      temperature: inside,
      vapourPressure: vapourPressureAt(indoors[season].temperature, indoors[season].relativeHumidity),
    }
    const far = farOf(model.leaks.from, season, inside, out)
    const { flow50, stack, wind } = model.leaks
    const { flow } = infiltration({ flow50, stack, wind, insideTemperature: inside, outsideTemperature: far.temperature, windSpeed })
    const leaking = airLeakageHeat(flow, 1)
    water[k] =
      there[k]! * gains[season].water +
      airLeakageLatentHeat(flow, waterOf(far) - waterOf(room)) +
      airLeakageLatentHeat(ventilation.flow, waterOf(out) - waterOf(room))
    const atOnce = beside[season]
    return {
      outside,
      direct: atOnce.inside + leaking + letIn,
      directHeat: leaking * far.temperature + letIn * temperature - atOnce.fixed - atOnce.outdoors * temperature,
      gains: gains[season].lying + glass[k]! + (there[k] ? gains[season].there + throughDoors(model, season, room, out) : 0),
    }
  }
  return { drive, water, glass }
}

/** Heat that comes in through the doors in use, W; the air beyond them is that of the hour. */
function throughDoors({ doors, coming }: YearModel, season: Season, room: WetAir, out: WetAir): number {
  let heat = 0
  for (const { area, height, traffic, beyond } of doors)
    heat += trafficHeat(traffic, openDoorHeat(area, height, farOf(beyond, season, room.temperature, out), room), coming.from, coming.to)
  return heat
}

/** Air beyond, where it is another than that of outdoors. */
export const farOf = (air: FarAir | null, season: Season, inside: number, out: WetAir): WetAir =>
  air
    ? {
        temperature: along(air.temperature[season], inside, out.temperature),
        vapourPressure: air.vapour?.[season] ?? out.vapourPressure,
      }
    : out

const along = ({ inside, outdoors, fixed }: Straight, indoors: number, out: number): number => inside * indoors + outdoors * out + fixed

const waterOf = ({ vapourPressure }: WetAir): number => humidityRatioOf(vapourPressure, STANDARD_PRESSURE)
