import { isoSaturation } from "../air/iso-saturation"
import { ZERO_CELSIUS } from "../quantity/constants"
import { type Cells, SUCTION, thawedAt } from "./cells"
import type { Mesh } from "./mesh"
import type { Before, Side } from "./side"
import { readWater, type Stuff } from "./stuff"
import { read } from "./table"

/** Heat that goes with vapour, J/kg. @see EN 15026:2007, 5.2 */
export const LATENT = 2.5e6
/** No face is drier: its suction would have no end. */
const DRIEST = 1e-6
/** Over so much under saturation a face takes rain less and less. */
const NEARLY_FULL = 1e-3

/**
 * Puts into `flow` the water that goes from cell a to the next cell b, kg/(m²·s), and how it changes with φ and T of a and of b; then the same
 * of heat, W/m².
 */
export function flowBetween(
  { widths, stuffs, layers }: Mesh,
  cells: Cells,
  a: number,
  b: number,
  temperature: Float64Array,
  flow: Float64Array,
): void {
  const { pressure, pressureSlope, pressureByT, vapour, vapourSlope, heat, heatSlope } = cells
  const halfA = widths[a]! / 2
  const halfB = widths[b]! / 2
  // Vapour, through half of each cell.
  const inRow = halfA * vapour[b]! + halfB * vapour[a]!
  // Where neither lets any vapour through none goes; where one does not, its way may still open.
  const g = inRow > 0 ? (vapour[a]! * vapour[b]!) / inRow : 0
  const drop = pressure[a]! - pressure[b]!
  const gv = g * drop
  const byVapour = inRow > 0 ? drop / inRow ** 2 : 0
  const gvPhiA = g * pressureSlope[a]! + byVapour * halfA * vapour[b]! ** 2 * vapourSlope[a]!
  const gvPhiB = -g * pressureSlope[b]! + byVapour * halfB * vapour[a]! ** 2 * vapourSlope[b]!
  const gvTA = g * pressureByT[a]!
  const gvTB = -g * pressureByT[b]!
  // Heat, with that of the vapour.
  const h = 1 / (halfA / heat[a]! + halfB / heat[b]!)
  const fall = temperature[a]! - temperature[b]!
  flow[0] = gv
  flow[1] = gvPhiA
  flow[2] = gvTA
  flow[3] = gvPhiB
  flow[4] = gvTB
  flow[5] = h * fall + LATENT * gv
  flow[6] = fall * h * h * (halfA / heat[a]! ** 2) * heatSlope[a]! + LATENT * gvPhiA
  flow[7] = h + LATENT * gvTA
  flow[8] = fall * h * h * (halfB / heat[b]! ** 2) * heatSlope[b]! + LATENT * gvPhiB
  flow[9] = -h + LATENT * gvTB
  if (stuffs[a]!.liquid && stuffs[b]!.liquid)
    addLiquid(cells, a, b, halfA, halfB, layers[a] === layers[b], temperature[a]! < temperature[b]!, flow)
}

/** Adds the liquid: within a layer by the mean of both cells, across a joint through half of each; none into ice or out of it. */
function addLiquid(
  { suction, suctionSlope, suctionByT, liquid, liquidSlope, thawed, thawedByT }: Cells,
  a: number,
  b: number,
  halfA: number,
  halfB: number,
  within: boolean,
  colderA: boolean,
  flow: Float64Array,
): void {
  const cold = colderA ? a : b
  const moves = thawed[cold]!
  const movesByT = thawedByT[cold]!
  if (moves === 0 && movesByT === 0) return
  const rise = suction[b]! - suction[a]!
  let k = 0
  let byA = 0
  let byB = 0
  if (within) {
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
  flow[0]! += moves * k * rise
  flow[1]! += moves * (-k * suctionSlope[a]! + rise * byA)
  flow[2]! += -moves * k * suctionByT[a]! + (colderA ? k * rise * movesByT : 0)
  flow[3]! += moves * (k * suctionSlope[b]! + rise * byB)
  flow[4]! += moves * k * suctionByT[b]! + (colderA ? 0 : k * rise * movesByT)
}

/**
 * Puts into `flow` the water that comes into cell i from the air before it, and how it changes with its φ and T; the same of heat; and the
 * rain that ran off, kg/(m²·s).
 */
export function flowIntoFace(
  { widths, stuffs }: Mesh,
  cells: Cells,
  i: number,
  { heatTransfer, vapourTransfer }: Side,
  before: Before,
  phi: number,
  temperature: number,
  flow: Float64Array,
): void {
  const { pressure, pressureSlope, pressureByT, vapour, vapourSlope, heat, heatSlope } = cells
  const half = widths[i]! / 2
  const toHeat = half / heat[i]!
  const past = vapourTransfer === 0 ? Infinity : half + vapour[i]! / vapourTransfer
  const g = vapour[i]! / past
  const drop = before.humidity * isoSaturation(before.temperature) - pressure[i]!
  const gv = g * drop
  const gvPhi = -g * pressureSlope[i]! + ((drop * half) / past / past) * vapourSlope[i]!
  const gvT = -g * pressureByT[i]!
  const h = heatTransfer === 0 ? 0 : 1 / (1 / heatTransfer + toHeat)
  const fall = before.temperature - temperature
  // What the face takes up goes on into it and back to the air, by both resistances.
  const share = heatTransfer === Infinity ? 0 : 1 / (1 + heatTransfer * toHeat)
  const shareSlope = heatTransfer === Infinity ? 0 : share * share * heatTransfer * (toHeat / heat[i]!) * heatSlope[i]!
  flow[0] = gv
  flow[1] = gvPhi
  flow[2] = gvT
  flow[3] = h * fall + share * before.absorbed + LATENT * gv
  flow[4] = fall * h * h * (toHeat / heat[i]!) * heatSlope[i]! + before.absorbed * shareSlope + LATENT * gvPhi
  flow[5] = LATENT * gvT - h
  flow[6] = 0
  if (vapourTransfer === Infinity && stuffs[i]!.liquid) {
    const face = heatTransfer === Infinity ? before.temperature : null
    addLiquidFromFace(cells, i, stuffs[i]!, half, Math.max(DRIEST, before.humidity), face, temperature, flow)
  }
  if (before.rain > 0) {
    const room = Math.min(1, Math.max(0, (1 - phi) / NEARLY_FULL))
    flow[0] += before.rain * room
    if (room > 0 && room < 1) flow[1] -= before.rain / NEARLY_FULL
    flow[6] = before.rain * (1 - room)
  }
}

/** Adds liquid from a face that is held at a humidity. @param face °C at which it is held; null: as warm as the cell */
function addLiquidFromFace(
  { suction, suctionSlope, suctionByT, liquid, liquidSlope, thawed, thawedByT }: Cells,
  i: number,
  stuff: Stuff,
  half: number,
  humidity: number,
  face: number | null,
  temperature: number,
  flow: Float64Array,
): void {
  const [water, leads] = [
    { value: 0, slope: 0 },
    { value: 0, slope: 0 },
  ]
  readWater(stuff, humidity, water)
  read(stuff.liquid!, water.value, leads)
  const [atFace, atCell] = [face === null ? 1 : thawedAt(face), thawed[i]!]
  const moves = Math.min(atFace, atCell)
  const movesByT = atCell < atFace ? thawedByT[i]! : 0
  const k = (leads.value + liquid[i]!) / 2 / half
  const logarithm = SUCTION * Math.log(humidity)
  const rise = suction[i]! + ((face ?? temperature) + ZERO_CELSIUS) * logarithm
  flow[0]! += moves * k * rise
  flow[1]! += moves * (k * suctionSlope[i]! + (rise * liquidSlope[i]!) / 2 / half)
  flow[2]! += moves * k * (suctionByT[i]! + (face === null ? logarithm : 0)) + k * rise * movesByT
}
