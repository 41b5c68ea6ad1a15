import type { GlaserInput, GlaserLayer, GlaserOutput } from "../../schema/glaser"
import { type Noted, noteIf } from "../../schema/note"
import { InputError } from "../../schema/outcome"
import { isoSaturation } from "../air/iso-saturation"
import { DAYS_IN_MONTH } from "../climate/design-day"
import { sum } from "../numeric/sum"
import { AIR_VAPOUR_PERMEABILITY } from "../quantity/constants"

/** Resistance above which a layer is cut into parts, m²·K/W. @see ISO 13788:2012, 6.3 */
const THICK = 0.25
/** Most planes that a build-up is cut into. */
const MOST = 2000
/** What a plane's flows differ by where it only touches saturation, of the greatest flow. */
const TOUCHES = 1e-12

/** A build-up cut at its planes, from the outdoor face to the indoor face. */
export interface Cut {
  /** Layer joints as told, and cuts in between; the two faces left out. */
  names: number[]
  /** From the outdoor air, m²·K/W, at each plane and both faces */
  resistances: number[]
  /** Which layer each part between two of them is of, and how many parts that layer has. */
  parts: { layer: number; of: number }[]
  /** m²·K/W from air to air */
  total: number
}

/** A month with the airs on both sides as they stand at the faces. */
export interface MonthState {
  /** Pa at the outdoor face, each plane and the indoor face; of the planes that of saturation */
  bounds: number[]
  /** m of equivalent air from the outdoor face, at each of them */
  airLayers: readonly number[]
  capped: boolean
  /** s */
  length: number
  /** kg/(m²·s) that leaking air brings to each plane, and below 0 takes from it while it is wet */
  brought?: readonly number[]
}

/** What comes of twelve months from a dry start. */
export interface Gathered {
  /** Of each month: what gathers at each plane, kg/(m²·s), and what lies there at its end, kg/m²; null before the first that wets. */
  months: ({ rates: number[]; water: number[] } | null)[]
  first: number | null
  peak: number
  left: number
}

/** Runs round twelve months from the first that wets after one that does not. */
export function gathered(cut: Cut, states: readonly MonthState[]): Gathered {
  const dry = cut.names.map(() => 0)
  const first = firstOf(states.map((state) => canWet(state) && rates(state, dry).some((rate) => rate > 0)))
  const months: Gathered["months"] = states.map(() => null)
  let water = dry
  let peak = 0
  for (let k = 0; k < 12 && first !== null; k++) {
    const month = (first + k) % 12
    const rate = rates(states[month]!, water)
    water = water.map((before, i) => Math.max(0, before + rate[i]! * states[month]!.length))
    months[month] = { rates: rate, water }
    peak = Math.max(peak, sum(water))
  }
  return { months, first, peak, left: sum(water) }
}

/**
 * Water that gathers at the planes of a build-up by diffusion and dries from them, through twelve months from a dry start.
 * @see ISO 13788:2012, 6.3 to 6.6
 */
export function glaser({ rsi, rse, layers, months }: GlaserInput): Noted<GlaserOutput> {
  const cut = cutUp(layers.map(thermal), rsi, rse)
  const airLayers = airLayersAt(cut, layers.map(airLayer))
  const states = months.map((month, i) => monthState(cut, airLayers, month, DAYS_IN_MONTH[i]! * 86_400))
  const { months: told, first, peak, left } = gathered(cut, states)
  return {
    months: told.map((month, i) => {
      const before = (told[(i + 11) % 12]?.water ?? []).map((water) => (i === first ? 0 : water))
      return {
        condensing: cut.names.flatMap((name, plane) =>
          month && ((before[plane] ?? 0) > 0 || month.rates[plane]! > 0)
            ? [{ interface: name, rate: month.rates[plane]!, accumulated: month.water[plane]! }]
            : [],
        ),
      }
    }),
    ...{ peak, annualBalance: left, driesOut: left === 0, firstMonth: first },
    verdict: first === null ? "dry" : left === 0 ? "driesWithinYear" : "accumulates",
    notes: [
      ...noteIf(
        states.some(({ capped }) => capped),
        "capped",
        "In some months the air holds more water than the surface beside it can: it is taken as saturated there.",
      ),
      ...noteIf(
        true,
        "diffusion-only",
        "Diffusion alone, in the means of the months: no air that leaks, no rain, no water that layers take up or lead on.",
      ),
    ],
  }
}

/** Whether anything can gather in a month from dry: air brings it, or the straight line of vapour passes saturation. */
function canWet({ bounds, airLayers, brought }: MonthState): boolean {
  if (brought?.some((more) => more > 0)) return true
  const [first, last, all] = [bounds[0]!, bounds.at(-1)!, airLayers.at(-1)!]
  for (let plane = 1; plane < bounds.length - 1; plane++)
    if (first + ((last - first) * airLayers[plane]!) / all >= bounds[plane]!) return true
  return false
}

/** The first month that condenses from dry after one that does not; 0 if all do, null if none does. */
function firstOf(wets: readonly boolean[]): number | null {
  if (!wets.includes(true)) return null
  return Math.max(
    0,
    wets.findIndex((wet, i) => wet && !wets[(i + 11) % 12]!),
  )
}

const thermal = ({ thickness, conductivity, resistance }: GlaserLayer): number => resistance ?? thickness! / conductivity!
const airLayer = ({ thickness, sd, mu }: GlaserLayer): number => sd ?? mu! * thickness!

/**
 * Cuts layers of such resistances, m²·K/W.
 * @throws InputError `too-many` for layers so thick that they would be cut into more planes than can be gone through
 */
export function cutUp(layers: readonly number[], rsi: number, rse: number): Cut {
  const counts = layers.map((resistance) => Math.max(1, Math.ceil(resistance / THICK)))
  const most = counts.findIndex((_, i) => sum(counts.slice(0, i + 1)) > MOST)
  if (most >= 0)
    throw new InputError(
      "too-many",
      ["layers", most],
      `Layers are cut at every ${THICK} m²·K/W: with this one there are more than ${MOST} parts.`,
    )
  const cut: Cut = { names: [], resistances: [rse], parts: [], total: 0 }
  for (const [layer, resistance] of layers.entries())
    for (let part = 1, of = counts[layer]!; part <= of; part++) {
      cut.resistances.push(cut.resistances.at(-1)! + resistance / of)
      cut.parts.push({ layer, of })
      cut.names.push(part === of ? layer + 1 : layer + part / of)
    }
  // The last of them is the indoor face.
  cut.names.pop()
  return { ...cut, total: cut.resistances.at(-1)! + rsi }
}

/** Equivalent air at each plane and both faces, m from the outdoor face. @param layers m of each layer */
export function airLayersAt({ parts }: Cut, layers: readonly number[]): number[] {
  const at = [0]
  for (const { layer, of } of parts) at.push(at.at(-1)! + layers[layer]! / of)
  return at
}

/** °C at each plane and both faces. */
export const temperaturesAt = ({ resistances, total }: Cut, outside: number, inside: number): number[] =>
  resistances.map((resistance) => outside + (total > 0 ? resistance / total : 0) * (inside - outside))

/** A month as it bounds the vapour pressure. @param length s */
export function monthState(
  cut: Cut,
  airLayers: readonly number[],
  { outside, inside }: GlaserInput["months"][number],
  length: number,
): MonthState {
  const saturated = temperaturesAt(cut, outside.temperature, inside.temperature).map(isoSaturation)
  const airs = [outside, inside].map(({ temperature, relativeHumidity }) => relativeHumidity * isoSaturation(temperature)) as [
    number,
    number,
  ]
  const faces = [Math.min(airs[0], saturated[0]!), Math.min(airs[1], saturated.at(-1)!)] as const
  return {
    bounds: [faces[0], ...saturated.slice(1, -1), faces[1]],
    airLayers,
    capped: faces[0] < airs[0] || faces[1] < airs[1],
    length,
  }
}

/**
 * What gathers at each plane in a month, kg/(m²·s). Wet planes stand at saturation; between them and the faces the pressure is the greatest
 * that bends nowhere but where it meets saturation, and there only so that water gathers: the lower hull of what bounds it. A dry plane that
 * air brings water to is wet where that is more than what goes on from it at saturation.
 */
function rates(state: MonthState, water: readonly number[]): number[] {
  const { brought } = state
  if (!brought?.some(Boolean)) return ratesWith(state, (plane) => water[plane]! > 0)
  const wet = water.map((before, plane) => before > 0 || brought[plane]! > 0)
  for (;;) {
    const rate = ratesWith(state, (plane) => wet[plane]!).map((one, plane) => one + (wet[plane] ? brought[plane]! : 0))
    const dries = wet.map((is, plane) => is && water[plane] === 0 && rate[plane]! < 0)
    if (!dries.includes(true)) return rate
    for (const [plane, isDry] of dries.entries()) if (isDry) wet[plane] = false
  }
}

function ratesWith({ bounds, airLayers }: MonthState, isWet: (plane: number) => boolean): number[] {
  const last = bounds.length - 1
  const kept = [0]
  const slope = (a: number, b: number) => (bounds[b]! - bounds[a]!) / (airLayers[b]! - airLayers[a]!)
  let from = 0
  for (let plane = 1; plane <= last; plane++) {
    while (kept.length > 1) {
      const before = kept[kept.length - 1]!
      if (before <= from || slope(kept[kept.length - 2]!, before) < slope(before, plane)) break
      kept.pop()
    }
    kept.push(plane)
    if (plane === last || isWet(plane - 1)) from = plane
  }
  let greatest = 0
  const flows = new Array<number>(kept.length - 1)
  for (let i = 0; i + 1 < kept.length; i++) {
    flows[i] = AIR_VAPOUR_PERMEABILITY * slope(kept[i]!, kept[i + 1]!)
    greatest = Math.max(greatest, Math.abs(flows[i]!))
  }
  const rate = new Array<number>(last - 1).fill(0)
  for (let i = 1; i + 1 < kept.length; i++) {
    const gathered = flows[i]! - flows[i - 1]!
    if (Math.abs(gathered) > TOUCHES * greatest) rate[kept[i]! - 1] = gathered
  }
  return rate
}
