import type { Breaks } from "../../schema/job/job"
import type { Opening } from "../../schema/job/shell"
import type { Detail } from "../conduction/detail"
import { sheetsOf } from "../conduction/member-detail"
import { type Frame, jambDetail, type Leaf, thresholdDetail } from "../conduction/reveal-detail"
import { slabThresholdDetail } from "../conduction/slab-threshold-detail"
import { sameAir } from "../heat/beyond"
import { type Materials, materialOf } from "../material/catalogue"
import type { FaceFigures } from "./face-figures"
import type { LineBridge } from "./line-bridge"
import { bridgeAt, type Solutions } from "./solutions"

/** Openings that one walks through. */
const DOORS: readonly Opening["kind"][] = ["door", "sliding-door", "double-door", "passage"]
/** How far a door's foot may stand over the floor's inside face and still have its threshold on it, m. */
const STEP = 0.15

/** Whether the foot of an opening stands on the floor, and both have one air beyond them or the floor lies on the ground. */
export const hasThreshold = ({ kind, y, frame }: Opening, wall: FaceFigures, floor: FaceFigures): boolean =>
  frame !== null &&
  DOORS.includes(kind) &&
  wall.face.tilt > 60 &&
  y <= floor.winter.thickness + STEP &&
  (floor.ground ? wall.beyond.kind === "outdoors" && wall.face.tilt === 90 : sameAir(wall.beyond, floor.beyond))

/** The reveals of all openings whose frames are described: jambs and head, and the sill or the threshold. */
export function revealBridges(faces: readonly FaceFigures[], breaks: Breaks, materials: Materials, solutions: Solutions): LineBridge[] {
  const floor = faces.find(({ id }) => id === "floor")!
  return faces.flatMap((face) =>
    face.openings.flatMap(({ id, opening }): LineBridge[] => {
      if (!opening.frame || face.ground) return []
      const { declared } = materialOf(opening.frame.material, materials).conductivity
      const frame: Frame = { ...opening.frame, conductivity: declared, break: breaks.openings[id] ?? 0 }
      const leaf: Leaf = { thickness: opening.leaf, transmittance: opening.uValue }
      const films = face.lineFilms
      const wall = sheetsOf(face.driven, films.direction)
      const stands = hasThreshold(opening, face, floor)
      const { name, width, height, y } = opening
      const line = (place: string, words: string, detail: Detail, length: number): LineBridge => {
        const bridge = bridgeAt(`${id} ${place}`, detail, 0, solutions)
        const conductance = bridge.linear * length
        const known = { kind: "reveal", name: `${name}, ${words}`, face, other: face, share: 1, between: null, opening: id } as const
        return { ...known, ...bridge, length, conductance }
      }
      const jamb = jambDetail(wall, frame, leaf, films)
      if (!stands) return [line("jamb", "all round", jamb, 2 * (height + width))]
      const under = sheetsOf(floor.driven, floor.ground ? "down" : films.direction)
      const rise = Math.min(y, under.height)
      const foot = floor.ground
        ? slabThresholdDetail(under, wall, floor.ground, rise, frame, leaf)
        : thresholdDetail(under, wall, rise, frame, leaf, films)
      return [line("jamb", "jambs and head", jamb, 2 * height + width), line("threshold", "threshold", foot, width)]
    }),
  )
}
