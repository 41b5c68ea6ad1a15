import { isoSaturation } from "../air/iso-saturation"
import type { WeatherYear } from "../climate/weather-file"
import { DAYS_IN_MONTH } from "../climate/design-day"
import { skyLoss } from "../climate/sky-temperature"
import { FIRST_HOUR, HOURS, hoursIn, MONTH_OF_HOUR } from "../climate/weather-year"
import { pressureOf } from "../enclosure/month-airs"
import { seenSky, sunOn, weatherAround } from "../hourly/year-of-sun"
import type { Leak } from "../hygrothermal/leak"
import { type Side, sideOf } from "../hygrothermal/side"
import { tableOf, valueAt } from "../hygrothermal/table"
import { sum } from "../numeric/sum"
import type { SectionModel } from "./section-model"

/** What lies before both faces through a year that begins with the model's month, and air that leaks; of leaks the cells are still to be said. */
export interface YearSides {
  outside: Side
  inside: Side
  leaks: Omit<Leak, "cell">[]
}

const HOUR = 3600
const YEAR = HOURS * HOUR
/** Of rain that meets a face what it keeps. @see WTA 6-2:2014, 6.4 */
const KEPT = 0.7

/**
 * The hour of the weather's own year, January first, that lies so many hours after the model's beginning.
 */
export const hourOfYear = (start: number, hours: number): number => (FIRST_HOUR[start]! + hours) % HOURS

/** @param every hours that are taken together: their means */
export function yearSides(model: SectionModel, weather: WeatherYear, every = 1): YearSides {
  const { airs, rse, rsi, sun, seasons, start, outdoors, sealed, shift } = model
  const around = weatherAround(weather, model.around)
  const { hours } = around
  const warm = (celsius: number) => celsius + shift.temperature
  const damp = (humidity: number) => within(humidity + shift.humidity)
  const monthly = (of: (month: number) => number) => courseOf(monthPoints(start, of))
  const hourly = (of: (k: number) => number) => {
    const points: [number, number][] = []
    for (let k = 0; k < HOURS; k += every) {
      let all = 0
      for (let j = 0; j < every; j++) all += of(hourOfYear(start, k + j))
      points.push([(k + every / 2) * HOUR, all / every])
    }
    return courseOf(points)
  }
  const lit = sun && sunOn(around, sun)
  const seen = sun ? seenSky(sun) : 0
  const taken = (k: number) => {
    if (!sun) return 0
    const { temperature, skyTemperature } = hours[k]!
    const net = shift.sun * sun.absorptance * lit![k]! - sun.emissivity * seen * skyLoss(temperature, skyTemperature)
    return (net * sun.film[seasons[MONTH_OF_HOUR[k]!]!]) / rse
  }
  const outside = sideOf({
    heatTransfer: 1 / rse,
    ...(sealed ? { vapourTransfer: "sealed" } : {}),
    temperature: outdoors ? hourly((k) => warm(hours[k]!.temperature)) : monthly((month) => airs[month]!.beyond.temperature),
    relativeHumidity: outdoors
      ? hourly((k) => damp(hours[k]!.relativeHumidity))
      : monthly((month) => within(airs[month]!.beyond.relativeHumidity)),
    ...(sun ? { absorbed: hourly(taken) } : {}),
    ...(takesRain(model) && hours.some(({ rain }) => rain > 0) ? { rain: hourly((k) => rainOn(model, hours[k]!)) } : {}),
  })
  const room = model.free ? followed(hours, airs) : null
  const damper = model.free ? null : damperBy(hours, model.dried)
  const held = tableOf(monthly((month) => airs[month]!.inside.temperature))
  const usual = tableOf(monthly((month) => pressureOf(airs[month]!.inside)))
  const inside = sideOf({
    heatTransfer: 1 / rsi,
    temperature: room ? hourly((k) => warm(room.temperature[k]!)) : monthly((month) => airs[month]!.inside.temperature),
    relativeHumidity: hourly((k) => {
      if (room) return damp(room.humidity[k]!)
      const time = (((k - FIRST_HOUR[start]! + HOURS) % HOURS) + 0.5) * HOUR
      return within((valueAt(usual, time) + damper![k]!) / isoSaturation(valueAt(held, time)))
    }),
  })
  const wetter = tableOf(monthly((month) => Math.max(pressureOf(airs[month]!.inside), pressureOf(airs[month]!.beyond))))
  return {
    outside,
    inside,
    leaks: model.leaks.map(({ transfer }) => ({ transfer: tableOf(monthly((month) => transfer[month]!)), pressure: wetter })),
  }
}

/** Whether weather tells rain: built-in stations do, a file of one's own may. */
export const tellsRain = (weather: SectionModel["weather"]): boolean => typeof weather === "string" || /[1-9]/.test(weather.hours.rain)

/** Whether rain that comes to a face gets into it. */
export const drawsRain = ({ outdoors, sealed, layers }: SectionModel): boolean =>
  outdoors && !sealed && layers[0]!.material.liquidConductivity !== undefined

/** Whether its outermost layer is a skin that rain wets, as such skins may be. */
export const takesRain = (model: SectionModel): boolean => model.rain && drawsRain(model)

/** Air outdoors or in a room is never drier. */
const DRIEST = 0.03
const within = (humidity: number): number => Math.min(1, Math.max(DRIEST, humidity))

/** Hours of weather that a room which nothing heats or cools is as warm as in the mean: what stands in it holds it back. */
const HOLDS_BACK = 12

/**
 * Pa by which the air of a room that is held warm is damper at each hour than in the mean of its month: as the outdoors is in the mean of a day
 * that comes in with its air.
 */
function damperBy(hours: WeatherYear["hours"], dried: readonly boolean[]): Float64Array {
  const outdoors = hours.map(pressureOf)
  const means = FIRST_HOUR.map((first, month) => sum(outdoors.slice(first, first + hoursIn(month))) / hoursIn(month))
  let day = sum(outdoors.slice(-24))
  return Float64Array.from(outdoors, (pressure, k) => {
    day += pressure - outdoors[(k - 24 + HOURS) % HOURS]!
    const month = MONTH_OF_HOUR[k]!
    return dried[month] ? 0 : day / 24 - means[month]!
  })
}

/** The air of a room that follows the outdoors: its warmth a little later, its water at once, with what is given off inside. */
function followed(hours: WeatherYear["hours"], airs: SectionModel["airs"]): { temperature: Float64Array; humidity: Float64Array } {
  const [temperature, humidity] = [new Float64Array(HOURS), new Float64Array(HOURS)]
  for (let k = 0; k < HOURS; k++) {
    for (let j = 0; j < HOLDS_BACK; j++) temperature[k]! += hours[(k - j + HOURS) % HOURS]!.temperature / HOLDS_BACK
    const { inside, beyond } = airs[MONTH_OF_HOUR[k]!]!
    const given = Math.max(0, pressureOf(inside) - pressureOf(beyond))
    humidity[k] = Math.min(1, (pressureOf(hours[k]!) + given) / isoSaturation(temperature[k]!))
  }
  return { temperature, humidity }
}

/**
 * kg/(m²·s) that a face keeps of an hour's rain: what falls on it, or what wind drives against it.
 * @see ISO 15927-3:2009, 3 (airfield index: 2/9·v·r^(8/9), r in mm/h)
 */
function rainOn({ tilt, driven: share, shift }: SectionModel, { rain, windSpeed }: WeatherYear["hours"][number]): number {
  const upright = Math.sin((tilt * Math.PI) / 180)
  const driven = ((2 / 9) * windSpeed * (rain * HOUR) ** (8 / 9) * share * shift.rain) / HOUR
  return KEPT * (rain * Math.max(0, Math.cos((tilt * Math.PI) / 180)) + driven * upright)
}

/** A figure of each month at its middle, s from the model's beginning. */
function monthPoints(start: number, of: (month: number) => number): [number, number][] {
  let from = 0
  return DAYS_IN_MONTH.map((_, i): [number, number] => {
    const month = (start + i) % 12
    const middle = from + 12 * DAYS_IN_MONTH[month]!
    from += 24 * DAYS_IN_MONTH[month]!
    return [middle * HOUR, of(month)]
  })
}

/** Points that go on from the year's end to its beginning. */
function courseOf(points: [number, number][]): [number, number][] {
  const [first, last] = [points[0]!, points.at(-1)!]
  return [[last[0] - YEAR, last[1]], ...points, [first[0] + YEAR, first[1]]]
}
