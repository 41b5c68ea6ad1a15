import type { AssemblyInput, AssemblyLayer } from "../../schema/assembly"
import type { Assembly, Layer, MemberSet } from "../../schema/job/build-up"
import type { Material } from "../../schema/material"
import type { HeatFlowDirection } from "../../schema/quantity"
import { materialOf } from "../material/catalogue"
import { arealMass, arealPrice, equivalentAirLayer } from "../material/layer-properties"
import { sum } from "../numeric/sum"
import { memberConductivity, solidShare } from "./member"

/** A layer of a job with all that the catalogue says of it. */
export interface BuiltLayer {
  id: string
  layer: Layer
  material: Material
  /** The members that it lies between; null for a continuous layer. */
  set: MemberSet | null
  /** Share of the face taken by those members, 0…1. */
  fraction: number
  /** As declared, or as it is in service, W/(m·K); and the temperature in its middle that this is at, °C, null as declared. */
  conductivity: number
  meanTemperature: number | null
  /** Label resistance, m²·K/W: thickness over declared conductivity; null for metals and air, which carry no label. */
  label: number | null
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
export function builtLayers(assembly: Assembly, shareOf: (set: MemberSet) => number): BuiltLayer[] {
  return assembly.order.map((id) => {
    const layer = assembly.layers[id]!
    const material = materialOf(layer.material)
    const set = layer.between === null ? null : assembly.members[layer.between]!
    const fraction = set ? shareOf(set) : 0
    const bare = material.class === "metal" || material.class === "air"
    return {
      id,
      layer,
      material,
      set,
      fraction,
      conductivity: material.conductivity.declared,
      meanTemperature: null,
      label: bare ? null : layer.thickness / material.conductivity.declared,
      airLayer: equivalentAirLayer(material, layer.thickness),
      mass: layer.existing ? 0 : withMembers(layer, set, material, fraction, arealMass),
      price: layer.existing ? 0 : withMembers(layer, set, material, fraction, arealPrice),
    }
  })
}

/** The layers as the transmittance calculation takes them; air spaces see the faces that they lie between. */
export function transmittanceLayers(layers: readonly BuiltLayer[]): AssemblyLayer[] {
  return layers.map(({ layer, material, conductivity, set, fraction }, i) => ({
    name: material.name,
    thickness: layer.thickness,
    ...(material.class === "air"
      ? { airspace: { emissivity1: faceEmissivity(layers[i - 1]), emissivity2: faceEmissivity(layers[i + 1]) } }
      : { conductivity }),
    ...(set ? { framing: { fraction, conductivity: memberConductivity(set, layer.thickness) } } : {}),
    ...(layer.voids ? { voids: layer.voids } : {}),
  }))
}

/** The set of members that each layer lies between: layers of one set are crossed by the same sticks. */
export const setsOf = (layers: readonly BuiltLayer[]): (string | null)[] => layers.map(({ layer }) => layer.between)

/** The sets of members that layers lie between, by id. */
export const memberSets = (layers: readonly BuiltLayer[]): [string, MemberSet][] => [
  ...new Map(layers.flatMap(({ layer, set }) => (set && layer.between ? [[layer.between, set] as const] : []))),
]

/** An assembly on a face, ready for `thermalTransmittance`. */
export function transmittanceInput(layers: readonly BuiltLayer[], direction: HeatFlowDirection, rse?: number): AssemblyInput {
  return { direction, layers: transmittanceLayers(layers), ...(rse === undefined ? {} : { rse }) }
}

/** Sum of the labels on the boards, m²·K/W. */
export function labelResistance(layers: readonly BuiltLayer[]): number {
  return sum(layers.map((layer) => layer.label ?? 0))
}

function faceEmissivity(neighbour: BuiltLayer | undefined): number {
  return neighbour?.material.face.emissivity ?? 0.9
}

/** A quantity per area of a layer with the members in it: fill beside them, their own solid part in place of it. */
function withMembers(
  { thickness }: Layer,
  set: MemberSet | null,
  fill: Material,
  fraction: number,
  of: (material: Material, thickness: number) => number,
): number {
  if (!set) return of(fill, thickness)
  return (1 - fraction) * of(fill, thickness) + fraction * solidShare(set) * of(materialOf(set.material), thickness)
}
