import type { OwnWeather } from "../../schema/job/weather"
import type { HygroInput } from "../../schema/hygro"
import type { MaterialClass } from "../../schema/material"
import type { Season } from "../../schema/quantity"
import { type BuiltLayer, outdoorFilm, throughMembers, transmittanceLayers } from "../assembly/build-up"
import { layerResistance } from "../assembly/thermal-transmittance"
import { heatFlowDirection, INDOOR_RESISTANCE } from "../assembly/surface-resistance"
import { farFilm } from "../enclosure/films"
import type { Conditions } from "../enclosure/conditions"
import type { HeldInside } from "../enclosure/held-inside"
import { type Leaks, leakageBySkin } from "../enclosure/leaks"
import type { MonthAir } from "../enclosure/month-airs"
import type { SurfaceFigures } from "../enclosure/surface-figures"
import { type Sunny, sunnyFace } from "../hourly/year-model"
import { isPanelJoint } from "../moisture/damp-assessment"
import { leakWater } from "../moisture/leak-water"
import { groundResistance } from "../moisture/moisture-check"
import type { MonthlyWater } from "../moisture/monthly-water"
import type { Sides } from "../moisture/mould"
import { bearableWater, bearingLayer } from "../moisture/trapped-water"
import { sum } from "../numeric/sum"
import { seesSun } from "../steady/surface-gain"
import { ventedSunFilms } from "../steady/vented-skin"
import type { Around } from "../sun/horizon"
import { frostLimit } from "./frost-limit"
import { layerStuff, uptakeOf } from "./layer-stuff"
import { type MouldClass, mouldClass } from "../moisture/mould-index"
import { wallRainShare } from "./wall-rain"

/** A layer as it is followed through the years. */
export interface SectionLayer {
  thickness: number
  material: HygroInput["layers"][number]["material"]
  /** A sheet so thin that it is one cell. */
  sheet: boolean
  /** What mould would grow on; null where there is nothing. */
  mould: MouldClass | null
  /** Wood or a board of it: its water is told by mass. */
  wood: boolean
  /** Metal: damp air at it is told. */
  metal: boolean
  /** What it draws in was measured for a stuff like it, not for this one. */
  borrowed: boolean
  /** Water from which on frost breaks it, kg/m³; null where that is not known. */
  frost: number | null
  /** kg/m² that may lie at its indoor face, and within it */
  bearable: number
  /** Humidity that it comes with at most, as what it is of takes no water up: foam, and drier the core of a panel; 1: as all else is built in. */
  comes: number
  /** It lies on soil, which keeps it damp. */
  onGround: boolean
}

/** All that a face's years hang on but the weather's hours: numbers only, so that they can be sent and told apart. */
export interface SectionModel {
  weather: string | OwnWeather
  around: Around
  layers: readonly SectionLayer[]
  /** The hours of the weather come to its outdoor face; else the months' means of what lies beyond. */
  outdoors: boolean
  /** Films, m²·K/W. */
  rse: number
  rsi: number
  /** Nothing passes the outdoor face but heat: it is metal or as tight. */
  sealed: boolean
  /** What sun and sky do to it past which film; null where they do not see it. */
  sun: (Sunny & { absorptance: number; emissivity: number; film: Readonly<Record<Season, number>> }) | null
  /** Degrees; rain falls on it so. */
  tilt: number
  /** Rain comes to it; else a cladding, a roof or something else keeps it off. */
  rain: boolean
  /** Of the rain that wind drives over open country what comes to it upright. */
  driven: number
  seasons: readonly Season[]
  /** Both airs in the mean of each month. */
  airs: readonly Sides[]
  /** Nothing heats or cools the inside: it follows the outdoors by hours. */
  free: boolean
  /** Months in which a cooler dries the inside air; in all others its water goes up and down with that of the outdoors. */
  dried: readonly boolean[]
  /** Where air leaks to: the layer that it wets, at which of its faces, and kg/(m²·s·Pa) in each month. */
  leaks: readonly { layer: number; face: "outer" | "inner"; transfer: readonly number[] }[]
  /** Month that it begins with, 0…11: autumn. */
  start: number
  /** How the weather's years differ from the one that is told: K, 0…1 of humidity, and shares of sun and driven rain. */
  shift: { temperature: number; humidity: number; sun: number; rain: number }
}

/** What stands in the weather as an outermost layer; of all else the cladding is not drawn. */
const WEATHERED: readonly MaterialClass[] = ["wood", "stone", "plaster", "covering", "metal"]

/** From this sd on the outdoor face takes nothing from the air and gives it nothing, m. */
const TIGHT = 100
/** Thinner layers are one cell, m. */
const SHEET = 0.002
/** October, and south of the equator April. */
const [NORTH, SOUTH] = [9, 3] as const

/** What of an enclosure a face's years hang on. */
export interface SectionPlace {
  conditions: Conditions
  months: readonly MonthAir[]
  leaks: Leaks
  skinArea: number
  held: HeldInside
}

/** What is said of a section beyond what is drawn. */
export interface SectionSaid {
  /** Whether rain comes to its outermost layer; null: by what that is. */
  rain: boolean | null
  /** A set of members that it goes through; null: beside all of them. */
  through: string | null
  /** The layer at whose inner face air leaks in; null: where it does by the months, −1: nowhere. */
  leak: number | null
}

/** A section as it is drawn. */
export const AS_DRAWN: SectionSaid = { rain: null, through: null, leak: null }

/** A face as it is followed through the years, beside its members or through some; what lies outside a well vented space has no part in it. */
export function sectionModel(
  drawn: SurfaceFigures,
  water: MonthlyWater,
  { conditions, months, leaks, skinArea, held }: SectionPlace,
  { station, weather }: { station: string; weather: OwnWeather | null },
  { rain, through, leak }: SectionSaid = AS_DRAWN,
): SectionModel {
  const surface = through === null ? drawn : { ...drawn, layers: throughMembers(drawn.layers, through) }
  const { face, adjacent, ground, absorptance, winterFilm, transmittance } = surface
  const leakage = leakageBySkin(leaks, skinArea)
  const warmInside = sum(water.months.map(({ inside, beyond }) => inside.temperature - beyond.temperature)) >= 0
  const direction = ground?.direction ?? heatFlowDirection(face.tilt, warmInside)
  const film = ground ? groundResistance(ground, surface.layers) : outdoorFilm(surface.layers, farFilm(adjacent, direction), direction)
  const dropped = surface.layers.findIndex(({ effectiveShare }) => effectiveShare > 0)
  const layers = surface.layers.slice(dropped)
  const stack = transmittanceLayers(surface.layers)
  const joints =
    leak === null
      ? water.reached.map((plane) => water.planes[plane]!)
      : leak >= 0 && leak < surface.layers.length - 1
        ? [{ outer: leak, inner: leak + 1 }]
        : []
  const open = 1 - surface.layers[0]!.effectiveShare
  const past = (one: number) => (1 - open) * one + open * ventedSunFilms(transmittance, one, direction).behind
  return {
    weather: weather ?? station,
    around: conditions.around,
    layers: layers.map((layer, i) => ({
      ...sectionLayer(layer, layers[i + 1], layerResistance(stack[dropped + i]!, direction)),
      onGround: ground !== null && i === 0,
      comes: comesAs(surface.layers, dropped + i),
    })),
    outdoors: adjacent.kind === "outdoors",
    rse: film,
    rsi: INDOOR_RESISTANCE[direction],
    sealed: layers[0]!.equivalentAirLayer >= TIGHT,
    sun: seesSun(surface)
      ? {
          ...sunnyFace(surface),
          absorptance,
          emissivity: surface.layers[0]!.material.face.emissivity,
          film: { winter: past(winterFilm), summer: past(surface.summerFilm) },
        }
      : null,
    tilt: face.tilt,
    rain: rain ?? (adjacent.kind === "outdoors" && conditions.around.roof === null && WEATHERED.includes(layers[0]!.material.class)),
    driven: wallRainShare(surface, leaks.shelter),
    seasons: months.map(({ season }) => season),
    airs: water.months,
    free: held.heater === null && held.cooler === null,
    dried: months.map(({ season }) => held.cooler !== null && (held.heater === null || season === "summer")),
    leaks: joints.flatMap(({ outer, inner }) => {
      if (outer < dropped) return []
      const onOuter = liesOnOuter(surface.layers[outer]!, surface.layers[inner]!)
      const transfer = months.map(({ leak }) => leakWater(1, leak * leakage, face.part))
      return [{ layer: (onOuter ? outer : inner) - dropped, face: onOuter ? "inner" : "outer", transfer } as const]
    }),
    start: conditions.station.latitude >= 0 ? NORTH : SOUTH,
    shift: { temperature: 0, humidity: 0, sun: 1, rain: 1 },
  }
}

/** Humidity of foam's cells as it comes from the works, and of the core of a panel, which is closed there. */
const [FOAM_COMES, CORE_COMES] = [0.5, 0.3] as const

function comesAs(layers: readonly BuiltLayer[], at: number): number {
  if (layers[at]!.material.class !== "foam") return 1
  return at > 0 && isPanelJoint(layers, at) ? CORE_COMES : FOAM_COMES
}

/** Which side of a joint water lies on: what soaks it up, else what lets it go again, as a sheet would hold it locked in. */
function liesOnOuter(outer: BuiltLayer, inner: BuiltLayer): boolean {
  if (bearingLayer(outer, inner) === outer && outer.material.sorption) return true
  const factor = ({ equivalentAirLayer, layer }: BuiltLayer) => equivalentAirLayer / layer.thickness
  return factor(outer) < factor(inner)
}

/** @param next the layer inside it @param resistance of it, m²·K/W */
function sectionLayer(built: BuiltLayer, next: BuiltLayer | undefined, resistance: number): Omit<SectionLayer, "onGround" | "comes"> {
  const { layer, material, equivalentAirLayer, conductivity } = built
  const { thickness } = layer
  return {
    thickness,
    material: layerStuff(layer.material, material, resistance > 0 ? thickness / resistance : conductivity, equivalentAirLayer, thickness),
    sheet: thickness <= SHEET,
    mould: mouldClass(material),
    wood: material.class === "wood" || (material.class === "board" && material.fire.combustible && material.sorption !== null),
    metal: material.class === "metal",
    borrowed: uptakeOf(layer.material)?.borrowed ?? false,
    frost: frostLimit(layer.material, material.density),
    bearable: bearableWater(built, next),
  }
}
