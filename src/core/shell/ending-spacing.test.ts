import { describe, expect, test } from "@jest/globals"
import fc from "fast-check"
import { endingSpacings } from "./ending-spacing"

const at = (run: number, width: number, board: number | null, spacing: number) =>
  endingSpacings(run, width, board).find((one) => one.spacing === spacing)!

describe("which spacing ends well", () => {
  test("by hand on a wall of 4.8 m with boards of 1.2 m", () => {
    // 600: members at 600 … 4200 (the one at 4800 would stand outside), last bay 4800 − 4200 − 22.5 = 577.5 mm; 1200 is two bays
    expect(at(4.8, 0.045, 1.2, 0.6)).toEqual({
      spacing: 0.6,
      members: 7,
      lastBay: expect.closeTo(0.5775, 9),
      boardsLand: true,
      endsWell: true,
    })
    // 450: ten members to 4500, last bay 277.5 mm of 405: no sliver, but 1200 is 2⅔ bays
    expect(at(4.8, 0.045, 1.2, 0.45)).toMatchObject({ members: 10, boardsLand: false, endsWell: false })
    expect(at(4.8, 0.045, null, 0.45)).toMatchObject({ boardsLand: null, endsWell: true })
  })

  test("a sliver at the end is told", () => {
    // 3.1 m at 600: five members, last bay 3100 − 3000 − 22.5 = 77.5 mm
    expect(at(3.1, 0.045, null, 0.6)).toMatchObject({ members: 5, lastBay: expect.closeTo(0.0775, 9) as unknown, endsWell: false })
  })

  test("boards of 4 ft land on members at 24 in and 16 in", () => {
    expect([0.6096, 0.4064, 0.6, 0.5].map((spacing) => at(6, 0.038, 1.2192, spacing).boardsLand)).toEqual([true, true, false, false])
  })

  test("what ends well and needs fewest members comes first", () => {
    const list = endingSpacings(4.8, 0.045, 1.2)
    expect(list[0]!.endsWell).toBe(true)
    const good = list.filter((one) => one.endsWell).map((one) => one.members)
    expect(good).toEqual([...good].sort((a, b) => a - b))
    expect(list.slice(good.length).every((one) => !one.endsWell)).toBe(true)
  })

  test("the members and the bays make up the run", () => {
    fc.assert(
      fc.property(fc.double({ min: 0.7, max: 20, noNaN: true }), fc.double({ min: 0.02, max: 0.1, noNaN: true }), (run, width) => {
        for (const { spacing, members, lastBay } of endingSpacings(run, width, null)) {
          expect(members * spacing + width / 2 + lastBay).toBeCloseTo(run, 9)
          expect(lastBay).toBeGreaterThan(-1e-6)
          expect(lastBay).toBeLessThan(spacing + 1e-6)
        }
      }),
    )
  })
})
