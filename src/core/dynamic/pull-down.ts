import { humidityRatioOf, vapourPressureAt } from "../air/moist-air"
import { bisection } from "../numeric/bisection"
import { onCurve } from "../numeric/curve"
import { type Rates, stiffStep } from "../numeric/stiff"
import { sum } from "../numeric/sum"
import { AIR_DENSITY, AIR_SPECIFIC_HEAT, STANDARD_PRESSURE, VAPOUR_HEAT } from "../quantity/constants"
import { InputError } from "../../schema/outcome"

/** A figure, or how it goes with time (s) or with the room (°C): straight lines between points, held beyond them. */
export type Course = readonly (readonly [at: number, value: number])[]

/** Goods, walls of water, furniture: one lump of one temperature. */
export interface Lump {
  /** kg */
  mass: number
  /** J/(kg·K) */
  specificHeat: number
  /** °C at the start */
  temperature: number
  /** m² */
  area: number
  /** W/(m²·K) to the room's air */
  filmCoefficient: number
}

/** A room, what is in it, and the plant that is to bring it to a temperature. */
export interface Room {
  /** W/K to outdoors */
  conductance: number
  /** m³ */
  volume: number
  /** 1/h */
  airChanges: number
  /** °C by time, s */
  outside: Course
  /** 0…1; null: leaking air brings no water */
  outsideRelativeHumidity: number | null
  contents: readonly Lump[]
  /** J/K that goes with the air */
  structureCapacity: number
  /** °C of the air at time 0 */
  start: number
  /** °C */
  setpoint: number
  /** W by the room's temperature: cooling negative, warming positive */
  capacity: Course
  /** W */
  otherGains: number
}

/** Air and contents at a moment, °C. */
export interface Moment {
  time: number
  air: number
  contents: number[]
}

/** How the room came to its temperature. */
export interface PullDown {
  /** s; null where it does not come to it */
  reachesSetpoint: number | null
  contentsReach: number | null
  curve: Moment[]
  /** Heat moved over heat that the plant at full would have moved, from the setpoint to the end; 1 where it is not reached. */
  runFraction: number
}

/** What the plant does: all it can, as much as holds the setpoint, nothing. */
type Mode = "full" | "hold" | "off"

/** A step may be off by so much: K, and of the heats a share of what was moved. */
const TOLERANCE = 1e-6
const SHARE = 1e-8

/**
 * Air, goods and plant through time: the air is one node, each of the contents another, the plant at full until the setpoint is reached and
 * ideal from then on.
 * @param duration s
 * @param outputs times at which to tell the state, s, 0…duration
 * @param band K within which of the setpoint contents have come to it
 * @throws InputError `too-fast` where it would take more than a million steps
 */
export function pullDown(room: Room, duration: number, outputs: readonly number[], band: number): PullDown {
  const lumps = room.contents.length
  const { setpoint } = room
  const { way, past, needed, until, atSetpoint, rates } = modesOf(room)
  let reached: number | null = null
  const together = (y: Float64Array) => Math.max(...room.contents.map((_, i) => Math.abs(y[i + 1]! - setpoint))) - band

  let y: Float64Array = Float64Array.of(room.start, ...room.contents.map(({ temperature }) => temperature), 0, 0)
  let mode: Mode = "full"
  if (way !== 0 && past(y) >= 0) {
    reached = 0
    mode = past(y) > 0 ? "off" : atSetpoint(0, y)
  }
  let contentsReach = lumps > 0 && together(y) <= 0 ? 0 : null
  const told = new Map<number, Float64Array>([[0, y]])
  const stops = [...new Set([...outputs, ...room.outside.map(([time]) => time), duration])].filter((time) => time > 0 && time <= duration)
  stops.sort((a, b) => a - b)

  let [t, h] = [0, 1]
  for (let steps = 0, stop = 0; stop < stops.length; steps++) {
    if (steps > 1e6) throw new InputError("too-fast", ["duration"], "This would take more than a million steps: ask for a shorter time.")
    let length = Math.min(h, stops[stop]! - t)
    // What is left over would be lost in the digits of the time.
    if (stops[stop]! - t - length < 1e-9 * stops[stop]!) length = stops[stop]! - t
    const from = y
    const go = (part: number) => stiffStep(rates(mode, reached !== null), t, from, part)
    let next = go(length)
    const off = Math.max(...next.error.map((error, i) => error / (TOLERANCE + SHARE * Math.abs(next.y[i]!))))
    h = length * Math.min(4, Math.max(0.2, 0.9 * (1 / Math.max(off, 1e-9)) ** 0.2))
    if (off > 1 && length > 1e-6) continue
    const left = until[mode]
    const turns = way !== 0 && left(t + length, next.y) < 0
    // Just where it turns either would do: what it comes to is told by where it went.
    const broken: Mode = needed(t + length, next.y) < 0 ? "off" : "full"
    if (turns && left(t, from) > 0) {
      length = bisection((part) => left(t + part, go(part).y), 0, length)
      next = go(length)
    }
    if (contentsReach === null && lumps > 0 && together(next.y) <= 0)
      contentsReach = t + (together(from) <= 0 ? 0 : bisection((part) => together(go(part).y), 0, length))
    ;[t, y] = [t + length, next.y]
    if (turns) {
      reached ??= t
      if (mode === "hold") mode = broken
      else {
        y[0] = setpoint
        mode = atSetpoint(t, y)
      }
      h = 1
    }
    if (t >= stops[stop]!) {
      t = stops[stop]!
      told.set(t, y)
      stop++
    }
  }
  const [moved, possible] = [y[lumps + 1]!, y[lumps + 2]!]
  return {
    reachesSetpoint: reached,
    contentsReach,
    curve: outputs.map((time) => ({ time, air: told.get(time)![0]!, contents: [...told.get(time)!.slice(1, lumps + 1)] })),
    runFraction: reached === null || possible === 0 ? 1 : moved / possible,
  }
}

/** How the plant works in each mode: rates of air, contents and heats moved, and what ends it. */
function modesOf(room: Room) {
  const lumps = room.contents.length
  const { setpoint, capacity } = room
  const way = Math.sign(capacity.find(([, power]) => power !== 0)?.[1] ?? 0)
  const { heatIn, capacities } = balanceOf(room)
  /** How far the air is past the setpoint, in the way in which the plant works, K. */
  const past = (y: Float64Array) => way * (y[0]! - setpoint)
  const needed = (t: number, y: Float64Array) => -way * heatIn(t, y)
  const most = (y: Float64Array) => way * onCurve(capacity, y[0]!)
  const rates = (mode: Mode, counted: boolean): Rates => {
    const counts = counted ? 1 : 0
    return (t, y, out) => {
      const flow = heatIn(t, y)
      const full = onCurve(capacity, y[0]!)
      const plant = mode === "full" ? full : mode === "hold" ? -flow : 0
      out[0] = mode === "hold" ? 0 : (flow + plant) / capacities.air
      for (let i = 0; i < lumps; i++)
        out[i + 1] = (room.contents[i]!.area * room.contents[i]!.filmCoefficient * (y[0]! - y[i + 1]!)) / capacities.lumps[i]!
      out[lumps + 1] = counts * plant
      out[lumps + 2] = counts * full
    }
  }
  /** What is left until the plant must do something else; changes its sign there. */
  const until: Record<Mode, (t: number, y: Float64Array) => number> = {
    full: (_, y) => -past(y),
    off: (_, y) => past(y),
    hold: (t, y) => Math.min(needed(t, y), most(y) - needed(t, y)),
  }
  const atSetpoint = (t: number, y: Float64Array): Mode => {
    const power = needed(t, y)
    return power < 0 ? "off" : power > most(y) ? "full" : "hold"
  }
  return { way, past, needed, until, atSetpoint, rates }
}

/** Heat that comes to the air without the plant, W; and what warms by a kelvin for it, J/K. */
function balanceOf(room: Room) {
  const { conductance, volume, airChanges, outside, outsideRelativeHumidity, contents, structureCapacity, otherGains } = room
  const air = volume * AIR_DENSITY
  const changed = (airChanges * air) / 3600
  const exchange = conductance + changed * AIR_SPECIFIC_HEAT
  const films = contents.map(({ area, filmCoefficient }) => area * filmCoefficient)
  const ratio = (temperature: number, humidity: number) =>
    humidityRatioOf(vapourPressureAt(Math.max(-100, Math.min(99, temperature)), humidity), STANDARD_PRESSURE)
  const heatIn = (t: number, y: Float64Array): number => {
    const inside = y[0]!
    const outdoors = onCurve(outside, t)
    const water = outsideRelativeHumidity === null ? 0 : Math.max(0, ratio(outdoors, outsideRelativeHumidity) - ratio(inside, 1))
    return (
      exchange * (outdoors - inside) + changed * VAPOUR_HEAT * water + otherGains + sum(films.map((film, i) => film * (y[i + 1]! - inside)))
    )
  }
  return {
    heatIn,
    capacities: {
      air: air * AIR_SPECIFIC_HEAT + structureCapacity,
      lumps: contents.map(({ mass, specificHeat }) => mass * specificHeat),
    },
  }
}
