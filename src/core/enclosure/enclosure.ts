import type { Inside } from "../../schema/job/inside"
import { crushedLayers } from "../assembly/crushing"
import { ventilationFlow } from "../inside/ventilation"
import { lazily } from "../lazily"
import { withOwnMaterials } from "../material/catalogue"
import { sum } from "../numeric/sum"
import { unfit } from "../shell/clear-opening"
import { clearVolume } from "../shell/clear-volume"
import { facesOf } from "../shell/faces"
import { boxSkin } from "../shell/floor-boxes"
import type { Linings } from "../shell/linings"
import { type Misfit, misfits } from "../shell/opening-fit"
import { type ClearInside, clearInside, floorRise, skinAgainstCube, volumeOf } from "../shell/size"
import { type Conditions, conditionsOf } from "./conditions"
import { borderBridges } from "./border-bridge"
import { edgeBridges } from "./edge-bridge"
import type { HeatPath } from "./heat-path"
import { heldInside, type HeldInside } from "./held-inside"
import type { JobState } from "./job-state"
import { type Leaks, leaksOf } from "./leaks"
import type { LineBridge } from "./line-bridge"
import { liningsOf, meanLiningsOf } from "./linings"
import { humidified, type MonthAir, monthAirs } from "./month-airs"
import { type PerimeterInsulation, perimeterInsulation } from "./perimeter-insulation"
import { type PointBridge, pointBridges } from "./point-bridge"
import { revealBridges } from "./reveal-bridge"
import type { Bridge, SolvedDetails } from "./solved-details"
import { type SurfaceFigures, surfacesFigures } from "./surface-figures"
import { vertexPaths } from "./vertex-path"

/** An enclosure as one variant builds it: what it is made of and what it passes, at no weather but the design conditions; SI. */
export interface Enclosure {
  conditions: Conditions
  /** What the inside is held at, and the airs on both sides in the mean of each month. */
  held: HeldInside
  months: MonthAir[]
  surfaces: SurfaceFigures[]
  /** Edges and reveals; what runs through surfaces; and with them corners, all that passes heat beside the surfaces. */
  lines: LineBridge[]
  points: PointBridge[]
  paths: HeatPath[]
  /** The paths that count; none where linings leave no inside. */
  countedPaths: readonly HeatPath[]
  leaks: Leaks
  /** Outdoor air that is let in on purpose, m³/s, and the share of its heat that an exchanger keeps. */
  ventilation: { flow: number; recovery: number }
  inside: Inside
  /** Where build-ups reach furthest in, and in the mean of each face. */
  linings: Linings
  meanLinings: Linings
  clear: ClearInside
  /** m³ within the shell's own measures, and between the linings */
  volume: number
  clearVolume: number
  skinArea: number
  /** How many times the skin of a cube of the same volume. */
  skinAgainstCube: number
  perimeterInsulation: PerimeterInsulation | null
  misfits: Misfit[]
  /** Details in two dimensions that it stands on, at their places. */
  bridges: Bridge[]
}

/** An enclosure from the details that are solved so far; each part is worked out when it is asked for. */
export function enclosureOf(state: JobState, solved: SolvedDetails): Enclosure {
  const { brief, shell, variant } = state
  const materials = withOwnMaterials(state.materials)
  const boxes = Object.values(shell.boxes)
  const typed = conditionsOf(brief, shell)
  const enclosure: Enclosure = lazily<Enclosure>({
    conditions: () => (brief.inside.water ? humidified(typed, enclosure.months) : typed),
    held: () => heldInside(brief.kind, brief.limits, typed),
    months: () => monthAirs(enclosure, typed),
    surfaces: () => {
      const { left, right, front, back } = enclosure.meanLinings
      return surfacesFigures(state, (left + right + front + back) / 4, solved)
    },
    lines: () => [
      ...edgeBridges(shell, enclosure.surfaces, solved),
      ...borderBridges(shell, enclosure.surfaces, solved),
      ...revealBridges(shell, enclosure.surfaces, variant.breaks, materials, solved),
    ],
    points: () => pointBridges(state, enclosure.surfaces, materials),
    paths: () => [...enclosure.lines, ...enclosure.points, ...vertexPaths(shell, enclosure.lines, enclosure.surfaces)],
    countedPaths: () => {
      // Where linings leave no inside, measures over all say nothing that edges could make up for.
      const { length, width, heightAtWalls } = enclosure.clear
      return Math.min(length, width, heightAtWalls) > 0 ? enclosure.paths : []
    },
    leaks: () => leaksOf(state, enclosure.surfaces, enclosure.clearVolume),
    ventilation: () => ({
      flow: ventilationFlow(variant.ventilation, brief.inside.people),
      recovery: variant.ventilation.recovery,
    }),
    inside: () => brief.inside,
    linings: () => liningsOf(state),
    meanLinings: () => meanLiningsOf(state),
    clear: () => clearInside(shell.form, enclosure.linings, boxes, floorRise(shell)),
    volume: () => volumeOf(shell.form, boxes),
    clearVolume: () => clearVolume(shell.form, enclosure.meanLinings, boxes),
    skinArea: () => sum(facesOf(shell).map((face) => face.area)) + sum(boxes.map(boxSkin)),
    skinAgainstCube: () => skinAgainstCube(facesOf(shell), enclosure.volume),
    perimeterInsulation: () => perimeterInsulation(state, enclosure.surfaces),
    misfits: () => [...misfits(shell, facesOf(shell)), ...unfit(shell, enclosure.linings, enclosure.clear), ...crushed(state, enclosure)],
    bridges: () => [...enclosure.surfaces.flatMap(({ bridges }) => bridges), ...enclosure.lines],
  })
  return enclosure
}

/** Layers of the floor that what stands on it would crush, wherever on it that is. */
function crushed({ shell }: JobState, { surfaces }: Enclosure): Misfit[] {
  const floors = surfaces.filter(({ face, box }) => face.part === "floor" && box === null)
  return Object.values(shell.loads).flatMap((load) => {
    const names = floors.flatMap(({ layers }) => crushedLayers(layers, load).map(({ layer }) => layer.material.name))
    return [...new Set(names)].map((name) => ({ opening: null, message: `${name} is crushed under “${load.name}”.` }))
  })
}
