import { vapourPressureAt } from "../air/moist-air"
import type { BuiltLayer } from "../assembly/build-up"
import { interfaceProfile, type Path } from "../assembly/interface-profile"
import { onCurve } from "../numeric/curve"
import { sum } from "../numeric/sum"

/** Rounds in which films and the vapour line come to agree, at most; each halves what is left. */
const ROUNDS = 30
/** Of a film's sd: less is agreement. */
const SETTLED = 1e-6

/**
 * Equivalent air layers of layers between two airs, m: by the dry cup, and of a film that follows the humidity by the mean of that on its
 * two faces, which the film itself has a part in.
 * @param path the way through the layers
 * @see ISO 13788:2012, 4.2; Künzel, H. M.: the humidity-controlled vapour retarder (1999)
 */
export function airLayersBetween(layers: readonly BuiltLayer[], path: Omit<Path, "airLayers">): readonly number[] {
  const airLayers = layers.map((layer) => layer.equivalentAirLayer)
  const courses = layers.map(courseOf)
  if (!courses.some(Boolean)) return airLayers
  // The temperatures are the same in each round.
  const saturation = interfaceProfile(path).map(({ saturationPressure }) => saturationPressure)
  const { inside, outside } = path
  const [indoor, outdoor] = [inside, outside].map((air) => vapourPressureAt(air.temperature, air.relativeHumidity)) as [number, number]
  for (let round = 0; round < ROUNDS; round++) {
    const over = (indoor - outdoor) / sum(airLayers)
    let [passed, before, moved] = [0, Math.min(1, outdoor / saturation[0]!), 0]
    for (let i = 0; i < airLayers.length; i++) {
      const [airLayer, course] = [airLayers[i]!, courses[i]]
      passed += airLayer
      const behind = Math.min(1, (outdoor + passed * over) / saturation[i + 1]!)
      if (course) {
        airLayers[i] = (airLayer + onCurve(course, (before + behind) / 2)) / 2
        moved = Math.max(moved, Math.abs(airLayers[i]! - airLayer) / airLayer)
      }
      before = behind
    }
    if (moved < SETTLED) break
  }
  return airLayers
}

/** A film's course; none of what stands in the open air of a vented space. */
const courseOf = ({ material: { vapour }, equivalentAirLayer }: BuiltLayer) =>
  equivalentAirLayer === vapour.sd?.dry ? vapour.sdByHumidity : undefined
