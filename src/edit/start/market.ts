import { materialOf, materialsSold } from "../../core/material/catalogue"
import { nearestSold } from "../../core/material/layer-properties"
import { dressedSize, FOOT, INCH } from "../../core/quantity/length"
import type { UnitSystem } from "../../core/quantity/unit-system"
import { roundedSize, whole } from "./rounded-size"
import type { Assembly, Layer, MemberSet, SlabEdge } from "../../schema/job/build-up"
import type { Opening } from "../../schema/job/shell"

/** What takes the place of stuff that is not sold in inches: the same kind as it is sold there. */
const INSTEAD: Record<string, string> = {
  xps: "xps-r5",
  "xps-heavy": "xps-r5-heavy",
  "xps-low": "xps-r5",
  eps: "eps-r4",
  "eps-floor": "xps-r5",
  "eps-graphite": "eps-graphite-r47",
  "eps-beads": "eps-r4",
  "pir-board": "polyiso",
  "pur-board": "polyiso",
  "phenolic-board": "polyiso",
  "flax-batt": "hemp-batt",
  "jute-batt": "hemp-batt",
  "coconut-board": "wood-fibre-board",
  "reed-board": "wood-fibre-board",
  "scots-pine": "douglas-fir",
  "fibre-cement-sheet": "cement-board",
  "glass-wool-light": "glass-wool",
  "straw-board": "particleboard",
  "polycarbonate-twin": "polycarbonate",
  zinc: "steel-galvanised",
  "sand-lime-brick": "clay-brick",
  "anhydrite-screed": "cement-screed",
}

/** Batts by the depth of the framing that they are made for, in; thinner is a board. */
const BATTS: Record<string, readonly (readonly [depth: number, material: string])[]> = {
  "glass-wool": [
    [2, "glass-wool-board"],
    [3.5, "glass-batt-r15"],
    [5.5, "glass-batt-r21"],
    [8.25, "glass-batt-r30c"],
    [10.25, "glass-batt-r38c"],
  ],
  "stone-wool": [
    [2, "stone-wool-board"],
    [3.5, "stone-batt-r15"],
    [5.5, "stone-batt-r23"],
    [7.25, "stone-batt-r30"],
  ],
}

/** Widths and depths of sticks that a yard stocks, and spacings of framing, in. */
const DRESSED = [1, 2, 3, 4, 6, 8, 10, 12].map((nominal) => dressedSize(1, nominal).depth / INCH)
const SPACINGS = [12, 16, 19.2, 24, 32, 48, 72, 96, 120]

const nearest = (choices: readonly number[], length: number): number =>
  choices.reduce((best, one) => (Math.abs(one * INCH - length) < Math.abs(best * INCH - length) ? one : best)) * INCH

/** A build-up as it is made where stuff is sold by a system of units; in the metric one it is as it was written down. */
export function assemblyInMarket(assembly: Assembly, units: UnitSystem): Assembly {
  if (units === "metric") return assembly
  return {
    ...assembly,
    layers: Object.fromEntries(Object.entries(assembly.layers).map(([id, layer]) => [id, layerInInches(layer)])),
    members: Object.fromEntries(Object.entries(assembly.members).map(([id, set]) => [id, membersInMarket(set, units)])),
    edge: assembly.edge && edgeInMarket(assembly.edge, units),
  }
}

/** Insulation along a slab's edge as it is laid there. */
export function edgeInMarket(edge: SlabEdge, units: UnitSystem): SlabEdge {
  if (units === "metric") return edge
  const { material, thickness } = stuffInInches(edge.material, edge.thickness)
  return { ...edge, material, thickness, reach: whole(edge.reach, FOOT) }
}

/** Members as they are cut there: dressed lumber at its usual spacings; what is no lumber to the nearest eighth. */
export function membersInMarket(set: MemberSet, units: UnitSystem): MemberSet {
  if (units === "metric") return set
  const size = (length: number) => (set.shape === "solid" && length > 0.012 ? nearest(DRESSED, length) : whole(length, INCH / 8))
  return {
    ...set,
    width: size(set.width),
    depth: set.depth === null ? null : size(set.depth),
    wall: set.wall === null ? null : whole(set.wall, INCH / 64),
    spacing: nearest(SPACINGS, set.spacing),
    fill: set.fill === null ? null : stuffInInches(set.fill, set.width).material,
  }
}

/** Openings that begin to the inch. */
export function openingsInMarket(openings: Readonly<Record<string, Opening>>, units: UnitSystem): Record<string, Opening> {
  const inches = ({ x, y, width, height, ...rest }: Opening): Opening => ({ ...rest, ...roundedSize({ x, y, width, height }, units) })
  return Object.fromEntries(Object.entries(openings).map(([id, opening]) => [id, inches(opening)]))
}

function layerInInches(layer: Layer): Layer {
  const { material, thickness } = stuffInInches(layer.material, layer.loose ?? layer.thickness)
  return { ...layer, material, thickness, loose: null }
}

function stuffInInches(name: string, wanted: number): { material: string; thickness: number } {
  const like = INSTEAD[name] ?? name
  const batts = BATTS[like]
  const depth =
    batts &&
    nearest(
      batts.map(([inches]) => inches),
      wanted,
    )
  const material = batts?.find(([inches]) => Math.abs(inches * INCH - depth!) < 1e-9)?.[1] ?? like
  return { material, thickness: nearestSold(materialOf(material, materialsSold({}, "inch-pound")), wanted) }
}
