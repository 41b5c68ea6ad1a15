import { infiltration } from "../airflow/infiltration"
import type { Conditions } from "../heat/conditions"
import { airLeakageHeat, GROUND_SWING, transmission } from "../heat/transmission"
import { sum } from "../numeric/sum"
import { greatestHeight, volumeOf } from "../shell/size"
import type { FaceFigures } from "./face-figures"
import type { JobState } from "./state"

/** One way for heat to pass: W, positive outward in winter and inward in summer. */
export interface HeatPart {
  kind: "face" | "opening" | "air"
  /** Name of the face or the opening; "air" for leakage. */
  id: string
  name: string
  heat: number
}

/**
 *
 */
export interface HeatLoss {
  total: number
  parts: HeatPart[]
  /** Leaking air, m³/s, and its changes per hour. */
  air: { flow: number; ach: number }
}

/**
 * Steady heat loss on the worst night: through faces, openings and leaks; no sun, nobody inside.
 * @see EN 12831-1:2017, 6.3 (transmission), with infiltration of ASHRAE Fundamentals 2017, ch. 16
 */
export function heatLoss(state: JobState, faces: readonly FaceFigures[], conditions: Conditions): HeatLoss {
  const { inside, outside } = conditions.winter
  const difference = inside.temperature - outside.temperature
  const air = leakingAir(state, conditions.winter)
  const parts: HeatPart[] = faces.flatMap((figures): HeatPart[] => [
    { kind: "face", id: figures.id, name: figures.name, heat: faceLoss(figures, difference, inside.temperature - conditions.annualMean) },
    ...figures.openings.map(({ id, opening, area }): HeatPart => {
      return { kind: "opening", id, name: opening.name, heat: transmission(area, opening.uValue, difference) }
    }),
  ])
  parts.push({ kind: "air", id: "air", name: "Air leaking in", heat: airLeakageHeat(air.flow, difference) })
  return { total: sum(parts.map((part) => part.heat)), parts, air }
}

/**
 * Heat through one face.
 * @param difference indoors over outdoors, K
 * @param groundDifference indoors over the year's mean, K
 */
export function faceLoss(figures: FaceFigures, difference: number, groundDifference: number): number {
  if (figures.ground) return figures.ground.heatTransferCoefficient * GROUND_SWING * groundDifference
  return transmission(figures.netArea, figures.winter.uValue, difference)
}

/** Air that leaks in at a condition. */
export function leakingAir(state: JobState, condition: Conditions["winter"]): { flow: number; ach: number } {
  const { form, boxes } = state.shell
  return infiltration({
    ...state.variant.leakage,
    volume: volumeOf(form, Object.values(boxes)),
    height: greatestHeight(form),
    insideTemperature: condition.inside.temperature,
    outsideTemperature: condition.outside.temperature,
    windSpeed: condition.windSpeed,
  })
}
