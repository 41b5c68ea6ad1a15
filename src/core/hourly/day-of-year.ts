import type { WeatherYear } from "../climate/weather-file"
import { HOURS } from "../climate/weather-year"
import { airCapacity, bodyHours } from "../dynamic/enclosure-hours"
import { heldByHour } from "./held-by-hour"
import { yearDrives } from "./year"
import type { YearModel } from "./year-model"

/** A day of a year that is looked at. */
export interface DayAsked {
  model: YearModel
  /** 0…364, from the first of January */
  day: number
}

/** A day hour by hour, 1 h … 24 h: °C, and W of heater and cooler. */
export interface DayOfYear {
  outdoors: number[]
  inside: number[]
  heating: number[]
  cooling: number[]
  /** Skin and inside face of each face of the model, in its order, °C. */
  faces: { skin: number[]; inner: number[] }[]
}

/** Days before that are gone through, so that walls hold what they held. */
const BEFORE = 20

/** One day of a year as it is stepped through: what is read off it stands as in the whole year. */
export function dayOfYear({ model, day }: DayAsked, weather: WeatherYear): DayOfYear {
  const { drive } = yearDrives(model, weather)
  const hold = heldByHour(model, HOURS / 24)
  const first = (day - BEFORE) * 24 + HOURS
  const at = (k: number) => (first + k) % HOURS
  const start = model.heater?.setpoint ?? model.cooler?.setpoint ?? weather.hours[at(0)]!.temperature
  const { air, heating, cooling, faces } = bodyHours(
    { faces: model.faces, capacity: airCapacity(model.volume) + model.capacity, held: (k, inside) => hold(at(k), inside) },
    (k, inside) => drive(at(k), inside),
    { steps: 24 * (BEFORE + 1), step: 3600, warmup: 0, initial: start },
  )
  const last = (values: Float64Array) => Array.from(values.slice(-24))
  return {
    outdoors: weather.hours.slice(day * 24, day * 24 + 24).map(({ temperature }) => temperature),
    ...{ inside: last(air), heating: last(heating), cooling: last(cooling) },
    faces: faces.map(({ outer, inner }) => ({ skin: last(outer), inner: last(inner) })),
  }
}
