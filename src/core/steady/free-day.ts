import { HOURS } from "../assembly/day-response"
import { pathLoss } from "../enclosure/heat-path"
import { leakingAir } from "../enclosure/leaks"
import { surfaceDay } from "../enclosure/surface-day"
import { temperatureBeyond } from "../enclosure/surface-figures"
import { solveDense } from "../numeric/dense"
import { sum } from "../numeric/sum"
import { AIR_DENSITY, AIR_SPECIFIC_HEAT } from "../quantity/constants"
import type { HeatGain } from "./heat-gain"
import type { SteadyEnclosure } from "./heat-loss"
import { airLeakageHeat, ventilationHeat } from "./transmission"

/** The hottest day with neither heater nor cooler, °C at each of its 24 hours. */
export interface FreeDay {
  hours: { hour: number; outdoors: number; inside: number }[]
  highest: number
  lowest: number
}

/** Heat that furniture stores with the air, J/(m²·K) of floor. @see ISO 52016-1:2017, table B.17 */
export const FURNITURE = 10_000

/** Rounds in which the air that leaks and the air that it leaks into come to agree, at most; less than so much is agreement, K. */
const [ROUNDS, AGREED] = [12, 1e-3] as const

/**
 * How warm it gets inside on a hottest day that repeats when nothing heats or cools: the balance of the air at every hour, with what all
 * faces store. Water that comes in warms nothing.
 * @param gain of that day while the inside is held
 * @param volume of the air inside, m³
 * @see ISO 52016-1:2017, 6.5 (heat balance of a zone), solved for all 24 hours at once
 */
export function freeDay(enclosure: SteadyEnclosure, gain: Pick<HeatGain, "hours" | "parts">, volume: number): FreeDay {
  const { leaks, conditions } = enclosure
  const { summer } = conditions
  const held = summer.inside.temperature
  // But for leaks all heat goes in step with the temperatures: what comes in while the air is held, and what each kelvin over it drives out.
  // Goods and what comes through doors in use follow the room: cooled by nothing they warm nothing.
  const driven = gain.parts.filter(({ kind }) => kind !== "air" && kind !== "goods" && kind !== "defrost" && kind !== "traffic")
  const heat = gain.hours.map((_, k) => sum(driven.map(({ hours, water }) => hours[k]! - (water?.[k] ?? 0))))
  const stored = (AIR_DENSITY * AIR_SPECIFIC_HEAT * volume + FURNITURE * floorArea(enclosure)) / 3600
  const still = balanceRows(airAnswer(enclosure), directConductance(enclosure), stored)
  let inside = new Array<number>(HOURS).fill(held)
  for (let round = 0; round < ROUNDS; round++) {
    const leaking = gain.hours.map(({ outdoors }, k) => {
      const air = { inside: { ...summer.inside, temperature: inside[k]! }, outside: { ...summer.outside, temperature: outdoors } }
      return leakingAir(leaks, "summer", { ...air, windSpeed: summer.windSpeed })
    })
    const rows = still.map((row) => row.slice())
    for (const [k, row] of rows.entries()) row[k]! += airLeakageHeat(leaking[k]!.flow, 1)
    const over = solveDense(
      rows,
      leaking.map(({ flow, from }, k) => heat[k]! + airLeakageHeat(flow, from.temperature - held)),
    )
    const before = inside
    inside = Array.from(over, (one) => held + one)
    if (inside.every((one, k) => Math.abs(one - before[k]!) < AGREED)) break
  }
  return {
    hours: gain.hours.map(({ hour, outdoors }, k) => ({ hour, outdoors, inside: inside[k]! })),
    highest: Math.max(...inside),
    lowest: Math.min(...inside),
  }
}

/**
 * The balances of the air at all hours, a row each: W for a kelvin of the air at each hour.
 * @param answer of all faces, this hour and each hour after, W/K
 * @param stored in the air and what warms with it, in an hour, W/K
 */
function balanceRows(answer: Float64Array, direct: number, stored: number): Float64Array[] {
  return Array.from({ length: HOURS }, (_, hour) => {
    const row = new Float64Array(HOURS)
    for (let at = 0; at < HOURS; at++) row[at] = answer[hour >= at ? hour - at : hour - at + HOURS]!
    row[hour]! += direct + stored
    row[(hour + HOURS - 1) % HOURS]! -= stored
    return row
  })
}

/** What openings, edges and ventilation take out for a kelvin of the air, at once, W/K. */
function directConductance({ surfaces, countedPaths, ventilation, conditions }: SteadyEnclosure): number {
  const { inside, outside } = conditions.summer
  const openings = surfaces.map((figures) => {
    return sum(figures.closures.map(({ area, uValue }) => area * uValue)) * (1 - followed(figures, conditions))
  })
  const paths = countedPaths.map((path) => {
    const lost = (temperature: number) => pathLoss(path, "summer", temperature, outside.temperature)
    return lost(inside.temperature + 1) - lost(inside.temperature)
  })
  return sum(openings) + sum(paths) + ventilationHeat(ventilation, 1)
}

/** By how much what is beyond a surface warms with a kelvin of the inside: an unheated space follows it. */
function followed(figures: SteadyEnclosure["surfaces"][number], { summer: { inside, outside } }: SteadyEnclosure["conditions"]): number {
  const beyond = (temperature: number) => temperatureBeyond(figures, "summer", temperature, outside.temperature)
  return beyond(inside.temperature + 1) - beyond(inside.temperature)
}

/** m² of floor inside. */
export const floorArea = ({ surfaces }: Pick<SteadyEnclosure, "surfaces">): number =>
  sum(surfaces.map(({ face, zone }) => (face.part === "floor" && zone === null ? face.area : 0)))

/** Heat that all faces take from the air for a kelvin of it, this hour and each hour after, W/K. */
function airAnswer({ surfaces, conditions }: SteadyEnclosure): Float64Array {
  const answer = new Float64Array(HOURS)
  for (const figures of surfaces) {
    const { ground, netArea, summerTransmittance } = figures
    const { inside } = surfaceDay(figures)
    const steady = sum(inside)
    for (let hour = 0; hour < HOURS; hour++)
      // The ground takes what its own method says on the mean of the day, and swings as the slab and the soil next to it do.
      answer[hour]! += ground
        ? netArea * (inside[hour]! - steady / HOURS) + ground.heatTransferCoefficient / HOURS
        : netArea * (inside[hour]! + (summerTransmittance * (1 - followed(figures, conditions)) - steady) / HOURS)
  }
  return answer
}
