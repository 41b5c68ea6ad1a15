import type { AssemblyLayer } from "../../schema/assembly"
import type { Assembly, Fasteners, Layer, MemberSet } from "../../schema/job/build-up"
import type { Material } from "../../schema/material"
import type { HeatFlowDirection } from "../../schema/quantity"
import { kept } from "../kept"
import { CATALOGUE, type Materials, materialOf } from "../material/catalogue"
import { arealMass, arealPrice, equivalentAirLayer } from "../material/layer-properties"
import { pressedConductivity } from "../material/pressed-fibre"
import { sum } from "../numeric/sum"
import { type MemberStuffs, memberConductivity, solidShare } from "./member"
import type { StackLayer } from "./thermal-transmittance"
import { OUTDOOR_RESISTANCE } from "./surface-resistance"
import { countedShares, filmOutside } from "./ventilated"

/** A layer of a job with all that the catalogue says of it. */
export interface BuiltLayer {
  id: string
  layer: Layer
  material: Material
  /** The members that it lies between; null for a continuous layer. */
  set: MemberSet | null
  /** What those are of. */
  stuffs: MemberStuffs | null
  /** Share of the face taken by those members, 0…1. */
  fraction: number
  /** Declared for the density that it lies at, W/(m·K). */
  declared: number
  /** As declared, or as it is in service, W/(m·K); and the temperature in its middle that this is at, °C, null as declared. */
  conductivity: number
  meanTemperature: number | null
  /** Label resistance, m²·K/W: thickness as sold over declared conductivity; null for metals and air, which carry no label. */
  label: number | null
  /** Share of its own resistance that counts: 1, and less outside a vented air space. */
  counted: number
  fasteners: AssemblyLayer["fasteners"] | null
  /** Equivalent air layer beside the members, m. */
  airLayer: number
  /** kg/m² and €/m² that the layer adds, members included; 0 where it is there already. */
  mass: number
  price: number
}

/**
 * Layers of an assembly as a face wears them, outside to inside.
 * @param shareOf share of the face that a set of members takes, 0…1
 */
export function builtLayers(assembly: Assembly, shareOf: (set: MemberSet) => number, materials: Materials = CATALOGUE): BuiltLayer[] {
  const layers = assembly.order.map((id) => assembly.layers[id]!)
  const isAir = (layer: Layer) => materialOf(layer.material, materials).class === "air"
  const counted = countedShares(layers.map((layer) => (isAir(layer) ? layer.vents : 0)))
  return layers.map((layer, i) => {
    const material = materialOf(layer.material, materials)
    const set = layer.between === null ? null : assembly.members[layer.between]!
    const stuffs = set && stuffsOf(set, materials)
    const fraction = set ? shareOf(set) : 0
    const bare = material.class === "metal" || material.class === "air"
    const loose = looseThickness(layer, material)
    const declared = pressedConductivity(material, loose / layer.thickness)
    const both = (of: (material: Material, thickness: number) => number) =>
      layer.existing ? 0 : withMembers(of(material, loose), layer.thickness, set, stuffs, fraction, of)
    return {
      id: assembly.order[i]!,
      layer,
      material,
      set,
      stuffs,
      fraction,
      declared,
      conductivity: declared,
      meanTemperature: null,
      label: bare ? null : loose / material.conductivity.declared,
      // What lies outside a well vented space has outdoor air on both sides.
      airLayer: counted[i] === 0 ? AIRED : equivalentAirLayer(material, layer.thickness),
      counted: counted[i]!,
      fasteners: layer.fasteners && fastenersOf(layer.fasteners, materials),
      mass: both(arealMass),
      price: both(arealPrice),
    }
  })
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
export const transmittanceLayers = kept((layers: readonly BuiltLayer[]): StackLayer[] =>
  layers.map(({ layer, material, conductivity, set, stuffs, fraction, counted, fasteners }, i) => ({
    name: material.name,
    thickness: layer.thickness,
    ...(material.class === "air"
      ? { airspace: { emissivity1: faceEmissivity(layers[i - 1]), emissivity2: faceEmissivity(layers[i + 1]) } }
      : { conductivity }),
    ...(set && stuffs ? { framing: { fraction, conductivity: memberConductivity(set, stuffs, layer.thickness) } } : {}),
    ...(layer.voids ? { voids: layer.voids } : {}),
    ...(fasteners ? { fasteners } : {}),
    ...(counted === 1 ? {} : { counted }),
  })),
)

/** The set of members that each layer lies between: layers of one set are crossed by the same sticks. */
export const setsOf = (layers: readonly BuiltLayer[]): (string | null)[] => layers.map(({ layer }) => layer.between)

/** The sets of members that layers lie between, by id, with what they are of. */
export function memberSets(layers: readonly BuiltLayer[]): [id: string, set: MemberSet, stuffs: MemberStuffs][] {
  return layers.flatMap(({ layer: { between }, set, stuffs }, i) => {
    const first = layers.findIndex(({ layer }) => layer.between === between) === i
    return first && between !== null && set && stuffs ? [[between, set, stuffs]] : []
  })
}

/** An assembly on a face, ready for `thermalTransmittance`. */
export function transmittanceInput(layers: readonly BuiltLayer[], direction: HeatFlowDirection, rse = OUTDOOR_RESISTANCE) {
  return { direction, layers: transmittanceLayers(layers), rse: outdoorFilm(layers, rse, direction) }
}

/** Film on the outdoor side of what counts of a build-up, m²·K/W. */
export const outdoorFilm = (layers: readonly BuiltLayer[], film: number, direction: HeatFlowDirection): number =>
  filmOutside(layers[0]!.counted, film, direction)

/** Sum of the labels on the boards, m²·K/W. */
export function labelResistance(layers: readonly BuiltLayer[]): number {
  return sum(layers.map((layer) => layer.label ?? 0))
}

function faceEmissivity(neighbour: BuiltLayer | undefined): number {
  return neighbour?.material.face.emissivity ?? 0.9
}

/** A quantity per area of a layer with the members in it: fill beside them, their own solid part and what it holds in place of it. */
function withMembers(
  beside: number,
  thickness: number,
  set: MemberSet | null,
  stuffs: MemberStuffs | null,
  fraction: number,
  of: (material: Material, thickness: number) => number,
): number {
  if (!set || !stuffs) return beside
  const solid = solidShare(set)
  const held = stuffs.filling ? (1 - solid) * of(stuffs.filling, thickness) : 0
  return (1 - fraction) * beside + fraction * (solid * of(stuffs.stuff, thickness) + held)
}
