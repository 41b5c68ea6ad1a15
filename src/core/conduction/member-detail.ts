import type { MemberSet } from "../../schema/job/build-up"
import type { BridgeBlock } from "../../schema/bridge"
import { type BuiltLayer, transmittanceLayers } from "../assembly/build-up"
import { crossingOf } from "../assembly/crossing"
import type { MemberStuffs } from "../assembly/member"
import { layerResistance } from "../assembly/thermal-transmittance"
import { memoised } from "../memoised"
import { sum } from "../numeric/sum"
import type { HeatFlowDirection } from "../../schema/quantity"
import { type Detail, detailOf, INDOORS, OUTDOORS } from "./detail"
import type { Films } from "../assembly/surface-resistance"

/**
 * A stretch of a build-up with one of its members in the middle, as long as from member to member: outdoors below, indoors above.
 * Members of other sets are left out; hats and tubes hold still air or their fill, a channel is open to what lies beside it.
 * @param pitch from the middle of one member to the next, m
 * @returns null where no layer lies between members of that set
 */
export function memberDetail(layers: readonly BuiltLayer[], set: string, pitch: number, films: Films): Detail | null {
  const crossing = crossingOf(layers, set)
  if (!crossing) return null
  const {
    set: members,
    stuffs: { stuff, filling },
  } = crossing.members
  const foot = sum(crossing.outside.map(({ layer }) => layer.thickness))
  const sheets = layerStack(layers, films.direction)
  // Where no layer covers them, members deeper than what lies between them stand out into the room.
  const bare = crossing.inside.length === 0 ? Math.max(0, crossing.projection) : 0
  const [depth, height] = [crossing.depth + bare, sheets.height + bare]
  const side = (pitch - members.width) / 2
  const room = { temperature: INDOORS, resistance: films.inside, y: sheets.height, width: side, height: bare }
  return detailOf(
    [
      "member",
      sheets,
      films,
      pitch,
      foot,
      depth,
      members.width,
      members.shape,
      members.wall,
      stuff.conductivity.declared,
      filling?.conductivity.declared,
    ],
    plainTransmittance(sheets, films) * pitch,
    () => ({
      body: {
        width: pitch,
        height,
        background: { conductivity: sheets.conductivities[0]! },
        blocks: [...layersAlong(sheets, pitch), ...section(members, { stuff, filling }, side, foot, depth, films.direction)],
        boundaries: [
          { id: "outside", edge: "bottom", temperature: OUTDOORS, resistance: films.outside },
          {
            id: "inside",
            edge: "top",
            temperature: INDOORS,
            resistance: films.inside,
            ...(bare > 0 ? { from: side, to: side + members.width } : {}),
          },
        ],
        airs:
          bare > 0 && side > 0
            ? [
                { ...room, id: "left of it", x: 0 },
                { ...room, id: "right of it", x: side + members.width },
              ]
            : [],
      },
      focus: { x: side - BESIDE * height, y: 0, width: members.width + 2 * BESIDE * height, height },
    }),
  )
}

/** Of the depth of a build-up, what is worth seeing on either side of a member. */
const BESIDE = 1.2

/** Layers beside all members as a drawing needs them, outside to inside. */
export interface LayerStack {
  thicknesses: number[]
  conductivities: number[]
  /** All of them, m. */
  height: number
}

/** The layers of a build-up beside its members; an air space by its resistance, and what is outside a vented one by what counts of it. */
export const layerStack = memoised((layers: readonly BuiltLayer[], direction: HeatFlowDirection): LayerStack => {
  const thicknesses = layers.map(({ layer }) => layer.thickness)
  const conductivities = transmittanceLayers(layers).map((layer) => layer.thickness / layerResistance(layer, direction))
  return { thicknesses, conductivities, height: sum(thicknesses) }
})

/** Transmittance of layers between two films, W/(m²·K). */
export const plainTransmittance = ({ thicknesses, conductivities }: LayerStack, { inside, outside }: Films): number =>
  1 / (inside + outside + sum(thicknesses.map((thickness, i) => thickness / conductivities[i]!)))

/** Layers that lie level from the left, the first one lowest. */
export function layersAlong({ thicknesses, conductivities }: LayerStack, width: number): BridgeBlock[] {
  let top = 0
  return thicknesses.map((height, i) => {
    top += height
    return { x: 0, y: top - height, width, height, conductivity: conductivities[i]! }
  })
}

/** A member cut across: its webs and flanges, and what is in a hat or a tube. */
function section(
  { shape, wall, width }: MemberSet,
  { stuff, filling }: MemberStuffs,
  x: number,
  y: number,
  depth: number,
  direction: HeatFlowDirection,
): BridgeBlock[] {
  const { declared: conductivity } = stuff.conductivity
  const part = (dx: number, dy: number, w: number, h: number): BridgeBlock => ({ x: x + dx, y: y + dy, width: w, height: h, conductivity })
  if (shape === "solid" || wall === null || 2 * wall >= Math.min(width, depth)) return [part(0, 0, width, depth)]
  const left = part(0, 0, wall, depth)
  const inner = part(0, depth - wall, width, wall)
  const outer = part(0, 0, width, wall)
  // Both flanges of a channel lie against the layers; what lies beside it fills it.
  if (shape === "channel") return [left, inner, outer]
  const right = part(width - wall, 0, wall, depth)
  const [from, to] = [shape === "tube" ? wall : 0, depth - wall]
  const void_: BridgeBlock = {
    x: x + wall,
    y: y + from,
    width: width - 2 * wall,
    height: to - from,
    ...(filling
      ? { conductivity: filling.conductivity.declared }
      : { airspace: { along: "y", direction, emissivity1: 0.9, emissivity2: 0.9 } }),
  }
  return shape === "tube" ? [left, right, inner, outer, void_] : [left, right, inner, void_]
}
