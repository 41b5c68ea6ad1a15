import type { Season } from "../../schema/quantity"
import type { Place } from "./place"
import { factor, workingLine, type WorkingLine } from "../working"
import { type SurfaceFigures, temperatureBeyond } from "./surface-figures"

/** What passes heat beside the faces: a line or a point of the enclosure. */
export interface HeatPath {
  /** Names it in the job. */
  place: Place
  name: string
  /** A face that it lies on, with the air that is beyond it. */
  face: SurfaceFigures
  /** The face on its other side, whose air may be another; of a reveal or a point the same. */
  other: SurfaceFigures
  /** W/K */
  conductance: number
}

/** Heat that a path lets out, W; between two airs half of it goes with each. */
export function pathLoss({ face, other, conductance }: HeatPath, season: Season, inside: number, outdoors: number): number {
  const here = airAlong(face, season, inside, outdoors)
  const there = face === other ? here : airAlong(other, season, inside, outdoors)
  return conductance * (inside - (here + there) / 2)
}

/** Air that a path along a face leads to: over a slab that of the outdoors, °C. */
function airAlong(face: SurfaceFigures, season: Season, inside: number, outdoors: number): number {
  return face.ground ? outdoors : temperatureBeyond(face, season, inside, outdoors)
}

/** A path's part of a sum: its conductance, and the difference that its heat goes with. */
export const pathWorking = ({ face, conductance }: HeatPath, name: string, heat: number): WorkingLine =>
  workingLine(name, ["power", heat], { of: "shell", surface: face.id }, [
    factor("H", "conductance", conductance),
    factor("ΔT", "temperatureDifference", conductance === 0 ? 0 : heat / conductance),
  ])
