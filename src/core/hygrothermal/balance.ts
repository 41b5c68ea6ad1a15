import { isoSaturation } from "../air/iso-saturation"
import { VAPOUR_GAS_CONSTANT, ZERO_CELSIUS } from "../quantity/constants"
import type { Mesh } from "./mesh"
import type { Before, Side } from "./side"
import { readVapour, readWater } from "./stuff"
import { read, type Reading } from "./table"

/** Humidity 0…1 and temperature, °C, of each cell. */
export interface HygroState {
  humidity: Float64Array
  temperature: Float64Array
}

/** Heat that goes with vapour, J/kg, and that a kelvin takes in water, J/(kg·K). @see EN 15026:2007, 5 */
const [LATENT, WATER_HEAT] = [2.5e6, 4180] as const
/** s = −SUCTION·T·ln φ, Pa, T in K. @see EN 15026:2007, eq. 9 (Kelvin) */
const SUCTION = 1000 * VAPOUR_GAS_CONSTANT
/** No face is drier: its suction would have no end. */
const DRIEST = 1e-6
/** Over so much under saturation a face takes rain less and less. */
const NEARLY_FULL = 1e-3

/** How saturation changes with temperature, Pa/K. */
const saturationSlope = (temperature: number, saturation: number): number =>
  temperature >= 0 ? (saturation * 17.269 * 237.3) / (237.3 + temperature) ** 2 : (saturation * 21.875 * 265.5) / (265.5 + temperature) ** 2

/** Both balances of every cell: what is not yet right of them, how that changes with each cell, and what goes through the two faces. */
export interface Balances {
  /** Brings it all to a state; what goes through the faces is of this moment. */
  evaluate: (state: HygroState, outside: Before, inside: Before, length: number, waters: Float64Array, temperatures: Float64Array) => void
  /** Of each cell: kg/m³ and J/m³ too much. */
  residual: Float64Array
  /** 2×2 blocks: to the cell before, of the cell, to the cell after. */
  lower: Float64Array
  middle: Float64Array
  upper: Float64Array
  /** kg/m³ and J/(m³·K) of each cell */
  water: Float64Array
  capacity: Float64Array
  /** Into the outdoor face kg/(m²·s) and W/m², into the indoor face the same. */
  into: Float64Array
  /** kg/(m²·s) of rain that ran off */
  ranOff: number
}

/** What goes from one cell to the next, with how it changes with φ and T of the first and of the second. */
const FLOWS = 10

/**
 * The balances of water and heat of cells over a part of a step of so many s, at its end.
 * @see EN 15026:2007, 5.2 (heat), 5.3 (moisture)
 */
export function balancesOf({ widths, stuffs, layers }: Mesh, outer: Side, inner: Side): Balances {
  const count = widths.length
  const make = (size = count) => new Float64Array(size)
  const [pressure, pressureSlope, pressureByT] = [make(), make(), make()]
  const [suction, suctionSlope, suctionByT] = [make(), make(), make()]
  const [water, waterSlope, capacity] = [make(), make(), make()]
  const [vapour, vapourSlope, heat, heatSlope, liquid, liquidSlope] = [make(), make(), make(), make(), make(), make()]
  const [residual, lower, middle, upper] = [make(2 * count), make(4 * count), make(4 * count), make(4 * count)]
  const flow = make(FLOWS)

  const held: Reading = { value: 0, slope: 0 }
  const found: Reading = { value: 0, slope: 0 }

  function cellAt(i: number, humidity: number, temperature: number): void {
    const stuff = stuffs[i]!
    const saturation = isoSaturation(temperature)
    pressure[i] = humidity * saturation
    pressureSlope[i] = saturation
    pressureByT[i] = humidity * saturationSlope(temperature, saturation)
    readWater(stuff, humidity, held)
    water[i] = held.value
    waterSlope[i] = held.slope
    capacity[i] = stuff.dry + WATER_HEAT * held.value
    readVapour(stuff, humidity, held, found)
    vapour[i] = found.value
    vapourSlope[i] = found.slope
    read(stuff.conductivity, held.value, found)
    heat[i] = found.value
    heatSlope[i] = found.slope * held.slope
    if (!stuff.liquid) return
    const logarithm = Math.log(humidity)
    const kelvins = temperature + ZERO_CELSIUS
    suction[i] = -SUCTION * kelvins * logarithm
    suctionSlope[i] = (-SUCTION * kelvins) / humidity
    suctionByT[i] = -SUCTION * logarithm
    read(stuff.liquid, held.value, found)
    liquid[i] = found.value
    liquidSlope[i] = found.slope * held.slope
  }

  /** Puts into `flow`: water and heat from cell a to b, and how each changes with φ and T of a and of b. */
  function between(a: number, b: number, temperature: Float64Array): void {
    const halfA = widths[a]! / 2
    const halfB = widths[b]! / 2
    // Vapour, through half of each cell.
    const g = 1 / (halfA / vapour[a]! + halfB / vapour[b]!)
    const drop = pressure[a]! - pressure[b]!
    const byVapourA = drop * g * g * (halfA / vapour[a]! ** 2) * vapourSlope[a]!
    const byVapourB = drop * g * g * (halfB / vapour[b]! ** 2) * vapourSlope[b]!
    const gv = g * drop
    const gvPhiA = g * pressureSlope[a]! + byVapourA
    const gvTA = g * pressureByT[a]!
    const gvPhiB = -g * pressureSlope[b]! + byVapourB
    const gvTB = -g * pressureByT[b]!
    // Heat, with that of the vapour.
    const h = 1 / (halfA / heat[a]! + halfB / heat[b]!)
    const fall = temperature[a]! - temperature[b]!
    flow[5] = h * fall + LATENT * gv
    flow[6] = fall * h * h * (halfA / heat[a]! ** 2) * heatSlope[a]! + LATENT * gvPhiA
    flow[7] = h + LATENT * gvTA
    flow[8] = fall * h * h * (halfB / heat[b]! ** 2) * heatSlope[b]! + LATENT * gvPhiB
    flow[9] = -h + LATENT * gvTB
    flow[0] = gv
    flow[1] = gvPhiA
    flow[2] = gvTA
    flow[3] = gvPhiB
    flow[4] = gvTB
    if (stuffs[a]!.liquid && stuffs[b]!.liquid && (liquid[a]! > 0 || liquid[b]! > 0)) liquidBetween(a, b, halfA, halfB)
  }

  /** Adds the liquid: within a layer by the mean of both cells, across a joint through half of each. */
  function liquidBetween(a: number, b: number, halfA: number, halfB: number): void {
    const rise = suction[b]! - suction[a]!
    let k = 0
    let byA = 0
    let byB = 0
    if (layers[a] === layers[b]) {
      const length = halfA + halfB
      const shareA = halfB / length / length
      const shareB = halfA / length / length
      k = shareA * liquid[a]! + shareB * liquid[b]!
      byA = shareA * liquidSlope[a]!
      byB = shareB * liquidSlope[b]!
    } else if (liquid[a]! > 0 && liquid[b]! > 0) {
      k = 1 / (halfA / liquid[a]! + halfB / liquid[b]!)
      byA = k * k * (halfA / liquid[a]! ** 2) * liquidSlope[a]!
      byB = k * k * (halfB / liquid[b]! ** 2) * liquidSlope[b]!
    }
    flow[0]! += k * rise
    flow[1]! += -k * suctionSlope[a]! + rise * byA
    flow[2]! += -k * suctionByT[a]!
    flow[3]! += k * suctionSlope[b]! + rise * byB
    flow[4]! += k * suctionByT[b]!
  }

  /** Takes what comes into cell i from the air before it off its balances. */
  function intoFace(i: number, side: 0 | 1, length: number, phi: number, temperature: number, before: Before): void {
    const { heatTransfer, vapourTransfer } = side === 0 ? outer : inner
    const stuff = stuffs[i]!
    const half = widths[i]! / 2
    const toVapour = half / vapour[i]!
    const toHeat = half / heat[i]!
    const g = vapourTransfer === 0 ? 0 : 1 / (1 / vapourTransfer + toVapour)
    const drop = before.humidity * isoSaturation(before.temperature) - pressure[i]!
    const gv = g * drop
    const gvPhi = -g * pressureSlope[i]! + drop * g * g * (toVapour / vapour[i]!) * vapourSlope[i]!
    const gvT = -g * pressureByT[i]!
    const h = heatTransfer === 0 ? 0 : 1 / (1 / heatTransfer + toHeat)
    const fall = before.temperature - temperature
    // What the face takes up goes on into it and back to the air, by both resistances.
    const share = heatTransfer === Infinity ? 0 : 1 / (1 + heatTransfer * toHeat)
    const shareSlope = heatTransfer === Infinity ? 0 : share * share * heatTransfer * (toHeat / heat[i]!) * heatSlope[i]!
    let w = gv
    let wPhi = gvPhi
    let wT = gvT
    if (vapourTransfer === Infinity && stuff.liquid) {
      const humidity = Math.max(DRIEST, before.humidity)
      readWater(stuff, humidity, held)
      read(stuff.liquid, held.value, found)
      const k = (found.value + liquid[i]!) / 2 / half
      const follows = heatTransfer === Infinity ? 0 : SUCTION * Math.log(humidity)
      const face = heatTransfer === Infinity ? before.temperature : temperature
      const rise = suction[i]! + SUCTION * (face + ZERO_CELSIUS) * Math.log(humidity)
      w += k * rise
      wPhi += k * suctionSlope[i]! + (rise * liquidSlope[i]!) / 2 / half
      wT += k * (suctionByT[i]! + follows)
    }
    if (before.rain > 0) {
      const room = Math.min(1, Math.max(0, (1 - phi) / NEARLY_FULL))
      w += before.rain * room
      if (room > 0 && room < 1) wPhi -= before.rain / NEARLY_FULL
      balances.ranOff += before.rain * (1 - room)
    }
    const q = h * fall + share * before.absorbed + LATENT * gv
    const along = length / widths[i]!
    residual[2 * i]! -= along * w
    residual[2 * i + 1]! -= along * q
    middle[4 * i]! -= along * wPhi
    middle[4 * i + 1]! -= along * wT
    middle[4 * i + 2]! -= along * (fall * h * h * (toHeat / heat[i]!) * heatSlope[i]! + before.absorbed * shareSlope + LATENT * gvPhi)
    middle[4 * i + 3]! -= along * (LATENT * gvT - h)
    balances.into[2 * side] = w
    balances.into[2 * side + 1] = q
  }

  const balances: Balances = {
    residual,
    lower,
    middle,
    upper,
    water,
    capacity,
    into: make(4),
    ranOff: 0,
    evaluate({ humidity, temperature }, outside, inside, length, waters, temperatures) {
      for (let i = 0; i < count; i++) cellAt(i, humidity[i]!, temperature[i]!)
      lower.fill(0)
      upper.fill(0)
      for (let i = 0; i < count; i++) {
        const rise = temperature[i]! - temperatures[i]!
        residual[2 * i] = water[i]! - waters[i]!
        residual[2 * i + 1] = capacity[i]! * rise
        middle[4 * i] = waterSlope[i]!
        middle[4 * i + 1] = 0
        middle[4 * i + 2] = WATER_HEAT * waterSlope[i]! * rise
        middle[4 * i + 3] = capacity[i]!
      }
      for (let a = 0; a + 1 < count; a++) {
        between(a, a + 1, temperature)
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
      const last = count - 1
      balances.ranOff = 0
      intoFace(0, 0, length, humidity[0]!, temperature[0]!, outside)
      intoFace(last, 1, length, humidity[last]!, temperature[last]!, inside)
    },
  }
  return balances
}
