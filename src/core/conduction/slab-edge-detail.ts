import type { BridgeBlock } from "../../schema/bridge"
import type { GroundOutput } from "../../schema/ground"
import { INDOOR_RESISTANCE, OUTDOOR_RESISTANCE } from "../assembly/surface-resistance"
import { flankOf } from "./corner-detail"
import { type Detail, detailOf, INDOORS, OUTDOORS } from "./detail"
import { plainTransmittance, type Sheets } from "./member-detail"

/** Soil, W/(m·K). @see ISO 13370:2017, table 7 (sand or gravel) */
const SOIL = 2

/**
 * A wall on the edge of a slab on the ground. The floor's outermost layer is the slab: its top lies level with the ground outdoors,
 * the wall stands on its edge, and the floor's other layers end at the wall.
 * @param ground the floor by ISO 13370: what the edge is counted beside
 * @see ISO 10211:2017, 5.2.4 (ground: half the floor's width, 2.5 times it outwards and down); ISO 13370:2017, annex D (ψ of the edge)
 */
export function slabEdgeDetail(floor: Sheets, wall: Sheets, ground: Pick<GroundOutput, "uValue" | "characteristicDimension">): Detail {
  const { far, width, top, slab, blocks } = slabAndGround(floor, wall, ground)
  const flank = flankOf(wall)
  const height = far + top + flank
  let reach = far
  const standing = wall.thicknesses.map((thickness, i): BridgeBlock => {
    reach += thickness
    return { x: reach - thickness, y: far, width: thickness, height: height - far, conductivity: wall.conductivities[i]! }
  })
  const films = { inside: INDOOR_RESISTANCE.horizontal, outside: OUTDOOR_RESISTANCE, direction: "horizontal" as const }
  return detailOf(
    ["slab edge", floor, wall, ground.characteristicDimension, ground.uValue],
    // Measured over all, the wall reaches down to the underside of the floor.
    plainTransmittance(wall, films) * (floor.height + flank) + ground.uValue * (width - far),
    () => ({
      body: {
        width,
        height,
        background: { conductivity: SOIL },
        blocks: [...blocks, ...standing],
        boundaries: [],
        airs: [
          { id: "outside", temperature: OUTDOORS, resistance: OUTDOOR_RESISTANCE, x: 0, y: far, width: far, height: height - far },
          {
            id: "inside",
            temperature: INDOORS,
            resistance: INDOOR_RESISTANCE.down,
            x: far + wall.height,
            y: far + top,
            width: width - far - wall.height,
            height: flank,
          },
        ],
      },
      focus: { x: far - 2 * wall.height, y: far - 2 * slab, width: 7 * wall.height, height: 2 * slab + top + 2 * wall.height },
    }),
  )
}

/** A floor on the ground from its edge inwards, and the soil that it is drawn in. */
export function slabAndGround(floor: Sheets, wall: Sheets, ground: Pick<GroundOutput, "characteristicDimension">) {
  const far = 2.5 * ground.characteristicDimension
  const [slab, ...upper] = floor.thicknesses as [number, ...number[]]
  const width = far + Math.max(ground.characteristicDimension / 2, 2 * wall.height)
  let rise = far
  const blocks: BridgeBlock[] = [
    { x: far, y: far - slab, width: width - far, height: slab, conductivity: floor.conductivities[0]! },
    ...upper.map((thickness, i): BridgeBlock => {
      rise += thickness
      return { x: far, y: rise - thickness, width: width - far, height: thickness, conductivity: floor.conductivities[i + 1]! }
    }),
  ]
  return { far, width, slab, top: floor.height - slab, blocks, soil: SOIL }
}
