import type { Season } from "../heat/beyond"
import { factor, quantityOf, type WorkingLine } from "../working"
import { type FaceFigures, temperatureBeyondFace } from "./face-figures"

/** What passes heat beside the faces: a line or a point of the enclosure. */
export interface HeatPath {
  /** Names it in the job. */
  place: string
  name: string
  /** A face that it lies on, with the air that is beyond it. */
  face: FaceFigures
  /** W/K */
  conductance: number
}

/** Heat that a path lets out, W. */
export function pathLoss({ face, conductance }: HeatPath, season: Season, inside: number, outdoors: number): number {
  return conductance * (inside - (face.ground ? outdoors : temperatureBeyondFace(face, season, inside, outdoors)))
}

/** A path's part of a sum: its conductance, and the difference that its heat goes with. */
export function pathWorking({ face, conductance }: HeatPath, heat: number): Omit<WorkingLine, "name"> {
  return {
    factors: [factor("H", "conductance", conductance), factor("ΔT", "temperatureDifference", conductance === 0 ? 0 : heat / conductance)],
    operator: "×",
    result: quantityOf("power", heat),
    from: { station: "shell", face: face.id },
  }
}
