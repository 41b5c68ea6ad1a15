import type { Assembly, Layer } from "../../schema/job/build-up"
import { PLAIN_LAYER } from "../../schema/job/build-up"
import type { SurfaceId } from "../enclosure/surface"
import { type JobState, stockOf, withAssembly } from "../enclosure/job-state"
import { inSentence } from "../in-sentence"
import { type Ledger, ledgerOf } from "../ledger/ledger"
import { type Materials, materialOf } from "../material/catalogue"
import { equivalentAirLayer, nextSold } from "../material/layer-properties"
import { TIGHT } from "../moisture/build-rules"
import { dampRank, type DampVerdict, worstPlane } from "../moisture/damp-verdict"
import { type Task, task } from "../results/calculation"
import { YEARS } from "../results/years-result"

/** A small change that a builder could make against damp: another build-up, fewer leaks, more air let in, drier air inside in winter. */
export interface CureStep {
  assembly?: { id: string; next: Assembly }
  ach50?: number
  /** Outdoor air that always comes in, m³/s. */
  always?: number
  relativeHumidity?: number
}

/** A change that was tried: what the face comes to by it, and what it costs in money, in height where one stands (m) and in weight (kg). */
export interface Cure {
  step: CureStep
  /** Its years are followed, as those of the face are. */
  judged: boolean
  name: string
  /** A few words for the variant that it is tried in. */
  short: string
  verdict: DampVerdict
  /** Most that lies in the face through the year, as a share of what may. */
  share: number
  /** null: it takes what has no price here. */
  money: number | null
  height: number
  weight: number
  /** Lost more at the winter condition, W. */
  heat: number
}

/** By what cures are ranked that let a face stand. */
export type CureRank = "money" | "height" | "weight"

/** A film that opens when it is damp, a foam that lets next to nothing through, and one that is sprayed. */
const [SMART, BOARD, SPRAYED] = ["smart-membrane", "xps", "spray-closed"] as const
const CHANNEL = 0.025
/** Openings of a channel along eaves and ridge, m² for a metre. */
const OPEN = 0.02
/** So much drier, and as tight as a job is sealed with care, 1/h at 50 Pa. */
const [DRIER, SEALED] = [0.1, 1.5] as const
/** Small fans of the trade, m³/s: 5, 10, 20 and 40 L/s. */
const FANS = [0.005, 0.01, 0.02, 0.04] as const

type Trial = Pick<Cure, "step" | "name" | "short"> & {
  /** It takes work, a fan or battens, which have no price here. */
  unpriced?: true
}

/** Where the verdict stays the same, less than this share of the water is worth telling; so many are tried with fewer leaks too. */
const [WORTH, PAIRED] = [0.6, 5] as const

/** Cures of a face, and what those that were tried still wait for before they are judged as it is. */
export interface DampCures {
  cures: Cure[]
  judging: Task[]
  tried: number
  judged: number
}

/**
 * Small changes to what a face wears and what is around it that better it, and the best of them together with fewer leaks; each by the same
 * verdict as the face itself.
 * @param surface the face that is to be cured
 */
export function dampCures(state: JobState, ledger: Ledger, surface: SurfaceId): DampCures {
  const { verdict: now, water, awaited } = ledger.moisture[surface]!
  const found: DampCures = { cures: [], judging: [], tried: 0, judged: 0 }
  if (!now.harms || awaited.length > 0) return found
  const share = worstPlane(water)?.share ?? 0
  const tried = ({ unpriced, ...trial }: Trial): Cure => {
    const then = curedLedger(state, ledger, trial.step)
    const { verdict, water, awaited } = then.moisture[surface]!
    const lies = worstPlane(water)?.share ?? 0
    found.tried++
    if (awaited.length === 0) found.judged++
    found.judging.push(...awaited.map((model) => task(YEARS, model)))
    return {
      judged: awaited.length === 0,
      ...{ ...trial, verdict, share: lies },
      money: unpriced ? null : then.money - ledger.money,
      height: ledger.clear.standing - then.clear.standing,
      weight: then.weight - ledger.weight,
      heat: then.loss.total - ledger.loss.total,
    }
  }
  const betters = ({ judged, verdict, share: lies }: Cure) =>
    (judged && dampRank(verdict) < dampRank(now)) || (judged && dampRank(verdict) === dampRank(now) && lies < WORTH * share)
  const single = rankedCures([...trials(state, ledger, surface).map(tried).filter(betters), ...fans(state, tried, betters)], "money")
  const { ach50 } = state.variant.leakage
  const paired = single
    .filter(({ verdict, step }) => verdict.harms && step.assembly && ach50 > SEALED)
    .slice(0, PAIRED)
    .map(({ step, name, short }) => tried({ step: { ...step, ach50: SEALED }, name: `${name}, and sealed`, short: `${short}, sealed` }))
  found.cures = [...single, ...paired.filter(betters)]
  return found
}

/** Those first that let the face stand, the one that takes least of them first; then those that better it most. What has no price comes after what has. */
export const rankedCures = (cures: readonly Cure[], by: CureRank): Cure[] =>
  [...cures].sort(
    (a, b) =>
      Number(a.verdict.harms) - Number(b.verdict.harms) ||
      (a.verdict.harms
        ? dampRank(a.verdict) - dampRank(b.verdict) || a.share - b.share
        : Number(a[by] === null) - Number(b[by] === null) || (a[by] ?? 0) - (b[by] ?? 0) || (a.money ?? 0) - (b.money ?? 0)),
  )

/** The smallest fan that lets the face stand, else the one that betters it most; where the humidity inside follows from what gives off water. */
function fans({ brief, variant }: JobState, tried: (trial: Trial) => Cure, betters: (cure: Cure) => boolean): Cure[] {
  if (brief.inside.water === null) return []
  const name = "A fan that always lets in more outdoor air"
  const found = FANS.map((flow) =>
    tried({ step: { always: variant.ventilation.always + flow }, name, short: "a fan", unpriced: true }),
  ).filter(betters)
  return rankedCures(found, "height").slice(0, 1)
}

/** Figures of a job after a change. */
export const curedLedger = (state: JobState, ledger: Ledger, step: CureStep): Ledger => ledgerOf(stateAfter(state, step), ledger.solved)

function stateAfter(state: JobState, { assembly, ach50, always, relativeHumidity }: CureStep): JobState {
  const { variant, brief } = state
  const { winter, summer } = brief.indoors
  const built = assembly ? withAssembly(state, assembly.id, assembly.next) : state
  return {
    ...built,
    variant: {
      ...built.variant,
      ...(ach50 === undefined ? {} : { leakage: { ...variant.leakage, ach50 } }),
      ...(always === undefined ? {} : { ventilation: { ...variant.ventilation, always } }),
    },
    ...(relativeHumidity === undefined ? {} : { brief: { ...brief, indoors: { winter: { ...winter, relativeHumidity }, summer } } }),
  }
}

function trials(state: JobState, ledger: Ledger, surface: SurfaceId): Trial[] {
  const { assembly: id } = ledger.surfaces.find((one) => one.id === surface)!
  const { brief, variant } = state
  const dry = brief.indoors.winter.relativeHumidity - DRIER
  return [
    ...ofLayers(state, id),
    ...(variant.leakage.ach50 > SEALED
      ? [{ step: { ach50: SEALED }, name: "Sealed as well as care can", short: "sealed", unpriced: true as const }]
      : []),
    ...(brief.inside.water === null && brief.kind !== "cold-room" && dry > 0.2
      ? [
          {
            step: { relativeHumidity: dry },
            name: "Drier air inside in winter, by a tenth: let in more outdoor air, or give off less water",
            short: "drier air",
            unpriced: true as const,
          },
        ]
      : []),
  ]
}

/** The layer that sheds rain: the outermost, or behind a vented space the first that is none. It stays what and where it is. */
function shedding({ order, layers }: Assembly, stock: Materials): number {
  const vented = order
    .map((layer) => layers[layer]!.vents > 0 && materialOf(layers[layer]!.material, stock).class === "air")
    .lastIndexOf(true)
  return vented < 0 || vented === order.length - 1 ? 0 : vented + 1
}

/** Changes to the layers of a build-up; what is there already stays, and what sheds rain or carries. */
function ofLayers(state: JobState, id: string): Trial[] {
  const assembly = state.variant.assemblies[id]!
  const stock = stockOf(state)
  const { order, layers } = assembly
  const step = (next: Assembly): CureStep => ({ assembly: { id, next } })
  const withLayers = (change: Partial<Assembly>): Assembly => ({ ...assembly, ...change })
  const swapped = (layer: string, change: Partial<Layer>): Assembly =>
    withLayers({ layers: { ...layers, [layer]: { ...layers[layer]!, ...change } } })
  const fixed = order.filter((layer) => layers[layer]!.existing).length
  const skin = shedding(assembly, stock)
  return order.flatMap((layerId, at): Trial[] => {
    const layer = layers[layerId]!
    const material = materialOf(layer.material, stock)
    if (layer.existing) return []
    const name = inSentence(material.name)
    const found: Trial[] = []
    if (at > skin && material.class === "membrane" && equivalentAirLayer(material, layer.thickness) >= TIGHT) {
      const smart = stock[SMART]
      const thickness = smart?.sold.thicknesses[0] ?? layer.thickness
      if (smart)
        found.push({
          step: step(swapped(layerId, { material: SMART, thickness })),
          name: `${smart.name} in place of the ${name}`,
          short: "smart membrane",
        })
      const rest = order.filter((one) => one !== layerId)
      for (const [to, side] of [
        [Math.max(fixed, skin + 1), "outside"],
        [Math.max(fixed, rest.length - 1), "inside"],
      ] as const)
        if (to !== at)
          found.push({
            step: step(withLayers({ order: [...rest.slice(0, to), layerId, ...rest.slice(to)] })),
            name: `The ${name} moved to the ${side}`,
            short: `tight layer ${side}`,
          })
    }
    if (material.class === "fibre")
      for (const other of [BOARD, SPRAYED]) {
        const stuff = stock[other]
        if (stuff)
          found.push({
            step: step(swapped(layerId, { material: other, loose: null })),
            name: `${stuff.name} in place of the ${name}`,
            short: other === BOARD ? "foam boards" : "sprayed foam",
          })
      }
    if (material.class === "foam" || material.class === "fibre") {
      const thickness = nextSold(material, layer.thickness, 1)
      if (thickness > layer.thickness)
        found.push({ step: step(swapped(layerId, { thickness, loose: null })), name: `The next thickness of ${name}`, short: "thicker" })
    }
    // Behind a cladding that is put up, not behind a skin that is there.
    if (
      at === 0 &&
      fixed === 0 &&
      order.length > 1 &&
      !("vent-channel" in layers) &&
      materialOf(layers[order[1]!]!.material, stock).class !== "air"
    ) {
      const gap: Layer = { ...PLAIN_LAYER, material: "air", thickness: CHANNEL, vents: OPEN }
      found.push({
        step: step(withLayers({ layers: { ...layers, "vent-channel": gap }, order: [layerId, "vent-channel", ...order.slice(1)] })),
        name: `A vented channel behind the ${name}`,
        short: "vented",
        unpriced: true,
      })
    }
    return found
  })
}
