import { describe, expect, test } from "@jest/globals"
import { OPENING_KINDS, startShell } from "../../../tests/fixtures/jobs"
import { RIBS, timber } from "../../../tests/fixtures/layers"
import fc from "fast-check"
import { anyForm } from "../../../tests/arbitrary/any-form"
import type { MemberSet } from "../../schema/job/build-up"
import type { Notch, Opening } from "../../schema/job/shell"
import { coveredArea } from "./covered-area"
import type { Face, Point } from "./face"
import { facesOf } from "./faces"
import { framingOn, memberShare, undivided } from "./framing"
import { memberLayout, memberPositions } from "./members"
import { notchOutline, notchStrips, offsetsArea, offsetsLength } from "./notch"
import type { Holes } from "./zones"
import { boundsOf, isInside, polygonArea, polygonCentre, polygonPerimeter } from "./polygon"

const wall = {
  id: "left" as const,
  outline: [
    [0, 0],
    [3, 0],
    [3, 2.4],
    [0, 2.4],
  ] satisfies Point[],
}
const bare = { openings: [], pieces: [] }
const studs = timber("Studs", 0.05, 0.6, { ends: false, plates: { low: 0, high: 0 } })
const share = (set: MemberSet, holes: Holes = bare, face: Pick<Face, "id" | "outline"> = wall) =>
  memberLayout({ ...face, ...undivided(face) }, set, holes).drawn

describe("members on a face, by hand", () => {
  test("stand at their spacing, centre to centre or edge to edge, or as measured", () => {
    expect(memberPositions(studs, "left", 3)).toEqual([0.6, 1.2, 1.8, 2.4].map((at) => expect.closeTo(at, 9) as unknown))
    expect(memberPositions({ ...studs, spaced: "edges" }, "left", 2)).toEqual([0.65, 1.3].map((at) => expect.closeTo(at, 9) as unknown))
    expect(memberPositions({ ...studs, first: 0.3 }, "left", 1.2)).toEqual([expect.closeTo(0.3, 9), expect.closeTo(0.9, 9)])
    expect(memberPositions({ ...studs, positions: { left: [0.1, 5] } }, "left", 2)).toEqual([0.1])
    expect(memberPositions({ ...studs, positions: { left: [0.1] } }, "right", 1)).toEqual([0.6])
  })

  test("upright, four of 50 mm on 3 m", () => expect(share(studs)).toBeCloseTo(0.2 / 3, 12))

  test("level, three of 50 mm on 2.4 m", () => expect(share({ ...studs, direction: "along" })).toBeCloseTo(0.15 / 2.4, 12))

  test("with plates, ends and a row of blocking", () => {
    // Within the rim 2.9 × 2.3 m = 6.67; rim 7.2 − 6.67 = 0.53; studs 4·0.05·2.3 = 0.46; blocking 2.9·0.05 less four crossings 0.01 = 0.135
    const framed = { ...studs, ends: true, plates: { low: 1, high: 1 } as const, cross: [1.2] }
    expect(share(framed)).toBeCloseTo((0.53 + 0.46 + 0.135) / 7.2, 12)
    // Two plates above: another 2.9·0.05 of rim, and each stud and the ends are 50 mm shorter within it.
    expect(share({ ...framed, plates: { low: 1, high: 2 } })).toBeCloseTo((0.53 + 0.145 + 0.45 + 0.135) / 7.2, 12)
  })

  test("doubled at an opening, with header and sill", () => {
    // Window 0.8 × 1.0 at (1.0, 0.9): studs at 1.2 is cut by 1.0 m, 1.8 stands clear of it and runs into the trimmer 1.8…1.85 (1.775…1.825: half of each).
    // Net 7.2 − 0.8 = 6.4. Studs 3·0.12 + (2.4 − 1)·0.05 = 0.36 + 0.07 = 0.43; of stud 1.8 the part over the hole 1.775…1.8 is 0.025 m wide, 1.0 m high: −0.025
    // Trimmers 0.95…1.0 and 1.8…1.85: 0.05·2.4·2 = 0.24, less what stud 1.8 covers already, 0.025·2.4 = 0.06: 0.18
    // Header and sill 0.9 m from 0.95 to 1.85: two of 0.9·0.05 = 0.09, less where trimmers (0.1), stud 1.2 (0.05) and the rest of stud 1.8 (0.025) are: 2·0.05·(0.9 − 0.175) = 0.0725
    const window = { x: 1, y: 0.9, width: 0.8, height: 1 }
    expect(share({ ...studs, doubled: true }, { openings: [window], pieces: [] })).toBeCloseTo((0.43 - 0.025 + 0.18 + 0.0725) / 6.4, 12)
  })

  test("on a triangle, cut off by its edges", () => {
    const gable = {
      id: "front" as const,
      outline: [
        [0, 0],
        [4, 0],
        [2, 2],
      ] as Point[],
    }
    // One in the middle, 0.1 m wide: 2·0.1 less two corners of 0.05·0.05/2
    const king = { ...studs, width: 0.1, positions: { front: [2] } }
    expect(share(king, bare, gable)).toBeCloseTo((0.2 - 0.0025) / 4, 12)
  })

  test("round openings alone: two uprights past its sides, a header and a sill, and no row", () => {
    const window = { x: 1, y: 0.9, width: 0.8, height: 1 }
    const around = { ...studs, around: true, ends: true, plates: { low: 1 as const, high: 1 as const } }
    const layout = memberLayout({ ...wall, ...undivided(wall) }, around, { openings: [window], pieces: [] })
    // 50 mm wide: uprights of 1.1 m, header and sill of 0.8 m.
    expect(layout.pieces.map((length) => length.toFixed(3))).toEqual(["1.100", "1.100", "0.800", "0.800"])
    expect(layout.drawn).toBeCloseTo((0.05 * (1.1 + 1.1 + 0.8 + 0.8)) / (3 * 2.4 - 0.8), 9)
    // A door stands on the edge: no sill, and uprights from its foot.
    const door = memberLayout({ ...wall, ...undivided(wall) }, around, { openings: [{ ...window, y: 0, height: 2 }], pieces: [] })
    expect(door.pieces.map((length) => length.toFixed(3))).toEqual(["2.050", "2.050", "0.800"])
  })

  test("a typed share takes the place of the drawing's", () => {
    const shell = startShell({ kind: "box", length: 3, width: 2, height: 2.4 }, { floor: "skids", openings: {} })
    const face = facesOf(shell).find(({ id }) => id === "left")!
    expect(memberShare(shell, undivided(face), studs)).toBeCloseTo(0.2 / 3, 12)
    expect(memberShare(shell, undivided(face), { ...studs, share: 0.2 })).toBe(0.2)
    expect(framingOn(shell, undivided(face), studs)).toBe(framingOn(shell, undivided(face), studs))
  })
})

describe("notches and templates", () => {
  const well: Notch = {
    name: "Well",
    face: "floor",
    edge: "lower",
    from: 0.5,
    uValue: 1,
    offsets: [
      [0, 0.2],
      [0.4, 0.3],
      [0.8, 0.3],
    ],
  }

  test("have the area and length of their measured offsets, by hand", () => {
    // 0.4·0.25 + 0.4·0.3 = 0.22 m²; 0.2 + √(0.16 + 0.01) + 0.4 + 0.3 = 1.312311 m
    expect(offsetsArea(well.offsets)).toBeCloseTo(0.22, 12)
    expect(offsetsLength(well.offsets)).toBeCloseTo(1.312311, 6)
  })

  test.each(["lower", "upper", "left", "right"] as const)("lie on the %s edge, whole or in strips, and inside", (edge) => {
    const notch = { ...well, edge }
    const outline = notchOutline(wall, notch)
    expect(polygonArea(outline)).toBeCloseTo(0.22, 12)
    const signed = outline.reduce((twice, [x, y], i) => {
      const [nextX, nextY] = outline[(i + 1) % outline.length]!
      return twice + x * nextY - nextX * y
    }, 0)
    expect(signed / 2).toBeCloseTo(0.22, 12)
    expect(notchStrips(wall, notch).reduce((area, strip) => area + polygonArea(strip), 0)).toBeCloseTo(0.22, 12)
    expect(outline.every((corner) => isInside(wall.outline, corner))).toBe(true)
    // Members leave it out: what they cover and what they leave make up the face without it.
    const holes = { openings: [], pieces: notchStrips(wall, notch) }
    expect(coveredArea(wall.outline, [{ x: 0, y: 0, width: 3, height: 2.4 }], [], holes.pieces)).toBeCloseTo(7.2 - 0.22, 12)
  })
})

test("perimeter and centre of closed forms", () => {
  expect(polygonPerimeter(wall.outline)).toBeCloseTo(10.8, 12)
  expect(polygonCentre(wall.outline)).toEqual([expect.closeTo(1.5, 12), expect.closeTo(1.2, 12)])
  // Of a triangle: a third of the height over its base.
  expect(
    polygonCentre([
      [0, 0],
      [3, 0],
      [0, 3],
    ]),
  ).toEqual([expect.closeTo(1, 12), expect.closeTo(1, 12)])
})

describe("any members on any shell", () => {
  const at = fc.double({ min: 0, max: 3, noNaN: true })
  const size = fc.double({ min: 0.1, max: 1, noNaN: true })
  const set: fc.Arbitrary<MemberSet> = fc.record({
    ...Object.fromEntries(Object.entries(RIBS).map(([key, value]) => [key, fc.constant(value)])),
    direction: fc.constantFrom("up" as const, "along" as const),
    width: fc.double({ min: 0.02, max: 0.2, noNaN: true }),
    spacing: fc.double({ min: 0.25, max: 1.2, noNaN: true }),
    ends: fc.boolean(),
    doubled: fc.boolean(),
    plates: fc.record({
      low: fc.constantFrom(0 as const, 1 as const, 2 as const),
      high: fc.constantFrom(0 as const, 1 as const, 2 as const),
    }),
    cross: fc.array(at, { maxLength: 3 }),
  }) as fc.Arbitrary<MemberSet>
  const opening = fc
    .record({ x: at, y: at, width: size, height: size })
    .map((place): Opening => ({ ...OPENING_KINDS.window, name: "any", kind: "window", face: "left", ...place }))

  test("take the share that a plain count of points finds", () => {
    fc.assert(
      fc.property(anyForm(1, 6), set, opening, (form, members, window) => {
        const shell = startShell(form, { floor: "skids", openings: { window } })
        for (const face of facesOf(shell)) {
          const layout = framingOn(shell, undivided(face), members)
          expect(layout.drawn).toBeGreaterThanOrEqual(0)
          expect(layout.drawn).toBeLessThanOrEqual(1)
          // A plain slow model: points spread evenly (Halton), each asked whether it lies on a stick.
          const openings = face.id === "left" ? [window] : []
          const { right: wide, high } = boundsOf(face.outline)
          let [on, all] = [0, 0]
          for (const [u, v] of EVENLY) {
            const point: Point = [u * wide, v * high]
            if (!strictly(face.outline, point) || openings.some((hole) => within(hole, point))) continue
            all++
            if ((layout.rim && !strictly(layout.rim.inner, point)) || layout.members.some(({ outline }) => strictly(outline, point))) on++
          }
          if (all > 1500) expect(Math.abs(on / all - layout.drawn)).toBeLessThan(0.025)
        }
      }),
      { numRuns: 20, endOnFailure: true },
    )
  })
})

/** The i-th of a row of numbers that fill 0…1 evenly. */
function halton(i: number, base: number): number {
  let [value, part] = [0, 1]
  for (let rest = i; rest > 0; rest = Math.floor(rest / base)) {
    part /= base
    value += part * (rest % base)
  }
  return value
}

const EVENLY = Array.from({ length: 4000 }, (_, i): Point => [halton(i + 1, 2), halton(i + 1, 3)])

const within = ({ x, y, width, height }: { x: number; y: number; width: number; height: number }, [u, v]: Point) =>
  u > x && u < x + width && v > y && v < y + height

/** Inside a convex outline; edges of no length have no side. */
function strictly(outline: readonly Point[], [x, y]: Point): boolean {
  return (
    outline.length > 2 &&
    outline.every(([ax, ay], i) => {
      const [bx, by] = outline[(i + 1) % outline.length]!
      return Math.hypot(bx - ax, by - ay) < 1e-9 || (bx - ax) * (y - ay) - (by - ay) * (x - ax) > 0
    })
  )
}
