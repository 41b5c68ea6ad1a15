import type { AirState, Season } from "../../schema/quantity"
import { dewPoint } from "../air/dew-point"
import { vapourPressureAt } from "../air/moist-air"
import type { DetailFigures } from "../conduction/detail"
import { adjacentAir } from "../enclosure/adjacent"
import { type Conditions, governingSeason } from "../enclosure/conditions"
import type { SurfaceFigures } from "../enclosure/surface-figures"

/** The coldest place on the warm side of a detail: indoors in winter, outdoors of what is cooled. */
export interface ColdSurface {
  season: Season
  side: "inside" | "outside"
  /** °C */
  temperature: number
  /** Of the air before it, °C; null where that is dry. */
  dewPoint: number | null
  /** Water, or below 0 °C frost, gathers on it. */
  wet: "sweats" | "frost" | null
  /** The airs on both sides, °C. */
  inside: number
  beyond: number
}

/** The airs on both sides of a face in the season that drives most heat through it. */
export function drivingAirs(
  { adjacent, transferFromInside }: Pick<SurfaceFigures, "adjacent" | "transferFromInside">,
  conditions: Conditions,
): { season: Season; inside: AirState; beyond: AirState } {
  const season = governingSeason(conditions, adjacent)
  const { inside, outside } = conditions[season]
  return { season, inside, beyond: adjacentAir(adjacent, season, transferFromInside, inside, outside) }
}

/** Where the surfaces of a bridge stand between outdoors, 0, and indoors, 1. */
type Surfaces = Pick<DetailFigures, "coldestInside" | "warmestOutside">

/** Where a bridge of a face is coldest on its warm side, in the season that drives most heat. */
export function coldSurface(
  face: Pick<SurfaceFigures, "adjacent" | "transferFromInside">,
  solved: Surfaces,
  conditions: Conditions,
): ColdSurface {
  const { season, inside, beyond } = drivingAirs(face, conditions)
  const warmInside = inside.temperature >= beyond.temperature
  const share = warmInside ? solved.coldestInside : solved.warmestOutside
  const temperature = beyond.temperature + share * (inside.temperature - beyond.temperature)
  const before = warmInside ? inside : beyond
  const dew = dewPoint(vapourPressureAt(before.temperature, before.relativeHumidity))
  const wet = dew !== null && temperature < dew
  return {
    season,
    side: warmInside ? "inside" : "outside",
    temperature,
    dewPoint: dew,
    wet: wet ? (temperature < 0 ? "frost" : "sweats") : null,
    inside: inside.temperature,
    beyond: beyond.temperature,
  }
}
