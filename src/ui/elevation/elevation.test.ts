import { describe, expect, test } from "@jest/globals"
import fc from "fast-check"
import { type DimensionLine, placeLines } from "./dimension-lines"

const line: fc.Arbitrary<DimensionLine> = fc
  .record({
    id: fc.uuid(),
    from: fc.double({ min: 0, max: 400, noNaN: true }),
    length: fc.double({ min: 0, max: 200, noNaN: true }),
    text: fc.double({ min: 10, max: 90, noNaN: true }),
  })
  .map(({ length, ...rest }) => ({ ...rest, to: rest.from + length }))

describe("dimension lines", () => {
  test("stand in one row where they follow on, and the whole in the next", () => {
    const placed = placeLines(
      [
        { id: "whole", from: 0, to: 300, text: 30 },
        { id: "offset", from: 0, to: 80, text: 30 },
        { id: "width", from: 90, to: 200, text: 30 },
      ],
      300,
    )
    expect(Object.fromEntries(placed.map(({ id, tier, middle }) => [id, [tier, middle]]))).toEqual({
      offset: [0, 40],
      width: [0, 145],
      whole: [1, 150],
    })
  })

  test("a figure wider than its line goes past its ends, and stays on the sheet", () => {
    const [short] = placeLines([{ id: "short", from: 0, to: 4, text: 40 }], 300)
    expect(short!.middle).toBe(20)
  })

  test("share a row where they only touch, and a figure moves aside for its neighbour's", () => {
    const placed = placeLines(
      [
        { id: "sill", from: 0, to: 60, text: 20 },
        { id: "window", from: 60, to: 74, text: 20 },
        { id: "step", from: 56, to: 60, text: 20 },
      ],
      100,
    )
    // The step's figure stands on 58; the window's, which would stand on 67, goes 24 from it; the sill's line has the step's upon it.
    expect(Object.fromEntries(placed.map(({ id, tier, middle }) => [id, [tier, middle]]))).toEqual({
      step: [0, 58],
      window: [0, 82],
      sill: [1, 30],
    })
  })

  test("never meet, figures included", () => {
    fc.assert(
      fc.property(fc.array(line, { maxLength: 25 }), (lines) => {
        const placed = placeLines(lines, 500)
        expect(placed).toHaveLength(lines.length)
        placed.forEach((a, i) => {
          for (const b of placed.slice(i + 1)) {
            if (a.tier !== b.tier) continue
            expect(Math.min(a.to, b.to) - Math.max(a.from, b.from)).toBeLessThanOrEqual(0.011)
            expect(Math.abs(a.middle - b.middle)).toBeGreaterThan((a.text + b.text) / 2)
          }
        })
        for (const { middle, text } of placed) expect(middle - text / 2).toBeGreaterThanOrEqual(-1e-9)
      }),
    )
  })
})
