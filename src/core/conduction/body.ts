import type { BridgeBoundary, BridgeInput } from "../../schema/bridge"
import { stretchOf } from "../../schema/stretch"
import { cavityConductivity } from "./cavity"
import { type Mesh, meshOn } from "./mesh"

/** Air within a body's rectangle: the room in a corner of its walls, the outdoors before a reveal. m, °C, m²·K/W. */
export type Air = Pick<BridgeBoundary, "id" | "temperature" | "resistance"> & { x: number; y: number; width: number; height: number }

/** What is solved: a rectangle of blocks with air along stretches of its edge, and in parts of it. Airs do not overlap. */
export interface Body extends BridgeInput {
  airs?: readonly Air[]
}

/** All that gives or takes heat: stretches of the edge, then the airs. */
export const surroundings = ({ boundaries, airs = [] }: Body): Pick<BridgeBoundary, "id" | "temperature" | "resistance">[] => [
  ...boundaries,
  ...airs,
]

/** A block cut to the body, with the conductivity that counts. */
interface Piece {
  left: number
  right: number
  low: number
  high: number
  conductivity: number
}

/** What is left of the blocks within the body; a void counts with the size that is left of it. */
function piecesOf({ width, height, blocks }: Body): Piece[] {
  return blocks.flatMap((block): Piece[] => {
    const [left, right] = [Math.max(0, block.x), Math.min(width, block.x + block.width)]
    const [low, high] = [Math.max(0, block.y), Math.min(height, block.y + block.height)]
    if (right <= left || high <= low) return []
    const { airspace } = block
    const conductivity = airspace ? cavityConductivity({ width: right - left, height: high - low, airspace }) : block.conductivity!
    return [{ left, right, low, high, conductivity }]
  })
}

const airPieces = ({ airs = [] }: Body): Piece[] =>
  airs.map(({ x, y, width, height }) => ({ left: x, right: x + width, low: y, high: y + height, conductivity: 0 }))

/** Edges of all blocks and airs, the ends of boundaries and the body's own edges, across and upwards, m. */
export function endsOfStuffs(body: Body): { x: number[]; y: number[] } {
  const pieces = [...piecesOf(body), ...airPieces(body)]
  const ends = (edges: readonly BridgeBoundary["edge"][]) =>
    body.boundaries
      .filter(({ edge }) => edges.includes(edge))
      .flatMap((boundary) => [stretchOf(body, boundary).from, stretchOf(body, boundary).to])
  const within = (most: number) => (place: number) => place >= 0 && place <= most
  return {
    x: [0, body.width, ...pieces.flatMap(({ left, right }) => [left, right]), ...ends(["bottom", "top"])].filter(within(body.width)),
    y: [0, body.height, ...pieces.flatMap(({ low, high }) => [low, high]), ...ends(["left", "right"])].filter(within(body.height)),
  }
}

/** The first mesh of a body: lines on all ends of stuffs. */
export function firstMesh(body: Body): Mesh {
  const { x, y } = endsOfStuffs(body)
  return meshOn(x, y)
}

/** Conductivity of each cell, row by row from below, W/(m·K); 0 in air, whose temperature is known. */
export function cellConductivities(body: Body, { x, y }: Mesh): Float64Array {
  const columns = x.length - 1
  const cells = new Float64Array(columns * (y.length - 1)).fill(body.background.conductivity)
  for (const { left, right, low, high, conductivity } of [...piecesOf(body), ...airPieces(body)]) {
    const [fromColumn, toColumn] = cellsBetween(x, left, right)
    const [fromRow, toRow] = cellsBetween(y, low, high)
    for (let row = fromRow; row < toRow; row++) cells.fill(conductivity, row * columns + fromColumn, row * columns + toColumn)
  }
  return cells
}

/** Cells whose middles lie between two places: the first, and the one after the last. */
export function cellsBetween(lines: Float64Array, from: number, to: number): [number, number] {
  const middle = (i: number) => (lines[i]! + lines[i + 1]!) / 2
  let first = 0
  while (first < lines.length - 1 && middle(first) < from) first++
  let end = first
  while (end < lines.length - 1 && middle(end) < to) end++
  return [first, end]
}
