import { type Complex, magnitude, over, plus } from "../numeric/complex"
import { sum } from "../numeric/sum"
import { InputError } from "../../schema/outcome"

/** A layer that stores heat, or one that only resists it. */
export type PeriodicLayer = { thickness: number; conductivity: number; density: number; specificHeat: number } | { resistance: number }

/** How a build-up answers to temperatures that swing as a sine: magnitudes, SI. */
export interface PeriodicFigures {
  uValue: number
  periodicTransmittance: number
  /** Share of the steady flow that comes through, 0…1. */
  decrement: number
  /** By which the inside lags, s. */
  timeShift: number
  admittanceInside: number
  admittanceOutside: number
  /** Heat that a square metre takes up and gives back, J/(m²·K). */
  arealCapacityInside: number
  arealCapacityOutside: number
}

/**
 * Dynamic thermal characteristics of a build-up: [θ₂, q₂] = Z·[θ₁, q₁], side 1 inside, side 2 outside, films in Z.
 * @param layers outside to inside
 * @param period s
 * @param rsi, rse surface resistances, m²·K/W
 * @throws InputError `no-resistance` where nothing resists at all
 * @see ISO 13786:2017, clauses 7 and 8
 */
export function periodicFigures(layers: readonly PeriodicLayer[], period: number, rsi: number, rse: number): PeriodicFigures {
  const resistance = rsi + rse + resistanceOf(layers)
  if (resistance === 0)
    throw new InputError("no-resistance", ["layers"], "Neither layers nor surfaces resist heat: give one of them a resistance.")
  const { entries, logarithm } = transferMatrix(layers, period, rsi, rse)
  const [z11, z12, , z22] = [0, 1, 2, 3].map((i): Complex => [entries[2 * i]!, entries[2 * i + 1]!]) as [Complex, Complex, Complex, Complex]
  // What the matrix was divided by: 1/Z12 fades to nothing with it.
  const shrink = Math.exp(-logarithm)
  const through = shrink / magnitude(z12)
  const lag = (Math.atan2(-z12[1], -z12[0]) + 2 * Math.PI) % (2 * Math.PI)
  const capacity = (z: Complex) => ((period / (2 * Math.PI)) * magnitude(plus(z, [-shrink, 0]))) / magnitude(z12)
  return {
    uValue: 1 / resistance,
    periodicTransmittance: through,
    decrement: through * resistance,
    timeShift: (period / (2 * Math.PI)) * lag,
    admittanceInside: magnitude(over(z11, z12)),
    admittanceOutside: magnitude(over(z22, z12)),
    arealCapacityInside: capacity(z11),
    arealCapacityOutside: capacity(z22),
  }
}

/** Resistance of layers at rest, films left out, m²·K/W. */
export const resistanceOf = (layers: readonly PeriodicLayer[]): number =>
  sum(layers.map((layer) => ("resistance" in layer ? layer.resistance : layer.thickness / layer.conductivity)))

/** A heat transfer matrix divided by e to a power that is kept beside it, so that thick layers overflow nothing. */
export interface TransferMatrix {
  /** Z11, Z12, Z21, Z22, each its real and its imaginary part. */
  entries: Float64Array
  logarithm: number
}

/**
 * [θ₂, q₂] = Z·[θ₁, q₁] of a build-up with its films for temperatures that swing as a sine, side 1 inside, side 2 outside, heat from 1 to 2.
 * @param layers outside to inside
 * @param period s
 * @param rsi, rse surface resistances, m²·K/W
 * @see ISO 13786:2017, 7.2 (layers) and 7.3 (their product)
 */
export function transferMatrix(layers: readonly PeriodicLayer[], period: number, rsi: number, rse: number): TransferMatrix {
  const entries = Float64Array.of(1, 0, 0, 0, 0, 0, 1, 0)
  let logarithm = 0
  throughResistance(entries, rse)
  for (const layer of layers)
    if ("resistance" in layer) throughResistance(entries, layer.resistance)
    else logarithm += throughLayer(entries, layer, period)
  throughResistance(entries, rsi)
  return { entries, logarithm }
}

/** Z · [1, −R; 0, 1] */
function throughResistance(entries: Float64Array, resistance: number): void {
  for (const row of [0, 4]) {
    entries[row + 2]! -= resistance * entries[row]!
    entries[row + 3]! -= resistance * entries[row + 1]!
  }
}

/**
 * Z · [d, −u; −v, d] of a layer that stores heat.
 * @returns ξ: it is divided by e^ξ
 * @see ISO 13786:2017, 7.2: cosh, sinh, cos and sin of thickness over penetration depth
 */
function throughLayer(entries: Float64Array, layer: Exclude<PeriodicLayer, { resistance: number }>, period: number): number {
  const { thickness, conductivity, density, specificHeat } = layer
  const depth = Math.sqrt((conductivity * period) / (Math.PI * density * specificHeat))
  const inDepths = thickness / depth
  const fade = Math.exp(-2 * inDepths)
  const [cosh, sinh, cos, sin] = [(1 + fade) / 2, (1 - fade) / 2, Math.cos(inDepths), Math.sin(inDepths)]
  const [dr, di] = [cosh * cos, sinh * sin]
  const a = sinh * cos + cosh * sin
  // In thin layers the two nearly cancel: there by their series, 2ξ³/3 and no more before ξ⁷.
  const b = inDepths < 0.01 ? ((2 * inDepths ** 3) / 3) * Math.exp(-inDepths) : cosh * sin - sinh * cos
  const half = depth / (2 * conductivity)
  const [ur, ui, vr, vi] = [half * a, half * b, -b / (2 * half), a / (2 * half)]
  for (const row of [0, 4]) {
    const [xr, xi, yr, yi] = [entries[row]!, entries[row + 1]!, entries[row + 2]!, entries[row + 3]!]
    entries[row] = xr * dr - xi * di - (yr * vr - yi * vi)
    entries[row + 1] = xr * di + xi * dr - (yr * vi + yi * vr)
    entries[row + 2] = yr * dr - yi * di - (xr * ur - xi * ui)
    entries[row + 3] = yr * di + yi * dr - (xr * ui + xi * ur)
  }
  return inDepths
}
