import type { Boards, LockedJoint } from "../../schema/job/build-up"
import type { SheetSize, SheetStock } from "../../schema/job/sheet-stock"
import type { Shell } from "../../schema/job/shell"
import type { BuiltLayer, BuiltMembers } from "../assembly/build-up"
import { type JobState, stockOf } from "../enclosure/job-state"
import { overFloorLine } from "../enclosure/linings"
import type { SurfaceFigures } from "../enclosure/surface-figures"
import type { Course } from "../laying/lay-boards"
import { INCH } from "../quantity/length"
import { arealPrice } from "../material/layer-properties"
import { sum } from "../numeric/sum"
import { edgesOf, facesBeyond } from "../shell/edges"
import type { Face, Point } from "../shell/face"
import { boxNet, boxOutlinesOn } from "../shell/floor-boxes"
import { type FaceRegion, framingOn } from "../shell/framing"
import { notchOutline } from "../shell/notch"
import { clipConvex, inset, rectangleCorners } from "../shell/polygon"

/** What boards of one material and thickness are cut from, and how. */
export interface Stuff {
  /** Names it: the material and the thickness. */
  key: string
  material: string
  name: string
  thickness: number
  /** Batts; else sheets. */
  soft: boolean
  sizes: (Omit<SheetSize, "price"> & { price: number })[]
  offcuts: SheetStock["offcuts"]
  kerf: number
  edgeToEdge: boolean
}

/** A layer of boards on a face, with all that says how it is laid. */
export interface BoardLayer {
  face: SurfaceFigures["id"]
  faceName: string
  assembly: string
  layer: string
  stuff: string
  /** Which it is among the face's layers of the same stuff, from outside, counted from 0. */
  nth: number
  outline: Point[]
  /** Openings, boxes and pieces that are missing, and members that it lies between. */
  holes: Point[][]
  members: Point[][]
  /** Middles of the members that its joints lie on, by the axis of the face that they are counted along; null: anywhere. */
  on: { x: number[] | null; y: number[] | null }
  /** null: whichever takes fewer sheets */
  course: Course | null
  gap: number
  apart: number
  narrowest: number
  grain: boolean
  locked: readonly LockedJoint[]
}

/** All boards of an enclosure: face by face, outside to inside. */
export interface Boarding {
  stuffs: Stuff[]
  faces: BoardLayer[][]
}

/** What is taken where nothing is said: a saw's cut, a strip, how far joints lie apart, a gap between boards that swell, m. */
const USUAL = {
  metric: { kerf: 0.003, strip: 0.1, apart: 0.2, swells: 0.003 },
  "inch-pound": { kerf: INCH / 8, strip: 4 * INCH, apart: 8 * INCH, swells: INCH / 8 },
} as const

/** What is said of a layer's boards before anybody says something. */
export const NOTHING_SAID: Boards = {
  ...{ course: null, onMembers: null, gap: null, apart: null, narrowest: null },
  grain: false,
  locked: {},
}

/** Whether a layer comes in boards or batts that are cut to size, and is still to be bought; tapered ones are made to measure. */
export const isBoarded = ({ layer, material: { sold } }: BuiltLayer): boolean =>
  !layer.existing && layer.taper === 0 && (sold.form === "sheet" || sold.form === "batt") && sold.width !== null && sold.length !== null

/** The boards that an enclosure takes, and what they are cut from. */
export function boardingOf(state: JobState, surfaces: readonly SurfaceFigures[]): Boarding {
  const stuffs = new Map<string, Stuff>()
  const faces = surfaces.map((surface): BoardLayer[] => {
    const seen = new Map<string, number>()
    return surface.layers.flatMap((built, i): BoardLayer[] => {
      if (!isBoarded(built)) return []
      const stuff = stuffOf(state, built)
      const nth = seen.get(stuff.key) ?? 0
      seen.set(stuff.key, nth + 1)
      stuffs.set(stuff.key, stuff)
      const laid = boardLayer(state, surface, surfaces, i)
      // A zone that ends where the walls are lined leaves no room for boards.
      return laid.outline.length > 2 ? [{ ...laid, stuff: stuff.key, nth }] : []
    })
  })
  return { stuffs: [...stuffs.values()], faces: faces.filter((layers) => layers.length > 0) }
}

/** Names boards of one material and thickness. */
export const stuffKey = ({ material, thickness }: { material: string; thickness: number }): string =>
  `${material} ${Math.round(thickness * 1e5) / 100}`

/** What a layer's boards are cut from: as is said, else as the catalogue has it. */
export function stuffOf(state: JobState, { layer, bought }: Pick<BuiltLayer, "layer" | "bought">): Stuff {
  const { material } = layer
  const sold = stockOf(state)[material]!
  const thickness = bought
  const key = stuffKey({ material, thickness })
  const said = Object.values(state.variant.stock).find((one) => stuffKey(one) === key)
  const whole: SheetSize = { length: sold.sold.length!, width: sold.sold.width!, price: null, count: null }
  return {
    ...{ key, material, name: sold.name, thickness, soft: sold.sold.form === "batt" },
    sizes: (said?.sizes ?? [whole]).map((size) => ({
      ...size,
      price: size.price ?? size.length * size.width * arealPrice(sold, thickness),
    })),
    offcuts: said?.offcuts ?? [],
    kerf: said?.kerf ?? (sold.class === "fibre" ? 0 : USUAL[state.units ?? "metric"].kerf),
    // Soft stuff is cut with a knife.
    edgeToEdge: said?.edgeToEdge ?? !(sold.class === "fibre" || sold.class === "foam"),
  }
}

function boardLayer(
  { shell, units = "metric" }: JobState,
  surface: SurfaceFigures,
  surfaces: readonly SurfaceFigures[],
  i: number,
): Omit<BoardLayer, "stuff" | "nth"> {
  const { id, name, layers, assembly } = surface
  const { layer, material, id: layerId } = layers[i]!
  const boards = layer.boards ?? NOTHING_SAID
  const usual = USUAL[units]
  const swells = material.class === "board" || material.class === "wood"
  const sheathing = layer.between === null && (swells || material.class === "plaster")
  const set = (boards.onMembers ?? sheathing) ? (carrierOf(layers, i)?.members.set ?? null) : null
  const places = set ? middles(shell, surface, set) : null
  return {
    ...{ face: id, faceName: name, assembly, layer: layerId },
    ...laidOn(shell, surface, surfaces, linedBy(surface, layers.slice(0, i))),
    members: layers[i]!.members.flatMap(({ set: between }) => sticksOf(shell, surface, between)),
    on: { x: set?.direction === "up" ? places : null, y: set?.direction === "along" ? places : null },
    // What lies between members lies as they run.
    course: boards.course ?? (layer.between === null ? null : layers[i]!.members[0]!.set.direction === "up" ? "up" : "beside"),
    gap: boards.gap ?? (sheathing && swells ? usual.swells : 0),
    apart: boards.apart ?? (layer.between === null ? usual.apart : 0),
    narrowest: boards.narrowest ?? usual.strip,
    grain: boards.grain,
    locked: boards.locked[id] ?? [],
  }
}

/** The rows of members that a layer is fixed to, and the layer that they stand in: the nearest inside or outside it; null where there are none. */
export function carrierOf(layers: readonly BuiltLayer[], i: number): { at: number; members: BuiltMembers } | null {
  for (let apart = 1; apart < layers.length; apart++)
    for (const at of [i + apart, i - apart]) {
      const members = layers[at]?.members.find(({ set }) => !set.around)
      if (members) return { at, members }
    }
  return null
}

const middles = (shell: Shell, on: FaceRegion, set: Parameters<typeof framingOn>[2]): number[] =>
  framingOn(shell, on, set)
    .members.flatMap(({ role, position }) => (role === "member" && position !== null ? [position] : []))
    .sort((a, b) => a - b)

/** What boards lie on: a face or so much of it as a zone has, within its corners; the skin of a box laid flat. */
function laidOn(
  shell: Shell,
  surface: SurfaceFigures,
  surfaces: readonly SurfaceFigures[],
  depth: number,
): Pick<BoardLayer, "outline" | "holes"> {
  const { face, region, box } = surface
  if (box !== null) return boxNet(shell.boxes[box]!)
  const within = withinCorners(shell, surface, surfaces, depth)
  const outline = region.own ? clipConvex(within, rectangleCorners(region.own)) : within
  return { outline, holes: [...holesOf(shell, face), ...region.over.map((zone) => [...rectangleCorners(zone)])] }
}

/** Openings, wheel boxes and pieces that are missing. */
export function holesOf(shell: Shell, face: Face): Point[][] {
  const openings = Object.values(shell.openings).filter((opening) => opening.face === face.id)
  const notches = Object.values(shell.notches).filter((notch) => notch.face === face.id)
  return [
    ...openings.map((opening) => [...rectangleCorners(opening)]),
    ...notches.map((notch) => notchOutline(face, notch)),
    ...boxOutlinesOn(face, shell),
  ]
}

/** Where members and plates of a set stand. */
function sticksOf(shell: Shell, on: FaceRegion, set: Parameters<typeof framingOn>[2]): Point[][] {
  const { members, rim } = framingOn(shell, on, set)
  const sticks = members.map(({ outline }) => outline)
  if (!rim) return sticks
  const { outer, inner } = rim
  // Between the outline and what plates leave free, side by side.
  const sides =
    outer.length === inner.length
      ? outer.map((corner, i) => {
          const next = (i + 1) % outer.length
          return [corner, outer[next]!, inner[next]!, inner[i]!]
        })
      : []
  return [...sides, ...sticks]
}

/**
 * A face as it is where a layer begins: moved in at each corner by half the corner's turn, as far as both neighbours are lined there. Of two
 * that meet one runs past and one stops at it; pieces are long enough for either.
 * @param depth of the layer's outer side from the measured face, m
 */
function withinCorners(shell: Shell, surface: SurfaceFigures, surfaces: readonly SurfaceFigures[], depth: number): Point[] {
  const { face } = surface
  const { outline } = face
  const edges = edgesOf(shell)
  const beyond = facesBeyond(face, shell.form)
  const moved = inset(outline, (_, __, side) => {
    const edge = edges.find(({ faces }) => faces.includes(face.id) && faces.includes(beyond[side]!))
    const other = surfaces.find((one) => one.face.id === beyond[side])
    if (!edge || !other) return 0
    return Math.max(0, Math.min(depth, linedBy(other, other.layers))) / Math.tan((edge.angle * Math.PI) / 360)
  })
  return moved.length > 2 ? moved : [...outline]
}

/** Thickness of layers over the measured face, m: a slab that is there already lies below it. */
const linedBy = ({ ground }: SurfaceFigures, layers: readonly BuiltLayer[]): number =>
  ground ? overFloorLine(layers) : sum(layers.map(({ layer }) => layer.thickness))
