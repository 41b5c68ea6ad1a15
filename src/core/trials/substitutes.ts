import type { Variant } from "../../schema/job/job"
import type { Material } from "../../schema/material"
import type { SurfaceId } from "../enclosure/surface"
import { type JobState, stockOf } from "../enclosure/job-state"
import { type Ledger, ledgerOf } from "../ledger/ledger"
import { materialOf } from "../material/catalogue"
import { type Candidate, findMaterials, INSULATION, layerOf, type Wanted } from "../material/search"
import { dampRank, type DampVerdict } from "../moisture/damp-verdict"
import { canBear, mustBear } from "./bearing"

/** What layers are of: a material as it is bought. */
export interface LayerStuff {
  material: string
  /** m, as it is bought */
  thickness: number
}

/** Another stuff in the place of one that is not to be had, in all layers that are of it, and what changes with it. */
export interface Substitute extends Candidate {
  /** Built R of the surface that loses most of it, before and with it, m²·K/W; null where none changes. */
  weakest: { surface: SurfaceId; name: string; before: number; after: number } | null
  /** Whether no surface has less R. */
  keepsResistance: boolean
  /** Verdicts of damp that are others with it. */
  damp: { name: string; before: DampVerdict; after: DampVerdict }[]
  /** Whether no surface is damper. */
  keepsDamp: boolean
  /** Whether it is put in place as the other is: loose fill is no board. */
  sameWay: boolean
  /** Change of the height that is left, m, of the loss, W, the weight, kg, and the money, €, of the whole enclosure. */
  height: number
  loss: number
  weight: number
  money: number
}

/** Where layers of a stuff are. */
export interface LayerAt {
  assembly: string
  layer: string
}

/** As thick, within what rounding to the inch leaves, m. */
const SAME = 5e-4
/** R that is missed by less is kept. */
const KEPT = 0.995

/** The layers of a variant that are bought as a stuff; what is there already is not. */
export const layersOf = ({ assemblies }: Pick<Variant, "assemblies">, { material, thickness }: LayerStuff): LayerAt[] =>
  Object.entries(assemblies).flatMap(([assembly, { layers }]) =>
    Object.entries(layers).flatMap(([layer, one]) =>
      !one.existing && one.material === material && Math.abs((one.loose ?? one.thickness) - thickness) < SAME ? [{ assembly, layer }] : [],
    ),
  )

/**
 * What can stand in for a stuff in all its layers: insulation of any kind at the least thickness sold that gives its label's R, anything else of
 * its own class as thick as is sold nearest. First what keeps R and the damp of every surface, then what keeps one of them; of these first what is put in place alike, the cheapest first.
 * @returns none where nothing is of it
 */
export function substitutesFor(state: JobState, ledger: Ledger, stuff: LayerStuff): Substitute[] {
  const places = layersOf(state.variant, stuff)
  if (places.length === 0) return []
  const own = materialOf(stuff.material, stockOf(state))
  const bears = places.some(({ assembly, layer }) => mustBear(state, assembly, layer))
  return candidatesFor(state, stuff)
    .filter(({ id, material }) => id !== stuff.material && (!bears || canBear(material)))
    .map((candidate) => substituted(state, ledger, places, candidate, isPutAlike(own, candidate.material)))
    .sort((a, b) => kept(b) - kept(a) || a.money - b.money)
}

const kept = ({ keepsResistance, keepsDamp, sameWay }: Substitute): number =>
  4 * Number(keepsDamp) + 2 * Number(keepsResistance) + Number(sameWay)

/** Whether two stuffs are put in place alike: cut and laid, or each in its own way. */
const isPutAlike = (a: Material, b: Material): boolean => a.application === b.application || (isCut(a) && isCut(b))
const isCut = ({ application }: Material): boolean => ["board", "sheet", "batt"].includes(application)

function candidatesFor(state: JobState, { material, thickness }: LayerStuff): Candidate[] {
  const stock = stockOf(state)
  const own = materialOf(material, stock)
  const { resistance } = layerOf(material, own, thickness)
  if ((own.class === "foam" || own.class === "fibre") && resistance !== null)
    return findMaterials(stock, { ...INSULATION, resistance: resistance * KEPT, thickest: MOST } satisfies Wanted)
  // Of another form it is worked otherwise: a board for a board, a sheet for a sheet.
  return Object.entries(stock).flatMap(([id, one]): Candidate[] => {
    if (one.class !== own.class || one.sold.form !== own.sold.form || one.sold.thicknesses.length === 0) return []
    const nearest = one.sold.thicknesses.reduce((best, sold) => (Math.abs(sold - thickness) < Math.abs(best - thickness) ? sold : best))
    return [layerOf(id, one, nearest)]
  })
}

/** Nothing thicker is thought of, m. */
const MOST = 0.6

/** The variant with another stuff in some of its layers. */
export function withStuff(variant: Variant, places: readonly LayerAt[], { id, thickness }: Pick<Candidate, "id" | "thickness">): Variant {
  const assemblies = { ...variant.assemblies }
  for (const { assembly, layer } of places) {
    const { layers, ...rest } = assemblies[assembly]!
    // Another stuff is not pressed as the old one was; what falls, falls as before where it is thick enough.
    const { taper } = layers[layer]!
    const next = { ...layers[layer]!, material: id, thickness, loose: null, taper: Math.abs(taper) < 1.9 * thickness ? taper : 0 }
    assemblies[assembly] = { ...rest, layers: { ...layers, [layer]: next } }
  }
  return { ...variant, assemblies }
}

function substituted(state: JobState, ledger: Ledger, places: readonly LayerAt[], candidate: Candidate, sameWay: boolean): Substitute {
  const tried = ledgerOf({ ...state, variant: withStuff(state.variant, places, candidate) }, ledger.solved)
  const pairs = ledger.surfaces.map((before, i) => ({ before, after: tried.surfaces[i]! }))
  const weaker = pairs.reduce((worst, pair) => (share(pair) < share(worst) ? pair : worst))
  const damp = pairs.flatMap(({ before: { id, name } }) => {
    const [before, after] = [ledger.moisture[id]!.verdict, tried.moisture[id]!.verdict]
    return before.words === after.words ? [] : [{ name, before, after }]
  })
  return {
    ...candidate,
    weakest:
      Math.abs(share(weaker) - 1) < 1e-9
        ? null
        : {
            ...{ surface: weaker.before.id, name: weaker.before.name },
            ...{ before: weaker.before.totalResistance, after: weaker.after.totalResistance },
          },
    sameWay,
    keepsResistance: share(weaker) >= KEPT,
    damp,
    keepsDamp: damp.every(({ before, after }) => dampRank(after) <= dampRank(before)),
    height: tried.clear.standing - ledger.clear.standing,
    loss: tried.loss.total - ledger.loss.total,
    weight: tried.weight - ledger.weight,
    money: tried.money - ledger.money,
  }
}

interface Pair {
  before: Ledger["surfaces"][number]
  after: Ledger["surfaces"][number]
}
const share = ({ before, after }: Pair): number => after.totalResistance / before.totalResistance
