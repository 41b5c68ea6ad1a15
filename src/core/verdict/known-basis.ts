import type { BuiltLayer } from "../assembly/build-up"
import { inSentence } from "../in-sentence"
import { uptakeOf } from "../section/layer-stuff"
import type { SectionModel } from "../section/section-model"
import { tellsRain } from "../section/section-sides"
import type { MaterialClass } from "../../schema/material"

/** What takes water up and leads it on, if it is of these classes. */
const SOAKS: readonly MaterialClass[] = ["wood", "stone", "plaster"]
const TAKES_UP: readonly MaterialClass[] = [...SOAKS, "board"]

/**
 * What the years of a face would rest on that is not known, each as one says it; none where all is.
 * @param layers those of the model
 */
export function unknownBasis(model: SectionModel, layers: readonly BuiltLayer[]): string[] {
  const [skin] = layers
  const name = (layer: BuiltLayer) => inSentence(layer.material.name)
  const rained = model.rain && model.outdoors && SOAKS.includes(skin!.material.class)
  return [
    ...layers.flatMap((layer) =>
      TAKES_UP.includes(layer.material.class) && layer.material.sorption === null ? [`how much water ${name(layer)} takes up`] : [],
    ),
    ...(rained && uptakeOf(skin!.layer.material) === null ? [`how much rain ${name(skin!)} draws in`] : []),
    ...(rained && !tellsRain(model.weather) ? ["how much it rains here"] : []),
  ]
}

/** Whether rain falls on a skin that drinks it. */
export const standsInRain = (model: SectionModel, layers: readonly BuiltLayer[]): boolean =>
  model.rain && model.outdoors && SOAKS.includes(layers[0]!.material.class)
