import type { MemberSet } from "../../schema/job/build-up"
import type { BridgeBlock, BridgeBoundary, BridgeInput, BridgeOutput } from "../../schema/bridge"
import { airSpace } from "../assembly/air-space"
import { type BuiltLayer, transmittanceLayers } from "../assembly/build-up"
import { crossingOf } from "../assembly/crossing"
import { materialOf } from "../material/catalogue"
import { sum } from "../numeric/sum"
import type { HeatFlowDirection } from "../../schema/quantity"

/** Air on both sides of a detail: °C and surface resistances, m²·K/W; and which way the heat goes. */
export interface DetailClimate {
  inside: { temperature: number; resistance: number }
  outside: { temperature: number; resistance: number }
  direction: HeatFlowDirection
}

/**
 * A stretch of a build-up with one of its members in the middle, as long as from member to member: outdoors below, indoors above.
 * Members of other sets are left out; hats and tubes hold still air, a channel is open to what lies beside it.
 * @param pitch from the middle of one member to the next, m
 * @returns null where no layer lies between members of that set
 */
export function memberDetail(layers: readonly BuiltLayer[], set: string, pitch: number, climate: DetailClimate): BridgeInput | null {
  const crossing = crossingOf(layers, set)
  const members = crossing?.between[0]!.set
  if (!crossing || !members) return null
  const foot = sum(crossing.outside.map(({ layer }) => layer.thickness))
  const conductivities = conductivitiesBeside(layers, climate.direction)
  let top = 0
  const sheets = layers.map(({ layer }, i): Block => {
    top += layer.thickness
    return { x: 0, y: top - layer.thickness, width: pitch, height: layer.thickness, conductivity: conductivities[i]! }
  })
  const boundary = (id: "inside" | "outside", edge: BridgeBoundary["edge"]) => ({ id, edge, ...climate[id] })
  return {
    width: pitch,
    height: top,
    background: { conductivity: conductivities[0]! },
    blocks: [...sheets, ...section(members, (pitch - members.width) / 2, foot, crossing.depth, climate.direction)],
    boundaries: [boundary("outside", "bottom"), boundary("inside", "top")],
    accuracy: 0.005,
  }
}

type Block = BridgeBlock

/** Conductivity of each layer beside the members; an air space by its resistance, W/(m·K). */
export function conductivitiesBeside(layers: readonly BuiltLayer[], direction: HeatFlowDirection): number[] {
  return transmittanceLayers(layers).map(({ thickness, conductivity, airspace }) =>
    airspace
      ? thickness / airSpace({ thickness, direction, ...airspace, meanTemperature: 10, temperatureDifference: 5 }).resistance
      : conductivity!,
  )
}

/** A member cut across: its webs and flanges, and the still air in a hat or a tube. */
function section({ shape, wall, width, material }: MemberSet, x: number, y: number, depth: number, direction: HeatFlowDirection): Block[] {
  const conductivity = materialOf(material).conductivity.declared
  const part = (dx: number, dy: number, w: number, h: number): Block => ({ x: x + dx, y: y + dy, width: w, height: h, conductivity })
  if (shape === "solid" || wall === null || 2 * wall >= Math.min(width, depth)) return [part(0, 0, width, depth)]
  const left = part(0, 0, wall, depth)
  const inner = part(0, depth - wall, width, wall)
  const outer = part(0, 0, width, wall)
  // Both flanges of a channel lie against the layers; what lies beside it fills it.
  if (shape === "channel") return [left, inner, outer]
  const right = part(width - wall, 0, wall, depth)
  const [from, to] = [shape === "tube" ? wall : 0, depth - wall]
  const void_: Block = {
    x: x + wall,
    y: y + from,
    width: width - 2 * wall,
    height: to - from,
    airspace: { along: "y", direction, emissivity1: 0.9, emissivity2: 0.9 },
  }
  return shape === "tube" ? [left, right, inner, outer, void_] : [left, right, inner, void_]
}

/** What a member costs, from its solved detail. */
export interface MemberBridge {
  /** Of the face with these members at their pitch, and beside them, W/(m²·K). */
  transmittance: number
  beside: number
  /** Linear thermal transmittance of a metre of member, W/(m·K). */
  linear: number
  /** Lowest temperature of the inside face and highest of the outside face, °C. */
  coldestInside: number
  warmestOutside: number
  fRsi: number | null
}

/** @see ISO 10211:2017, 10 (ψ = L2D − U·l) */
export function memberBridge(
  layers: readonly BuiltLayer[],
  detail: BridgeInput,
  solved: BridgeOutput,
  climate: DetailClimate,
): MemberBridge {
  const difference = climate.inside.temperature - climate.outside.temperature
  const coupling = solved.heatFlow.inside! / difference
  const conductivities = conductivitiesBeside(layers, climate.direction)
  const beside =
    1 / (climate.inside.resistance + climate.outside.resistance + sum(layers.map(({ layer }, i) => layer.thickness / conductivities[i]!)))
  return {
    transmittance: coupling / detail.width,
    beside,
    linear: coupling - beside * detail.width,
    coldestInside: solved.surface.inside!.minimum,
    warmestOutside: solved.surface.outside!.maximum,
    fRsi: solved.fRsi,
  }
}
