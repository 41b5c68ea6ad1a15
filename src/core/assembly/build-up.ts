import type { AssemblyLayer } from "../../schema/assembly"
import type { Assembly, Fasteners, Layer, MemberSet } from "../../schema/job/build-up"
import type { Material } from "../../schema/material"
import type { HeatFlowDirection } from "../../schema/quantity"
import { memoised } from "../memoised"
import { CATALOGUE, type Materials, materialOf } from "../material/catalogue"
import { equivalentAirLayer } from "../material/layer-properties"
import { pressedConductivity } from "../material/pressed-fibre"
import { sum } from "../numeric/sum"
import { type MemberStuffs, memberConductivity } from "./member"
import type { StackLayer } from "./thermal-transmittance"
import { OUTDOOR_RESISTANCE } from "./surface-resistance"
import { effectiveShares, filmOutside } from "./ventilated"

/** A set of members that cross a layer. */
export interface BuiltMembers {
  id: string
  set: MemberSet
  /** What they are of. */
  stuffs: MemberStuffs
  /** Share of the face that they take, 0…1. */
  fraction: number
}

/** A layer of a job with all that the catalogue says of it. */
export interface BuiltLayer {
  id: string
  layer: Layer
  material: Material
  /** The members that it lies between; none for a continuous layer. */
  members: readonly BuiltMembers[]
  /** Declared for the density that it lies at, W/(m·K). */
  declared: number
  /** As declared, or as it is in service, W/(m·K); and the temperature in its middle that this is at, °C, null as declared. */
  conductivity: number
  meanTemperature: number | null
  /** Resistance as the label declares it, m²·K/W: thickness as sold over declared conductivity; null for metals and air, which carry no label. */
  declaredResistance: number | null
  /** Share of its own resistance that counts: 1, and less outside a vented air space. */
  effectiveShare: number
  fasteners: AssemblyLayer["fasteners"] | null
  /** Equivalent air layer beside the members, m. */
  equivalentAirLayer: number
  /** Thickness as it is bought, m: that of fibre before it is pressed. */
  bought: number
}

/**
 * Layers of an assembly as a face wears them, outside to inside.
 * @param shareOf share of the face that a set of members takes, 0…1
 */
export function builtLayers(assembly: Assembly, shareOf: (set: string) => number, materials: Materials = CATALOGUE): BuiltLayer[] {
  const layers = assembly.order.map((id) => assembly.layers[id]!)
  const isAir = (layer: Layer) => materialOf(layer.material, materials).class === "air"
  const fractions = fractionsOf(assembly, layers, shareOf)
  const shares = effectiveShares(layers.map((layer) => (isAir(layer) ? layer.vents : 0)))
  return layers.map((layer, i) => {
    const material = materialOf(layer.material, materials)
    const members = setsIn(layer).map((id): BuiltMembers => {
      const set = assembly.members[id]!
      return { id, set, stuffs: stuffsOf(set, materials), fraction: fractions.get(id)! }
    })
    const bare = material.class === "metal" || material.class === "air"
    const loose = looseThickness(layer, material)
    const declared = pressedConductivity(material, loose / layer.thickness)
    return {
      id: assembly.order[i]!,
      layer,
      material,
      members,
      declared,
      conductivity: declared,
      meanTemperature: null,
      declaredResistance: bare ? null : loose / material.conductivity.declared,
      // What lies outside a well vented space has outdoor air on both sides.
      equivalentAirLayer: shares[i] === 0 ? AIRED : equivalentAirLayer(material, layer.thickness),
      effectiveShare: shares[i]!,
      fasteners: layer.fasteners && fastenersOf(layer.fasteners, materials),
      bought: loose,
    }
  })
}

/** The sets of members that stand in a layer, that which it lies between first. */
const setsIn = ({ between, also }: Layer): string[] => (between === null ? [] : [between, ...also])

/**
 * Share of the face that each set takes, the same in all layers: less where it is cut between others that it crosses in one layer, and no more
 * than all of a layer together.
 */
function fractionsOf({ members }: Assembly, layers: readonly Layer[], shareOf: (set: string) => number): Map<string, number> {
  const stands = layers.map(setsIn)
  const fractions = new Map([...new Set(stands.flat())].map((id) => [id, shareOf(id)]))
  const several = stands.filter((sets) => sets.length > 1)
  for (const sets of several)
    for (const [i, id] of sets.entries()) {
      const crosses = (other: string) => !members[id]!.around && members[other]!.direction !== members[id]!.direction
      const crossed = sum(sets.slice(0, i).map((other) => (crosses(other) ? shareOf(other) : 0)))
      fractions.set(id, Math.min(fractions.get(id)!, shareOf(id) * Math.max(0, 1 - crossed)))
    }
  for (const sets of several) {
    const all = sum(sets.map((id) => fractions.get(id)!))
    if (all > 1) for (const id of sets) fractions.set(id, fractions.get(id)! / all)
  }
  return fractions
}

/** Equivalent air layer of what outdoor air passes round, m. */
const AIRED = 0.001

/** Only fibre is pressed. */
const looseThickness = ({ loose, thickness }: Layer, { class: kind }: Material) => (kind === "fibre" ? (loose ?? thickness) : thickness)

const stuffsOf = (set: MemberSet, materials: Materials): MemberStuffs => ({
  stuff: materialOf(set.material, materials),
  filling: set.fill === null ? null : materialOf(set.fill, materials),
})

const fastenersOf = ({ material, diameter, perArea, recessed }: Fasteners, materials: Materials): BuiltLayer["fasteners"] => ({
  perArea,
  area: (Math.PI / 4) * diameter ** 2,
  conductivity: materialOf(material, materials).conductivity.declared,
  recessed,
})

/** The layers as the transmittance calculation takes them; air spaces see the faces that they lie between. */
export const transmittanceLayers = memoised((layers: readonly BuiltLayer[]): StackLayer[] =>
  layers.map(({ layer, material, conductivity, members, effectiveShare, fasteners }, i) => ({
    name: material.name,
    thickness: layer.thickness,
    ...(material.class === "air"
      ? { airspace: { emissivity1: faceEmissivity(layers[i - 1]), emissivity2: faceEmissivity(layers[i + 1]) } }
      : { conductivity }),
    framing: members.map(({ id, set, stuffs, fraction }) => ({
      set: id,
      fraction,
      conductivity: memberConductivity(set, stuffs, layer.thickness),
    })),
    ...(layer.voids ? { voids: layer.voids } : {}),
    ...(fasteners ? { fasteners } : {}),
    effectiveShare,
  })),
)

/** The sets of members that layers lie between, each once. */
export function membersOf(layers: readonly BuiltLayer[]): BuiltMembers[] {
  const all = layers.flatMap(({ members }) => members)
  return all.filter(({ id }, i) => all.findIndex((one) => one.id === id) === i)
}

/** Layers without some of the members: what lies between them fills their place. */
export const withoutMembers = (layers: readonly BuiltLayer[], out: (members: BuiltMembers) => boolean): BuiltLayer[] =>
  layers.map((layer) => (layer.members.some(out) ? { ...layer, members: layer.members.filter((one) => !out(one)) } : layer))

/** Layers as they lie where a set of members crosses them: those that it lies in are of its stuff. */
export const throughMembers = (layers: readonly BuiltLayer[], set: string): BuiltLayer[] =>
  layers.map((layer) => {
    const members = layer.members.find(({ id }) => id === set)
    if (!members) return layer
    const { stuff } = members.stuffs
    return {
      ...{ ...layer, layer: { ...layer.layer, material: members.set.material }, material: stuff, members: [] },
      conductivity: stuff.conductivity.declared,
      equivalentAirLayer: equivalentAirLayer(stuff, layer.layer.thickness),
    }
  })

/** An assembly on a face, ready for `thermalTransmittance`. */
export function transmittanceInput(layers: readonly BuiltLayer[], direction: HeatFlowDirection, rse = OUTDOOR_RESISTANCE) {
  return { direction, layers: transmittanceLayers(layers), rse: outdoorFilm(layers, rse, direction) }
}

/** Film on the outdoor side of what counts of a build-up, m²·K/W. */
export const outdoorFilm = (layers: readonly BuiltLayer[], film: number, direction: HeatFlowDirection): number =>
  filmOutside(layers[0]!.effectiveShare, film, direction)

/** Sum of the labels on the boards, m²·K/W. */
export function declaredResistance(layers: readonly BuiltLayer[]): number {
  return sum(layers.map((layer) => layer.declaredResistance ?? 0))
}

function faceEmissivity(neighbour: BuiltLayer | undefined): number {
  return neighbour?.material.face.emissivity ?? 0.9
}
