import { InputError } from "../../schema/outcome"
import { type Cell, type Clipper, type Course, layBoards, type Laying, type Piece, without } from "../laying/lay-boards"
import { staggered } from "../laying/staggered"
import { boundsOf } from "../shell/polygon"
import type { Boarding, BoardLayer, Stuff } from "./boarding"

/** A piece as it is cut and where it goes. */
export interface NumberedPiece extends Piece {
  number: number
  /** Length along its sheet's length and across it, m, as it is marked. */
  length: number
  width: number
  /** Narrower than no strip is to be. */
  sliver: boolean
}

/** A layer of boards as it is laid on its face. */
export interface LaidLayer extends Pick<BoardLayer, "face" | "faceName" | "assembly" | "layer" | "stuff" | "nth"> {
  course: Course
  pieces: NumberedPiece[]
  /** m by which its joints lie at least beside those below and of its own courses; Infinity where there are none. */
  apart: number
  asked: number
  /** Joints that no member carries, though they should: boards are longer than members are apart. */
  unheld: boolean
  /** Its joints can be put elsewhere; those of what lies between members cannot. */
  movable: boolean
  /** Why it could not be laid; null where it is. */
  fault: string | null
}

/** More boards on a face are none that anybody cuts. */
const MOST_BOARDS = 3000
/** What is narrower is no piece: the gap is closed by what lies beside it, m. */
const LEAST = 0.003
/** Pieces are marked to so much, m. */
export const MARK = 1e-4

/** Boards on all faces, each layer off the joints of the one below it. */
export function laidLayers(
  faces: Boarding["faces"],
  stuffs: readonly Stuff[],
  wayOf: (stuff: string) => Course,
  clip: Clipper,
): LaidLayer[] {
  const numbers = new Map<string, number>()
  return faces.flatMap((layers) => {
    let below: readonly Cell[] = []
    return layers.map((layer): LaidLayer => {
      const stuff = stuffs.find(({ key }) => key === layer.stuff)!
      const course = layer.course ?? wayOf(layer.stuff)
      const { pieces, apart, unheld, fault } = laidOrNot(layer, stuff, course, below, clip)
      // Joints between members lie under no other board's.
      if (layer.members.length === 0) below = pieces
      const { face, faceName, assembly, layer: id, nth } = layer
      return {
        ...{ face, faceName, assembly, layer: id, stuff: layer.stuff, nth },
        ...{ course, apart, asked: layer.apart, unheld, movable: layer.members.length === 0, fault },
        pieces: pieces.flatMap((piece): NumberedPiece[] => {
          const bounds = boundsOf(piece.rings[0]!)
          if (Math.min(bounds.right - bounds.left, bounds.high - bounds.low) < LEAST) return []
          const number = (numbers.get(layer.stuff) ?? 0) + 1
          numbers.set(layer.stuff, number)
          const [across, up] = [bounds.right - bounds.left, bounds.high - bounds.low]
          const [long, wide] = course === "up" ? [up, across] : [across, up]
          const whole = largest(stuff)
          const [length, width] = [marked(long, whole.length), marked(wide, whole.width)]
          return [{ ...piece, number, length, width, sliver: Math.min(across, up) < layer.narrowest - 1e-9 }]
        }),
      }
    })
  })
}

/** A length as it is marked, up to the next mark; no more than the sheet's. */
const marked = (side: number, whole: number): number => Math.min(Math.ceil(side / MARK - 1e-3) * MARK, Math.max(side, whole))

/** The size that boards are laid in. */
const largest = ({ sizes }: Stuff): Stuff["sizes"][number] =>
  sizes.reduce((best, one) => (one.length * one.width > best.length * best.width ? one : best))

/** A layer as it is laid, or why it cannot be. */
function laidOrNot(...given: Parameters<typeof laidLayer>): ReturnType<typeof laidLayer> & { fault: string | null } {
  try {
    return { ...laidLayer(...given), fault: null }
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    return { pieces: [], apart: Infinity, unheld: false, fault: `${given[0].faceName}: ${error.message}` }
  }
}

function laidLayer(layer: BoardLayer, stuff: Stuff, course: Course, below: readonly Cell[], clip: Clipper) {
  const size = largest(stuff)
  const { left, right, low, high } = boundsOf(layer.outline)
  if (((right - left) * (high - low)) / (size.length * size.width) > MOST_BOARDS)
    throw new InputError("too-many", [], `More than ${MOST_BOARDS} boards would lie on it: take larger ones.`)
  const laying: Laying = {
    ...{ board: { along: size.length, across: size.width }, course, gap: layer.gap },
    first: { across: size.width, even: size.length, odd: size.length },
    on: course === "up" ? { along: layer.on.y, across: layer.on.x } : { along: layer.on.x, across: layer.on.y },
    ...{ shortest: layer.narrowest, locked: layer.locked },
  }
  const { outline, holes } = layer
  if (layer.members.length > 0) return { pieces: inBays(layer, laying, clip), apart: Infinity, unheld: false }
  try {
    return { ...staggered({ outline, holes }, laying, below, layer.apart, clip), unheld: false }
  } catch (error) {
    if (!(error instanceof InputError) || error.code !== "no-member") throw error
    const anywhere = { ...laying, on: { along: null, across: null } }
    return { ...staggered({ outline, holes }, anywhere, below, layer.apart, clip), unheld: true }
  }
}

/** What lies between members: each bay by itself, from its own lower left corner. */
function inBays({ outline, holes, members }: BoardLayer, laying: Laying, clip: Clipper): Piece[] {
  return without(outline, [...holes, ...members], clip).flatMap((rings, bay) => {
    const [around, ...within] = rings.map((one) => one.slice(0, -1))
    const plain = { ...laying, on: { along: null, across: null }, gap: 0, locked: [] }
    return layBoards({ outline: around!, holes: within }, plain, clip).map((piece) => ({ ...piece, course: bay }))
  })
}
