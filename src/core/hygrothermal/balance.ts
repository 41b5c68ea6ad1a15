import { cellsOf, type Cells, setCell, WATER_HEAT } from "./cells"
import { flowBetween, flowIntoFace, LATENT } from "./flows"
import type { Leaking } from "./leak"
import type { Mesh } from "./mesh"
import type { Before, Side } from "./side"

/** Humidity 0…1 and temperature, °C, of each cell. */
export interface HygroState {
  humidity: Float64Array
  temperature: Float64Array
}

/** What lies before both faces at one time, and what air leaks to which cells. */
export interface Around {
  outside: Before
  inside: Before
  leaks: readonly Leaking[]
}

/** Both balances of every cell: what is not yet right of them, how that changes with each cell, and what goes through the two faces. */
export interface Balances {
  /** Brings it all to a state; what goes through the faces is of this moment. */
  evaluate: (state: HygroState, around: Around, length: number, waters: Float64Array, temperatures: Float64Array) => void
  cells: Cells
  /** Of each cell: kg/m³ and J/m³ too much. */
  residual: Float64Array
  /** 2×2 blocks: to the cell before, of the cell, to the cell after. */
  lower: Float64Array
  middle: Float64Array
  upper: Float64Array
  /** Into the outdoor face kg/(m²·s) and W/m², into the indoor face the same. */
  into: Float64Array
  /** kg/(m²·s) that leaking air brings */
  brought: number
  /** kg/(m²·s) of rain that ran off */
  ranOff: number
}

/**
 * The balances of water and heat of cells over a part of a step of so many s, at its end.
 * @see EN 15026:2007, 5.2 (heat), 5.3 (moisture)
 */
export function balancesOf(mesh: Mesh, outer: Side, inner: Side): Balances {
  const { widths, stuffs } = mesh
  const count = widths.length
  const cells = cellsOf(count)
  const { water, waterSlope, capacity } = cells
  const room = (size: number) => new Float64Array(size)
  const [residual, lower, middle, upper] = [room(2 * count), room(4 * count), room(4 * count), room(4 * count)]
  const flow = room(10)

  /** What each cell has gathered, and how that follows its φ and T. */
  function gather(temperature: Float64Array, waters: Float64Array, temperatures: Float64Array): void {
    for (let i = 0; i < count; i++) {
      const rise = temperature[i]! - temperatures[i]!
      residual[2 * i] = water[i]! - waters[i]!
      residual[2 * i + 1] = capacity[i]! * rise
      middle[4 * i] = waterSlope[i]!
      middle[4 * i + 1] = 0
      middle[4 * i + 2] = WATER_HEAT * waterSlope[i]! * rise
      middle[4 * i + 3] = capacity[i]!
    }
  }

  /** Takes what goes from cell a to the next off the one, and gives it to the other. */
  function pass(a: number, length: number): void {
    const alongA = length / widths[a]!
    const alongB = length / widths[a + 1]!
    for (let row = 0; row < 2; row++) {
      const at = 5 * row
      const own = 4 * a + 2 * row
      residual[2 * a + row]! += alongA * flow[at]!
      residual[2 * a + 2 + row]! -= alongB * flow[at]!
      middle[own]! += alongA * flow[at + 1]!
      middle[own + 1]! += alongA * flow[at + 2]!
      upper[own] = alongA * flow[at + 3]!
      upper[own + 1] = alongA * flow[at + 4]!
      lower[own + 4] = -alongB * flow[at + 1]!
      lower[own + 5] = -alongB * flow[at + 2]!
      middle[own + 4]! -= alongB * flow[at + 3]!
      middle[own + 5]! -= alongB * flow[at + 4]!
    }
  }

  /** Gives what comes through a face to the cell behind it. */
  function enter(i: number, face: 0 | 1, length: number): void {
    const along = length / widths[i]!
    for (let row = 0; row < 2; row++) {
      residual[2 * i + row]! -= along * flow[3 * row]!
      middle[4 * i + 2 * row]! -= along * flow[3 * row + 1]!
      middle[4 * i + 2 * row + 1]! -= along * flow[3 * row + 2]!
      balances.into[2 * face + row] = flow[3 * row]!
    }
    balances.ranOff += flow[6]!
  }

  /** Gives a cell what leaking air brings, with its latent heat. */
  function leakInto({ cell, transfer, pressure }: Leaking, length: number): void {
    const along = length / widths[cell]!
    const flow = transfer * (pressure - cells.pressure[cell]!)
    for (let row = 0; row < 2; row++) {
      const heat = row === 0 ? 1 : LATENT
      residual[2 * cell + row]! -= along * heat * flow
      middle[4 * cell + 2 * row]! += along * heat * transfer * cells.pressureSlope[cell]!
      middle[4 * cell + 2 * row + 1]! += along * heat * transfer * cells.pressureByT[cell]!
    }
    balances.brought += flow
  }

  const balances: Balances = {
    ...{ cells, residual, lower, middle, upper, into: room(4), brought: 0, ranOff: 0 },
    evaluate({ humidity, temperature }, { outside, inside, leaks }, length, waters, temperatures) {
      for (let i = 0; i < count; i++) setCell(cells, i, stuffs[i]!, humidity[i]!, temperature[i]!)
      gather(temperature, waters, temperatures)
      for (let a = 0; a + 1 < count; a++) {
        flowBetween(mesh, cells, a, a + 1, temperature, flow)
        pass(a, length)
      }
      // What lies before the first cell and behind the last is no cell.
      lower.fill(0, 0, 4)
      upper.fill(0, 4 * count - 4)
      const last = count - 1
      balances.ranOff = 0
      flowIntoFace(mesh, cells, 0, outer, outside, humidity[0]!, temperature[0]!, flow)
      enter(0, 0, length)
      flowIntoFace(mesh, cells, last, inner, inside, humidity[last]!, temperature[last]!, flow)
      enter(last, 1, length)
      balances.brought = 0
      for (const leak of leaks) leakInto(leak, length)
    },
  }
  return balances
}
