import { InputError } from "../../schema/outcome"

/** How a length is divided into boards one after the other. */
export interface Division {
  /** m from where to where */
  from: number
  to: number
  /** m of a board, and between two */
  board: number
  gap: number
  /** m of the first board */
  first: number
  /** Places that joints must lie on, rising: middles of members; null: anywhere. */
  on: readonly number[] | null
  /** m that no board is shorter than, where that can be */
  shortest: number
  /** Ends of boards that stay where they are, wherever they lie. */
  locked?: readonly number[]
}

/** Rounding of lengths, m. */
const ROUNDING = 1e-9
/** More boards in a row than that are none. */
const MOST = 2000

/**
 * Where boards lie one after the other, m; joints on members where those are given, the last one moved so that none is too short. Joints that
 * are locked divide the length, and what lies between them is divided by itself.
 * @throws InputError `no-member` where no member is within a board's length of the joint before; `too-many` for boards that are too small
 */
export function stretches({ locked = [], ...division }: Division): [number, number][] {
  const { from, to, gap, first, board } = division
  if ((to - from) / board > MOST) throw new InputError("too-many", [], `More than ${MOST} boards would lie in a row: take larger ones.`)
  const stops = [...new Set(locked)].sort((a, b) => a - b).filter((at) => at > from + ROUNDING && at + gap < to - ROUNDING)
  return [...stops, to].flatMap((end, i) => {
    const start = i === 0 ? from : stops[i - 1]! + gap
    return divided({ ...division, from: start, to: end, first: i === 0 ? first : board })
  })
}

function divided({ from, to, board, gap, first, on, shortest }: Division): [number, number][] {
  const ends: number[] = []
  let start = from
  const reach = (length: number): number => {
    const end = start + length
    if (!on || end >= to - ROUNDING) return end
    const member = on.filter((place) => place - gap / 2 <= end + ROUNDING && place - gap / 2 > start + ROUNDING).at(-1)
    if (member === undefined)
      throw new InputError(
        "no-member",
        [],
        `Within ${length.toFixed(3)} m of ${start.toFixed(3)} m no member carries a joint: take longer boards, or members nearer to each other.`,
      )
    return member - gap / 2
  }
  for (let length = Math.min(board, first); ; length = board) {
    const end = reach(length)
    if (end >= to - ROUNDING) break
    ends.push(end)
    start = end + gap
  }
  return between(from, to, gap, lengthened(ends, { from, to, gap, on, shortest, board }))
}

/** The last joint sooner where the last board would be too short, and both sides of it then are long enough. */
function lengthened(ends: readonly number[], { from, to, gap, on, shortest, board }: Omit<Division, "first">): readonly number[] {
  const last = ends.at(-1)
  if (last === undefined || to - last - gap >= shortest - ROUNDING) return ends
  const start = ends.length > 1 ? ends.at(-2)! + gap : from
  const latest = to - gap - shortest
  const earliest = Math.max(start + shortest, to - gap - board)
  const moved = on
    ? on
        .map((place) => place - gap / 2)
        .filter((end) => end <= latest + ROUNDING)
        .at(-1)
    : latest
  return moved === undefined || moved < earliest - ROUNDING ? ends : [...ends.slice(0, -1), moved]
}

function between(from: number, to: number, gap: number, ends: readonly number[]): [number, number][] {
  const starts = [from, ...ends.map((end) => end + gap)]
  return starts.map((start, i) => [start, ends[i] ?? to])
}
