import { InputError } from "../../schema/outcome"
import { balancesOf, type HygroState } from "./balance"
import { solveBlocks } from "./block-solve"
import type { Mesh } from "./mesh"
import { beforeAt, bendsOf, type Side } from "./side"

/** A section from its first state on, told at some times. */
export interface SectionRun {
  states: HygroState[]
  /** kg/m³ of each cell at those times */
  waters: Float64Array[]
  /** Relative errors of both balances. */
  balance: { water: number; heat: number }
  /** kg/m² of rain that a full face did not take */
  ranOff: number
  /** Greatest humidity that any cell came to. */
  wettest: number
}

/** What is to be run. */
export interface SectionAsked {
  mesh: Mesh
  start: HygroState
  outside: Side
  inside: Side
  /** s, rising */
  times: readonly number[]
  /** s; past the last time to tell nothing is looked at */
  maximumStep: number
}

/** Where the first stage of a step stands, such that it damps all that is stiff. @see Alexander, SIAM J. Numer. Anal. 14 (1977): SDIRK of order 2 */
const GAMMA = 1 - Math.SQRT1_2
const [FIRST_STEP, SHORTEST] = [10, 1e-7] as const
/** So much may bend within a step: of humidity, K, and of what a stuff can hold. */
const BENDS = { humidity: 0.01, temperature: 0.25, water: 0.02 } as const
/** Newton's rounds; what the last of them moved by less than this, of humidity and of a kelvin, it left right to the square of it. */
const [ROUNDS, SETTLED] = [12, 1e-5] as const
/** No round takes humidity to less than a share of what it was, nor past saturation by more than so much. */
const [LEAST_SHARE, PAST_FULL] = [0.2, 0.05] as const
const DRIEST = 1e-6
const NO_STEP = "No step is short enough to find a balance: curves that jump, or air that does, ask for more cells or for gentler figures."
/** How far the second stage starts past the first. */
const PAST = (1 - GAMMA) / GAMMA

/**
 * Heat and moisture through a section in time, by implicit steps of second order whose length follows how fast things bend.
 * @throws InputError `no-balance` where no step, however short, finds both balances
 * @see EN 15026:2007, 5
 */
export function runSection({ mesh, start, outside, inside, times, maximumStep }: SectionAsked): SectionRun {
  const { widths } = mesh
  const count = widths.length
  const balances = balancesOf(mesh, outside, inside)
  const copy = ({ humidity, temperature }: HygroState): HygroState => ({ humidity: humidity.slice(), temperature: temperature.slice() })
  const bends = [...new Set([...bendsOf(outside), ...bendsOf(inside), ...times])].sort((a, b) => a - b)
  const end = times.at(-1)!
  const state = copy(start)
  const [last, stage, next] = [copy(start), copy(start), copy(start)]
  const [baseWater, baseTemperature] = [new Float64Array(count), new Float64Array(count)]
  const right = new Float64Array(2 * count)
  const [stageWater, stageTemperature, capacity] = [new Float64Array(count), new Float64Array(count), new Float64Array(count)]
  const into = new Float64Array(4)
  const holds = Float64Array.from(mesh.stuffs, ({ sorption }) => sorption.ys.at(-1)!)
  let ranOff = 0
  const told: SectionRun = { states: [], waters: [], balance: { water: 0, heat: 0 }, ranOff: 0, wettest: 0 }
  const water = { start: 0, change: 0, inflow: 0, gross: 0 }
  const heat = { stored: 0, inflow: 0, gross: 0, moved: 0 }

  /** Newton's way to a state that balances; false where it finds none. */
  function solve(at: HygroState, time: number, length: number): boolean {
    const [out, into] = [beforeAt(outside, time), beforeAt(inside, time)]
    for (let round = 0; round < ROUNDS; round++) {
      balances.evaluate(at, out, into, length, baseWater, baseTemperature)
      right.set(balances.residual)
      solveBlocks(balances.lower, balances.middle, balances.upper, right)
      let moved = 0
      for (let i = 0; i < count; i++) {
        const phi = at.humidity[i]!
        const by = -right[2 * i]!
        const to = Math.max(DRIEST, LEAST_SHARE * phi, Math.min(phi + by, Math.max(1, phi) + PAST_FULL))
        at.humidity[i] = to
        at.temperature[i]! -= right[2 * i + 1]!
        moved = Math.max(moved, Math.abs(by), Math.abs(right[2 * i + 1]!))
      }
      if (!Number.isFinite(moved)) return false
      if (moved < SETTLED) {
        balances.evaluate(at, out, into, length, baseWater, baseTemperature)
        return true
      }
    }
    return false
  }

  /** Water and temperature as the flows have left them: what Newton's last round leaves wrong comes back in the next step. */
  const leftBy = (at: HygroState, waters: Float64Array, temperatures: Float64Array) => {
    for (let i = 0; i < count; i++) {
      waters[i] = balances.water[i]! - balances.residual[2 * i]!
      temperatures[i] = at.temperature[i]! - balances.residual[2 * i + 1]! / balances.capacity[i]!
    }
  }

  /** Tells a state, and what was in it. */
  function tell(): void {
    told.states.push(copy(state))
    told.waters.push(now.slice())
  }

  const contentOf = () => {
    let all = 0
    for (let i = 0; i < count; i++) all += balances.water[i]! * widths[i]!
    return all
  }

  let time = 0
  const first = beforeAt(outside, 0)
  balances.evaluate(state, first, first, 0, baseWater, baseTemperature)
  const atStart = balances.water.slice()
  water.start = contentOf()
  const now = atStart.slice()
  const warm = state.temperature.slice()
  let before = 0
  let wanted = Math.min(FIRST_STEP, maximumStep)
  let bend = bends.findIndex((one) => one > 0)
  let telling = 0
  while (telling < times.length && times[telling]! <= 0) {
    tell()
    telling++
  }
  while (telling < times.length) {
    const target = bend >= 0 && bend < bends.length ? bends[bend]! : end
    const left = target - time
    // Two even steps rather than a long one and a sliver.
    const length = wanted >= left ? left : Math.min(wanted, left > 2 * wanted ? wanted : left / 2)
    // It is looked for where the last step points to.
    const ahead = before > 0 ? Math.min(1, (GAMMA * length) / before) : 0
    for (let i = 0; i < count; i++) {
      stage.humidity[i] = Math.max(DRIEST, state.humidity[i]! + ahead * (state.humidity[i]! - last.humidity[i]!))
      stage.temperature[i] = state.temperature[i]! + ahead * (state.temperature[i]! - last.temperature[i]!)
    }
    baseWater.set(now)
    baseTemperature.set(warm)
    let found = solve(stage, time + GAMMA * length, GAMMA * length)
    if (found) {
      leftBy(stage, stageWater, stageTemperature)
      capacity.set(balances.capacity)
      into.set(balances.into)
      ranOff = balances.ranOff
      for (let i = 0; i < count; i++) {
        baseWater[i] = now[i]! + PAST * (stageWater[i]! - now[i]!)
        baseTemperature[i] = warm[i]! + PAST * (stageTemperature[i]! - warm[i]!)
        next.humidity[i] = Math.max(DRIEST, state.humidity[i]! + (stage.humidity[i]! - state.humidity[i]!) / GAMMA)
        next.temperature[i] = state.temperature[i]! + (stage.temperature[i]! - state.temperature[i]!) / GAMMA
      }
      found = solve(next, time + length, GAMMA * length)
    }
    let bent = found ? bendOf(state, stage, next) : Infinity
    for (let i = 0; found && i < count; i++) {
      const straight = now[i]! + (stageWater[i]! - now[i]!) / GAMMA
      bent = Math.max(bent, Math.abs(balances.water[i]! - straight) / (BENDS.water * holds[i]!))
    }
    if (bent > 1) {
      wanted = length * (Number.isFinite(bent) ? Math.max(0.2, 0.8 / Math.sqrt(bent)) : 0.2)
      if (wanted < SHORTEST) throw new InputError("no-balance", [], NO_STEP)
      continue
    }
    // The two stages' flows, as the step weighs them.
    const [a, b] = [(1 - GAMMA) * length, GAMMA * length]
    for (const side of [0, 2]) {
      const [w, q] = [a * into[side]! + b * balances.into[side]!, a * into[side + 1]! + b * balances.into[side + 1]!]
      water.inflow += w
      water.gross += Math.abs(w)
      heat.inflow += q
      heat.gross += Math.abs(q)
    }
    told.ranOff += a * ranOff + b * balances.ranOff
    for (let i = 0; i < count; i++) {
      const first = capacity[i]! * PAST * (stageTemperature[i]! - warm[i]!)
      const left = next.temperature[i]! - balances.residual[2 * i + 1]! / balances.capacity[i]!
      const stored = widths[i]! * (first + balances.capacity[i]! * (left - baseTemperature[i]!))
      heat.stored += stored
      heat.moved += Math.abs(stored)
      told.wettest = Math.max(told.wettest, next.humidity[i]!)
    }
    leftBy(next, now, warm)
    last.humidity.set(state.humidity)
    last.temperature.set(state.temperature)
    state.humidity.set(next.humidity)
    state.temperature.set(next.temperature)
    before = length
    time = wanted >= left ? target : time + length
    wanted = Math.min(maximumStep, length * Math.min(3, bent > 0 ? 0.8 / Math.sqrt(bent) : 3), 1e9)
    if (time === target) {
      bend++
      while (telling < times.length && times[telling]! <= time) {
        tell()
        telling++
      }
    }
  }
  for (let i = 0; i < count; i++) water.change += widths[i]! * (now[i]! - atStart[i]!)
  const relative = (error: number, all: number) => (all > 0 ? Math.abs(error) / all : 0)
  told.balance = {
    water: relative(water.change - water.inflow, Math.max(water.gross, water.start)),
    heat: relative(heat.stored - heat.inflow, Math.max(heat.gross, heat.moved)),
  }
  return told
}

/** How far the end of a step lies off the straight line of its first stage, against what may. */
function bendOf(from: HygroState, stage: HygroState, to: HygroState): number {
  let most = 0
  for (const [key, allowed] of [
    ["humidity", BENDS.humidity],
    ["temperature", BENDS.temperature],
  ] as const)
    for (let i = 0; i < from[key].length; i++) {
      const straight = from[key][i]! + (stage[key][i]! - from[key][i]!) / GAMMA
      most = Math.max(most, Math.abs(to[key][i]! - straight) / allowed)
    }
  return most
}
