import type { BridgeBlock } from "../../schema/bridge"
import { INDOOR_RESISTANCE, OUTDOOR_RESISTANCE } from "../assembly/surface-resistance"
import { flankOf } from "./corner-detail"
import { air, type Detail, detailOf, INDOORS, OUTDOORS } from "./detail"
import { plainTransmittance, type LayerStack } from "./member-detail"
import { type GroundFloor, slabAndGround, withAndWithout } from "./slab-and-ground"

/**
 * A wall on the edge of a slab on the ground. The floor's outermost layer is the slab: its top lies level with the ground outdoors,
 * the wall stands on its edge, and the floor's other layers end at the wall.
 * @param overLine of the floor, over the line from which the wall's area is counted, m
 * @see ISO 10211:2017, 5.2.4 (ground: half the floor's width, 2.5 times it outwards and down); ISO 13370:2017, annex D (ψ of the edge)
 */
export function slabEdgeDetail(floor: LayerStack, wall: LayerStack, ground: GroundFloor, overLine = floor.height): Detail {
  const { far, width, top, slab, blocks, along, soil } = slabAndGround(floor, wall, ground)
  const flank = flankOf(wall)
  const height = far + top + flank
  let reach = far
  const standing = wall.thicknesses.map((thickness, i): BridgeBlock => {
    reach += thickness
    return { x: reach - thickness, y: far, width: thickness, height: height - far, conductivity: wall.conductivities[i]! }
  })
  const films = { inside: INDOOR_RESISTANCE.horizontal, outside: OUTDOOR_RESISTANCE, direction: "horizontal" as const }
  return detailOf(
    ["slab edge", floor, wall, ground, overLine],
    plainTransmittance(wall, films) * (overLine + flank) + ground.uValue * (width - far),
    () => ({
      ...withAndWithout(along, (rim) => ({
        width,
        height,
        background: { conductivity: soil },
        blocks: [...blocks, ...rim, ...standing],
        boundaries: [],
        airs: [
          ...air("outside", OUTDOORS, OUTDOOR_RESISTANCE, { x: 0, y: far, width: far, height: height - far }),
          ...air("inside", INDOORS, INDOOR_RESISTANCE.down, {
            x: far + wall.height,
            y: far + top,
            width: width - far - wall.height,
            height: flank,
          }),
        ],
      })),
      focus: { x: far - 2 * wall.height, y: far - 2 * slab, width: 7 * wall.height, height: 2 * slab + top + 2 * wall.height },
    }),
  )
}
