import { isoSaturation } from "../air/iso-saturation"
import { VAPOUR_GAS_CONSTANT, ZERO_CELSIUS } from "../quantity/constants"
import { readVapour, readWater, type Stuff } from "./stuff"
import { read, type Reading } from "./table"

/** Heat that a kelvin takes in water, J/(kg·K). @see EN 15026:2007, 5.2 */
export const WATER_HEAT = 4180
/** s = −SUCTION·T·ln φ, Pa, T in K. @see EN 15026:2007, 5.3 (Kelvin) */
export const SUCTION = 1000 * VAPOUR_GAS_CONSTANT

/** °C below which all that could move in pores is ice; from 0 °C down it goes over, so that no step meets a jump. */
const FROZEN = -0.1

/** What each cell is at its humidity φ and temperature, and how that changes with them. */
export interface Cells {
  /** Pa of vapour, by φ, by K */
  pressure: Float64Array
  pressureSlope: Float64Array
  pressureByT: Float64Array
  /** Pa of suction, by φ, by K; only of cells that lead liquid */
  suction: Float64Array
  suctionSlope: Float64Array
  suctionByT: Float64Array
  /** kg/m³, by φ; and J/(m³·K) */
  water: Float64Array
  waterSlope: Float64Array
  capacity: Float64Array
  /** kg/(m·s·Pa) for vapour, W/(m·K), kg/(m·s·Pa) for liquid, each by φ */
  vapour: Float64Array
  vapourSlope: Float64Array
  heat: Float64Array
  heatSlope: Float64Array
  liquid: Float64Array
  liquidSlope: Float64Array
  /** What of its liquid can move, 1 down to 0 in ice, by K; only of cells that lead liquid */
  thawed: Float64Array
  thawedByT: Float64Array
}

/** Room for so many cells. */
export function cellsOf(count: number): Cells {
  const room = () => new Float64Array(count)
  return {
    ...{ pressure: room(), pressureSlope: room(), pressureByT: room() },
    ...{ suction: room(), suctionSlope: room(), suctionByT: room() },
    ...{ water: room(), waterSlope: room(), capacity: room() },
    ...{ vapour: room(), vapourSlope: room(), heat: room(), heatSlope: room(), liquid: room(), liquidSlope: room() },
    ...{ thawed: room(), thawedByT: room() },
  }
}

/** How saturation changes with temperature, Pa/K. */
const saturationSlope = (temperature: number, saturation: number): number =>
  temperature >= 0 ? (saturation * 17.269 * 237.3) / (237.3 + temperature) ** 2 : (saturation * 21.875 * 265.5) / (265.5 + temperature) ** 2

// Read into again and again: millions of readings make nothing new.
const held: Reading = { value: 0, slope: 0 }
const found: Reading = { value: 0, slope: 0 }

/** Brings a cell to a humidity and a temperature. */
export function setCell(cells: Cells, i: number, stuff: Stuff, humidity: number, temperature: number): void {
  const saturation = isoSaturation(temperature)
  cells.pressure[i] = humidity * saturation
  cells.pressureSlope[i] = saturation
  cells.pressureByT[i] = humidity * saturationSlope(temperature, saturation)
  readWater(stuff, humidity, held)
  cells.water[i] = held.value
  cells.waterSlope[i] = held.slope
  cells.capacity[i] = stuff.dry + WATER_HEAT * held.value
  readVapour(stuff, humidity, held, found)
  cells.vapour[i] = found.value
  cells.vapourSlope[i] = found.slope
  read(stuff.conductivity, held.value, found)
  cells.heat[i] = found.value
  cells.heatSlope[i] = found.slope * held.slope
  if (!stuff.liquid) return
  const logarithm = Math.log(humidity)
  const kelvins = temperature + ZERO_CELSIUS
  cells.suction[i] = -SUCTION * kelvins * logarithm
  cells.suctionSlope[i] = (-SUCTION * kelvins) / humidity
  cells.suctionByT[i] = -SUCTION * logarithm
  read(stuff.liquid, held.value, found)
  cells.liquid[i] = found.value
  cells.liquidSlope[i] = found.slope * held.slope
  cells.thawed[i] = thawedAt(temperature)
  cells.thawedByT[i] = temperature < 0 && temperature > FROZEN ? -1 / FROZEN : 0
}

/**
 * What of the liquid in pores can move: frozen pores lead none.
 * @see Künzel, Simultaneous heat and moisture transport in building components (1995), 2.3.3
 */
export const thawedAt = (temperature: number): number => Math.min(1, Math.max(0, 1 - temperature / FROZEN))
