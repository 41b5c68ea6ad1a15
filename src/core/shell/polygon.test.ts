import { describe, expect, test } from "@jest/globals"
import fc from "fast-check"
import type { Point } from "./face"
import { clipHalf, inset, polygonArea } from "./polygon"

/** The same by cutting the outline along each moved edge, one after the other. */
function cutOff(outline: readonly Point[], distances: readonly number[]): Point[] {
  return outline.reduce<Point[]>(
    (left, [x, y], i) => {
      const [nextX, nextY] = outline[(i + 1) % outline.length]!
      const length = Math.hypot(nextX - x, nextY - y)
      const inward: Point = [(y - nextY) / length, (nextX - x) / length]
      return left.length === 0 ? left : clipHalf(left, [x + inward[0] * distances[i]!, y + inward[1] * distances[i]!], inward)
    },
    [...outline],
  )
}

/** Corners on an ellipse, at least a hundredth of a turn apart: convex, counter-clockwise. */
const convex: fc.Arbitrary<Point[]> = fc
  .tuple(
    fc.uniqueArray(fc.integer({ min: 0, max: 99 }), { minLength: 3, maxLength: 40 }),
    fc.double({ min: 0.2, max: 5, noNaN: true }),
    fc.double({ min: 0.2, max: 5, noNaN: true }),
  )
  .map(([turns, a, b]) =>
    turns
      .sort((one, other) => one - other)
      .map((turn): Point => [a * Math.cos((turn * Math.PI) / 50), b * Math.sin((turn * Math.PI) / 50)]),
  )

describe("a convex outline moved in", () => {
  test("by hand: a rectangle, unlike on each side, and until its sides meet", () => {
    const box: Point[] = [
      [0, 0],
      [4, 0],
      [4, 3],
      [0, 3],
    ]
    const by = (...distances: number[]) => polygonArea(inset(box, (_from, _to, i) => distances[i]!))
    expect(by(0, 0, 0, 0)).toBeCloseTo(12, 12)
    expect(by(0.5, 1, 0.25, 0.5)).toBeCloseTo(2.5 * 2.25, 12)
    expect(by(1.5, 0, 1.5, 0)).toBeCloseTo(0, 12)
    expect(by(2, 0, 2, 0)).toBe(0)
    expect(by(0, 3, 0, 3)).toBe(0)
  })

  test("an edge that two on one course make up moves in with the farther of them", () => {
    const outline: Point[] = [
      [0, 0],
      [2, 0],
      [4, 0],
      [4, 3],
      [0, 3],
    ]
    expect(polygonArea(inset(outline, (_from, _to, i) => [0.1, 0.4, 0, 0, 0][i]!))).toBeCloseTo(4 * 2.6, 12)
    expect(polygonArea(inset(outline, (_from, _to, i) => [0.4, 0.1, 0, 0, 0][i]!))).toBeCloseTo(4 * 2.6, 12)
  })

  test("is what cutting along each moved edge leaves", () => {
    fc.assert(
      fc.property(
        convex,
        fc.array(fc.double({ min: 0, max: 1.5, noNaN: true }), { minLength: 40, maxLength: 40 }),
        (outline, distances) => {
          const expected = cutOff(outline, distances)
          const moved = inset(outline, (_from, _to, i) => distances[i]!)
          expect(Math.abs(polygonArea(moved) - polygonArea(expected))).toBeLessThan(1e-9)
        },
      ),
      { numRuns: 3000, endOnFailure: true },
    )
  })
})
