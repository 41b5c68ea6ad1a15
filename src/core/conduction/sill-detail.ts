import type { Chassis } from "../../schema/job/shell"
import { memoised } from "../memoised"
import { bend, flankOf } from "./corner-detail"
import { air, type Detail, detailOf, INDOORS, OUTDOORS } from "./detail"
import type { Films } from "../assembly/surface-resistance"
import { plainTransmittance, type LayerStack } from "./member-detail"

/** Of the frame's steel, W/(m·K). @see ISO 10456:2007, table 3 */
const STEEL = 50
/** The still air in a tube, between painted faces. */
const TUBE = { along: "y", direction: "horizontal", emissivity1: 0.9, emissivity2: 0.9 } as const

/**
 * The foot of a wall on the edge of a floor that lies on a steel frame: a tube under the edge, outdoor air beside it and below.
 * What lies between floor and frame is the floor's outermost layer.
 */
export const sillDetail = memoised((floor: LayerStack, wall: LayerStack, films: Films, frame: Chassis): Detail => {
  const flank = flankOf(floor, wall)
  const [width, height] = [wall.height + flank, floor.height + flank]
  // The steel is a wall thick or solid; it cannot be thicker than half of itself.
  const thick = Math.min(frame.wall, frame.width / 2, frame.height / 2)
  const steel = { conductivity: STEEL }
  const inner = { x: thick, y: thick, width: frame.width - 2 * thick, height: frame.height - 2 * thick }
  return detailOf(
    ["sill", floor, wall, films, frame.width, frame.height, thick],
    plainTransmittance(floor, films) * width + plainTransmittance(wall, films) * height,
    () => ({
      body: {
        width,
        height: height + frame.height,
        background: { conductivity: floor.conductivities[0]! },
        blocks: [
          ...bend(floor, wall, width, height).map((block) => ({ ...block, y: block.y + frame.height })),
          { x: 0, y: 0, width: frame.width, height: frame.height, ...steel },
          ...(inner.width > 0 && inner.height > 0 ? [{ ...inner, airspace: TUBE }] : []),
        ],
        boundaries: [
          { id: "outside beside", edge: "left", temperature: OUTDOORS, resistance: films.outside },
          { id: "outside under it", edge: "bottom", to: frame.width, temperature: OUTDOORS, resistance: films.outside },
        ],
        airs: [
          ...air("outside", OUTDOORS, films.outside, { x: frame.width, y: 0, width: width - frame.width, height: frame.height }),
          ...air("inside", INDOORS, films.inside, { x: wall.height, y: floor.height + frame.height, width: flank, height: flank }),
        ],
      },
      focus: { x: 0, y: 0, width: 2.5 * (floor.height + wall.height), height: frame.height + 1.4 * (floor.height + wall.height) },
    }),
  )
})
