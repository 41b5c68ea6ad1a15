import { cutCount } from "../cutting/cut-count"
import { nestSheets } from "../cutting/nest-sheets"
import { InputError } from "../../schema/outcome"
import type { NestInput, NestOutput } from "../../schema/nest"
import {
  areaOf,
  type Cell,
  cellsOf,
  type Clipper,
  type Course,
  cutAt,
  type Laying,
  onGrid,
  type Piece,
  without,
} from "../laying/lay-boards"
import { staggered } from "../laying/staggered"
import { sum } from "../numeric/sum"
import type { Point } from "../shell/face"
import { boundsOf, rectangleCorners } from "../shell/polygon"
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
}

/** A piece where it lies on a sheet. */
export interface OnSheet {
  number: number
  x: number
  y: number
  width: number
  height: number
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
export interface StuffPlan {
  stuff: string
  course: Course | null
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
  /** The same with boards laid the other way; null where a way is said. */
  other: { course: Course; bought: number; cost: number; cuts: number; slivers: number } | null
  /** What is to be mended before it can be cut; null where nothing is. */
  fault: string | null
}

/** All boards laid and cut. */
export interface SheetPlan {
  layers: LaidLayer[]
  stuffs: StuffPlan[]
}

/** Pieces are marked to so much, m. */
const MARK = 1e-4
/** What is cut out of a piece and is smaller than that is not kept, m. */
const KEPT = 0.15
/** A call of the nesting takes so many offcuts. */
const MOST_OFFCUTS = 60

const WAYS: readonly Course[] = ["up", "beside"]

/**
 * Lays all layers of boards on their faces and cuts them out of sheets. Where nobody says which way boards lie, both ways are laid and cut, and
 * the cheaper one is taken, of equal ones that with fewer cuts.
 * @param time ms for each stuff's nesting, turned into a number of plans
 */
export function sheetPlan({ stuffs, faces }: Boarding, clip: Clipper, time: number): SheetPlan {
  const tried = WAYS.map((way) => {
    const layers = laidLayers(faces, stuffs, () => way, clip)
    return { way, plans: new Map(stuffs.map((stuff) => [stuff.key, cutStuff(stuff, layers, faces, clip, time)])) }
  })
  const free = new Set(faces.flat().flatMap(({ course, stuff }) => (course === null ? [stuff] : [])))
  const [up, beside] = tried
  const better = (stuff: string) => {
    const [one, other] = [up!.plans.get(stuff)!, beside!.plans.get(stuff)!]
    if ((one.fault === null) !== (other.fault === null)) return one.fault === null ? up! : beside!
    if (one.unheld !== other.unheld) return one.unheld < other.unheld ? up! : beside!
    return one.cost < other.cost - 1e-9 || (one.cost < other.cost + 1e-9 && one.cuts <= other.cuts) ? up! : beside!
  }
  const ways = new Map(stuffs.map(({ key }) => [key, better(key).way]))
  const layers = laidLayers(faces, stuffs, (stuff) => ways.get(stuff)!, clip)
  return {
    layers,
    stuffs: stuffs.map((stuff) => {
      const plan = cutStuff(stuff, layers, faces, clip, time)
      const course = ways.get(stuff.key)!
      const turned = tried.find(({ way }) => way !== course)!
      const { bought, cost, cuts, slivers, fault } = turned.plans.get(stuff.key)!
      const asked = free.has(stuff.key)
      return { ...plan, course: asked ? course : null, other: asked && !fault ? { course: turned.way, bought, cost, cuts, slivers } : null }
    }),
  }
}

/** Boards on all faces, each layer off the joints of the one below it. */
function laidLayers(faces: Boarding["faces"], stuffs: readonly Stuff[], wayOf: (stuff: string) => Course, clip: Clipper): LaidLayer[] {
  const numbers = new Map<string, number>()
  return faces.flatMap((layers) => {
    let below: readonly Cell[] = []
    return layers.map((layer): LaidLayer => {
      const stuff = stuffs.find(({ key }) => key === layer.stuff)!
      const course = layer.course ?? wayOf(layer.stuff)
      const { pieces, apart, unheld } = laidLayer(layer, stuff, course, below, clip)
      // Joints between members lie under no other board's.
      if (layer.members.length === 0) below = pieces
      const { face, faceName, assembly, layer: id, nth } = layer
      return {
        ...{ face, faceName, assembly, layer: id, stuff: layer.stuff, nth },
        ...{ course, apart, asked: layer.apart, unheld, movable: layer.members.length === 0 },
        pieces: pieces.map((piece): NumberedPiece => {
          const number = (numbers.get(layer.stuff) ?? 0) + 1
          numbers.set(layer.stuff, number)
          const { left, right, low, high } = boundsOf(piece.rings[0]!)
          const [across, up] = [right - left, high - low]
          const [length, width] = (course === "up" ? [up, across] : [across, up]).map((side) => Math.ceil(side / MARK - 1e-3) * MARK)
          return { ...piece, number, length: length!, width: width!, sliver: Math.min(across, up) < layer.narrowest - 1e-9 }
        }),
      }
    })
  })
}

function laidLayer(layer: BoardLayer, { sizes }: Stuff, course: Course, below: readonly Cell[], clip: Clipper) {
  const size = sizes.reduce((best, one) => (one.length * one.width > best.length * best.width ? one : best))
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
    return cutAt({ outline: around!, holes: within }, cellsOf(around!, { ...laying, gap: 0, locked: [] }), clip).map((piece) => ({
      ...piece,
      course: bay,
    }))
  })
}

/** All pieces of a stuff out of its sheets; what is cut out of them for openings serves too. */
function cutStuff(
  stuff: Stuff,
  layers: readonly LaidLayer[],
  faces: Boarding["faces"],
  clip: Clipper,
  time: number,
): Omit<StuffPlan, "course" | "other"> {
  const own = layers.filter((layer) => layer.stuff === stuff.key)
  const pieces = own.flatMap((layer) => layer.pieces.map((piece) => ({ piece, layer })))
  const grain = faces.flat().some((layer) => layer.stuff === stuff.key && layer.grain)
  const nothing = {
    stuff: stuff.key,
    sheets: [],
    bought: 0,
    cost: 0,
    lowerBound: 0,
    waste: 0,
    cuts: 0,
    slivers: 0,
    unheld: own.filter((layer) => layer.unheld).length,
    fault: null,
  }
  if (pieces.length === 0) return nothing
  const sizeOf = ({ length, width }: NumberedPiece) => `${length.toFixed(4)} ${width.toFixed(4)}`
  const waiting = new Map<string, typeof pieces>()
  for (const one of pieces) waiting.set(sizeOf(one.piece), [...(waiting.get(sizeOf(one.piece)) ?? []), one])
  const cutOut = pieces.flatMap(({ piece, layer }) => leftOut(piece, layer.course, clip).map((rest) => ({ ...rest, from: piece.number })))
  const offcuts = [...stuff.offcuts.map(({ length, width }) => ({ length, width, from: 0 })), ...cutOut].slice(0, MOST_OFFCUTS)
  const priced = stuff.sizes.every(({ price }) => price > 0)
  const input: NestInput = {
    stock: stuff.sizes.map(({ length, width, price, count }, i) => ({
      ...{ id: `sheet ${i}`, width: length, height: width, cost: priced ? price : length * width },
      ...(count === null ? {} : { count }),
    })),
    offcuts: offcuts.map(({ length, width }, i) => ({ id: `offcut ${i}`, width: length, height: width })),
    ...{ kerf: stuff.kerf, guillotine: stuff.edgeToEdge, minimumStrip: KEPT, seed: 1, time },
    pieces: [...waiting].map(([id, some]) => ({
      ...{ id, width: some[0]!.piece.length, height: some[0]!.piece.width, quantity: some.length, turn: !grain },
    })),
  }
  try {
    const nested = nestSheets(input)
    const sheets = nested.sheets.map((sheet): CutSheet => {
      const [kind, at] = sheet.stock.split(" ") as ["sheet" | "offcut", string]
      const { length, width } = kind === "sheet" ? stuff.sizes[Number(at)]! : offcuts[Number(at)]!
      return {
        ...{ length, width, rests: sheet.offcuts },
        price: kind === "sheet" ? stuff.sizes[Number(at)]!.price : 0,
        from: kind === "sheet" ? null : offcuts[Number(at)]!.from,
        pieces: sheet.placements.map(({ piece: size, turned, x, y, width: wide, height }) => {
          const { piece, layer } = waiting.get(size)!.shift()!
          return { number: piece.number, x, y, width: wide, height, rings: onSheet(piece, layer.course, turned, [x, y]) }
        }),
      }
    })
    const fresh = sheets.filter(({ from }) => from === null)
    const whole = sum(fresh.map(({ length, width }) => length * width))
    const taken = sum(fresh.flatMap((sheet) => sheet.pieces.map(({ rings }) => areaOf(rings))))
    return {
      ...nothing,
      sheets,
      bought: fresh.length,
      cost: sum(fresh.map(({ price }) => price)),
      lowerBound: priced ? nested.lowerBound : 0,
      waste: whole > 0 ? 1 - taken / whole : 0,
      cuts: sum(sheets.map((sheet) => cutCount(sheet) + sum(sheet.pieces.map(({ rings }) => shapeCuts(rings))))),
      slivers: pieces.filter(({ piece }) => piece.sliver).length,
      fault: nested.unplaced ? "There are too few sheets for all pieces: say how many more there are, or take another size." : null,
    }
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    return { ...nothing, fault: error.code === "too-large" ? TOO_LARGE : error.message }
  }
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

/** A piece's outline as it lies on its sheet, never turned over: the side that is seen stays up. */
function onSheet({ rings, width }: NumberedPiece, course: Course, turned: boolean, [x, y]: Point): Point[][] {
  const { left, right, low } = boundsOf(rings[0]!)
  // Along the sheet and across it; pieces that stand on the face are laid down.
  const lying = ([u, v]: Point): Point => (course === "up" ? [v - low, right - u] : [u - left, v - low])
  return rings.map((ring) =>
    ring.map(lying).map(([along, across]): Point => (turned ? [x + width - across, y + along] : [x + along, y + across])),
  )
}
