import type { Conditions } from "../heat/conditions"
import { airLeakageHeat, GROUND_SWING, transmission } from "../heat/transmission"
import { sum } from "../numeric/sum"
import { type FaceFigures, temperatureBeyondFace } from "./face-figures"
import { type HeatPath, pathLoss } from "./heat-path"
import { type LeakingAir, leakingAir, type Leaks } from "./leaks"

/** One way for heat to pass: W, positive outward in winter and inward in summer. */
export interface HeatPart {
  kind: "face" | "opening" | "path" | "air"
  /** Name of the face, the opening or the path's place; "air" for leakage. */
  id: string
  name: string
  heat: number
}

/** Heat lost on the worst night and what it is made of, W. */
export interface HeatLoss {
  total: number
  parts: HeatPart[]
  air: LeakingAir
}

/**
 * Steady heat loss on the worst night: through faces, openings, edges and leaks; no sun, nobody inside.
 * @see EN 12831-1:2017, 6.3 (transmission), with infiltration of ASHRAE Fundamentals 2017, ch. 16
 */
export function heatLoss(faces: readonly FaceFigures[], paths: readonly HeatPath[], leaks: Leaks, conditions: Conditions): HeatLoss {
  const { inside, outside } = conditions.winter
  const air = leakingAir(leaks, "winter", conditions.winter)
  const parts: HeatPart[] = faces.flatMap((figures): HeatPart[] => {
    const difference = inside.temperature - temperatureBeyondFace(figures, "winter", inside.temperature, outside.temperature)
    return [
      { kind: "face", id: figures.id, name: figures.name, heat: faceLoss(figures, difference, inside.temperature - conditions.annualMean) },
      ...figures.closures.map(({ id, name, area, uValue }): HeatPart => {
        return { kind: "opening", id, name, heat: transmission(area, uValue, difference) }
      }),
    ]
  })
  for (const path of paths)
    parts.push({ kind: "path", id: path.place, name: path.name, heat: pathLoss(path, "winter", inside.temperature, outside.temperature) })
  parts.push({ kind: "air", id: "air", name: "Air leaking in", heat: airLeakageHeat(air.flow, inside.temperature - air.from.temperature) })
  return { total: sum(parts.map((part) => part.heat)), parts, air }
}

/**
 * Heat through one face.
 * @param difference indoors over what is beyond it, K
 * @param groundDifference indoors over the year's mean, K
 */
export function faceLoss(figures: FaceFigures, difference: number, groundDifference: number): number {
  if (figures.ground) return figures.ground.heatTransferCoefficient * GROUND_SWING * groundDifference
  return transmission(figures.netArea, figures.transmittance, difference)
}
