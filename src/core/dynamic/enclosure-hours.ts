import { skyLoss } from "../climate/sky-temperature"
import type { PeriodicLayer } from "../assembly/periodic"
import { sum } from "../numeric/sum"
import { AIR_DENSITY, AIR_SPECIFIC_HEAT } from "../quantity/constants"
import { extraterrestrial } from "../sun/clear-sky"
import { solarPosition } from "../sun/solar-position"
import { tiltedIrradiance } from "../sun/tilted-irradiance"
import { chainOf, fastestSwing } from "./chain"
import { type Drive, type HeatState, stepperOf } from "./implicit-step"
import { stepParts } from "./step-parts"
import { type Controller, controllerOf, type Thermostat } from "./thermostats"

/** What lies behind a face: the weather, nothing that heat passes to, or a temperature. */
export type Exposure = "outdoor" | "adiabatic" | { temperature: number }

/** A face of an enclosure through time. */
export interface HourlyFace {
  /** m² */
  area: number
  /** degrees */
  tilt: number
  azimuth: number
  /** outside to inside */
  layers: readonly PeriodicLayer[]
  /** m²·K/W, convection and radiation together */
  rsi: number
  rse: number
  /** 0…1 */
  absorptance: number
  emissivity: number
  exposure: Exposure
  /** Whether it sees the sky. */
  skyExchange: boolean
}

/** A window or a door: no capacity, and what it lets in of the sun. */
export interface HourlyOpening {
  area: number
  uValue: number
  /** 0…1 */
  g: number
  tilt: number
  azimuth: number
}

/** An enclosure of one air. */
export interface HourlyEnclosure extends Held {
  faces: readonly HourlyFace[]
  openings: readonly HourlyOpening[]
  /** m³ */
  volume: number
  /** J/K beyond the air's own */
  capacity: number
  /** Outdoor air that comes in, m³/s, at an inside and an outdoor temperature, °C, and a wind, m/s. */
  airFlow: (inside: number, outside: number, windSpeed: number) => number
  /** W by clock hour, 24 of them */
  gains: readonly number[]
}

/** One entry of weather, which holds through its step. */
export interface WeatherEntry {
  /** °C */
  temperature: number
  /** W/m² */
  directNormal: number
  diffuseHorizontal: number
  /** °C; null: the sky is as warm as the air */
  skyTemperature: number | null
  /** m/s */
  windSpeed: number
}

/** Weather of a place from a moment on. */
export interface Weather {
  latitude: number
  longitude: number
  /** ms since 1970-01-01T00:00Z */
  start: number
  /** of the place's clock from UTC, s */
  offset: number
  /** s */
  step: number
  groundAlbedo: number
  hours: readonly WeatherEntry[]
}

/** Temperatures at the end of each step, °C, and means over it, W. */
export interface EnclosureHours {
  air: Float64Array
  heating: Float64Array
  cooling: Float64Array
  /** By face: surfaces in °C, and W/m² from the room into it. */
  faces: { outer: Float64Array; inner: Float64Array; flux: Float64Array }[]
  /** What was lost between all sums, of all that was summed. */
  balance: number
}

/** What is stepped through time, whatever drives it: faces, the air and what warms with it, the plant. */
export interface HourlyBody {
  /** Where `rse` is null nothing passes on the far side. */
  faces: readonly (Pick<HourlyFace, "layers" | "area" | "rsi"> & { rse: number | null })[]
  /** J/K of the air and what goes with it */
  capacity: number
  /** The thermostats of each step, from the temperature of its air at the beginning; the same object while they stay as they are. */
  held: (k: number, inside: number) => Held
}

/** What heater and cooler are set to; null: there is none. */
export interface Held {
  heating: Thermostat | null
  cooling: Thermostat | null
}

/** How long it is stepped, and from where. */
export interface Run {
  steps: number
  /** s */
  step: number
  /** How often the first day is gone through before. */
  warmup: number
  /** Temperature of all at the start, °C. */
  initial: number
  /** Whether faces are told too; left out: they are. */
  faces?: boolean
  /** What is told at a step's end is to be right there too, not in the mean alone: light faces then take more parts of a step. */
  atEnds?: boolean
}

/** What drives a body through each step, from the temperature of its air at the beginning. */
export type Drives = (k: number, inside: number) => Drive

/**
 * An enclosure step by step: layers as they store heat, one air, the sun, the sky, and ideal plant.
 * @param warmup how often the first day is gone through before
 * @param initial temperature of all at the start, °C
 * @param held what its thermostats are set to in each step; left out: its own, all along
 * @param atEnds what is told at a step's end is to be right there too
 * @see ISO 52016-1:2017, 6.5 (heat balance of a zone and its elements); Hay and Davies (sun on tilted faces)
 */
export function enclosureHours(
  enclosure: HourlyEnclosure,
  weather: Weather,
  warmup: number,
  initial: number,
  held: HourlyBody["held"] = () => enclosure,
  atEnds = false,
): EnclosureHours {
  const faces = enclosure.faces.map((face) => ({ ...face, rse: face.exposure === "adiabatic" ? null : face.rse }))
  const capacity = airCapacity(enclosure.volume) + enclosure.capacity
  const run = { steps: weather.hours.length, step: weather.step, warmup, initial, atEnds }
  return bodyHours({ faces, capacity, held }, drivesOf(enclosure, weather), run)
}

/** What so much air stores, J/K. @param volume m³ */
export const airCapacity = (volume: number): number => volume * AIR_DENSITY * AIR_SPECIFIC_HEAT

/** A body step by step, driven so. */
export function bodyHours(
  body: HourlyBody,
  drives: Drives,
  { steps, step, warmup, initial, faces: told = true, atEnds = false }: Run,
): EnclosureHours {
  const { faces } = body
  const chains = faces.map(({ layers, area, rsi, rse }) => chainOf(layers, area, rsi, rse, fastestSwing(step)))
  const stepper = stepperOf(chains, body.capacity)
  const parts = atEnds ? stepParts(chains, step) : 1
  let held: Held | null = null
  let controlled: Controller
  const [inLinks, outLinks] = [chains.map(({ links }) => links[0]!), chains.map(({ links }) => links.at(-1)!)]
  const ends = new Float64Array(2)
  let state: HeatState = stepper.even(initial)
  let [heat, moved, plantHeat] = [0, 0, 0]
  const begun = state
  const hours = () => new Float64Array(steps)
  const result: EnclosureHours = {
    ...{ air: hours(), heating: hours(), cooling: hours() },
    faces: (told ? faces : []).map(() => ({ outer: hours(), inner: hours(), flux: hours() })),
    balance: 0,
  }
  const day = Math.min(steps, Math.round(86_400 / step))
  for (let i = -warmup * day; i < steps; i++) {
    const k = i < 0 ? (i + warmup * day) % day : i
    const drive = drives(k, state.air)
    const now = body.held(k, state.air)
    if (now !== held) {
      held = now
      controlled = controllerOf(stepper, held, body.capacity)
    }
    let [heating, cooling] = [0, 0]
    for (let part = 0; part < parts; part++) {
      const gone = controlled!(state, drive, step / parts)
      state = gone.state
      heat += gone.heat
      moved += Math.abs(gone.heat)
      heating += gone.heating
      cooling += gone.cooling
    }
    plantHeat += heating - cooling
    moved += heating + cooling
    if (i < 0) continue
    result.air[k] = state.air
    result.heating[k] = heating / step
    result.cooling[k] = cooling / step
    if (!told) continue
    for (const [f, { area, rsi, rse }] of faces.entries()) {
      const outside = drive.outside[f]!
      const solid = stepper.surfaces(state, f, ends)
      const flux = (inLinks[f]! * (state.air - (solid ? ends[0]! : outside))) / area
      const outmost = solid ? ends[1]! : state.air
      const at = result.faces[f]!
      at.flux[k] = flux
      at.inner[k] = state.air - flux * rsi
      at.outer[k] = rse === null ? outmost : outside + ((outLinks[f]! * (outmost - outside)) / area) * rse
    }
  }
  const stored = stepper.stored(state, begun)
  result.balance = Math.abs(heat + plantHeat - stored) / Math.max(1, moved, Math.abs(stored))
  return result
}

/** What drives the enclosure through each entry of the weather. */
function drivesOf({ faces, openings, airFlow, gains }: HourlyEnclosure, weather: Weather): Drives {
  const { latitude, longitude, start, offset, step, groundAlbedo, hours } = weather
  const conductance = sum(openings.map(({ area, uValue }) => area * uValue))
  const seen = faces.map(({ tilt, emissivity, skyExchange }) =>
    skyExchange ? (emissivity * (1 + Math.cos((tilt * Math.PI) / 180))) / 2 : 0,
  )
  // One for all steps: a drive is good until the next.
  const outside = new Float64Array(faces.length)
  return (k, inside) => {
    const { temperature, directNormal, diffuseHorizontal, skyTemperature, windSpeed } = hours[k]!
    const begin = start + k * step * 1000
    const middle = begin + step * 500
    const sun = directNormal + diffuseHorizontal > 0 ? solarPosition(middle, latitude, longitude) : null
    const light = { directNormal, diffuseHorizontal, extraterrestrial: extraterrestrial(dayOfYear(middle)) }
    const on = (tilt: number, azimuth: number) => (sun ? tiltedIrradiance(sun, light, tilt, azimuth, groundAlbedo) : 0)
    const sky = skyTemperature === null ? 0 : skyLoss(temperature, skyTemperature)
    for (const [f, { exposure, tilt, azimuth, rse, absorptance }] of faces.entries()) {
      if (exposure === "outdoor") outside[f] = temperature + rse * (absorptance * on(tilt, azimuth) - seen[f]! * sky)
      else outside[f] = exposure === "adiabatic" ? 0 : exposure.temperature
    }
    const direct = conductance + airFlow(inside, temperature, windSpeed) * AIR_DENSITY * AIR_SPECIFIC_HEAT
    const clock = Math.floor((begin / 1000 + offset) / 3600)
    return {
      outside,
      direct,
      directHeat: direct * temperature,
      gains: gains[((clock % 24) + 24) % 24]! + sum(openings.map(({ area, g, tilt, azimuth }) => g * area * on(tilt, azimuth))),
    }
  }
}

/** The day of the year of a moment, 1…366. */
const dayOfYear = (moment: number): number => Math.floor((moment - Date.UTC(new Date(moment).getUTCFullYear(), 0, 1)) / 86_400_000) + 1
