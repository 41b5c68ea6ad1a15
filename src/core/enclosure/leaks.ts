import type { Leakage } from "../../schema/job/job"
import type { AirState, Season } from "../../schema/quantity"
import { infiltration, stackCoefficient, windCoefficient } from "../airflow/infiltration"
import { adjacentAir } from "./adjacent"
import type { Condition } from "./conditions"
import { greatestHeight } from "../shell/size"
import type { SurfaceFigures } from "./surface-figures"
import type { JobState } from "./job-state"

/** What of an enclosure its leaks depend on: the same at every hour. */
export interface Leaks extends Leakage {
  /** m³ between the linings: what air changes refer to. @see EN ISO 9972:2015, 6.1.1 (internal volume) */
  volume: number
  /** m, from the lowest to the highest leak */
  height: number
  /** The face whose air leaks in; null: that of the outdoors. */
  from: SurfaceFigures | null
}

/**
 * Leaks of an enclosure: from outdoors where any face but the floor sees them, else from the largest space around.
 * @param clearVolume between the linings, m³
 */
export function leaksOf({ shell, variant }: JobState, surfaces: readonly SurfaceFigures[], clearVolume: number): Leaks {
  const around = surfaces.filter(({ face }) => face.part !== "floor")
  const open = around.some((figures) => figures.adjacent.kind === "outdoors")
  return {
    ...variant.leakage,
    volume: Math.max(0.001, clearVolume),
    height: greatestHeight(shell.form),
    from: open ? null : around.reduce((best, figures) => (figures.face.area > best.face.area ? figures : best)),
  }
}

/** Leakage at 50 Pa by the skin, m³/(h·m²). @param skinArea m² @see EN ISO 9972:2015, 6.3.2 (specific leakage rate of the envelope) */
export const leakageBySkin = ({ ach50, volume }: Pick<Leaks, "ach50" | "volume">, skinArea: number): number => (ach50 * volume) / skinArea

/** Air that leaks in, and what air it is. */
export interface LeakingAir {
  /** m³/s */
  flow: number
  /** changes per hour */
  ach: number
  from: AirState
}

/** Leaks by no more of the face whose air leaks in than what tells that air: numbers only. */
export interface PlainLeaks extends Omit<Leaks, "from"> {
  from: Pick<SurfaceFigures, "adjacent" | "transferFromInside"> | null
}

/** Leaks as they can be sent and told apart. */
export const plainLeaks = ({ from, ...leaks }: Leaks): PlainLeaks => ({
  ...leaks,
  from: from && { adjacent: from.adjacent, transferFromInside: from.transferFromInside },
})

/** Air that leaks in at a condition. */
export function leakingAir(leaks: PlainLeaks, season: Season, { inside, outside, windSpeed }: Condition): LeakingAir {
  const from = leaks.from ? adjacentAir(leaks.from.adjacent, season, leaks.from.transferFromInside, inside, outside) : outside
  const { ach50, shelter, volume, height } = leaks
  const { flow } = infiltration({
    flow50: (ach50 * volume) / 3600,
    stack: stackCoefficient(height),
    wind: windCoefficient(height, shelter),
    insideTemperature: inside.temperature,
    outsideTemperature: from.temperature,
    windSpeed,
  })
  return { flow, ach: (flow / volume) * 3600, from }
}
