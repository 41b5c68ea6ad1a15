import { vapourPressureAt } from "../air/moist-air"
import { saturationPressure } from "../air/saturation-pressure"
import { solarTimeZone } from "../climate/climate-stations"
import { designMonth, summerDesignDay } from "../climate/design-day"
import type { WeatherYear } from "../climate/weather-file"
import { COMMON_YEAR, FIRST_HOUR, HOURS, startText, type WeatherHour } from "../climate/weather-year"
import { airCapacity, bodyHours, type Held } from "../dynamic/enclosure-hours"
import type { Conditions } from "../enclosure/conditions"
import { openDoorHeat } from "../inside/door-traffic"
import { memoised } from "../memoised"
import { outputOf } from "../plant/machine"
import { farOf, yearDrives } from "./year"
import type { YearModel } from "./year-model"

/** How a room is brought to its temperature, and tried. */
export interface CoolDownAsked {
  /** °C of all at the start: air, walls, water */
  start: number
  /** kg of water that stands in it, in drums */
  water: number
  /** s for which its door stands open once it is cold */
  doorOpen: number
}

/** How a room comes to be cold on days like the hottest. */
export interface CoolDown {
  /** s until the air is as cold as it is to be, and until the water is within a kelvin of it; null: not within the days looked at */
  air: number | null
  water: number | null
  /** °C of the air after half an hour: what is cold by then is little but air */
  soon: number
  /** With the door open: °C that the air comes to, and s from its closing until it is cold again; null: no door, or never cold */
  opened: { highest: number; recovers: number | null } | null
  /** °C by time, s */
  curve: { time: number; air: number; water: number }[]
}

/** s of a step; days that are looked at, and when on the last but one the door is opened, at two in the afternoon. */
const STEP = 300
const DAYS = 6
const OPENED = (4 * 24 + 14) * 3600
/** As cold as it is to be is the air within so much, cold again after the door within so much, and the water within so much, K. */
const [COLD, AGAIN, THROUGH] = [0.1, 0.5, 1] as const

/** A drum of 200 kg of water shows so much to the air, m², past a film of 8 W/(m²·K); within it the water mixes. */
const DRUM = { water: 200, area: 2, rsi: 1 / 8 }
const WATER = { conductivity: 100, density: 1000, specificHeat: 4186 }

/** A room that its cooler brings to its temperature on days like the hottest, all in it as warm as it was; then with its door left open. */
export function coolDown(model: YearModel, conditions: Conditions, { start, water, doorOpen }: CoolDownAsked): CoolDown {
  const { cooler } = model
  const always: Held = { heating: null, cooling: cooler }
  /** What it can take out goes by both airs, where its curves are known. */
  const held = (k: number, inside: number): Held => {
    if (!cooler?.machine) return always
    const capacity = outputOf(cooler.machine, cooler.capacity, weather.hours[hourOf(k)]!.temperature, inside)
    return { heating: null, cooling: { ...cooler, capacity } }
  }
  const first = FIRST_HOUR[designMonth(conditions.station.latitude)]!
  const hot: YearModel = {
    ...model,
    seasons: model.seasons.map(() => "summer"),
    coming: { ...model.coming, days: model.coming.days.map(() => true) },
  }
  const weather = hottestDays(conditions)
  const { drive } = yearDrives(hot, weather)
  const area = Math.max(1e-6, (water / DRUM.water) * DRUM.area)
  const drums = { layers: [{ thickness: water / WATER.density / area, ...WATER }], area, rsi: DRUM.rsi, rse: null }
  const hourOf = (k: number) => first + Math.floor((k * STEP) / 3600)
  /** Share of a step for which the door stands open. */
  const openShare = (k: number) => (k * STEP < OPENED ? 0 : Math.max(0, Math.min(1, (OPENED + doorOpen) / STEP - k)))
  const door = model.doors.reduce<YearModel["doors"][number] | null>((best, one) => (best && best.area >= one.area ? best : one), null)
  /** What the open door passes for a kelvin between both airs, its water counted, W/K, and the air beyond it, °C. */
  const throughDoor = (k: number, inside: number): [conductance: number, beyond: number] => {
    const share = openShare(k)
    if (!door || share === 0) return [0, 0]
    const { temperature, relativeHumidity } = weather.hours[hourOf(k)]!
    const room = { temperature: inside, vapourPressure: vapourPressureAt(inside, model.inside.summer.relativeHumidity) }
    const out = { temperature, vapourPressure: vapourPressureAt(temperature, relativeHumidity) }
    const beyond = farOf(door.beyond, "summer", inside, out)
    const difference = beyond.temperature - inside
    if (Math.abs(difference) < 0.1) return [0, 0]
    return [share * Math.max(0, openDoorHeat(door.area, door.height, beyond, room) / difference), beyond.temperature]
  }
  // Water that is none would be a face of no thickness.
  const faces = water > 0 ? [...model.faces, drums] : model.faces
  const outside = new Float64Array(faces.length)
  const run = bodyHours(
    { faces, capacity: airCapacity(model.volume) + model.capacity, held },
    (k, inside) => {
      const driven = drive(hourOf(k), inside)
      outside.set(driven.outside)
      const [open, beyond] = throughDoor(k, inside)
      return { ...driven, outside, direct: driven.direct + open, directHeat: driven.directHeat + open * beyond }
    },
    { steps: (DAYS * 86_400) / STEP, step: STEP, warmup: 0, initial: start },
  )
  const setpoint = cooler?.setpoint ?? start
  const { air } = run
  const drum = water > 0 ? run.faces.at(-1)!.outer : air
  const time = (k: number) => (k < 0 ? null : (k + 1) * STEP)
  const cold = time(air.findIndex((one) => one <= setpoint + COLD))
  const opening = OPENED / STEP
  const closing = opening + Math.ceil(doorOpen / STEP)
  const again = air.findIndex((one, k) => k >= closing && one <= setpoint + AGAIN)
  return {
    air: cold,
    water: water > 0 ? time(drum.findIndex((one) => Math.abs(one - setpoint) <= THROUGH)) : null,
    soon: air[1800 / STEP - 1]!,
    opened:
      door && doorOpen > 0 && cold !== null && cold < OPENED
        ? { highest: Math.max(...air.slice(opening, closing + 1)), recovers: again < 0 ? null : (again + 1 - closing) * STEP }
        : null,
    curve: Array.from(air, (one, k) => ({ time: (k + 1) * STEP, air: one, water: drum[k]! })),
  }
}

/** A year whose every day is the hottest. */
const hottestDays = memoised(({ station, summer }: Conditions): WeatherYear => {
  const { temperature, relativeHumidity } = summer.outside
  const pressure = vapourPressureAt(temperature, relativeHumidity)
  const day = summerDesignDay(station, temperature, relativeHumidity).map((hour): WeatherHour => ({
    temperature: hour.temperature,
    relativeHumidity: Math.min(1, pressure / saturationPressure(hour.temperature)),
    directNormal: hour.light.directNormal,
    diffuseHorizontal: hour.light.diffuseHorizontal,
    skyTemperature: hour.skyTemperature,
    windSpeed: summer.windSpeed,
    rain: 0,
  }))
  const timeZone = solarTimeZone(station.longitude)
  return {
    ...{ name: station.name, latitude: station.latitude, longitude: station.longitude, elevation: 0, timeZone },
    ...{ start: startText(COMMON_YEAR, timeZone), step: 3600, filled: [], bad: [], monthly: [], notes: [] },
    hours: Array.from({ length: HOURS }, (_, k) => day[k % 24]!),
  }
})
