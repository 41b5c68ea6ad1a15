import type { Chain } from "./chain"
import { chainSolver } from "./chain-solver"

/**
 * Coefficients of a diagonally implicit Runge–Kutta method of order 4 that damps what is fast however long the step is.
 * @see Hairer and Wanner, Solving Ordinary Differential Equations II (1996), IV.6, table 6.5
 */
const GAMMA = 0.25
const STAGES: readonly (readonly number[])[] = [
  [],
  [1 / 2],
  [17 / 50, -1 / 25],
  [371 / 1360, -137 / 2720, 15 / 544],
  [25 / 24, -49 / 48, 125 / 16, -85 / 12],
]
/** Weights of the stages in the step: the last is the step's end. */
const WEIGHTS = [...STAGES[4]!, GAMMA]

/** What drives an enclosure through a step, held constant. */
export interface Drive {
  /** Behind each face, with the sun and the sky on it, °C. */
  outside: Float64Array
  /** From the air straight to a temperature: openings and air exchange, W/K and the W that they bring at 0 °C inside. */
  direct: number
  directHeat: number
  /** W to the air: people, lamps, the sun through glass. */
  gains: number
}

/** Temperatures of the air and of all cells, °C. */
export interface HeatState {
  air: number
  cells: Float64Array
}

/** How the air is driven: by so much power, or held where it is. */
export type Plant = { power: number } | "held"

/** What a step came to. */
export interface HeatStep {
  state: HeatState
  /** Mean over the step, W. */
  plant: number
  /** Heat that came in over the step by all ways but the plant, J. */
  heat: number
}

/** Steps of an enclosure: faces as chains of cells, all joined by the room's air. */
export interface Stepper {
  step: (from: HeatState, drive: Drive, plant: Plant, length: number) => HeatStep
  /** Heat that the air gets at this moment without the plant, W. */
  heatToAir: (state: HeatState, drive: Drive) => number
  /** Heat stored against another state, J. */
  stored: (state: HeatState, than: HeatState) => number
  /** Where each face's cells begin among all. */
  first: Int32Array
}

/**
 * Steps of chains that one air joins: in each part every chain is eliminated by itself, and one division gives the air.
 * @param capacity of the air and what goes with it, J/K
 */
export function stepperOf(chains: readonly Chain[], capacity: number): Stepper {
  const { first, capacities, factorsOf, solve } = chainSolver(chains)
  const all = capacities.length
  const toAir = chains.map(({ links }) => links[0]!)
  // A face without cells passes heat straight through.
  const massless = (i: number) => first[i] === first[i + 1]
  const [right, base] = [new Float64Array(all), new Float64Array(all)]
  const rises = STAGES.map(() => new Float64Array(all))

  function heatToAir({ air, cells }: HeatState, { outside, direct, directHeat, gains }: Drive): number {
    let heat = directHeat - direct * air + gains
    for (let f = 0; f < chains.length; f++) heat += toAir[f]! * ((massless(f) ? outside[f]! : cells[first[f]!]!) - air)
    return heat
  }

  function step(from: HeatState, drive: Drive, plant: Plant, length: number): HeatStep {
    const part = GAMMA * length
    const factors = factorsOf(part)
    const { answer, back } = factors
    const held = plant === "held"
    const airRises: number[] = []
    let [power, heat] = [0, 0]
    let air = from.air
    const cells = new Float64Array(all)
    for (const [s, row] of STAGES.entries()) {
      let airBase = from.air
      base.set(from.cells)
      row.forEach((share, j) => {
        airBase += length * share * airRises[j]!
        const rise = rises[j]!
        for (let i = 0; i < all; i++) base[i]! += length * share * rise[i]!
      })
      let [conductance, toBe] = [capacity / part + drive.direct - back, (capacity / part) * airBase + drive.directHeat + drive.gains]
      for (let f = 0; f < chains.length; f++) {
        conductance += toAir[f]!
        if (massless(f)) {
          toBe += toAir[f]! * drive.outside[f]!
          continue
        }
        const [begin, end] = [first[f]!, first[f + 1]!]
        for (let i = begin; i < end; i++) right[i] = (capacities[i]! / part) * base[i]!
        right[end - 1]! += chains[f]!.links[end - begin]! * drive.outside[f]!
        solve(f, right, factors)
        toBe += toAir[f]! * right[begin]!
      }
      air = held ? from.air : (toBe + plant.power) / conductance
      const rise = rises[s]!
      for (let i = 0; i < all; i++) {
        cells[i] = right[i]! + answer[i]! * air
        rise[i] = (cells[i]! - base[i]!) / part
      }
      airRises.push(held ? 0 : (air - airBase) / part)
      // Heat is summed with the weights of the method itself, so that nothing is lost between the sums.
      const now = { air, cells }
      const weight = WEIGHTS[s]! * length
      power += WEIGHTS[s]! * (held ? -heatToAir(now, drive) : plant.power)
      heat += weight * heatFromOutside(now, drive)
    }
    return { state: { air, cells }, plant: power, heat }
  }

  /** Through openings, exchange and all faces, and from gains, W. */
  function heatFromOutside({ air, cells }: HeatState, { outside, direct, directHeat, gains }: Drive): number {
    let heat = directHeat - direct * air + gains
    for (let f = 0; f < chains.length; f++) {
      const { links } = chains[f]!
      heat += links.at(-1)! * (outside[f]! - (massless(f) ? air : cells[first[f + 1]! - 1]!))
    }
    return heat
  }

  const stored = (state: HeatState, than: HeatState): number =>
    capacities.reduce((heat, one, i) => heat + one * (state.cells[i]! - than.cells[i]!), capacity * (state.air - than.air))

  return { step, heatToAir, stored, first }
}
