import { describe, expect, test } from "@jest/globals"
import fc from "fast-check"
import { rectangleCorners } from "./polygon"
import { tilesOf } from "./tiles"

const A4 = { width: 0.19, height: 0.277 }

describe("a drawing over several sheets", () => {
  test("takes one where it fits, in its middle", () => {
    const { tiles } = tilesOf(rectangleCorners({ x: 0, y: 0, width: 0.1, height: 0.1 }), A4, 0.01)
    // 190 − 100 and 277 − 100 left over, half on each side.
    expect(tiles).toEqual([{ column: 0, row: 0, left: expect.closeTo(-0.045, 9), high: expect.closeTo(0.1885, 9) }])
  })

  test("takes so many that their strips overlap: a wheel box of 900 by 300 mm by hand", () => {
    // (900 + 10) / (190 − 10) = 5.06 → 6 across; (300 + 10) / (277 − 10) = 1.16 → 2 up.
    const { columns, rows, tiles } = tilesOf(rectangleCorners({ x: 0, y: 0, width: 0.9, height: 0.3 }), A4, 0.01)
    expect([columns, rows, tiles.length]).toEqual([6, 2, 12])
    expect(tiles[1]!.left - tiles[0]!.left).toBeCloseTo(0.18, 9)
  })

  test("leaves nothing of any drawing out", () => {
    const length = fc.double({ min: 0.01, max: 12, noNaN: true })
    fc.assert(
      fc.property(length, length, (width, height) => {
        const { tiles } = tilesOf(rectangleCorners({ x: 1, y: 2, width, height }), A4, 0.01)
        const [first, last] = [tiles[0]!, tiles.at(-1)!]
        expect(first.left).toBeLessThanOrEqual(1)
        expect(first.high).toBeGreaterThanOrEqual(2 + height)
        expect(last.left + A4.width).toBeGreaterThanOrEqual(1 + width)
        expect(last.high - A4.height).toBeLessThanOrEqual(2)
      }),
    )
  })
})
