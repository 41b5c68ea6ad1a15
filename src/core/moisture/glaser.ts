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
interface Cut {
  /** Layer joints as told, and cuts in between; the two faces left out. */
  names: number[]
  /** From the outdoor air, m²·K/W, and m of equivalent air, at each plane and both faces */
  resistances: number[]
  airLayers: number[]
  /** m²·K/W from air to air */
  total: number
}

/** A month with the airs on both sides as they stand at the faces. */
interface MonthState {
  /** Pa at the outdoor face, each plane and the indoor face; of the planes that of saturation */
  bounds: number[]
  capped: boolean
  /** s */
  length: number
}

/**
 * Water that gathers at the planes of a build-up by diffusion and dries from them, through twelve months from a dry start.
 * @see ISO 13788:2012, 6.3 to 6.6
 */
export function glaser({ rsi, rse, layers, months }: GlaserInput): Noted<GlaserOutput> {
  const cut = cutUp(layers, rsi, rse)
  const states = months.map((month, i) => monthState(cut, month, DAYS_IN_MONTH[i]! * 86_400))
  const dry = cut.names.map(() => 0)
  const wets = states.map((state) => rates(cut, state, dry).some((rate) => rate > 0))
  const first = firstOf(wets)
  const told: GlaserOutput["months"] = months.map(() => ({ condensing: [] }))
  let water = dry
  let peak = 0
  for (let k = 0; k < 12 && first !== null; k++) {
    const month = (first + k) % 12
    const rate = rates(cut, states[month]!, water)
    const after = water.map((before, i) => Math.max(0, before + rate[i]! * states[month]!.length))
    told[month] = {
      condensing: cut.names.flatMap((name, i) =>
        water[i]! > 0 || rate[i]! > 0 ? [{ interface: name, rate: rate[i]!, accumulated: after[i]! }] : [],
      ),
    }
    water = after
    peak = Math.max(peak, sum(water))
  }
  const left = sum(water)
  return {
    months: told,
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

/** @throws InputError `too-many` for layers so thick that they would be cut into more planes than can be gone through */
function cutUp(layers: readonly GlaserLayer[], rsi: number, rse: number): Cut {
  const parts = layers.map((layer) => Math.max(1, Math.ceil(thermal(layer) / THICK)))
  const most = parts.findIndex((_, i) => sum(parts.slice(0, i + 1)) > MOST)
  if (most >= 0)
    throw new InputError(
      "too-many",
      ["layers", most],
      `Layers are cut at every ${THICK} m²·K/W: with this one there are more than ${MOST} parts.`,
    )
  const cut: Cut = { names: [], resistances: [rse], airLayers: [0], total: 0 }
  for (const [i, layer] of layers.entries())
    for (let part = 1; part <= parts[i]!; part++) {
      cut.resistances.push(cut.resistances.at(-1)! + thermal(layer) / parts[i]!)
      cut.airLayers.push(cut.airLayers.at(-1)! + airLayer(layer) / parts[i]!)
      cut.names.push(part === parts[i] ? i + 1 : i + part / parts[i]!)
    }
  // The last of them is the indoor face.
  cut.names.pop()
  return { ...cut, total: cut.resistances.at(-1)! + rsi }
}

function monthState({ resistances, total }: Cut, { outside, inside }: GlaserInput["months"][number], length: number): MonthState {
  const saturated = resistances.map((resistance) => {
    const share = total > 0 ? resistance / total : 0
    return isoSaturation(outside.temperature + share * (inside.temperature - outside.temperature))
  })
  const airs = [outside, inside].map(({ temperature, relativeHumidity }) => relativeHumidity * isoSaturation(temperature)) as [
    number,
    number,
  ]
  const faces = [Math.min(airs[0], saturated[0]!), Math.min(airs[1], saturated.at(-1)!)] as const
  return {
    bounds: [faces[0], ...saturated.slice(1, -1), faces[1]],
    capped: faces[0] < airs[0] || faces[1] < airs[1],
    length,
  }
}

/**
 * What gathers at each plane in a month, kg/(m²·s). Wet planes stand at saturation; between them and the faces the pressure is the greatest
 * that bends nowhere but where it meets saturation, and there only so that water gathers: the lower hull of what bounds it.
 */
function rates({ airLayers }: Cut, { bounds }: MonthState, water: readonly number[]): number[] {
  const last = bounds.length - 1
  const kept = [0]
  const slope = (a: number, b: number) => (bounds[b]! - bounds[a]!) / (airLayers[b]! - airLayers[a]!)
  const isFixed = (plane: number) => plane === last || water[plane - 1]! > 0
  let from = 0
  for (let plane = 1; plane <= last; plane++) {
    while (kept.length > 1 && kept.at(-1)! > from && slope(kept.at(-2)!, kept.at(-1)!) >= slope(kept.at(-1)!, plane)) kept.pop()
    kept.push(plane)
    if (isFixed(plane)) from = plane
  }
  const flows = kept.slice(1).map((plane, i) => AIR_VAPOUR_PERMEABILITY * slope(kept[i]!, plane))
  const greatest = Math.max(...flows.map(Math.abs))
  const rate = water.map(() => 0)
  for (const [i, plane] of kept.slice(1, -1).entries()) {
    const gathered = flows[i + 1]! - flows[i]!
    if (Math.abs(gathered) > TOUCHES * greatest) rate[plane - 1] = gathered
  }
  return rate
}
