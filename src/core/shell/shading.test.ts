import { describe, expect, test } from "@jest/globals"
import fc from "fast-check"
import { profileAngle, type Shades, sunlitShare } from "./shading"

const sunAt = (altitude: number, azimuth: number) => ({ altitude, azimuth, declination: 0 })
const NONE: Shades = { overhang: null, left: null, right: null }
/** A south wall, its viewer outside looks north: west is at the left. */
const SOUTH = 180

describe("what of an opening the sun reaches", () => {
  test("straight in front at 45° an overhang of half a metre shades half a metre, by hand", () => {
    const overhang = { depth: 0.5, above: 0, extendLeft: 2, extendRight: 2 }
    expect(sunlitShare(sunAt(45, 180), SOUTH, 1, 1, { ...NONE, overhang })).toBeCloseTo(0.5, 12)
    // 0.2 m of wall between them takes its part of the shadow first.
    expect(sunlitShare(sunAt(45, 180), SOUTH, 1, 1, { ...NONE, overhang: { ...overhang, above: 0.2 } })).toBeCloseTo(0.7, 12)
    expect(profileAngle(sunAt(45, 180), SOUTH)).toBeCloseTo(45, 12)
  })

  test("from the side the shadow of a short overhang slides off, by hand", () => {
    // Sun 45° to the west: a metre out is a metre to the right and √2·tan 45° = 1.414 down. The board ends with the opening: under it lie
    // a triangle's worth less, from (0, 1) to (0.5, 1 − 0.707): 1·0.707 − 0.5·0.707/2 = 0.5303.
    const overhang = { depth: 0.5, above: 0, extendLeft: 0, extendRight: 0 }
    expect(sunlitShare(sunAt(45, 225), SOUTH, 1, 1, { ...NONE, overhang })).toBeCloseTo(1 - 0.53033, 6)
    expect(profileAngle(sunAt(45, 225), SOUTH)).toBeCloseTo((Math.atan(Math.SQRT2) * 180) / Math.PI, 12)
  })

  test("a fin in the west shades in the afternoon, one in the east does not then", () => {
    const fin = { depth: 0.3, gap: 0 }
    // Almost level sun, 45° to the west: 0.3 m to the right of the left edge.
    expect(sunlitShare(sunAt(1e-6, 225), SOUTH, 1, 1, { ...NONE, left: fin })).toBeCloseTo(0.7, 6)
    expect(sunlitShare(sunAt(1e-6, 225), SOUTH, 1, 1, { ...NONE, right: fin })).toBeCloseTo(1, 6)
    expect(sunlitShare(sunAt(1e-6, 135), SOUTH, 1, 1, { ...NONE, right: fin })).toBeCloseTo(0.7, 6)
  })

  test("with the sun behind the wall or down it is dark", () => {
    expect(sunlitShare(sunAt(30, 10), SOUTH, 1, 1, NONE)).toBe(0)
    expect(sunlitShare(sunAt(-1, 180), SOUTH, 1, 1, NONE)).toBe(0)
    expect(profileAngle(sunAt(-1, 180), SOUTH)).toBeNull()
  })

  test("any of them: as many points are lit as rays find no board in their way", () => {
    const length = (max: number) => fc.double({ min: 0, max, noNaN: true })
    const fin = fc.option(fc.record({ depth: length(1), gap: length(0.5) }))
    const overhang = fc.option(fc.record({ depth: length(1.5), above: length(0.5), extendLeft: length(1), extendRight: length(1) }))
    const sky = fc.record({ altitude: fc.double({ min: 2, max: 88, noNaN: true }), aside: fc.double({ min: -85, max: 85, noNaN: true }) })
    fc.assert(
      fc.property(fc.record({ overhang, left: fin, right: fin }), sky, (shades, { altitude, aside }) => {
        const [width, height, n] = [1.2, 0.9, 60]
        // The way to the sun from the wall: right, up, out; a plain ray at each point against each board.
        const [a, g] = [(altitude * Math.PI) / 180, (aside * Math.PI) / 180]
        const [right, up, out] = [-Math.cos(a) * Math.sin(g), Math.sin(a), Math.cos(a) * Math.cos(g)]
        const top = height + (shades.overhang?.above ?? 0)
        const behindFin = (x: number, y: number, edge: number, depth: number) => {
          const t = (edge - x) / right
          return t > 0 && t * out < depth && y + t * up < top
        }
        let lit = 0
        for (let i = 0; i < n; i++)
          for (let j = 0; j < n; j++) {
            const [x, y] = [((i + 0.5) / n) * width, ((j + 0.5) / n) * height]
            const board = shades.overhang
            const t = (top - y) / up
            const under = board && t * out < board.depth && x + t * right > -board.extendLeft && x + t * right < width + board.extendRight
            const beside =
              (shades.left && behindFin(x, y, -shades.left.gap, shades.left.depth)) ||
              (shades.right && behindFin(x, y, width + shades.right.gap, shades.right.depth))
            if (!under && !beside) lit++
          }
        const share = sunlitShare(sunAt(altitude, SOUTH + aside), SOUTH, width, height, shades)
        expect(Math.abs(share - lit / n ** 2)).toBeLessThan(0.04)
      }),
    )
  })
})
