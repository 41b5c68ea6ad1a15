import { vapourPressureAt } from "../air/moist-air"
import type { BuiltLayer } from "../assembly/build-up"
import { interfaceProfile, type Path } from "../assembly/interface-profile"
import { cupCourse } from "../material/layer-properties"
import { onCurve } from "../numeric/curve"

/** Rounds in which films and the vapour line come to agree, at most; each halves what is left. */
const ROUNDS = 30
/** Of a film's sd: less is agreement. */
const SETTLED = 1e-6

/**
 * Equivalent air layers of layers between two airs, m, each by the mean humidity of its two faces, which it has a part in itself: between dry
 * and wet cup, and of a film that follows the humidity by its course.
 * @param path the way through the layers
 * @see ISO 13788:2012, 4.2; ISO 10456:2007, 4.2; Künzel, H. M.: the humidity-controlled vapour retarder (1999)
 */
export function airLayersBetween(layers: readonly BuiltLayer[], path: Omit<Path, "airLayers">): readonly number[] {
  const airLayers = layers.map((layer) => layer.equivalentAirLayer)
  const courses = layers.map(courseOf)
  if (!courses.some(Boolean)) return airLayers
  // The temperatures are the same in each round.
  const saturation = interfaceProfile(path).map(({ saturationPressure }) => saturationPressure)
  const { inside, outside } = path
  const [indoor, outdoor] = [inside, outside].map((air) => vapourPressureAt(air.temperature, air.relativeHumidity)) as [number, number]
  const most = saturation.map((full, i) =>
    i === 0 ? Math.min(outdoor, full) : i === saturation.length - 1 ? Math.min(indoor, full) : full,
  )
  for (let round = 0; round < ROUNDS; round++) {
    const line = vapourLine(airLayers, most)
    let moved = 0
    courses.forEach((course, i) => {
      if (!course) return
      const airLayer = airLayers[i]!
      const humidity = (line[i]! / saturation[i]! + line[i + 1]! / saturation[i + 1]!) / 2
      airLayers[i] = (airLayer + onCurve(course, humidity)) / 2
      moved = Math.max(moved, Math.abs(airLayers[i] - airLayer) / airLayer)
    })
    if (moved < SETTLED) break
  }
  return airLayers
}

/**
 * Vapour pressure at the faces of layers, Pa: the straightest line from face to face that passes nothing that bounds it, as it is where water
 * gathers at what it touches.
 * @param most Pa at each face of a layer, at the two outermost what stands there
 * @see ISO 13788:2012, 6.4
 */
function vapourLine(airLayers: readonly number[], most: readonly number[]): number[] {
  const at = [0]
  for (const one of airLayers) at.push(at.at(-1)! + one)
  const kept = [0]
  const slope = (a: number, b: number) => (most[b]! - most[a]!) / (at[b]! - at[a]!)
  for (let i = 1; i < most.length; i++) {
    while (kept.length > 1 && slope(kept.at(-2)!, kept.at(-1)!) >= slope(kept.at(-1)!, i)) kept.pop()
    kept.push(i)
  }
  const line = [...most]
  for (let k = 0; k + 1 < kept.length; k++) {
    const [a, b] = [kept[k]!, kept[k + 1]!]
    for (let i = a + 1; i < b; i++) line[i] = most[a]! + slope(a, b) * (at[i]! - at[a]!)
  }
  return line
}

/** A layer's course, m; none of what stands in the open air of a vented space. */
function courseOf({ material, equivalentAirLayer, effectiveShare }: BuiltLayer): readonly (readonly [number, number])[] | null {
  if (effectiveShare === 0) return null
  return material.vapour.sdByHumidity ?? courseOfCups(cupCourse(material), equivalentAirLayer)
}

const courseOfCups = (course: ReturnType<typeof cupCourse>, dry: number) =>
  course && course.map(([humidity, share]) => [humidity, share * dry] as const)
