import type { AirState, Season } from "../../schema/quantity"
import { dewPoint } from "../air/dew-point"
import { vapourPressureAt } from "../air/moist-air"
import type { DetailFigures } from "../conduction/detail"
import { type Adjacent, adjacentAir } from "../enclosure/adjacent"
import { type Conditions, governingSeason } from "../enclosure/conditions"
import type { Enclosure } from "../enclosure/enclosure"
import type { MonthAir } from "../enclosure/month-airs"
import type { SurfaceFigures } from "../enclosure/surface-figures"
import { memoised } from "../memoised"
import { dewMonths, factorPast, MOULD_RESISTANCE, type MonthSides, mouldMonths, mouldSeen } from "./mould"
import { faceMouldClass } from "./mould-index"

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
  /** Months, 0…11, in whose mean water gathers on it, and mould can grow on the inside face. */
  dews: number[]
  moulds: number[]
  /** It comes to be seen there. */
  mouldSeen: boolean
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

/** The airs of an enclosure: at its design conditions, and in the mean of each month. */
export type DampClimate = Pick<Enclosure, "conditions" | "months">

/** The airs on both sides of a face in the mean of each month. */
export const monthSides = (face: Pick<SurfaceFigures, "adjacent" | "transferFromInside">, months: readonly MonthAir[]): MonthSides[] =>
  // Only the air of an unheated space depends on other surfaces.
  sidesBetween(months, face.adjacent, face.adjacent.kind === "outdoors" ? 0 : face.transferFromInside)

const sidesBetween = memoised((months: readonly MonthAir[], adjacent: Adjacent, transferFromInside: number): MonthSides[] =>
  months.map(({ season, inside, outside, times }) => {
    const beyond = (air: AirState) => adjacentAir(adjacent, season, transferFromInside, air, outside)
    return { inside, beyond: beyond(inside), times: times.map((time) => ({ ...time, beyond: beyond(time.inside) })) }
  }),
)

/** Where a bridge of a face is coldest on its warm side, in the season that drives most heat. @param film of the mould check, m²·K/W */
export function coldSurface(
  face: Pick<SurfaceFigures, "adjacent" | "transferFromInside" | "lineFilms" | "layers">,
  solved: Surfaces,
  { conditions, months }: DampClimate,
  film: number = MOULD_RESISTANCE.opaque,
): ColdSurface {
  const { season, inside, beyond } = drivingAirs(face, conditions)
  const warmInside = inside.temperature >= beyond.temperature
  const share = warmInside ? solved.coldestInside : solved.warmestOutside
  const temperature = beyond.temperature + share * (inside.temperature - beyond.temperature)
  const before = warmInside ? inside : beyond
  const dew = dewPoint(vapourPressureAt(before.temperature, before.relativeHumidity))
  const wet = dew !== null && temperature < dew
  const sides = monthSides(face, months)
  const factor = factorPast(solved.coldestInside, face.lineFilms.inside, film)
  const moulds = mouldMonths(factor, sides)
  return {
    season,
    side: warmInside ? "inside" : "outside",
    temperature,
    dewPoint: dew,
    wet: wet ? (temperature < 0 ? "frost" : "sweats") : null,
    dews: dewMonths(share, warmInside ? "inside" : "outside", sides),
    moulds,
    mouldSeen: moulds.length > 0 && mouldSeen(factor, sides, faceMouldClass(face.layers.at(-1)!.material)),
    inside: inside.temperature,
    beyond: beyond.temperature,
  }
}
