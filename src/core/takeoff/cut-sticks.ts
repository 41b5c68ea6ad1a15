import type { MemberSet } from "../../schema/job/build-up"
import type { Shell } from "../../schema/job/shell"
import { InputError } from "../../schema/outcome"
import type { Point } from "../shell/face"
import { type FaceRegion, framingOn } from "../shell/framing"
import { stretches } from "../laying/stretches"
import type { Member, RimPiece } from "../shell/members"
import { boundingRectangle, boundsOf, type Rectangle } from "../shell/polygon"

/** A stick as it is cut. */
export interface CutStick {
  role: Member["role"] | RimPiece["role"]
  /** m of its middle from the face's left or lower edge; null for what runs across, and for plates */
  at: number | null
  /** m, at its longest */
  length: number
  /** Degrees by which its ends are off square: at the left or below, at the right or above */
  ends: readonly [number, number]
}

/** A part shorter than that is no stick, m. */
const SHORTEST = 0.02
/** An edge that runs along the stick is no end, m. */
const SIDE = 1e-6

/**
 * The sticks of a set on a face, each as long as its longest edge: members that an opening parts are cut above and below it, beside header and sill.
 * Plates are as long as their edge, their ends taken as square.
 * @param among sets that it stands among in its layer: it is cut where it crosses them
 */
export function cutSticks(shell: Shell, on: FaceRegion, set: MemberSet, among: readonly MemberSet[] = []): CutStick[] {
  const { members, rimPieces } = framingOn(shell, on, set)
  const openings: Rectangle[] = Object.values(shell.openings).filter((opening) => opening.face === on.face.id)
  // Where another zone or a box begins they end square, without header or sill.
  const { over, behind } = on.region
  const ended = [...over, ...behind.map(boundingRectangle)]
  const crossed = among
    .filter(({ direction }) => direction !== set.direction)
    .flatMap((other) => framingOn(shell, on, other).members.map(({ outline }) => boundingRectangle(outline)))
  const up = set.direction === "up" ? 1 : 0
  const sticks = members.flatMap(({ role, outline, position }): CutStick[] => {
    const axis = role === "member" || role === "trimmer" ? up : ((1 - up) as 0 | 1)
    const [from, to] = reach(outline, axis)
    const ends = endsOf(outline, axis, (from + to) / 2)
    const parts =
      role === "member" || role === "cross" ? partedBy(openings, [...ended, ...crossed], outline, axis, set) : [[from, to] as const]
    return parts.map(([start, end]) => ({
      ...{ role, at: position, length: end - start },
      ends: [start > from ? 0 : ends[0], end < to ? 0 : ends[1]],
    }))
  })
  const rim = rimPieces.map((piece): CutStick => ({ ...piece, at: null, ends: [0, 0] }))
  return [...sticks, ...rim].filter(({ length }) => length >= SHORTEST)
}

/** A stick, or a part of one that is longer than a bar. */
export interface BarStick extends CutStick {
  joined: boolean
}

/**
 * The same with sticks that are longer than a bar in parts: plates joined over the middle of a member where one is near enough, others in equal
 * parts, to be joined over what carries them.
 * @param bar m of the longest that is sold
 */
export function withLongJoined(sticks: readonly CutStick[], bar: number): BarStick[] {
  const middles = sticks.flatMap(({ role, at }) => (role === "member" && at !== null ? [at] : [])).sort((a, b) => a - b)
  return sticks.flatMap((stick): BarStick[] => {
    if (stick.length <= bar) return [{ ...stick, joined: false }]
    const parts = partsOf(stick.length, bar, stick.role === "plate" ? middles : [])
    return parts.map((length, i) => ({
      ...{ ...stick, length, joined: true },
      ends: [i === 0 ? stick.ends[0] : 0, i === parts.length - 1 ? stick.ends[1] : 0],
    }))
  })
}

function partsOf(length: number, bar: number, middles: readonly number[]): number[] {
  const parts = Math.ceil(length / bar - 1e-9)
  const division = { from: 0, to: length, board: bar, gap: 0, first: bar, shortest: 0 }
  try {
    return stretches({ ...division, on: middles }).map(([start, end]) => end - start)
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    return new Array<number>(parts).fill(length / parts)
  }
}

/** From where to where an outline reaches, along or across. */
function reach(outline: readonly Point[], axis: 0 | 1): readonly [number, number] {
  const { left, right, low, high } = boundsOf(outline)
  return axis === 0 ? [left, right] : [low, high]
}

/** Degrees off square of both ends. */
function endsOf(outline: readonly Point[], axis: 0 | 1, middle: number): [number, number] {
  const ends: [number, number] = [0, 0]
  outline.forEach((from, i) => {
    const to = outline[(i + 1) % outline.length]!
    const across = Math.abs(to[1 - axis]! - from[1 - axis]!)
    if (across < SIDE) return
    const end = (from[axis] + to[axis]) / 2 < middle ? 0 : 1
    ends[end] = Math.max(ends[end], (Math.atan2(Math.abs(to[axis] - from[axis]), across) * 180) / Math.PI)
  })
  return ends
}

/** What openings leave of a stick: with doubled members header and sill take their width too. */
function partedBy(
  openings: readonly Rectangle[],
  crossed: readonly Rectangle[],
  outline: readonly Point[],
  axis: 0 | 1,
  { width, doubled, direction }: MemberSet,
): (readonly [number, number])[] {
  const [from, to] = reach(outline, axis)
  const [side, other] = reach(outline, (1 - axis) as 0 | 1)
  const beside = doubled && (direction === "up") === (axis === 1) ? width : 0
  const over = (holes: readonly Rectangle[], more: number) =>
    holes
      .map(({ x, y, width: wide, height }) =>
        axis === 1 ? { at: x, to: x + wide, from: y, end: y + height } : { at: y, to: y + height, from: x, end: x + wide },
      )
      .filter((hole) => hole.at < other - SIDE && hole.to > side + SIDE)
      .map(({ from: start, end }) => [start > 0 ? start - more : start, end + more] as const)
  const free = [...over(openings, beside), ...over(crossed, 0)].sort((a, b) => a[0] - b[0])
  const parts: (readonly [number, number])[] = []
  let start = from
  for (const [begins, ends] of free) {
    if (begins > start) parts.push([start, Math.min(begins, to)])
    start = Math.max(start, ends)
  }
  return start < to ? [...parts, [start, to]] : parts
}
