import { InputError } from "../../schema/outcome"
import { type Boarded, type Cell, cellsOf, type Clipper, cutAt, type Laying, type Piece } from "./lay-boards"

/** Boards of a layer that lies on another. */
export interface Staggered {
  laying: Laying
  pieces: Piece[]
  /** m that its joints lie at least beside those below, across and along; Infinity where there are none beside each other */
  apart: number
}

/** Parts of a board that a layer may begin with, where its joints then lie elsewhere; finer ones where none of the first keeps them apart. */
const BEGINNINGS = [
  [1, 1 / 2, 1 / 3, 2 / 3, 1 / 4, 3 / 4],
  [1, 7 / 8, 5 / 8, 1 / 2, 3 / 8, 1 / 8, 1 / 5, 2 / 5, 3 / 5, 4 / 5],
] as const
/** Rounding of lengths, m. */
const ROUNDING = 1e-9

/**
 * A layer whose joints lie at least so far beside those of the layer below and of its own neighbouring courses: of all beginnings the one with
 * the fewest joints that run into a corner of an opening, then with the fewest boards; where none keeps so far away, the one that keeps the furthest.
 * @param below boards of the layer that it lies on; none for the first
 * @param asked m
 * @throws InputError as `cellsOf` does
 */
export function staggered(face: Boarded, laying: Laying, below: readonly Cell[], asked: number, clip: Clipper): Staggered {
  const found: Begun[] = []
  for (const parts of BEGINNINGS) {
    found.push(...begunBy(parts, face, laying, below, asked))
    if (found.some(({ apart }) => apart >= asked - ROUNDING)) break
  }
  // Where none of them finds its members the plainest may, or says where it does not.
  if (found.length === 0) found.push(begunAs(laying, cellsOf(face.outline, laying), below))
  const kept = found.filter(({ apart }) => apart >= asked - ROUNDING)
  const { cells, ...best } =
    kept.length > 0
      ? least(kept, (one) => CORNER * atCorners(one.cells, face.holes) + one.cells.length)
      : found.reduce((best, one) => (one.apart > best.apart + ROUNDING ? one : best))
  return { ...best, pieces: cutAt(face, cells, clip) }
}

/** Boards of a layer that begins with some part of a board. */
type Begun = Omit<Staggered, "pieces"> & { cells: Cell[] }

const begunAs = (laying: Laying, cells: Cell[], below: readonly Cell[]): Begun => ({
  ...{ laying, cells },
  apart: Math.min(jointsApart(cells, cells, laying), jointsApart(cells, below, laying)),
})

/** All layers that begin with such parts of a board and find their members. */
function begunBy(parts: readonly number[], { outline }: Boarded, laying: Laying, below: readonly Cell[], asked: number): Begun[] {
  const { along, across } = laying.board
  return parts.flatMap((high) =>
    parts.flatMap((even) =>
      parts.flatMap((odd) => {
        if (odd === even && asked > 0) return []
        const begun = { ...laying, first: { across: across * high, even: along * even, odd: along * odd } }
        const cells = held(() => cellsOf(outline, begun))
        return cells ? [begunAs(begun, cells, below)] : []
      }),
    ),
  )
}

/** Boards whose joints all find a member; null where one does not. */
function held(cells: () => Cell[]): Cell[] | null {
  try {
    return cells()
  } catch (error) {
    if (error instanceof InputError && error.code === "no-member") return null
    throw error
  }
}

/** A joint that runs into an opening's corner is worse than so many more boards. */
const CORNER = 1000
/** A joint so near to a corner runs into it, m. */
const BESIDE = 0.05

function least<T>(all: readonly T[], of: (one: T) => number): T {
  const told = all.map(of)
  return all[told.indexOf(Math.min(...told))]!
}

/** How often an edge of a board runs into a corner of an opening: plaster and boards crack there. */
function atCorners(cells: readonly Cell[], holes: Boarded["holes"]): number {
  const corners = holes.flat()
  let count = 0
  for (const { cell } of cells)
    for (const [x, y] of corners) {
      const within = (at: number, from: number, to: number) => at > from - BESIDE && at < to + BESIDE
      if (within(y, cell[1], cell[3]) && Math.abs(x - cell[2]) < BESIDE) count++
      if (within(x, cell[0], cell[2]) && Math.abs(y - cell[3]) < BESIDE) count++
    }
  return count
}

/** Joints in lines: where they lie, rising, and from where to where each of them reaches. */
interface Joints {
  at: number[]
  from: number
  to: number
}

/**
 * m by which joints lie beside one another at least. Of one layer with itself the joints across its courses count, between neighbouring courses:
 * those along them are in one line.
 */
export function jointsApart(one: readonly Cell[], other: readonly Cell[], { course }: Pick<Laying, "course">): number {
  const own = one === other
  const meet = own
    ? (a: Joints, b: Joints) => Math.abs(a.to - b.from) < NEAR
    : (a: Joints, b: Joints) => a.from < b.to - NEAR && b.from < a.to - NEAR
  const between = (level: boolean): number => {
    const all = jointsOf(other, level)
    let apart = Infinity
    for (const a of jointsOf(one, level)) for (const b of all) if (meet(a, b)) apart = Math.min(apart, nearest(a.at, b.at))
    return apart
  }
  const across = between(course === "up")
  return own ? across : Math.min(across, between(course !== "up"))
}

/** Courses so near are neighbours: a gap lies between them, m. */
const NEAR = 0.02

/** Joints of boards that lie in a line: upright ones, or level ones; those that reach alike together. */
function jointsOf(cells: readonly Cell[], level: boolean): Joints[] {
  const edges = cells.map(({ cell: [left, low, right, high] }) =>
    level ? { at: high, from: left, to: right } : { at: right, from: low, to: high },
  )
  const last = Math.max(...edges.map(({ at }) => at))
  const groups = new Map<string, Joints>()
  for (const { at, from, to } of edges) {
    if (at >= last - NEAR) continue
    const key = `${Math.round(from / ROUNDED)} ${Math.round(to / ROUNDED)}`
    const known = groups.get(key)
    if (known) known.at.push(at)
    else groups.set(key, { at: [at], from, to })
  }
  for (const { at } of groups.values()) at.sort((a, b) => a - b)
  return [...groups.values()]
}

/** Reaches are told apart to so much, m. */
const ROUNDED = 1e-6

/** Least distance between places of two rising lists. */
function nearest(one: readonly number[], other: readonly number[]): number {
  let [i, j, apart] = [0, 0, Infinity]
  while (i < one.length && j < other.length) {
    apart = Math.min(apart, Math.abs(one[i]! - other[j]!))
    if (one[i]! < other[j]!) i++
    else j++
  }
  return apart
}
