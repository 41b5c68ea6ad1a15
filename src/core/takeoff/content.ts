import type { BuiltLayer } from "../assembly/build-up"
import { solidShare } from "../assembly/member"
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
}

/** What a layer adds; nothing where it is there already. */
export function contentOf({ layer, material, members, bought }: BuiltLayer): Content[] {
  if (layer.existing) return []
  const beside = 1 - sum(members.map(({ fraction }) => fraction))
  return [
    { role: "layer", what: layer.material, material, share: beside, thickness: bought },
    ...members.flatMap(({ set, stuffs, fraction }): Content[] => {
      const solid = solidShare(set)
      const { thickness } = layer
      return [
        { role: "members", what: set.material, material: stuffs.stuff, share: fraction * solid, thickness },
        ...(stuffs.filling
          ? [{ role: "filling", what: set.fill!, material: stuffs.filling, share: fraction * (1 - solid), thickness } as const]
          : []),
      ]
    }),
  ]
}

/** What layers weigh with their members, as far as they are added, kg/m². */
export const massOfLayers = (layers: readonly BuiltLayer[]): number =>
  sum(layers.flatMap(contentOf).map(({ material, share, thickness }) => share * arealMass(material, thickness)))

/** What layers cost with their members, as far as they are added, €/m². */
export const priceOfLayers = (layers: readonly BuiltLayer[]): number =>
  sum(layers.flatMap(contentOf).map(({ material, share, thickness }) => share * arealPrice(material, thickness)))
