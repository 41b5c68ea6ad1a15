import { describe, expect, test } from "@jest/globals"
import fc from "fast-check"
import { startShell } from "../../../tests/fixtures/jobs"
import { anyForm } from "../../../tests/arbitrary/any-form"
import { anyZones } from "../../../tests/arbitrary/any-zones"
import type { Shell, Zone } from "../../schema/job/shell"
import { sum } from "../numeric/sum"
import { foldedUp, type SpacePoint } from "./body"
import { bordersBetween } from "./borders"
import { cornerBetween, edgeAlong, edgesOf } from "./edges"
import type { Face, Point } from "./face"
import { facesOf } from "./faces"
import { boundsOf, isInside, polygonArea } from "./polygon"
import { isWithin, type Region, regionArea, regionsOn } from "./zones"

const shellOf = (zones: Record<string, Omit<Extract<Zone, { kind: "rectangle" }>, "kind" | "name">>, width = 4): Shell => ({
  ...startShell({ kind: "box", length: width, width: 3, height: 2.5 }, { floor: "skids", openings: {} }),
  zones: Object.fromEntries(Object.entries(zones).map(([id, zone]) => [id, { kind: "rectangle", name: id, ...zone }])),
})
const surfaces = (face: Face, shell: Shell) => regionsOn(face, shell).map(({ zone, region }) => ({ zone, face, region }))
const areas = (shell: Shell) => {
  const face = facesOf(shell).find(({ id }) => id === "left")!
  return regionsOn(face, shell).map(({ region }) => regionArea(region))
}
/** The point of each coordinate halfway between two others. */
const close = (a: SpacePoint, b: SpacePoint) => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]) < 1e-6

describe("zones of a wall of 4 by 2.5 m, by hand", () => {
  test("a rectangle within it, one past its edge, and one that a later one covers in part", () => {
    expect(areas(shellOf({ a: { face: "left", x: 1, y: 0, width: 1, height: 1 } }))).toEqual([9, 1])
    expect(areas(shellOf({ a: { face: "left", x: 3.5, y: 2, width: 1, height: 1 } }))).toEqual([9.75, 0.25])
    const two = { a: { face: "left", x: 0, y: 0, width: 2, height: 1 }, b: { face: "left", x: 1, y: 0.5, width: 2, height: 1 } } as const
    expect(areas(shellOf(two))).toEqual([6.5, 1.5, 2])
  })

  test("the borders of two that overlap are counted once each", () => {
    const shell = shellOf({
      a: { face: "left", x: 0, y: 0, width: 2, height: 1 },
      b: { face: "left", x: 1, y: 0.5, width: 2, height: 1 },
    })
    const face = facesOf(shell).find(({ id }) => id === "left")!
    const borders = bordersBetween(surfaces(face, shell))
    const between = (one: string | null, other: string | null) =>
      sum(borders.map(({ between: [a, b], length }) => ([a.zone, b.zone].includes(one) && [a.zone, b.zone].includes(other) ? length : 0)))
    // What is left of the first: 1 m above it and half a metre of its right side; of the second all around but the two sides in the first.
    expect(between("a", null)).toBeCloseTo(1.5, 9)
    expect(between("b", null)).toBeCloseTo(2 + 1 + 1 + 0.5, 9)
    expect(between("a", "b")).toBeCloseTo(1 + 0.5, 9)
  })

  test("two side by side have one border between them, along which neither meets the rest", () => {
    const shell = shellOf({
      a: { face: "left", x: 0, y: 0, width: 2, height: 2.5 },
      b: { face: "left", x: 2, y: 0, width: 2, height: 2.5 },
    })
    const face = facesOf(shell).find(({ id }) => id === "left")!
    expect(bordersBetween(surfaces(face, shell)).map(({ between: [a, b], length }) => [a.zone, b.zone, length])).toEqual([["b", "a", 2.5]])
  })
})

const any = fc
  .tuple(anyForm(1, 6), fc.nat())
  .chain(([form]) => anyZones(form.kind, 4).map((zones) => ({ ...startShell(form, { floor: "skids", openings: {} }), zones })))

/** A plain slow model: points spread evenly (Halton), each asked which zone lies over it last. */
const halton = (i: number, base: number): number => {
  let [share, value] = [1, 0]
  for (let n = i; n > 0; n = Math.floor(n / base)) value += (share /= base) * (n % base)
  return value
}

test("zones on any face take the areas that a plain count of points finds, and each point lies in one", () => {
  fc.assert(
    fc.property(any, (shell) => {
      for (const face of facesOf(shell)) {
        const regions = regionsOn(face, shell)
        if (regions.length === 1) continue
        const { left, right, low, high } = boundsOf(face.outline)
        const counted = new Map<Region, number>()
        const points = 2000
        for (let i = 1; i <= points; i++) {
          const at: Point = [left + halton(i, 2) * (right - left), low + halton(i, 3) * (high - low)]
          if (!isInside(face.outline, at, 0)) continue
          const own = regions.filter(({ region }) => isWithin(region, at))
          expect(own).toHaveLength(1)
          counted.set(own[0]!.region, (counted.get(own[0]!.region) ?? 0) + 1)
        }
        const whole = (right - left) * (high - low)
        for (const { region } of regions)
          expect(Math.abs(regionArea(region) - ((counted.get(region) ?? 0) / points) * whole)).toBeLessThan(0.02 * whole)
        expect(sum(regions.map(({ region }) => regionArea(region)))).toBeCloseTo(polygonArea(face.outline), 9)
      }
    }),
    { numRuns: 25 },
  )
})

test("an edge is the same line in space from both of its faces, which see it from opposite ends, and three edges share their corner", () => {
  fc.assert(
    fc.property(anyForm(1, 6), (form) => {
      const faces = facesOf({ form, azimuth: 0 })
      const of = (id: string) => faces.find((face) => face.id === id)!
      // A corner as a hair of a triangle, since a piece in space is folded with its area.
      const inSpace = (face: Face, [x, y]: Point): SpacePoint => {
        const [toX, toY] = [0, 1].map((axis) => face.outline.reduce((mean, corner) => mean + corner[axis]! / face.outline.length, 0))
        const near: Point = [x + (toX! - x) * 1e-7, y + (toY! - y) * 1e-7]
        const pieces = foldedUp(form, face, [near, [near[0] + 1e-9, near[1]], [near[0], near[1] + 1e-9]])
        return pieces[0]![0]!
      }
      for (const { faces: pair, length } of edgesOf({ form })) {
        if (length < 1e-6) continue
        const [a, b] = pair.map(of) as [Face, Face]
        const [one, other] = [edgeAlong(a, b.id, form), edgeAlong(b, a.id, form)]
        expect(one.length).toBeGreaterThan(1)
        expect(close(inSpace(a, one[0]!), inSpace(b, other.at(-1)!))).toBe(true)
        expect(close(inSpace(a, one.at(-1)!), inSpace(b, other[0]!))).toBe(true)
      }
      const front = of("front")
      const corner = cornerBetween(front, "floor", "left", form)!
      expect(close(inSpace(front, corner), inSpace(of("floor"), cornerBetween(of("floor"), "front", "left", form)!))).toBe(true)
      expect(close(inSpace(front, corner), inSpace(of("left"), cornerBetween(of("left"), "floor", "front", form)!))).toBe(true)
    }),
    { numRuns: 100 },
  )
})
