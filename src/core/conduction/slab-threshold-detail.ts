import { INDOOR_RESISTANCE, OUTDOOR_RESISTANCE } from "../assembly/surface-resistance"
import { air, type Detail, detailOf, INDOORS, OUTDOORS } from "./detail"
import { plainTransmittance, type LayerStack } from "./member-detail"
import { type Frame, type Leaf, LEAF_DRAWN, leafOf, sillParts } from "./reveal-detail"
import { type GroundFloor, slabAndGround, withAndWithout } from "./slab-and-ground"

/**
 * The foot of a door on the edge of a slab on the ground, cut upright: the floor runs in under it, its end open to outdoors over the
 * ground; the leaf stands in the middle of the wall's depth on a threshold let into the floor.
 * @param overLine of the floor, over the line from which the wall's area is counted, m
 * @param rise of the opening over that line, m: so much of the stretch was counted as wall
 * @see ISO 10211:2017, 5.2.4 (ground)
 */
export function slabThresholdDetail(
  floor: LayerStack,
  wall: LayerStack,
  ground: GroundFloor,
  overLine: number,
  rise: number,
  frame: Frame,
  leaf: Leaf,
): Detail {
  const films = { inside: INDOOR_RESISTANCE.horizontal, outside: OUTDOOR_RESISTANCE, direction: "horizontal" as const }
  const { thickness, conductivity, plain } = leafOf(leaf, films)
  const { far, width, top, slab, blocks, along, soil } = slabAndGround(floor, wall, ground)
  const deep = Math.max(wall.height, thickness)
  const before = (deep - thickness) / 2
  const level = far + top
  const bar = Math.min(frame.sheet ?? frame.width, floor.height)
  const above = { y: level, height: LEAF_DRAWN }
  return detailOf(
    ["slab threshold", floor, wall, ground, overLine, rise, frame, leaf],
    plainTransmittance(wall, films) * rise + plain * (overLine + LEAF_DRAWN - rise) + ground.uValue * (width - far),
    () => ({
      ...withAndWithout(along, (rim) => ({
        width,
        height: level + LEAF_DRAWN,
        background: { conductivity: soil },
        blocks: [
          ...blocks,
          ...rim,
          ...sillParts(frame, { x: far, y: level - bar, width: deep, height: bar }),
          { ...above, x: far + before, width: thickness, conductivity },
        ],
        boundaries: [],
        airs: [
          ...air("outside", OUTDOORS, OUTDOOR_RESISTANCE, { x: 0, y: far, width: far, height: top + LEAF_DRAWN }),
          ...air("outside before the leaf", OUTDOORS, OUTDOOR_RESISTANCE, { ...above, x: far, width: before }),
          ...air("inside", INDOORS, INDOOR_RESISTANCE.down, {
            ...above,
            x: far + before + thickness,
            width: width - far - before - thickness,
          }),
        ],
      })),
      focus: { x: far - 1.5 * deep, y: far - 1.5 * slab, width: 5 * deep, height: 1.5 * slab + top + 2 * deep },
    }),
  )
}
