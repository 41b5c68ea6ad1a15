import { describe, expect, test } from "@jest/globals"
import { demoJobs } from "../../../tests/fixtures/jobs"
import type { MemberSet } from "../../schema/job/build-up"
import type { Opening } from "../../schema/job/shell"
import type { Face } from "./face"
import { holeFit } from "./hole-fit"
import { undivided } from "./framing"
import { memberLayout } from "./members"

/** A wall of 3 by 2 m with studs of 45 mm at 600 mm, the first at 0.6 m, plates of 45 mm below and above. */
const wall = {
  id: "left",
  outline: [
    [0, 0],
    [3, 0],
    [3, 2],
    [0, 2],
  ],
} as unknown as Face
const studs = {
  ...Object.values(demoJobs()[2]!.variants.first!.assemblies).flatMap(({ members }) => Object.values(members))[0]!,
  ...{ width: 0.045, spacing: 0.6, spaced: "centres", first: 0.6, positions: {}, direction: "up", ends: false, cross: [], doubled: false },
  plates: { low: 1, high: 1 },
} as MemberSet
const members = [{ name: "Stud", layout: memberLayout({ ...wall, ...undivided(wall) }, studs, { openings: [], pieces: [] }) }]
const window = { name: "Window", face: "left", x: 1.3, y: 0.8, width: 0.4, height: 0.5 } as Opening
const at = (x: number, y: number, width = 0.1, openings: Opening[] = []) => holeFit(wall, members, openings, { x, y, width })

describe("a hole through a face", () => {
  test("between two studs is free", () => {
    expect(at(0.9, 1)).toEqual({ meets: [], free: null })
    // It just touches the stud at 0.6: 0.6 + 0.0225 + 0.05.
    expect(at(0.6726, 1).meets).toEqual([])
    expect(at(0.6724, 1).meets).toEqual(["Stud"])
  })

  test("at a stud is told the nearest place beside it", () => {
    // Left of the stud at 0.6 by half a stud and half a hole, in steps of 10 mm: 0.6 − 0.08.
    const { meets, free } = at(0.6, 1)
    expect(meets).toEqual(["Stud"])
    expect(free!.x).toBeCloseTo(0.52, 9)
    expect(free!.y).toBe(1)
  })

  test("at a plate goes up, and in a window goes out of it", () => {
    expect(at(0.9, 0.06).free!.y).toBeCloseTo(0.1, 9)
    const { meets, free } = at(1.5, 1, 0.1, [window])
    expect(meets).toEqual(["Window"])
    expect(at(free!.x, free!.y, 0.1, [window]).meets).toEqual([])
  })

  test("wider than what is between studs finds no place", () => {
    expect(at(0.9, 1, 0.6)).toEqual({ meets: ["Stud"], free: null })
  })
})
