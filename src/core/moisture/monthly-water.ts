import { isoDewPoint } from "../air/iso-saturation"
import { type BuiltLayer, outdoorFilm, transmittanceLayers } from "../assembly/build-up"
import { heatFlowDirection, INDOOR_RESISTANCE } from "../assembly/surface-resistance"
import { layerResistance } from "../assembly/thermal-transmittance"
import { DAYS_IN_MONTH } from "../climate/design-day"
import { farFilm } from "../enclosure/films"
import { type MonthAir, pressureOf } from "../enclosure/month-airs"
import type { SurfaceFigures } from "../enclosure/surface-figures"
import { lazily } from "../lazily"
import { memoised } from "../memoised"
import { sum } from "../numeric/sum"
import { airLayersBetween } from "./air-layers"
import { monthSides } from "./cold-surface"
import { firstColdJoint } from "./damp-assessment"
import { airLayersAt, type Cut, cutUp, type Gathered, gathered, monthState, type MonthState, temperaturesAt } from "./glaser"
import { leakWater } from "./leak-water"
import { groundResistance } from "./moisture-check"
import type { FacePart } from "../shell/face"
import type { Sides } from "./mould"
import { bearableWater, bearingLayer } from "./trapped-water"

/** A plane that water can gather at. */
export interface WaterPlane {
  /** The layer outside it, and the one inside; the same where it lies within a layer. */
  outer: number
  inner: number
  /** m from the outdoor face */
  depth: number
  /** kg/m² that may lie there without harm */
  bearable: number
  /** It lies on wood or a board of it. */
  rots: boolean
}

/** Water in a surface through twelve months. */
export interface MonthlyWater {
  planes: WaterPlane[]
  months: Sides[]
  /** Planes that leaking air reaches. */
  reached: readonly number[]
  /** °C at the outdoor face, each plane and the inside face, in each month. */
  temperatures: number[][]
  /** What diffusion brings and takes away; and the same with what leaking air brings. */
  diffusion: Gathered
  leaking: Gathered
}

/**
 * Water that gathers in a surface beside its members and dries from it through the months, by diffusion and by leaks.
 * Surfaces have no vapour resistance; dry-cup values but of films that follow the humidity; soil is as damp as it can be.
 * @param leakage m³/(h·m²) at 50 Pa, by the skin
 * @see ISO 13788:2012, 6
 */
export function monthlyWater(surface: SurfaceFigures, months: readonly MonthAir[], annualMean: number, leakage: number): MonthlyWater {
  const { ground, layers, adjacent, face } = surface
  const sides = ground
    ? months.map(({ inside }): Sides => ({ inside, beyond: { temperature: annualMean, relativeHumidity: 1 } }))
    : monthSides(surface, months).map(({ inside, beyond }): Sides => ({ inside, beyond }))
  const leaks = months.map(({ leak }) => leak * leakage)
  const warmInside = sum(sides.map(({ inside, beyond }) => inside.temperature - beyond.temperature)) >= 0
  const direction = ground ? "down" : heatFlowDirection(face.tilt, warmInside)
  const film = ground ? groundResistance(ground, layers) : outdoorFilm(layers, farFilm(adjacent, direction), direction)
  return waterThrough(layers, direction, film, JSON.stringify({ sides, leaks }), face.part)
}

const waterThrough = memoised(
  (layers: readonly BuiltLayer[], direction: keyof typeof INDOOR_RESISTANCE, rse: number, text: string, part: FacePart): MonthlyWater => {
    const { sides: months, leaks: leakages } = JSON.parse(text) as { sides: Sides[]; leaks: number[] }
    const rsi = INDOOR_RESISTANCE[direction]
    const resistances = transmittanceLayers(layers).map((layer) => layerResistance(layer, direction))
    const cut = cutUp(resistances, rsi, rse)
    const path = { rsi, rse, thicknesses: layers.map(({ layer }) => layer.thickness), resistances }
    const states = months.map(({ inside, beyond }, i) => {
      const airLayers = airLayersAt(cut, airLayersBetween(layers, { ...path, inside, outside: beyond }))
      return monthState(cut, airLayers, { inside, outside: beyond }, DAYS_IN_MONTH[i]! * 86_400)
    })
    const temperatures = months.map(({ inside, beyond }) => temperaturesAt(cut, beyond.temperature, inside.temperature))
    const joints = cut.parts.flatMap(({ layer }, i) => (i === 0 || cut.parts[i - 1]!.layer !== layer ? [i] : []))
    const leaksTo = months.map((month, i) => leakedTo(joints, layers, month, temperatures[i]!))
    const reached = [...new Set(leaksTo.filter((plane) => plane !== null))]
    // Air that reaches a joint in one month passes it in all others too.
    const brought = states.map((state, i): MonthState => {
      const wetter = wetterPressure(months[i]!)
      const brought = new Array<number>(cut.names.length).fill(0)
      for (const plane of reached) brought[plane] = leakWater(wetter - state.bounds[plane + 1]!, leakages[i]!, part)
      return { ...state, brought }
    })
    const water: MonthlyWater = lazily<MonthlyWater>({
      planes: () => planesOf(cut, layers),
      months: () => months,
      reached: () => reached,
      temperatures: () => temperatures,
      diffusion: () => gathered(cut, states),
      leaking: () => (reached.length > 0 ? gathered(cut, brought) : water.diffusion),
    })
    return water
  },
)

function planesOf(cut: Cut, layers: readonly BuiltLayer[]): WaterPlane[] {
  let depth = 0
  return cut.names.map((_, plane): WaterPlane => {
    const { layer: outer, of } = cut.parts[plane]!
    const inner = cut.parts[plane + 1]!.layer
    depth += layers[outer]!.layer.thickness / of
    const bearing = bearingLayer(layers[outer], layers[inner])?.material
    const rots = bearing?.class === "wood" || (bearing?.class === "board" && bearing.fire.combustible)
    return { outer, inner, depth, bearable: bearableWater(layers[outer], layers[inner]), rots }
  })
}

const wetterPressure = ({ inside, beyond }: Sides): number => Math.max(pressureOf(inside), pressureOf(beyond))

/**
 * The first plane below its dew point that leaking air of the wetter side meets in a month; null if none.
 * @param joints first part of each layer
 */
function leakedTo(joints: readonly number[], layers: readonly BuiltLayer[], month: Sides, temperatures: readonly number[]): number | null {
  const [indoors, outdoors] = [pressureOf(month.inside), pressureOf(month.beyond)]
  const wetter = Math.max(indoors, outdoors)
  if (indoors === outdoors || wetter <= 0) return null
  const at = [...joints.map((i) => temperatures[i]!), temperatures.at(-1)!]
  const joint = firstColdJoint(at, layers, indoors > outdoors ? "inside" : "outside", isoDewPoint(wetter))
  // Plane k lies behind part k.
  return joint === null ? null : joints[joint]! - 1
}
