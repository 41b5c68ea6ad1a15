import type { AirState } from "../../schema/quantity"
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
import { type JointMould, jointMould } from "./joint-mould"
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
  /** m of equivalent air from the outdoor face to each of them, in each month. */
  airLayers: (readonly number[])[]
  /** Joints that mould comes to be seen at, by the humidity of the months alone. */
  mould: JointMould[]
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
  const sides = sameSides(
    ground
      ? months.map(({ inside }): Sides => ({ inside, beyond: { temperature: annualMean, relativeHumidity: 1 } }))
      : monthSides(surface, months).map(({ inside, beyond }): Sides => ({ inside, beyond })),
  )
  const warmInside = sum(sides.map(({ inside, beyond }) => inside.temperature - beyond.temperature)) >= 0
  const direction = ground?.direction ?? heatFlowDirection(face.tilt, warmInside)
  const film = ground ? groundResistance(ground, layers) : outdoorFilm(layers, farFilm(adjacent, direction), direction)
  const still = withoutLeaks(layers, direction, film, sides)
  const water: MonthlyWater = lazily<MonthlyWater>({
    planes: () => still.planes,
    months: () => sides,
    reached: () => still.reached,
    temperatures: () => still.temperatures,
    airLayers: () => still.airLayers,
    mould: () => still.mould,
    diffusion: () => still.diffusion,
    leaking: () =>
      still.reached.length > 0
        ? gathered(
            still.cut,
            months.map(({ leak }, i) => withLeaks(still, i, leak * leakage, face.part)),
          )
        : still.diffusion,
  })
  return water
}

/** Months that were told lately; most faces of a job stand between the same airs, from one edit to the next. */
const TOLD: Sides[][] = []
const MOST_TOLD = 24

/** The same months where they were told before: what hangs on them then is worked out once. */
function sameSides(sides: Sides[]): Sides[] {
  const same = (one: AirState, other: AirState) => one.temperature === other.temperature && one.relativeHumidity === other.relativeHumidity
  const known = TOLD.find((told) =>
    told.every(({ inside, beyond }, month) => same(inside, sides[month]!.inside) && same(beyond, sides[month]!.beyond)),
  )
  if (known) return known
  TOLD.unshift(sides)
  TOLD.length = Math.min(TOLD.length, MOST_TOLD)
  return sides
}

/** A surface through the months while no air leaks. */
interface Still extends Pick<MonthlyWater, "months" | "planes" | "reached" | "temperatures" | "airLayers" | "mould" | "diffusion"> {
  cut: Cut
  states: MonthState[]
}

const withoutLeaks = memoised(
  (layers: readonly BuiltLayer[], direction: keyof typeof INDOOR_RESISTANCE, rse: number, months: Sides[]): Still => {
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
    const still: Still = lazily<Still>({
      cut: () => cut,
      states: () => states,
      months: () => months,
      planes: () => planesOf(cut, layers),
      reached: () => [...new Set(leaksTo.filter((plane) => plane !== null))],
      temperatures: () => temperatures,
      airLayers: () => states.map(({ airLayers }) => airLayers),
      mould: () => jointMould(still, layers),
      diffusion: () => gathered(cut, states),
    })
    return still
  },
)

/** A month with air that leaks: what reaches a joint in one month passes it in all others too. */
function withLeaks({ cut, states, months, reached }: Still, month: number, leakage: number, part: FacePart): MonthState {
  const state = states[month]!
  const wetter = wetterPressure(months[month]!)
  const brought = new Array<number>(cut.names.length).fill(0)
  for (const plane of reached) brought[plane] = leakWater(wetter - state.bounds[plane + 1]!, leakage, part)
  return { ...state, brought }
}

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
