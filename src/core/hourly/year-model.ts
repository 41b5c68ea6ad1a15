import type { Limits } from "../../schema/job/job"
import type { Away, Traffic } from "../../schema/job/inside"
import type { Machine, OffGrid, Plant } from "../../schema/job/plant"
import type { OwnWeather } from "../../schema/job/weather"
import type { Season } from "../../schema/quantity"
import { vapourPressureAt } from "../air/moist-air"
import { stackCoefficient, windCoefficient } from "../airflow/infiltration"
import { outdoorFilm } from "../assembly/build-up"
import { type PeriodicLayer, resistanceOf } from "../assembly/periodic"
import { heatFlowDirection, INDOOR_RESISTANCE } from "../assembly/surface-resistance"
import type { Thermostat } from "../dynamic/thermostats"
import type { Conditions } from "../enclosure/conditions"
import { pathLoss } from "../enclosure/heat-path"
import type { HeldInside } from "../enclosure/held-inside"
import type { Place } from "../enclosure/place"
import { SOIL, storingLayers } from "../enclosure/surface-day"
import { type SpaceSun, spaceSun, type SurfaceFigures, temperatureBeyond } from "../enclosure/surface-figures"
import { groundFlow } from "../ground/monthly-flow"
import { goodsHeat } from "../inside/goods"
import { personHeat } from "../inside/people"
import type { Coming } from "../inside/presence"
import { sum } from "../numeric/sum"
import { boundsOf } from "../shell/polygon"
import type { Shades } from "../shell/shading"
import type { Around } from "../sun/horizon"
import { FURNITURE, floorArea } from "../steady/free-day"
import type { SteadyEnclosure } from "../steady/heat-loss"
import { seesSun } from "../steady/surface-gain"
import { ventedSunFilms } from "../steady/vented-skin"
import { type ReheatModel, reheatModel } from "./reheat-model"

/** A straight line of the temperatures on both sides: what it is at 0 °C, and what each kelvin inside and outdoors adds. */
export interface Straight {
  inside: number
  outdoors: number
  fixed: number
}

type Seasons<T> = Readonly<Record<Season, T>>

/** Air beyond a face. */
export interface FarAir {
  /** °C */
  temperature: Seasons<Straight>
  /** Pressure of its water, Pa; null: that of the outdoor air. */
  vapour: Seasons<number> | null
}

/** Where the sun meets a face, and what keeps its beam off an upright one. */
export interface Sunny {
  /** Parts that look one way each: share of the face, degrees. */
  strips: readonly { share: number; tilt: number; azimuth: number }[]
  /** m */
  width: number
  height: number
  shades: Shades | null
}

/** A face through the year. */
export interface YearFace {
  /** m², such that the members' heat goes with that of the layers beside them */
  area: number
  layers: readonly PeriodicLayer[]
  rsi: number
  rse: number
  /** °C beyond it: a line of the temperatures, or of the ground in each month */
  beyond: Seasons<Straight> | readonly number[]
  /** How the sun warms the space beyond it; null where it does not. */
  space: SpaceSun | null
  /** What sun and sky do to it, and the film that they do it past, m²·K/W, as on the worst night and on the hottest day; null: they do not see it. */
  sun: (Sunny & { absorptance: number; emissivity: number; film: Seasons<number> }) | null
}

/** Glass that the sun comes through. */
export interface YearGlass extends Sunny {
  area: number
  g: number
}

/** A door in use. */
export interface YearDoor {
  area: number
  height: number
  traffic: Traffic
  beyond: FarAir
}

/** All that an enclosure's year hangs on but its weather: numbers only, so that they can be sent and told apart. */
export interface YearModel {
  /** Id of a built-in station, or what the job brings along. */
  weather: string | OwnWeather
  /** What keeps the sun's beam off all of it. */
  around: Around
  /** Of each month: by it go spaces that are held, and what is held inside. */
  seasons: readonly Season[]
  faces: readonly YearFace[]
  glass: readonly YearGlass[]
  /** What openings and edges let out at once, W. */
  beside: Seasons<Straight>
  leaks: { flow50: number; stack: number; wind: number; from: FarAir | null }
  ventilation: { flow: number; recovery: number }
  doors: readonly YearDoor[]
  /** When people are there, machines run and doors are in use. */
  coming: Coming
  /** What is held meanwhile; null: the same. */
  away: Away | null
  /** W to the air, and as water, while people are there; and of what always lies there. */
  gains: Seasons<{ there: number; water: number; lying: number }>
  /** m³ of air, and J/K of what warms with it */
  volume: number
  capacity: number
  inside: Seasons<{ temperature: number; relativeHumidity: number }>
  /** Null: there is none. */
  heater: YearMachine | null
  cooler: YearMachine | null
  /** Null: nothing is said of where power comes from. */
  offGrid: OffGrid | null
  /** What brings the inside back in weeks as cold as the worst night; null where it is held all along. */
  reheat: ReheatModel | null
}

/** A heater or a cooler: what it is set to, °C, its rated output, W, null where it is as great as it must be, and its curves. */
export interface YearMachine extends Thermostat {
  machine: Machine | null
}

/** What of a job its year hangs on. */
export interface YearEnclosure extends SteadyEnclosure {
  clearVolume: number
  held: HeldInside
}

/** What the brief says of the plant. */
export interface YearBrief {
  station: string
  weather: OwnWeather | null
  limits: Pick<Limits, "loss" | "gain">
  plant: Plant
}

/**
 * An enclosure as its year is stepped through. At rest it loses what the worst night's loss says.
 */
export function yearModel(enclosure: YearEnclosure, { station, weather, limits, plant }: YearBrief): YearModel {
  const { surfaces, leaks, ventilation, conditions, held, inside, clearVolume } = enclosure
  const { winter, summer } = conditions
  const months = conditions.station.monthlyTemperature
  const seasons = months.map((mean): Season => (mean > conditions.annualMean ? "summer" : "winter"))
  const heater = held.heater === null ? null : { setpoint: held.heater, capacity: limits.loss, machine: plant.heater }
  const cooler = held.cooler === null ? null : { setpoint: held.cooler, capacity: limits.gain, machine: plant.cooler }
  const usual = months.map((mean) => Math.min(Math.max(mean, heater?.setpoint ?? -Infinity), cooler?.setpoint ?? Infinity))
  return {
    weather: weather ?? station,
    around: conditions.around,
    seasons,
    faces: surfaces.filter(({ netArea }) => netArea > 1e-6).map((figures) => yearFace(figures, conditions, usual)),
    glass: surfaces.filter(seesSun).flatMap((figures) => glassOf(figures).map(([, pane]) => pane)),
    beside: bySeason((season) => straight((inside, outdoors) => besideFaces(enclosure, season, inside, outdoors))),
    leaks: {
      flow50: (leaks.ach50 * leaks.volume) / 3600,
      stack: stackCoefficient(leaks.height),
      // Where no face sees the outdoors no wind blows on it.
      wind: leaks.from ? 0 : windCoefficient(leaks.height, leaks.shelter),
      from: leaks.from && farAir(leaks.from),
    },
    ventilation,
    doors: surfaces.flatMap((figures) =>
      figures.openings.flatMap(({ opening: { traffic, width, height } }): YearDoor[] =>
        traffic ? [{ area: width * height, height, traffic, beyond: farAir(figures) }] : [],
      ),
    ),
    coming: { from: inside.from, to: inside.to, days: inside.days },
    away: inside.away,
    gains: bySeason((season) => gainsOf(inside, conditions[season].inside.temperature, cooler !== null)),
    volume: clearVolume,
    capacity: FURNITURE * floorArea(enclosure),
    inside: { winter: winter.inside, summer: summer.inside },
    heater,
    cooler,
    offGrid: plant.offGrid,
    reheat: reheatModel(enclosure, clearVolume),
  }
}

const bySeason = <T>(of: (season: Season) => T): Seasons<T> => ({ winter: of("winter"), summer: of("summer") })

/** The line of what goes straight with both temperatures. */
function straight(of: (inside: number, outdoors: number) => number): Straight {
  const fixed = of(0, 0)
  return { inside: of(1, 0) - fixed, outdoors: of(0, 1) - fixed, fixed }
}

function besideFaces({ surfaces, countedPaths }: YearEnclosure, season: Season, inside: number, outdoors: number): number {
  const openings = surfaces.map((figures) => {
    const difference = inside - temperatureBeyond(figures, season, inside, outdoors)
    return sum(figures.closures.map(({ area, uValue }) => area * uValue)) * difference
  })
  return sum(openings) + sum(countedPaths.map((path) => pathLoss(path, season, inside, outdoors)))
}

const beyondOf = (figures: SurfaceFigures): Seasons<Straight> =>
  bySeason((season) => straight((inside, outdoors) => temperatureBeyond(figures, season, inside, outdoors)))

function farAir(figures: SurfaceFigures): FarAir {
  const { adjacent } = figures
  const space = adjacent.kind === "space" && adjacent.space.kind === "held" ? adjacent.space : null
  return {
    temperature: beyondOf(figures),
    vapour: space && bySeason((season) => vapourPressureAt(space[season].temperature, space[season].relativeHumidity)),
  }
}

/** @param usual °C inside in each month: as outdoors, but for what is heated and cooled; the ground follows it over months */
function yearFace(figures: SurfaceFigures, conditions: Conditions, usual: readonly number[]): YearFace {
  const { face, netArea, layers, winterFilm, summerFilm, ground, transmittance, absorptance } = figures
  const direction = heatFlowDirection(face.tilt, true)
  const rsi = INDOOR_RESISTANCE[direction]
  const storing = storingLayers(layers, direction)
  if (ground) {
    const soil = [SOIL, ...storing]
    const conductance = netArea / (rsi + resistanceOf(soil))
    const beyond = conditions.station.monthlyTemperature.map((mean, month) => {
      return usual[month]! - groundFlow(ground, usual[month]!, conditions.annualMean, mean) / conductance
    })
    return { area: netArea, layers: soil, rsi, rse: 0, beyond, space: null, sun: null }
  }
  const rse = outdoorFilm(layers, winterFilm, direction)
  const open = 1 - layers[0]!.effectiveShare
  const past = (film: number) => (1 - open) * film + open * ventedSunFilms(transmittance, film, direction).behind
  const { emissivity } = layers[0]!.material.face
  return {
    area: netArea * transmittance * (rsi + resistanceOf(storing) + rse),
    layers: storing,
    rsi,
    rse,
    beyond: beyondOf(figures),
    space: spaceSun(figures),
    sun: seesSun(figures)
      ? { ...sunnyFace(figures), absorptance, emissivity, film: { winter: past(winterFilm), summer: past(summerFilm) } }
      : null,
  }
}

/** Where the sun meets a face beside its openings. */
export function sunnyFace({ face, shades }: SurfaceFigures): Sunny {
  const { left, right, low, high } = boundsOf(face.outline)
  const strips = face.strips.map(({ area, tilt, azimuth }) => ({ share: area / face.area, tilt, azimuth }))
  return { strips, width: right - left, height: high - low, shades }
}

/** Glass of a face by its places; what no sun comes through is left out. */
export const glassOf = ({ face: { tilt, azimuth }, closures }: SurfaceFigures): [Place, YearGlass][] =>
  closures.flatMap(({ place, area, solarFactor, width, height, shades }): [Place, YearGlass][] =>
    solarFactor > 0 ? [[place, { area, g: solarFactor, width, height, shades, strips: [{ share: 1, tilt, azimuth }] }]] : [],
  )

function gainsOf(
  { people, activity, equipment, goods, defrost }: SteadyEnclosure["inside"],
  room: number,
  cooled: boolean,
): YearModel["gains"]["winter"] {
  const person = personHeat(activity, room)
  return {
    there: people * person.sensible + equipment,
    water: people * person.latent,
    lying: sum(Object.values(goods).map((one) => goodsHeat(one, room))) + (cooled ? defrost : 0),
  }
}
