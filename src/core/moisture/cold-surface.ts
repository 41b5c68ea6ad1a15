import type { AirState, Season } from "../../schema/quantity"
import { dewPoint } from "../air/dew-point"
import { vapourPressureAt } from "../air/moist-air"
import type { DetailFigures } from "../conduction/detail"
import { adjacentAir } from "../enclosure/adjacent"
import { type Conditions, governingSeason } from "../enclosure/conditions"
import { type SurfaceFigures, temperatureBeyond } from "../enclosure/surface-figures"
import { canMould, factorPast, MOULD_RESISTANCE } from "./mould"

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
  /** In the mean of the coldest month it passes 80 % humidity. */
  moulds: boolean
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

/** Where a bridge of a face is coldest on its warm side, in the season that drives most heat. @param film of the mould check, m²·K/W */
export function coldSurface(
  face: Pick<SurfaceFigures, "adjacent" | "transferFromInside" | "lineFilms">,
  solved: Surfaces,
  conditions: Conditions,
  film: number = MOULD_RESISTANCE.opaque,
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
    moulds: canMould(
      factorPast(solved.coldestInside, face.lineFilms.inside, film),
      conditions.winter.inside,
      temperatureBeyond(face, "winter", conditions.winter.inside.temperature, conditions.coldestMonth),
    ),
    inside: inside.temperature,
    beyond: beyond.temperature,
  }
}
