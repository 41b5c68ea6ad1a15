import type { SlabEdge } from "../../schema/job/build-up"
import type { Use } from "../../schema/material"
import type { Breaks } from "../../schema/job/job"
import { arealPrice } from "../material/layer-properties"
import { materialOf, withOwnMaterials } from "../material/catalogue"
import { INCH } from "../quantity/length"
import type { UnitSystem } from "../quantity/unit-system"
import { sum } from "../numeric/sum"
import type { RankedBridge } from "../ledger/bridge-ranking"
import type { Ledger } from "../ledger/ledger"
import { alongSlab, slabOwner } from "../enclosure/perimeter-insulation"
import { type JobState, stockOf } from "../enclosure/job-state"
import { surfacesOf } from "../enclosure/surface"

/** What can be used so: stuffs of the catalogue that are made for it, and any that a job brings along. */
const stuffsFor =
  (use: Use) =>
  (state: JobState): string[] => [
    ...Object.entries(stockOf(state)).flatMap(([id, { uses, sold }]) => (uses.includes(use) && sold.thicknesses.length > 0 ? [id] : [])),
    ...Object.keys(state.materials),
  ]

/** What a break can be of: stuffs that are sold thin and lie under a lining. */
export const breakStuffs = stuffsFor("thermal-break")

/** What can lie along a slab's edge in the ground. */
export const rimStuffs = stuffsFor("slab-edge")

/** Thicker than this a break is a layer of insulation of its own, m. */
const THICKEST = 0.06
/** How wide or deep, and how thick at most, insulation along a slab's edge is tried, m. */
const REACHES: Readonly<Record<UnitSystem, readonly number[]>> = { metric: [0.6, 1], "inch-pound": [24 * INCH, 48 * INCH] }
const THICKEST_RIM = 0.1
/** Strips of plastic that a frame or a bar can be parted with, m. */
const STRIPS: Readonly<Record<UnitSystem, readonly number[]>> = {
  metric: [0.006, 0.01, 0.02, 0.03, 0.05],
  "inch-pound": [0.25, 0.5, 0.75, 1, 2].map((inches) => inches * INCH),
}

interface LayerPlace {
  kind: "layer"
  assembly: string
  at: number
}
interface StripPlace {
  kind: "strip"
  list: keyof Breaks
  id: string
}
interface RimPlace {
  kind: "rim"
  assembly: string
}
/** Where a break can be set: as a layer into a build-up, along the edge of a slab, or as a strip of plastic across a frame or a bar. */
export type BreakPlace = LayerPlace | RimPlace | StripPlace

/** A break at its place, m and €. Strips have no price: what they cost to fit depends on the maker of the frame. */
export type BreakMeasure =
  | (LayerPlace & { material: string; thickness: number; money: number })
  | (RimPlace & { edge: SlabEdge; money: number })
  | (StripPlace & { thickness: number })

/**
 * The places for a break in a bridge: across the inside of members, in the frame or the bar, under the lining of either face of an edge,
 * along the edge of a slab.
 */
export function breakPlaces({ set, between, opening, point, face }: RankedBridge, { shell, variant }: JobState): BreakPlace[] {
  if (opening) return [{ kind: "strip", list: "openings", id: opening }]
  if (point) return [{ kind: "strip", list: "penetrations", id: point.id }]
  const worn = [...new Set((between ?? [face]).map(({ assembly }) => assembly))]
  const inside = worn.map((assembly): BreakPlace => {
    const { order, layers } = variant.assemblies[assembly]!
    const existing = order.map((id) => layers[id]!.existing).lastIndexOf(true)
    // Nothing is set beneath what is there already.
    const at = set ? order.map((id) => layers[id]!.between).lastIndexOf(set.id) + 1 : Math.max(1, order.length - 1, existing + 1)
    return { kind: "layer", assembly, at }
  })
  const slab = between?.some(({ ground }) => ground) && slabOwner(shell, surfacesOf(shell, variant))
  return slab ? [...inside, { kind: "rim", assembly: slab.assembly }] : inside
}

/** A layer as a break, with its price on all faces that wear the build-up. */
export function layerBreak(
  { assembly, at }: LayerPlace,
  material: string,
  thickness: number,
  { materials }: JobState,
  ledger: Ledger,
): BreakMeasure {
  const area = sum(ledger.surfaces.map((figures) => (figures.assembly === assembly ? figures.netArea : 0)))
  const record = materialOf(material, withOwnMaterials(materials))
  return { kind: "layer", assembly, at, material, thickness, money: arealPrice(record, thickness) * area }
}

/** Insulation along a slab's edge as a break, with its price all round. */
export function rimBreak({ assembly }: RimPlace, edge: SlabEdge, state: JobState): BreakMeasure {
  const { area, material } = alongSlab(edge, state)
  return { kind: "rim", assembly, edge, money: area * arealPrice(material, edge.thickness) }
}

function rimBreaks(place: RimPlace, state: JobState): BreakMeasure[] {
  const stock = stockOf(state)
  const { order, layers } = state.variant.assemblies[place.assembly]!
  // Nothing is laid under a slab that is there already.
  const kinds: SlabEdge["kind"][] = layers[order[0]!]!.existing ? ["vertical"] : ["vertical", "horizontal"]
  return rimStuffs(state).flatMap((material) =>
    materialOf(material, stock)
      .sold.thicknesses.filter((thickness) => thickness <= THICKEST_RIM)
      .flatMap((thickness) =>
        kinds.flatMap((kind) =>
          REACHES[state.units ?? "metric"].map((reach) => rimBreak(place, { kind, reach, thickness, material }, state)),
        ),
      ),
  )
}

/**
 * All breaks that can be bought for a bridge: layers the cheapest first, strips the thinnest first. What lies along a slab's edge is among
 * them where something gathers on it; what that saves counts with the floor and not with the edge.
 */
export function breakMeasuresFor(bridge: RankedBridge, state: JobState, ledger: Ledger): BreakMeasure[] {
  const stock = stockOf(state)
  const measures = breakPlaces(bridge, state).flatMap((place): BreakMeasure[] => {
    if (place.kind === "rim") return bridge.surface?.wet ? rimBreaks(place, state) : []
    return place.kind === "strip"
      ? STRIPS[state.units ?? "metric"].map((thickness) => ({ ...place, thickness }))
      : breakStuffs(state).flatMap((material) =>
          materialOf(material, stock)
            .sold.thicknesses.filter((thickness) => thickness <= THICKEST)
            .map((thickness) => layerBreak(place, material, thickness, state, ledger)),
        )
  })
  const dear = (measure: BreakMeasure) => (measure.kind === "strip" ? measure.thickness : measure.money)
  return measures.sort((a, b) => dear(a) - dear(b))
}

/** Whether a bridge is well once changed: nothing gathers on it any more; or, where nothing did, it costs half at most. */
export const isMended = (before: RankedBridge, after: RankedBridge): boolean =>
  before.surface?.wet ? after.surface !== null && !after.surface.wet : after.watts <= before.watts / 2
