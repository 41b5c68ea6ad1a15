import { type Around, balancesOf, type HygroState } from "./balance"
import { solveBlocks } from "./block-solve"
import { type Leak, leakingAt } from "./leak"
import type { Mesh } from "./mesh"
import { beforeAt, type Side } from "./side"

/** What a step that was taken brought through the two faces, kg/m² and J/m², what of it was stored, and rain that ran off. */
export interface Taken {
  /** Outdoor face and indoor face. */
  water: readonly [number, number]
  heat: readonly [number, number]
  stored: number
  /** kg/m² that leaking air brought */
  brought: number
  /** The same as all cells moved it, one way or the other. */
  moved: number
  ranOff: number
  /** kg/m² that each cell held no more and that ran down; it is the stepper's own */
  drained: Float64Array
}

/** Steps of a section. */
export interface HygroStepper {
  /** As it stands, and kg/m³ of each cell */
  state: HygroState
  water: Float64Array
  /**
   * Tries a step, and changes nothing yet.
   * @returns how much it bends, against what a step may; Infinity where no balance is found
   */
  attempt: (time: number, length: number) => number
  /** Takes the step that was tried last. */
  take: () => Taken
}

/** Where the first stage of a step stands, such that it damps all that is stiff. @see Alexander, SIAM J. Numer. Anal. 14 (1977): SDIRK of order 2 */
const GAMMA = 1 - Math.SQRT1_2
/** How far the second stage starts past the first. */
const PAST = (1 - GAMMA) / GAMMA
/** So much may bend within a step: of humidity, K, and of what a stuff can hold. */
const BENDS = { humidity: 0.01, temperature: 0.25, water: 0.02 } as const
/** Newton's rounds at most; what the last of them moved by less than this it left right to the square of it. */
const ROUNDS = 13
const SETTLED = { humidity: 3e-5, temperature: 1e-3 } as const
/** Unless it crossed the bend of a curve: no more may be left of what a stuff can hold. */
const LEFT = 1e-6
/** No round takes humidity to less than a share of what it was, where liquid hangs on its logarithm, nor past saturation by more than so much. */
const [LEAST_SHARE, PAST_FULL] = [0.2, 0.05] as const
const DRIEST = 1e-9

/** A state and what the flows have left of it: what Newton's last round leaves wrong comes back in the next step. */
interface Left extends HygroState {
  water: Float64Array
  warm: Float64Array
}

/** Implicit steps of second order from a state on. */
export function hygroStepper(mesh: Mesh, start: HygroState, outside: Side, inside: Side, leaks: readonly Leak[]): HygroStepper {
  const count = mesh.widths.length
  const balances = balancesOf(mesh, outside, inside)
  const { cells, residual } = balances
  const room = () => new Float64Array(count)
  const from = (state: HygroState): Left => ({
    humidity: state.humidity.slice(),
    temperature: state.temperature.slice(),
    water: room(),
    warm: state.temperature.slice(),
  })
  const [now, last, stage, next] = [from(start), from(start), from(start), from(start)]
  const base = { water: room(), warm: room() }
  const first = { capacity: room(), into: new Float64Array(4), brought: 0, ranOff: 0 }
  const [right, drained] = [new Float64Array(2 * count), room()]
  const holds = Float64Array.from(mesh.stuffs, ({ sorption }) => sorption.ys.at(-1)!)
  let [before, length] = [0, 0]
  const aroundAt = (time: number): Around => ({
    outside: beforeAt(outside, time),
    inside: beforeAt(inside, time),
    leaks: leakingAt(leaks, time),
  })
  balances.evaluate(now, aroundAt(0), 0, base.water, base.warm)
  now.water.set(cells.water)

  /** Newton's way to a state that balances; false where it finds none. */
  function solve(at: Left, time: number): boolean {
    const around = aroundAt(time)
    let moved = Infinity
    for (let round = 0; round < ROUNDS; round++) {
      balances.evaluate(at, around, GAMMA * length, base.water, base.warm)
      if (moved < 1 && isRight(residual, holds)) {
        for (let i = 0; i < count; i++) {
          at.water[i] = cells.water[i]! - residual[2 * i]!
          at.warm[i] = at.temperature[i]! - residual[2 * i + 1]! / cells.capacity[i]!
        }
        return true
      }
      right.set(residual)
      solveBlocks(balances.lower, balances.middle, balances.upper, right)
      moved = 0
      for (let i = 0; i < count; i++) {
        const phi = at.humidity[i]!
        const by = -right[2 * i]!
        const least = mesh.stuffs[i]!.liquid ? LEAST_SHARE * phi : 0
        at.humidity[i] = Math.max(DRIEST, least, Math.min(phi + by, Math.max(1, phi) + PAST_FULL))
        at.temperature[i]! -= right[2 * i + 1]!
        // What is as dry as it can be and would be drier stays.
        const still = phi === DRIEST && by < 0
        moved = Math.max(moved, still ? 0 : Math.abs(by) / SETTLED.humidity, Math.abs(right[2 * i + 1]!) / SETTLED.temperature)
      }
      if (!Number.isFinite(moved)) return false
    }
    return false
  }

  return {
    state: now,
    water: now.water,
    attempt(time, tried) {
      length = tried
      base.water.set(now.water)
      base.warm.set(now.warm)
      // It is looked for where the last step points to.
      aim(stage, now, last, now, before > 0 ? Math.min(1, (GAMMA * length) / before) : 0)
      if (!solve(stage, time + GAMMA * length)) return Infinity
      first.capacity.set(cells.capacity)
      first.into.set(balances.into)
      Object.assign(first, { brought: balances.brought, ranOff: balances.ranOff })
      for (let i = 0; i < count; i++) {
        base.water[i] = now.water[i]! + PAST * (stage.water[i]! - now.water[i]!)
        base.warm[i] = now.warm[i]! + PAST * (stage.warm[i]! - now.warm[i]!)
      }
      aim(next, now, now, stage, 1 / GAMMA)
      return solve(next, time + length) ? bendOf(now, stage, next, holds) : Infinity
    },
    take() {
      // The two stages' flows, as the step weighs them.
      const [a, b] = [(1 - GAMMA) * length, GAMMA * length]
      const through = (k: number) => a * first.into[k]! + b * balances.into[k]!
      let [stored, moved] = [0, 0]
      for (let i = 0; i < count; i++) {
        const early = first.capacity[i]! * PAST * (stage.warm[i]! - now.warm[i]!)
        const one = mesh.widths[i]! * (early + cells.capacity[i]! * (next.warm[i]! - base.warm[i]!))
        stored += one
        moved += Math.abs(one)
      }
      for (const key of ["humidity", "temperature", "water", "warm"] as const) {
        last[key].set(now[key])
        now[key].set(next[key])
      }
      before = length
      drain(mesh, now, drained)
      return {
        ...{ water: [through(0), through(2)], heat: [through(1), through(3)], drained },
        ...{ stored, moved, brought: a * first.brought + b * balances.brought, ranOff: a * first.ranOff + b * balances.ranOff },
      }
    },
  }
}

/** What is over full runs down, as warm as it is. @param drained kg/m² of each cell */
function drain({ full, widths }: Mesh, now: Left, drained: Float64Array): void {
  for (let i = 0; i < full.length; i++) {
    const over = now.water[i]! - full[i]!
    drained[i] = Math.max(0, over * widths[i]!)
    if (over <= 0) continue
    now.water[i] = full[i]!
    now.humidity[i] = Math.min(1, now.humidity[i]!)
  }
}

/** Whether the water that is left wrong is next to none of what each cell can hold. */
function isRight(residual: Float64Array, holds: Float64Array): boolean {
  for (let i = 0; i < holds.length; i++) if (Math.abs(residual[2 * i]!) > LEFT * holds[i]!) return false
  return true
}

/** Puts a stage where a state comes to that moves on by a share of the way from one to another. */
function aim(to: HygroState, from: HygroState, a: HygroState, b: HygroState, share: number): void {
  for (let i = 0; i < to.humidity.length; i++) {
    to.humidity[i] = Math.max(DRIEST, from.humidity[i]! + share * (b.humidity[i]! - a.humidity[i]!))
    to.temperature[i] = from.temperature[i]! + share * (b.temperature[i]! - a.temperature[i]!)
  }
}

/** How far the end of a step lies off the straight line of its first stage, against what may. @param holds kg/m³ that each cell can hold */
function bendOf(from: Left, stage: Left, to: Left, holds: Float64Array): number {
  let most = 0
  for (let i = 0; i < holds.length; i++) {
    const off = (a: Float64Array, b: Float64Array, c: Float64Array) => Math.abs(c[i]! - a[i]! - (b[i]! - a[i]!) / GAMMA)
    const phi = off(from.humidity, stage.humidity, to.humidity) / BENDS.humidity
    const kelvin = off(from.temperature, stage.temperature, to.temperature) / BENDS.temperature
    most = Math.max(most, phi, kelvin, off(from.water, stage.water, to.water) / (BENDS.water * holds[i]!))
  }
  return most
}
