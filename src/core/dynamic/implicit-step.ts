import type { Chain } from "./chain"
import { type Modes, modesOf } from "./modes"
import { DRIVEN_POWERS, emptySums, fillSums, GAMMA, OWN_POWERS, S, STAGES, type StageSums, WEIGHTS } from "./stages"

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

/** Temperature of the air, °C, and how strong each mode of the faces is. */
export interface HeatState {
  air: number
  modes: Float64Array
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
  /** @param into takes the modes at the end; another than those it begins with */
  step: (from: HeatState, drive: Drive, plant: Plant, length: number, into: Float64Array) => HeatStep
  /** Room for the modes of a state. */
  room: () => Float64Array
  /** Heat that the air gets at this moment without the plant, W. */
  heatToAir: (state: HeatState, drive: Drive) => number
  /** Heat stored against another state, J. */
  stored: (state: HeatState, than: HeatState) => number
  /** All at one temperature, °C. */
  even: (temperature: number) => HeatState
  /** Puts a face's innermost and outermost cell into `ends`, °C. @returns false where it has no cells */
  surfaces: (state: HeatState, face: number, ends: Float64Array) => boolean
}

/** Of so many lengths of step the sums are kept. */
const KEPT = 4

/**
 * Steps of chains that one air joins: their modes hang on nothing but it, so that a step is sums over the modes, five divisions for the air
 * in its stages, and sums again.
 * @param capacity of the air and what goes with it, J/K
 */
export function stepperOf(chains: readonly Chain[], capacity: number): Stepper {
  const modes = modesOf(chains)
  const { first, air: toAir, inner, outer, heat: asHeat } = modes
  const [all, faces] = [modes.rate.length, chains.length]
  // A face without cells passes heat straight through.
  const massless = chains.map(({ capacities }) => capacities.length === 0)
  const inLinks = Float64Array.from(chains, ({ links }) => links[0]!)
  const outLinks = Float64Array.from(chains, ({ links }) => links.at(-1)!)
  const allLinks = inLinks.reduce((sum, link) => sum + link, 0)
  const known = new Map<number, StageSums>()
  const passing = emptySums(modes)
  const stages = () => new Float64Array(S)
  const [airs, rises, drives, gives] = [stages(), stages(), stages(), new Float64Array(S + 1)]

  function sumsOf(length: number): StageSums {
    const found = known.get(length)
    if (found) return found
    // Steps are of few lengths, but where they are cut short; those are not worth keeping.
    const sums = known.size < KEPT ? emptySums(modes) : passing
    fillSums(sums, modes, length)
    if (sums !== passing) known.set(length, sums)
    return sums
  }

  /** Of faces without cells, W for the outside of each. */
  function straight(outside: Float64Array): number {
    let heat = 0
    for (let f = 0; f < faces; f++) if (massless[f]) heat += inLinks[f]! * outside[f]!
    return heat
  }

  function heatToAir({ air, modes: strong }: HeatState, { outside, direct, directHeat, gains }: Drive): number {
    let heat = directHeat + gains + straight(outside) - (direct + allLinks) * air
    for (let i = 0; i < all; i++) heat += toAir[i]! * strong[i]!
    return heat
  }

  function step(from: HeatState, drive: Drive, plant: Plant, length: number, into: Float64Array): HeatStep {
    const sums = sumsOf(length)
    const { outside, direct, directHeat, gains } = drive
    const { airByAir, airByOutside, outsideByAir, outsideByOutside } = sums
    const strong = from.modes
    const held = plant === "held"
    giveOf(modes, sums, strong, gives)
    const part = GAMMA * length
    const given = directHeat + gains + straight(outside)
    let [power, meanAir] = [0, 0]
    drives.fill(0)
    for (let s = 0; s < S; s++) {
      const o = s * S
      let get = given
      for (let k = 0; k < S; k++) get += OWN_POWERS[o + k]! * gives[k]!
      for (let f = 0, at = s * faces; f < faces; f++, at++) get += airByOutside[at]! * outside[f]!
      const row = STAGES[s]!
      let base = from.air
      for (let j = 0; j < s; j++) {
        get += airByAir[o + j]! * airs[j]!
        base += row[j]! * length * rises[j]!
      }
      const loses = direct + allLinks - airByAir[o + s]!
      airs[s] = held ? from.air : ((capacity / part) * base + get + plant.power) / (capacity / part + loses)
      rises[s] = held ? 0 : (airs[s]! - base) / part
      power += WEIGHTS[s]! * (held ? loses * from.air - get : plant.power)
      meanAir += WEIGHTS[s]! * airs[s]!
    }
    // Heat is summed with the weights of the method itself, so that nothing is lost between the sums.
    let heat = directHeat + gains - direct * meanAir - gives[S]!
    for (let f = 0; f < faces; f++) heat += outLinks[f]! * (outside[f]! - (massless[f] ? meanAir : 0)) - outsideByOutside[f]! * outside[f]!
    for (let j = 0; j < S; j++) {
      heat -= outsideByAir[j]! * airs[j]!
      for (let k = 0; k < S; k++) drives[k]! += length * DRIVEN_POWERS[((S - 1) * S + j) * S + k]! * airs[j]!
    }
    carry(modes, sums, strong, outside, drives, into)
    return { state: { air: airs[S - 1]!, modes: into }, plant: power, heat: heat * length }
  }

  const stored = (state: HeatState, than: HeatState): number =>
    asHeat.reduce((heat, one, i) => heat + one * (state.modes[i]! - than.modes[i]!), capacity * (state.air - than.air))

  // Heat is Σ √C·V·z: at one temperature each mode is as strong as its heat for a kelvin.
  const even = (temperature: number): HeatState => ({ air: temperature, modes: asHeat.map((one) => one * temperature) })

  function surfaces({ modes: strong }: HeatState, face: number, ends: Float64Array): boolean {
    let [inmost, outmost] = [0, 0]
    for (let i = first[face]!; i < first[face + 1]!; i++) {
      inmost += inner[i]! * strong[i]!
      outmost += outer[i]! * strong[i]!
    }
    ends[0] = inmost
    ends[1] = outmost
    return !massless[face]
  }

  return { step, room: () => new Float64Array(all), heatToAir, stored, even, surfaces }
}

/** What modes give to the air, by powers of how they are damped, and last what to the outside in the mean of a step, W. */
function giveOf({ air }: Modes, { damped, toOutside }: StageSums, strong: Float64Array, gives: Float64Array): void {
  let [g0, g1, g2, g3, g4, gone] = [0, 0, 0, 0, 0, 0]
  for (let i = 0; i < strong.length; i++) {
    const z = strong[i]!
    const d = damped[i]!
    let give = air[i]! * z * d
    g0 += give
    give *= d
    g1 += give
    give *= d
    g2 += give
    give *= d
    g3 += give
    g4 += give * d
    gone += toOutside[i]! * z
  }
  gives.set([g0, g1, g2, g3, g4, gone])
}

/** Modes at a step's end: what is kept, what comes from outside, and from the air by powers of how they are damped. */
function carry(
  { first, air }: Modes,
  { damped, kept, byOutside }: StageSums,
  strong: Float64Array,
  outside: Float64Array,
  drives: Float64Array,
  into: Float64Array,
): void {
  const [d0, d1, d2, d3, d4] = [drives[0]!, drives[1]!, drives[2]!, drives[3]!, drives[4]!]
  for (let f = 0; f < outside.length; f++) {
    const beyond = outside[f]!
    for (let i = first[f]!, end = first[f + 1]!; i < end; i++) {
      const d = damped[i]!
      into[i] = kept[i]! * strong[i]! + byOutside[i]! * beyond + air[i]! * d * (d0 + d * (d1 + d * (d2 + d * (d3 + d * d4))))
    }
  }
}
