import { type Films, INDOOR_RESISTANCE } from "../assembly/surface-resistance"
import { air, type Detail, detailOf, INDOORS, OUTDOORS } from "./detail"
import { layersAlong, plainTransmittance, type LayerStack } from "./member-detail"
import { type GroundFloor, slabAndGround, withAndWithout } from "./slab-and-ground"

/** How far under a floor over air the ground lies, m; the slab's edge stands in that air down to its foot. */
const CLEARANCE = 0.3

/**
 * Where a floor leaves the ground: on the right a slab, on the left a floor with outdoor air below it, both level on the inside. The slab's edge
 * stands in that air.
 * @param films of the floor over air
 * @see ISO 10211:2017, 5.2.4 (ground); ISO 13370:2017, annex D
 */
export function slabBorderDetail(floor: LayerStack, over: LayerStack, ground: GroundFloor, films: Films): Detail {
  const { far, width, top, slab, blocks, along, soil } = slabAndGround(floor, over, ground)
  const height = far + top
  const under = height - over.height
  const foot = Math.min(under - CLEARANCE, far - slab)
  return detailOf(
    ["slab border", floor, over, ground, films],
    plainTransmittance(over, films) * far + ground.uValue * (width - far),
    () => ({
      ...withAndWithout(along, (rim) => ({
        width,
        height,
        background: { conductivity: soil },
        blocks: [...blocks, ...rim, ...layersAlong(over, far).map((block) => ({ ...block, y: block.y + under }))],
        boundaries: [{ id: "inside", edge: "top", temperature: INDOORS, resistance: INDOOR_RESISTANCE.down }],
        airs: air("outside", OUTDOORS, films.outside, { x: 0, y: foot, width: far - uprightOf(rim, far), height: under - foot }),
      })),
      focus: { x: far - 4 * over.height, y: foot - slab, width: 8 * over.height, height: height - foot + slab },
    }),
  )
}

/** How thick what stands before the slab's edge is, m. */
const uprightOf = (rim: readonly { x: number; width: number }[], far: number): number =>
  Math.max(0, ...rim.map(({ x, width }) => (x < far ? width : 0)))
