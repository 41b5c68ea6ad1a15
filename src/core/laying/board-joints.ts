import type { Point } from "../shell/face"
import type { LockedJoint } from "../../schema/job/build-up"
import type { Cell, Course } from "./lay-boards"

/** A joint that a hand can move: across a course, or between two. */
export interface BoardJoint extends LockedJoint {
  /** Its ends on the face, m */
  from: Point
  to: Point
}

/** Rounding of lengths, m. */
const ROUNDING = 1e-6

/** Joints of a face's boards: those between courses first, each with the place at which the board before it ends. */
export function boardJoints(cells: readonly Cell[], course: Course): BoardJoint[] {
  const lying = ({ cell: [left, low, right, high] }: Cell) =>
    course === "up" ? { start: low, end: high, low: left, high: right } : { start: left, end: right, low, high }
  const on = (along: number, across: number): Point => (course === "up" ? [across, along] : [along, across])
  const whole = [...new Map(cells.map((one) => [one.cell.join(), { ...lying(one), course: one.course }])).values()]
  const [begin, last] = [Math.min(...whole.map(({ start }) => start)), Math.max(...whole.map(({ end }) => end))]
  const courses = [...new Set(whole.map((one) => one.course))].sort((a, b) => a - b)
  const tops = courses.slice(0, -1).map((one): BoardJoint => {
    const top = whole.find((cell) => cell.course === one)!.high
    return { course: null, at: top, from: on(begin, top), to: on(last, top) }
  })
  const across = courses.flatMap((one) =>
    whole
      .filter((cell) => cell.course === one && cell.end < last - ROUNDING)
      .sort((a, b) => a.end - b.end)
      .map(({ end, low, high }): BoardJoint => ({ course: one, at: end, from: on(end, low), to: on(end, high) })),
  )
  return [...tops, ...across]
}
