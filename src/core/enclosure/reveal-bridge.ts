import type { Breaks } from "../../schema/job/job"
import type { Opening, Shell } from "../../schema/job/shell"
import type { Detail } from "../conduction/detail"
import { layerStack } from "../conduction/member-detail"
import { type Frame, jambDetail, type Leaf, thresholdDetail } from "../conduction/reveal-detail"
import { slabThresholdDetail } from "../conduction/slab-threshold-detail"
import { sameAir } from "./adjacent"
import { type Materials, materialOf } from "../material/catalogue"
import { floorOf, type SurfaceFigures } from "./surface-figures"
import { overFloorLine } from "./linings"
import type { LineBridge } from "./line-bridge"
import { type Place, place } from "./place"
import { edgeAlong } from "../shell/edges"
import type { Point } from "../shell/face"
import { surfaceAt } from "./surface"
import { bridgeAt, type SolvedDetails } from "./solved-details"

/** Openings that one walks through. */
const DOORS: readonly Opening["kind"][] = ["door", "sliding-door", "double-door", "passage"]
/** How far a door's foot may stand over the floor's inside face and still have its threshold on it, m. */
const STEP = 0.15

/** Whether the foot of an opening stands on the floor, and both have one air beyond them or the floor lies on the ground. */
export const hasThreshold = ({ kind, y, frame }: Opening, wall: SurfaceFigures, floor: SurfaceFigures): boolean =>
  frame !== null &&
  DOORS.includes(kind) &&
  wall.face.tilt > 60 &&
  y <= floor.winter.thickness + STEP &&
  (floor.ground ? wall.adjacent.kind === "outdoors" && wall.face.tilt === 90 : sameAir(wall.adjacent, floor.adjacent))

/** The floor where one steps in through an opening of a wall. */
function floorBefore({ face }: SurfaceFigures, { x, width }: Opening, shell: Shell, surfaces: readonly SurfaceFigures[]): SurfaceFigures {
  const floor = floorOf(surfaces)
  if (Object.keys(shell.zones).length === 0) return floor
  const foot = edgeAlong(floor.face, face.id, shell.form)
  if (foot.length === 0) return floor
  const [[left], [right]] = face.outline as [Point, Point]
  const share = (right - x - width / 2) / (right - left)
  const [from, to] = foot as [Point, Point]
  return surfaceAt(surfaces, "floor", [from[0] + share * (to[0] - from[0]), from[1] + share * (to[1] - from[1])])
}

/** The reveals of all openings whose frames are described: jambs and head, and the sill or the threshold. */
export function revealBridges(
  shell: Shell,
  surfaces: readonly SurfaceFigures[],
  breaks: Breaks,
  materials: Materials,
  solved: SolvedDetails,
): LineBridge[] {
  return surfaces.flatMap((face) =>
    face.openings.flatMap(({ id, opening }): LineBridge[] => {
      if (!opening.frame || face.ground) return []
      const { declared } = materialOf(opening.frame.material, materials).conductivity
      const frame: Frame = { ...opening.frame, conductivity: declared, break: breaks.openings[id] ?? 0 }
      const leaf: Leaf = { thickness: opening.leaf, transmittance: opening.uValue }
      const films = face.lineFilms
      const wall = layerStack(face.governing, films.direction)
      const floor = floorBefore(face, opening, shell, surfaces)
      const stands = hasThreshold(opening, face, floor)
      const { name, width, height, y } = opening
      const line = (at: Place, words: string, detail: Detail, length: number): LineBridge => {
        const bridge = bridgeAt(at, detail, 0, solved)
        const conductance = bridge.linearTransmittance * length
        const known = {
          kind: "reveal",
          name: `${name}, ${words}`,
          face,
          other: face,
          angleFactor: 1,
          between: null,
          opening: id,
          runs: [],
        } as const
        return { ...known, ...bridge, length, conductance }
      }
      const jamb = jambDetail(wall, frame, leaf, films)
      if (!stands) return [line(place.jamb(id), "all round", jamb, 2 * (height + width))]
      const under = layerStack(floor.governing, floor.ground ? "down" : films.direction)
      const overLine = floor.ground ? overFloorLine(floor.governing) : under.height
      const rise = Math.min(y, overLine)
      const foot = floor.ground
        ? slabThresholdDetail(under, wall, floor.ground, overLine, rise, frame, leaf)
        : thresholdDetail(under, wall, rise, frame, leaf, films)
      return [line(place.jamb(id), "jambs and head", jamb, 2 * height + width), line(place.threshold(id), "threshold", foot, width)]
    }),
  )
}
