import type { Service } from "../../schema/job/job"
import { serviceConductivity } from "../material/service-conductivity"
import { type BuiltLayer, outdoorFilm, transmittanceLayers } from "./build-up"
import type { Films } from "./surface-resistance"
import { layerResistance } from "./thermal-transmittance"

/** A layer's own temperature follows from its conductivity and the other way round; two rounds settle both within a tenth of a kelvin. */
const ROUNDS = 2

/**
 * Layers with the conductivity that each has at its own mean temperature between two airs, at an age and a humidity; without such
 * conditions as declared.
 * @param airs °C
 */
export function inService(
  layers: readonly BuiltLayer[],
  service: Service | null,
  airs: { inside: number; outside: number },
  films: Films,
): readonly BuiltLayer[] {
  let built = layers
  if (!service) return built
  for (let round = 0; round < ROUNDS; round++) {
    const means = meanTemperatures(built, airs, films)
    built = built.map((layer, i) => {
      if (layer.material.class === "air") return layer
      const pressed = layer.declared / layer.material.conductivity.declared
      const conductivity = pressed * serviceConductivity(layer.material, means[i]!, service)
      return { ...layer, meanTemperature: means[i]!, conductivity }
    })
  }
  return built
}

/** Temperatures in the middle of the layers, on the path beside all members, °C. */
function meanTemperatures(layers: readonly BuiltLayer[], { inside, outside }: { inside: number; outside: number }, films: Films): number[] {
  const resistances = transmittanceLayers(layers).map((layer) => layerResistance(layer, films.direction))
  const outdoors = outdoorFilm(layers, films.outside, films.direction)
  const whole = films.inside + outdoors + resistances.reduce((sum, resistance) => sum + resistance, 0)
  let passed = outdoors
  return resistances.map((resistance) => {
    passed += resistance
    return outside + ((passed - resistance / 2) / whole) * (inside - outside)
  })
}
