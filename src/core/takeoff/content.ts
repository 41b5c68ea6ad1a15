import type { BuiltLayer, BuiltMembers } from "../assembly/build-up"
import { solidShare } from "../assembly/member"
import { memoised } from "../memoised"
import { arealMass, arealPrice } from "../material/layer-properties"
import { sum } from "../numeric/sum"
import type { Material } from "../../schema/material"

/** A material in a layer: what fills it, its members, or what they hold. */
export interface Content {
  role: "layer" | "members" | "filling"
  /** Id of the material. */
  what: string
  material: Material
  /** Share of the surface that it takes, 0…1. */
  share: number
  /** As it is bought, m. */
  thickness: number
  /** The set that it is of, or fills; null for what lies between. */
  members: BuiltMembers | null
  /** Of the surface, its share in, kg/m² and €/m². */
  mass: number
  price: number
}

/** What a layer adds; nothing where it is there already, and no members that are. */
export const contentOf = memoised(({ layer, material, members, bought }: BuiltLayer): Content[] => {
  if (layer.existing) return []
  const of = (
    role: Content["role"],
    what: string,
    stuff: Material,
    share: number,
    thickness: number,
    set: BuiltMembers | null,
  ): Content => {
    const [mass, price] = [share * arealMass(stuff, thickness), share * arealPrice(stuff, thickness)]
    return { role, what, material: stuff, share, thickness, members: set, mass, price }
  }
  const beside = 1 - sum(members.map(({ fraction }) => fraction))
  const through = members.flatMap((one) => {
    const { set, stuffs, fraction } = one
    const solid = solidShare(set)
    const own = of("members", set.material, stuffs.stuff, fraction * solid, layer.thickness, one)
    const filling = stuffs.filling ? [of("filling", set.fill!, stuffs.filling, fraction * (1 - solid), layer.thickness, one)] : []
    return set.existing ? filling : [own, ...filling]
  })
  return [of("layer", layer.material, material, beside, bought, null), ...through]
})

/** What layers weigh with their members, as far as they are added, kg/m². */
export const massOfLayers = (layers: readonly BuiltLayer[]): number =>
  sum(layers.flatMap((layer) => contentOf(layer)).map(({ mass }) => mass))

/** What layers cost with their members, as far as they are added, €/m². */
export const priceOfLayers = (layers: readonly BuiltLayer[]): number =>
  sum(layers.flatMap((layer) => contentOf(layer)).map(({ price }) => price))
