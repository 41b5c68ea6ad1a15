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

  test("never meet, figures included", () => {
    fc.assert(
      fc.property(fc.array(line, { maxLength: 25 }), (lines) => {
        const placed = placeLines(lines, 500)
        expect(placed).toHaveLength(lines.length)
        const spans = placed.map(({ from, to, middle, text, tier }) => ({
          tier,
          low: Math.min(from, middle - text / 2),
          high: Math.max(to, middle + text / 2),
        }))
        spans.forEach((a, i) => {
          for (const b of spans.slice(i + 1)) expect(a.tier !== b.tier || a.high < b.low || b.high < a.low).toBe(true)
        })
        for (const { middle, text } of placed) expect(middle - text / 2).toBeGreaterThanOrEqual(-1e-9)
      }),
    )
  })
})
