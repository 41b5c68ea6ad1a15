import type { BridgeBlock } from "../../schema/bridge"
import { flankOf } from "./corner-detail"
import { air, type Detail, detailOf, INDOORS, OUTDOORS, type Place } from "./detail"
import type { Films } from "../assembly/surface-resistance"
import { layersAlong, plainTransmittance, type LayerStack } from "./member-detail"

/** What an opening is set in. */
export interface Frame {
  conductivity: number
  /** Of a solid frame beside the wall, or of a sheet's flanges on its faces, m. */
  width: number
  /** Thickness of a sheet that wraps the wall's end, m; null: solid. */
  sheet: number | null
  /** Strip of plastic across it, m; 0: none. */
  break: number
}

/** The leaf or the pane of an opening. */
export interface Leaf {
  thickness: number
  /** W/(m²·K) */
  transmittance: number
}

/** Plastic of thermal breaks: polyamide with glass fibre, W/(m·K). @see ISO 10077-2:2017, table D.1 */
export const PLASTIC = 0.3
/** How much of the leaf is drawn, m, and how thick it is where that is not known. */
export const LEAF_DRAWN = 0.6
const LEAF_THICKNESS = 0.024

/** The leaf as one stuff of its thickness that lets through what it lets through. */
export function leafOf(
  { thickness, transmittance }: Leaf,
  { inside, outside }: Films,
): { thickness: number; conductivity: number; plain: number } {
  const drawn = thickness || LEAF_THICKNESS
  // A single pane is hardly more than its films.
  const resistance = Math.max(0.001, 1 / transmittance - inside - outside)
  return { thickness: drawn, conductivity: drawn / resistance, plain: 1 / (inside + outside + resistance) }
}

/**
 * The side of an opening cut level: the wall to the left, its end in the frame, the leaf in the middle of the wall's depth to the right;
 * outdoors below. A solid frame takes the wall's whole depth; a sheet wraps the wall's end and lies a flange wide on both its faces.
 */
export function jambDetail(wall: LayerStack, frame: Frame, leaf: Leaf, films: Films): Detail {
  const flank = flankOf(wall)
  const depth = wall.height
  const { thickness, conductivity, plain } = leafOf(leaf, films)
  const beside = frame.sheet ?? frame.width
  const width = flank + beside + LEAF_DRAWN
  const height = Math.max(depth, thickness)
  const low = (height - thickness) / 2
  const foot = (height - depth) / 2
  const seat = flank + beside
  const wide = { x: seat, width: LEAF_DRAWN }
  return detailOf(["jamb", wall, frame, leaf, films], plainTransmittance(wall, films) * flank + plain * (width - flank), () => ({
    body: {
      width,
      height,
      background: { conductivity },
      blocks: [
        ...layersAlong(wall, flank).map((block) => ({ ...block, y: block.y + foot })),
        ...frameParts(frame, flank, foot, depth),
        { ...wide, y: low, height: thickness, conductivity },
      ],
      boundaries: [
        { id: "outside", edge: "bottom", temperature: OUTDOORS, resistance: films.outside },
        { id: "inside", edge: "top", temperature: INDOORS, resistance: films.inside },
      ],
      airs: [
        ...air("outside before the leaf", OUTDOORS, films.outside, { ...wide, y: 0, height: low }),
        ...air("inside behind the leaf", INDOORS, films.inside, { ...wide, y: low + thickness, height: height - low - thickness }),
        ...air("outside before the wall", OUTDOORS, films.outside, { x: 0, width: seat, y: 0, height: foot }),
        ...air("inside behind the wall", INDOORS, films.inside, { x: 0, width: seat, y: foot + depth, height: foot }),
      ],
    },
    focus: { x: flank - 1.6 * height, y: 0, width: 3.2 * height + beside, height },
  }))
}

/** The frame where the wall ends at `x`, from `y` up over its depth. */
function frameParts({ conductivity, width, sheet, break: gap }: Frame, x: number, y: number, depth: number): BridgeBlock[] {
  const through: BridgeBlock = { x, y, width: sheet ?? width, height: depth, conductivity }
  const flange = (at: number): BridgeBlock => ({
    x: Math.max(0, x - width),
    y: at,
    width: Math.min(width, x),
    height: sheet!,
    conductivity,
  })
  const flanges = sheet === null ? [] : [flange(y), flange(y + depth - sheet)]
  const strip = Math.min(gap, depth)
  const broken: BridgeBlock = { ...through, y: y + (depth - strip) / 2, height: strip, conductivity: PLASTIC }
  return [through, ...flanges, ...(strip > 0 ? [broken] : [])]
}

/**
 * The foot of a door cut upright: the floor runs in under it, its end open to outdoors on the left; the leaf stands in the middle of the
 * wall's depth. The threshold is a sheet on the floor, or a solid bar let into it, as deep as the wall.
 * @param rise of the opening over the wall's lower edge, m: so much of the stretch was counted as wall
 */
export function thresholdDetail(floor: LayerStack, wall: LayerStack, rise: number, frame: Frame, leaf: Leaf, films: Films): Detail {
  const flank = flankOf(floor)
  const { thickness, conductivity, plain } = leafOf(leaf, films)
  const deep = Math.max(wall.height, thickness)
  const [width, height] = [deep + flank, floor.height + LEAF_DRAWN]
  const before = (deep - thickness) / 2
  const bar = Math.min(frame.sheet ?? frame.width, floor.height)
  const y = floor.height - bar
  const above = { y: floor.height, height: LEAF_DRAWN }
  return detailOf(
    ["threshold", floor, wall, rise, frame, leaf, films],
    plainTransmittance(floor, films) * width + plainTransmittance(wall, films) * rise + plain * (height - rise),
    () => ({
      body: {
        width,
        height,
        background: { conductivity },
        blocks: [
          ...layersAlong(floor, width),
          ...sillParts(frame, { x: 0, y, width: deep, height: bar }),
          { ...above, x: before, width: thickness, conductivity },
        ],
        boundaries: [
          { id: "outside", edge: "bottom", temperature: OUTDOORS, resistance: films.outside },
          { id: "outside beside", edge: "left", to: floor.height, temperature: OUTDOORS, resistance: films.outside },
        ],
        airs: [
          ...air("outside before the leaf", OUTDOORS, films.outside, { ...above, x: 0, width: before }),
          ...air("inside", INDOORS, films.inside, { ...above, x: before + thickness, width: width - before - thickness }),
        ],
      },
      focus: { x: 0, y: 0, width: 3.2 * (deep + floor.height), height: floor.height + 1.2 * deep },
    }),
  )
}

/** A threshold in its place, with the strip that parts it. */
export function sillParts({ conductivity, break: gap }: Frame, place: Place): BridgeBlock[] {
  const strip = Math.min(gap, place.width)
  const parted = { ...place, x: place.x + (place.width - strip) / 2, width: strip, conductivity: PLASTIC }
  return [{ ...place, conductivity }, ...(strip > 0 ? [parted] : [])]
}
