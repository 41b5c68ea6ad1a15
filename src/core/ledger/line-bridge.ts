import { INDOOR_RESISTANCE, OUTDOOR_RESISTANCE } from "../assembly/surface-resistance"
import type { Films } from "../conduction/detail"
import type { Beyond, Season } from "../heat/beyond"
import { type FaceFigures, temperatureBeyondFace } from "./face-figures"
import { factor, quantityOf, type WorkingLine } from "../working"
import type { Edge } from "../shell/edges"
import type { Bridge } from "./solutions"

/** A single line of an enclosure that passes heat beside its faces: an edge, or the reveal of an opening. */
export interface LineBridge extends Bridge {
  kind: "edge" | "reveal"
  name: string
  /** m */
  length: number
  /** A face along it, with the air that is beyond it. */
  face: FaceFigures
  /** The two faces of an edge, or the opening whose reveal it is. */
  between: Edge["faces"] | null
  opening: string | null
}

/** Films along a line: what is level and what stands have one air. @see ISO 10211:2017, 7.1 */
export const lineFilms = ({ beyond }: Pick<FaceFigures, "beyond">): Films => ({
  inside: INDOOR_RESISTANCE.horizontal,
  outside: beyond.kind === "space" ? INDOOR_RESISTANCE.horizontal : OUTDOOR_RESISTANCE,
  direction: "horizontal",
})

/** Whether two faces have one air beyond them. */
export const sameAir = (a: Beyond, b: Beyond): boolean => a.kind === b.kind && (a.kind !== "space" || b.kind !== "space" || a.id === b.id)

/** Conductance of a line, W/K. */
export const lineConductance = ({ linear, length }: LineBridge): number => linear * length

/** Heat that a line lets out, W. */
export function lineLoss(line: LineBridge, season: Season, inside: number, outdoors: number): number {
  const beyond = line.face.ground ? outdoors : temperatureBeyondFace(line.face, season, inside, outdoors)
  return lineConductance(line) * (inside - beyond)
}

/** A line's part of a sum: ψ, its length, and the difference that its heat goes with. */
export function lineWorking(line: LineBridge, heat: number): Omit<WorkingLine, "name"> {
  const conductance = lineConductance(line)
  return {
    factors: [
      factor("ψ", "linearTransmittance", line.linear),
      factor("l", "length", line.length),
      factor("ΔT", "temperatureDifference", conductance === 0 ? 0 : heat / conductance),
    ],
    operator: "×",
    result: quantityOf("power", heat),
    from: { station: "shell", face: line.face.id },
  }
}
