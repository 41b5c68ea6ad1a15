import type { BridgeBlock } from "../../schema/bridge"
import type { GroundInput, GroundOutput } from "../../schema/ground"
import { SOIL_CONDUCTIVITY } from "../ground/slab"
import type { Body } from "./body"
import type { LayerStack } from "./member-detail"

/** A floor on the ground by ISO 13370: what its edge is counted beside. */
export interface GroundFloor extends Pick<GroundOutput, "uValue" | "characteristicDimension"> {
  /** What lies along the slab's edge. */
  edge?: GroundInput["edge"]
}

/** A floor on the ground from its edge inwards, what lies along the edge, and the soil that it is drawn in. */
export function slabAndGround(floor: LayerStack, wall: LayerStack, { characteristicDimension, edge }: GroundFloor) {
  const far = 2.5 * characteristicDimension
  const [slab, ...upper] = floor.thicknesses as [number, ...number[]]
  const width = far + Math.max(characteristicDimension / 2, 2 * wall.height)
  let rise = far
  const blocks: BridgeBlock[] = [
    { x: far, y: far - slab, width: width - far, height: slab, conductivity: floor.conductivities[0]! },
    ...upper.map((thickness, i): BridgeBlock => {
      rise += thickness
      return { x: far, y: rise - thickness, width: width - far, height: thickness, conductivity: floor.conductivities[i + 1]! }
    }),
  ]
  const along = edge ? [edgeInsulation(edge, far, slab)] : []
  return { far, width, slab, top: floor.height - slab, blocks, along, soil: SOIL_CONDUCTIVITY }
}

/**
 * Insulation along a slab's edge keeps the surfaces warmer and is drawn. What it saves counts with the floor, whose heat goes with the
 * ground's own temperature: ψ, which goes with the weather's, is taken without it.
 * @see ISO 13370:2017, annex B
 */
export function withAndWithout(along: readonly BridgeBlock[], body: (along: readonly BridgeBlock[]) => Omit<Body, "accuracy">) {
  const counted = {
    body: body([]),
    why: "ψ is taken without the insulation along the edge: the floor counts what that saves (ISO 13370, annex B).",
  }
  return { body: body(along), counted: along.length > 0 ? counted : undefined }
}

/** Level under the slab's rim from its edge inwards, or upright before its edge from the ground's face down. */
function edgeInsulation({ kind, depthOrWidth, thickness, conductivity }: NonNullable<GroundFloor["edge"]>, far: number, slab: number) {
  return kind === "horizontal"
    ? { x: far, y: far - slab - thickness, width: depthOrWidth, height: thickness, conductivity }
    : { x: far - thickness, y: far - depthOrWidth, width: thickness, height: depthOrWidth, conductivity }
}
