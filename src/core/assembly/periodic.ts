import { type Complex, magnitude, over, plus, times } from "../numeric/complex"
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
  const resistance =
    rsi + rse + sum(layers.map((layer) => ("resistance" in layer ? layer.resistance : layer.thickness / layer.conductivity)))
  if (resistance === 0)
    throw new InputError("no-resistance", ["layers"], "Neither layers nor surfaces resist heat: give one of them a resistance.")
  const { matrix, logarithm } = [massless(rse), ...layers.map((layer) => layerMatrix(layer, period)), massless(rsi)].reduce(product)
  const [z11, z12, , z22] = matrix
  // What the matrix was divided by, so that thick layers overflow nothing: 1/Z12 fades to nothing with it.
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

/** A heat transfer matrix, row by row, divided by e to a power that is kept beside it. */
interface Scaled {
  matrix: readonly [Complex, Complex, Complex, Complex]
  logarithm: number
}

const massless = (resistance: number): Scaled => ({
  matrix: [
    [1, 0],
    [-resistance, 0],
    [0, 0],
    [1, 0],
  ],
  logarithm: 0,
})

/** @see ISO 13786:2017, 7.2: cosh, sinh, cos and sin of thickness over penetration depth, here divided by e^ξ */
function layerMatrix(layer: PeriodicLayer, period: number): Scaled {
  if ("resistance" in layer) return massless(layer.resistance)
  const { thickness, conductivity, density, specificHeat } = layer
  const depth = Math.sqrt((conductivity * period) / (Math.PI * density * specificHeat))
  const xi = thickness / depth
  const fade = Math.exp(-2 * xi)
  const [cosh, sinh, cos, sin] = [(1 + fade) / 2, (1 - fade) / 2, Math.cos(xi), Math.sin(xi)]
  const diagonal: Complex = [cosh * cos, sinh * sin]
  const a = sinh * cos + cosh * sin
  // In thin layers the two nearly cancel: there by their series, 2ξ³/3 and no more before ξ⁷.
  const b = xi < 0.01 ? ((2 * xi ** 3) / 3) * Math.exp(-xi) : cosh * sin - sinh * cos
  const half = depth / (2 * conductivity)
  return { matrix: [diagonal, [-half * a, -half * b], [b / (2 * half), -a / (2 * half)], diagonal], logarithm: xi }
}

function product(left: Scaled, right: Scaled): Scaled {
  const [[a, b, c, d], [e, f, g, h]] = [left.matrix, right.matrix]
  return {
    matrix: [
      plus(times(a, e), times(b, g)),
      plus(times(a, f), times(b, h)),
      plus(times(c, e), times(d, g)),
      plus(times(c, f), times(d, h)),
    ],
    logarithm: left.logarithm + right.logarithm,
  }
}
