import type { Shell } from "../../schema/job/shell"
import type { Detail } from "../conduction/detail"
import { crushedLayers } from "../assembly/crushing"
import { type Conditions, conditionsOf } from "../heat/conditions"
import { withOwnMaterials } from "../material/catalogue"
import { dampRank } from "../moisture/damp-verdict"
import { sum } from "../numeric/sum"
import { clearVolume } from "../shell/clear-volume"
import { facesOf } from "../shell/faces"
import { unfit } from "../shell/clear-opening"
import { boxSkin } from "../shell/floor-boxes"
import { type Misfit, misfits } from "../shell/opening-fit"
import type { Linings } from "../shell/linings"
import { type ClearInside, clearInside, floorRise, skinAgainstCube } from "../shell/size"
import { type FaceFigures, facesFigures } from "./face-figures"
import { type HeatGain, heatGain } from "./heat-gain"
import { type HeatLoss, heatLoss } from "./heat-loss"
import { edgeBridges } from "./edge-bridge"
import type { HeatPath } from "./heat-path"
import { leaksOf } from "./leaks"
import type { LineBridge } from "./line-bridge"
import { type PointBridge, pointBridges } from "./point-bridge"
import { revealBridges } from "./reveal-bridge"
import { exposedPerimeter, type SlabRim, slabRim } from "./slab-rim"
import { type Bridge, type Solutions, UNSOLVED } from "./solutions"
import type { JobState } from "./state"
import { vertexPaths } from "./vertex-path"
import { liningsOf } from "./linings"
import { type MonthEnergy, yearOfEnergy } from "./year"

/** The headline figures of a job and what they are made of; SI. */
export interface Ledger {
  conditions: Conditions
  faces: FaceFigures[]
  /** Edges and reveals; what runs through faces; and with them corners, all that passes heat beside the faces. */
  lines: LineBridge[]
  points: PointBridge[]
  paths: HeatPath[]
  /** Details in two dimensions that the figures stand on but that are not solved yet, each once. */
  pending: Detail[]
  /** What they were taken from. */
  solutions: Solutions
  loss: HeatLoss
  gain: HeatGain
  /** J */
  year: { total: number; months: MonthEnergy[] }
  linings: Linings
  clear: ClearInside
  /** m³ within the shell's own measures, and between the linings */
  volume: number
  clearVolume: number
  skinArea: number
  /** How many times the skin of a cube of the same volume. */
  skinAgainstCube: number
  slabRim: SlabRim | null
  /** kg and € that the build-ups add */
  weight: number
  money: number
  /** The face that stands worst. */
  wettest: FaceFigures
  misfits: Misfit[]
}

/** Works out all figures of one way to build a job, from the details that are solved so far. */
export function ledgerOf(state: JobState, solutions: Solutions = UNSOLVED): Ledger {
  const { brief, shell } = state
  const conditions = conditionsOf(brief, shell)
  const outlines = facesOf(shell)
  const linings = liningsOf(state)
  const faces = facesFigures(
    state,
    outlines,
    conditions,
    {
      perimeter: exposedPerimeter(shell),
      wallThickness: (linings.left + linings.right + linings.front + linings.back) / 4,
    },
    solutions,
  )
  const materials = withOwnMaterials(state.materials)
  const lines = [...edgeBridges(shell, faces, solutions), ...revealBridges(faces, state.variant.breaks, materials, solutions)]
  const points = pointBridges(state, faces, materials)
  const paths = [...lines, ...points, ...vertexPaths(lines)]
  const rim = slabRim(
    state,
    faces.find(({ id }) => id === "floor")!,
  )
  const boxes = Object.values(shell.boxes)
  const leaks = leaksOf(state, faces)
  const { volume } = leaks
  const clear = clearInside(shell.form, linings, boxes, floorRise(shell))
  // Where linings leave no inside, measures over all say nothing that edges could make up for.
  const counted = Math.min(clear.length, clear.width, clear.heightAtWalls) > 0 ? paths : []
  return {
    conditions,
    faces,
    lines,
    points,
    paths,
    pending: pendingOf(bridgesOf({ faces, lines })),
    solutions,
    loss: heatLoss(faces, counted, leaks, conditions),
    gain: heatGain(faces, counted, leaks, conditions),
    year: yearOfEnergy(faces, counted, leaks, conditions),
    linings,
    clear,
    volume,
    clearVolume: clearVolume(shell.form, linings, boxes),
    skinArea: sum(outlines.map((face) => face.area)) + sum(boxes.map(boxSkin)),
    skinAgainstCube: skinAgainstCube(outlines, volume),
    slabRim: rim,
    weight: sum(faces.map((face) => face.netArea * face.mass)) + (rim ? rim.area * rim.mass : 0),
    money: sum(faces.map((face) => face.netArea * face.price)) + (rim ? rim.area * rim.price : 0),
    wettest: faces.reduce((worst, face) => (dampRank(face.damp.verdict) > dampRank(worst.damp.verdict) ? face : worst)),
    misfits: [...misfits(shell, outlines), ...unfit(shell, linings, clear), ...crushed(shell, faces)],
  }
}

/** All details that a ledger stands on, at their places. */
export const bridgesOf = ({ faces, lines }: Pick<Ledger, "faces" | "lines">): Bridge[] => [
  ...faces.flatMap(({ bridges }) => bridges),
  ...lines,
]

const pendingOf = (bridges: readonly Bridge[]): Detail[] => [
  ...new Map(bridges.flatMap(({ detail, solved }) => (solved ? [] : [[detail.key, detail] as const]))).values(),
]

/** Layers of the floor that what stands on it would crush. */
function crushed({ loads }: Shell, faces: readonly FaceFigures[]): Misfit[] {
  const { layers } = faces.find(({ id }) => id === "floor")!
  return Object.values(loads).flatMap((load) =>
    crushedLayers(layers, load).map(({ layer }) => ({ opening: null, message: `${layer.material.name} is crushed under “${load.name}”.` })),
  )
}
