import { InputError } from "../../schema/outcome"
import type { NestInput, NestOutput } from "../../schema/nest"
import { type Cut, cutCount, cutOrder } from "../cutting/cut-count"
import { nestSheets } from "../cutting/nest-sheets"
import { pairTapers, taperOf } from "../cutting/pair-tapers"
import { areaOf, type Clipper, type Course, onGrid } from "../laying/lay-boards"
import { sum } from "../numeric/sum"
import type { Point } from "../shell/face"
import { boundsOf, rectangleCorners } from "../shell/polygon"
import type { Stuff } from "./boarding"
import { type LaidLayer, MARK, type NumberedPiece } from "./laid-layers"

/** A piece where it lies on a sheet, in the rectangle that is cut for it. */
export interface OnSheet {
  number: number
  x: number
  y: number
  width: number
  height: number
  /** The piece that shares its rectangle, parted by a slanted cut; null: none does. */
  paired: number | null
  /** Its outline on the sheet, and what is cut out of it. */
  rings: Point[][]
}

/** A sheet with what is cut from it. */
export interface CutSheet {
  length: number
  width: number
  price: number
  /** The piece whose opening it is cut out of; 0: on hand; null: a new sheet. */
  from: number | null
  pieces: OnSheet[]
  rests: NestOutput["sheets"][number]["offcuts"]
}

/** How boards of one stuff are cut. */
export interface StuffCut {
  stuff: string
  sheets: CutSheet[]
  /** Of the sheets to be bought: how many, what they cost, what none can be under, what is left of their area, 0…1. */
  bought: number
  cost: number
  lowerBound: number
  waste: number
  cuts: number
  slivers: number
  /** Layers some of whose joints no member carries. */
  unheld: number
  /** What is to be mended before it can be cut; null where nothing is. */
  fault: string | null
}

/** Boards of one stuff, as they are laid, to be cut. */
export interface StuffAsked {
  stuff: Stuff
  /** Its own layers. */
  layers: readonly LaidLayer[]
  /** Pieces keep the direction of their sheet. */
  grain: boolean
  /** ms of nesting, turned into a number of plans */
  time: number
}

/** What is cut out of a piece and is smaller than that is not kept, m. */
const KEPT = 0.15
/** A call of the nesting takes so many offcuts. */
const MOST_OFFCUTS = 60

/** All pieces of a stuff out of its sheets; what is cut out of them for openings serves too. */
export function cutStuff(asked: StuffAsked, clip: Clipper): StuffCut {
  const { stuff, layers } = asked
  const pieces = layers.flatMap((layer) => layer.pieces.map((piece) => ({ piece, layer })))
  const nothing: StuffCut = {
    ...{ stuff: stuff.key, sheets: [], bought: 0, cost: 0, lowerBound: 0, waste: 0, cuts: 0 },
    slivers: pieces.filter(({ piece }) => piece.sliver).length,
    unheld: layers.filter((layer) => layer.unheld).length,
    fault: layers.find((layer) => layer.fault)?.fault ?? null,
  }
  if (pieces.length === 0 || nothing.fault !== null) return nothing
  try {
    return { ...nothing, ...cutOf(asked, pieces, clip) }
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    return { ...nothing, fault: error.code === "too-large" ? TOO_LARGE : error.message }
  }
}

/** A sheet that costs nothing: on hand, or cut out of a piece. */
type Offcut = Pick<CutSheet, "length" | "width"> & { from: number }

/** Pieces cut, and what that comes to. @throws InputError as `nestSheets` does */
function cutOf(asked: StuffAsked, pieces: readonly Laid[], clip: Clipper): Omit<StuffCut, "stuff" | "slivers" | "unheld"> {
  const { stuff } = asked
  const units = unitsOf(pieces, stuff)
  const waiting = new Map<string, Unit[]>()
  for (const one of units) waiting.set(sizeOf(one), [...(waiting.get(sizeOf(one)) ?? []), one])
  const cutOut = pieces.flatMap(({ piece, layer }) => leftOut(piece, layer.course, clip).map((rest) => ({ ...rest, from: piece.number })))
  const offcuts: Offcut[] = [...stuff.offcuts.map((one) => ({ ...one, from: 0 })), ...cutOut].slice(0, MOST_OFFCUTS)
  const nested = nestAll(nestInput(asked, waiting, offcuts), stuff)
  const sheets = nested.sheets.map((sheet) => cutSheet(sheet, stuff, offcuts, waiting))
  const fresh = sheets.filter(({ from }) => from === null)
  const whole = sum(fresh.map(({ length, width }) => length * width))
  const taken = sum(fresh.flatMap((sheet) => sheet.pieces.map(({ rings }) => areaOf(rings))))
  const cost = sum(fresh.map(({ price }) => price))
  const bound = units.every(isPlain) ? nested.lowerBound : areaBound(pieces, stuff)
  return {
    ...{ sheets, cost, bought: fresh.length },
    lowerBound: isPriced(stuff) ? bound : 0,
    waste: whole > 0 ? 1 - taken / whole : 0,
    cuts: sum(sheets.map(cutsOf)),
    fault: nested.short ? "There are too few sheets for all pieces: say how many more there are, or take another size." : null,
  }
}

const sizeOf = ({ length, width }: Unit): string => `${length.toFixed(4)} ${width.toFixed(4)}`

/** Every size has a price; else sheets are told apart by their area. */
const isPriced = ({ sizes }: Stuff): boolean => sizes.every(({ price }) => price > 0)

function nestInput(
  { stuff, grain, time }: StuffAsked,
  waiting: ReadonlyMap<string, readonly Unit[]>,
  offcuts: readonly Offcut[],
): NestInput {
  return {
    stock: stuff.sizes.map(({ length, width, price, count }, i) => ({
      ...{ id: `sheet ${i}`, width: length, height: width, cost: isPriced(stuff) ? price : length * width },
      ...(count === null ? {} : { count }),
    })),
    offcuts: offcuts.map(({ length, width }, i) => ({ id: `offcut ${i}`, width: length, height: width })),
    ...{ kerf: stuff.kerf, guillotine: stuff.edgeToEdge, minimumStrip: KEPT, seed: 1, time },
    pieces: [...waiting].map(([id, some]) => ({
      ...{ id, width: some[0]!.length, height: some[0]!.width, quantity: some.length, turn: !grain },
    })),
  }
}

/** A nested sheet with the pieces that lie on it; each is taken off those that wait. */
function cutSheet(
  sheet: NestOutput["sheets"][number],
  { sizes }: Stuff,
  offcuts: readonly Offcut[],
  waiting: ReadonlyMap<string, Unit[]>,
): CutSheet {
  const [kind, at] = sheet.stock.split(" ") as ["sheet" | "offcut", string]
  const size = kind === "sheet" ? sizes[Number(at)]! : null
  const offcut = offcuts[Number(at)]
  const { length, width } = (size ?? offcut)!
  return {
    ...{ length, width, rests: sheet.offcuts, price: size?.price ?? 0, from: size ? null : offcut!.from },
    pieces: sheet.placements.flatMap(({ piece, turned, x, y, width: wide, height }) => {
      const { parts, width: across } = waiting.get(piece)!.shift()!
      const [one, other] = parts
      return parts.map((part): OnSheet => ({
        ...{ number: part.number, x, y, width: wide, height },
        paired: other ? (part === one ? other : one!).number : null,
        rings: onSheet(part.rings, across, turned, [x, y]),
      }))
    }),
  }
}

/** What is cut out as one rectangle: a piece, or two that a slanted cut parts. */
interface Unit {
  length: number
  width: number
  /** Outlines within the rectangle, along the sheet and across it. */
  parts: { number: number; rings: Point[][] }[]
}

interface Laid {
  piece: NumberedPiece
  layer: LaidLayer
}

/** Pieces as rectangles, those that taper two by two where they go together. */
function unitsOf(pieces: readonly Laid[], { sizes, kerf }: Stuff): Unit[] {
  const lying = pieces.map(({ piece, layer }) => lyingDown(piece, layer.course))
  const tapers = pieces.map(({ piece: { length, width } }, i) => (lying[i]!.length === 1 ? taperOf(lying[i]![0]!, length, width) : null))
  const fits = (length: number, width: number) => sizes.some((size) => length <= size.length + ROUNDING && width <= size.width + ROUNDING)
  const pairs = pairTapers(tapers, kerf, fits)
  const used = new Set(pairs.flatMap(({ first, second }) => [first, second]))
  return [
    ...pieces.flatMap(({ piece: { length, width, number } }, i): Unit[] =>
      used.has(i) ? [] : [{ length, width, parts: [{ number, rings: lying[i]! }] }],
    ),
    ...pairs.map(({ first, second, turned, length, width, offset }): Unit => {
      const part = (at: number, turns: boolean, [along, across]: readonly [number, number]) => {
        const { piece } = pieces[at]!
        const placed = ([x, y]: Point): Point => (turns ? [along + piece.length - x, across + piece.width - y] : [along + x, across + y])
        return { number: piece.number, rings: lying[at]!.map((ring) => ring.map(placed)) }
      }
      return { length, width, parts: [part(first, turned[0], [0, 0]), part(second, turned[1], offset)] }
    }),
  ]
}

/** Rounding of lengths, m. */
const ROUNDING = 1e-9

/** A rectangle with nothing off it or out of it. */
const isPlain = ({ length, width, parts }: Unit): boolean =>
  parts.length === 1 && areaOf(parts[0]!.rings) > (length - MARK) * (width - MARK) - 1e-6

/** What sheets cost at least by the area of the pieces, whatever their shapes. */
function areaBound(pieces: readonly Laid[], { sizes, offcuts }: Stuff): number {
  const needed = sum(pieces.map(({ piece }) => piece.area)) - sum(offcuts.map(({ length, width }) => length * width))
  const [one, ...more] = sizes
  if (needed <= 0) return 0
  if (more.length === 0) return Math.ceil(needed / (one!.length * one!.width) - 1e-6) * one!.price
  return needed * Math.min(...sizes.map(({ length, width, price }) => price / (length * width)))
}

/** Cuts of a sheet: its rectangles, and what makes each piece of one; the slanted cut between two counts once. */
function cutsOf(sheet: CutSheet): number {
  const filled = rectanglesOf(sheet)
  const slanted = sheet.pieces.length - filled.pieces.length
  return cutCount(filled) + sum(sheet.pieces.map(({ rings }) => shapeCuts(rings))) - slanted
}

/** The cuts from edge to edge that free the rectangles of a sheet, in their order; none where it cannot be cut up so. */
export const orderedCuts = (sheet: CutSheet): Cut[] => cutOrder(rectanglesOf(sheet)) ?? []

/** Two that are parted by a slanted cut are one rectangle till then. */
const rectanglesOf = ({ length, width, pieces }: CutSheet) => ({
  ...{ length, width },
  pieces: pieces.filter(({ number, paired }) => paired === null || number < paired),
})

/** One call nests so many pieces, which takes a second or two. */
const AT_ONCE = 400

/**
 * Pieces out of sheets: those as large as a sheet take one each, the others are nested; of very many some hundred at a time, the largest first.
 */
function nestAll(input: NestInput, { sizes, offcuts }: Stuff) {
  const [sheet] = input.stock
  const isWhole = ({ width, height }: { width: number; height: number }) => width > sheet!.width - 1e-9 && height > sheet!.height - 1e-9
  const alone = sizes.length === 1 && sizes[0]!.count === null && offcuts.length === 0
  const whole = alone ? input.pieces.filter(isWhole) : []
  const sheets: NestOutput["sheets"] = whole.flatMap(({ id, width, height, quantity }) =>
    Array.from({ length: quantity }, () => ({
      ...{ stock: sheet!.id, placements: [{ piece: id, x: 0, y: 0, width, height, turned: false }], offcuts: [] },
    })),
  )
  let lowerBound = sheets.length * sheet!.cost
  const chunks = chunked(input.pieces.filter((piece) => !whole.includes(piece)))
  let short = false
  for (const [i, pieces] of chunks.entries()) {
    const nested = nestSheets({ ...input, pieces, offcuts: i === 0 ? input.offcuts : [] })
    sheets.push(...nested.sheets)
    lowerBound += nested.lowerBound
    short ||= nested.unplaced !== undefined
  }
  // Pieces of two calls may lie on one sheet: then nothing is known of what is least.
  return { sheets, lowerBound: chunks.length > 1 ? 0 : lowerBound, short }
}

function chunked(pieces: NestInput["pieces"]): NestInput["pieces"][] {
  const chunks: NestInput["pieces"][] = []
  let room = 0
  for (const piece of [...pieces].sort((a, b) => b.width * b.height - a.width * a.height))
    for (let left = piece.quantity; left > 0;) {
      if (room === 0) {
        chunks.push([])
        room = AT_ONCE
      }
      const quantity = Math.min(left, room)
      chunks.at(-1)!.push({ ...piece, quantity })
      left -= quantity
      room -= quantity
    }
  return chunks
}

const TOO_LARGE =
  "A piece is larger than every sheet: boards are laid in the largest size, and this one cannot be turned or has no room beside a saw’s cut. Take larger sheets, or let pieces be turned."

/** Corners that turn less than that belong to one cut, degrees. */
const BEND = 15

/** Cuts that a piece takes beyond its rectangle: slopes and curves, each once, and the sides of what is cut out of it. */
function shapeCuts(rings: readonly (readonly Point[])[]): number {
  const { left, right, low, high } = boundsOf(rings[0]!)
  return sum(
    rings.map((ring) => {
      const edges = ring.map(([x, y], i) => {
        const [u, v] = ring[(i + 1) % ring.length]!
        const along = (one: number, other: number, side: number) => Math.abs(one - side) < MARK && Math.abs(other - side) < MARK
        const straight = along(x, u, left) || along(x, u, right) || along(y, v, low) || along(y, v, high)
        return { straight, heading: (Math.atan2(v - y, u - x) * 180) / Math.PI }
      })
      return edges.filter(({ straight, heading }, i) => {
        const before = edges.at(i - 1)!
        const turn = Math.abs(((heading - before.heading + 540) % 360) - 180)
        return !straight && (before.straight || turn > BEND)
      }).length
    }),
  )
}

/** Rectangles that are cut out of a piece, as they lie on its sheet. */
function leftOut({ rings }: NumberedPiece, course: Course, clip: Clipper): { length: number; width: number }[] {
  const { left, right, low, high } = boundsOf(rings[0]!)
  if (rings.length === 1 && areaOf(rings) > (right - left) * (high - low) - 1e-6) return []
  const box = rectangleCorners({ x: left, y: low, width: right - left, height: high - low })
  return clip.difference([onGrid(box)], rings.map(onGrid)).flatMap(([outline]) => {
    const around = outline!.slice(0, -1)
    const bounds = boundsOf(around)
    const [across, up] = [bounds.right - bounds.left, bounds.high - bounds.low]
    if (Math.abs(areaOf([around]) - across * up) > 1e-5 || Math.min(across, up) < KEPT) return []
    return [course === "up" ? { length: up, width: across } : { length: across, width: up }]
  })
}

/** A piece's outline laid down along its sheet, its lower left corner at 0, 0: never turned over, the side that is seen stays up. */
function lyingDown({ rings }: NumberedPiece, course: Course): Point[][] {
  const { left, right, low } = boundsOf(rings[0]!)
  return rings.map((ring) => ring.map(([u, v]): Point => (course === "up" ? [v - low, right - u] : [u - left, v - low])))
}

/** Outlines in a rectangle of so much width as they lie on its sheet. */
const onSheet = (rings: readonly (readonly Point[])[], width: number, turned: boolean, [x, y]: Point): Point[][] =>
  rings.map((ring) => ring.map(([along, across]): Point => (turned ? [x + width - across, y + along] : [x + along, y + across])))
