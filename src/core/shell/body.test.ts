import { describe, expect, test } from "@jest/globals"
import { startShell } from "../../../tests/fixtures/jobs"
import fc from "fast-check"
import { anyForm } from "../../../tests/arbitrary/any-form"
import type { Form } from "../../schema/job/form"
import { boxInSpace, foldedUp, type SpacePoint } from "./body"
import { clearVolume } from "./clear-volume"
import { facesOf } from "./faces"
import { clearInside, volumeOf } from "./size"

const facesFor = (form: Form) => facesOf(startShell(form, { floor: "skids", openings: {} }))
const bare = { floor: 0, left: 0, right: 0, front: 0, back: 0, roof: 0 }

const cross = (a: SpacePoint, b: SpacePoint): SpacePoint => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
]
const minus = (a: SpacePoint, b: SpacePoint): SpacePoint => [a[0] - b[0], a[1] - b[1], a[2] - b[2]]
const dot = (a: SpacePoint, b: SpacePoint) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2]

/** Triangles of a convex piece. */
const triangles = (piece: SpacePoint[]) => piece.slice(2).map((corner, i) => [piece[0]!, piece[i + 1]!, corner] as const)

describe("the folded-up body", () => {
  test("has its corners where they are, by hand", () => {
    const gable: Form = { kind: "gable", length: 4.8, width: 3.6, wallHeight: 2.2, ridgeHeight: 3.3 }
    const roof = facesFor(gable).find(({ id }) => id === "roof-left")!
    // Its lower edge runs along the left eaves from the back, its upper one along the ridge over the middle.
    expect(foldedUp(gable, roof, roof.outline)[0]!.map((point) => point.map((value) => Math.round(value * 1e9) / 1e9))).toEqual([
      [0, 3.6, 2.2],
      [4.8, 3.6, 2.2],
      [4.8, 1.8, 3.3],
      [0, 1.8, 3.3],
    ])
  })

  test("is closed, looks inward everywhere, and holds the form's volume and areas", () => {
    fc.assert(
      fc.property(anyForm(0.5, 30), (form) => {
        const faces = facesFor(form)
        let sum: SpacePoint = [0, 0, 0]
        let six = 0
        for (const face of faces) {
          let area = 0
          for (const [a, b, c] of foldedUp(form, face, face.outline).flatMap(triangles)) {
            const twice = cross(minus(b, a), minus(c, a))
            area += Math.hypot(...twice) / 2
            sum = [sum[0] + twice[0], sum[1] + twice[1], sum[2] + twice[2]]
            // Gauss: the volume within a closed skin is a sixth of Σ a·(b × c), negative where its normals look inward.
            six -= dot(a, cross(b, c))
          }
          // Round faces are folded along their chords.
          expect(Math.abs(area / face.area - 1)).toBeLessThan(2e-3)
        }
        const skin = faces.reduce((total, { area }) => total + area, 0)
        for (const component of sum) expect(Math.abs(component) / skin).toBeLessThan(1e-9)
        expect(Math.abs(six / 6 / volumeOf(form) - 1)).toBeLessThan(3e-3)
      }),
      { numRuns: 500 },
    )
  })
})

describe("a box on the floor in space", () => {
  test("stands against its wall with the skin of its side and its top, by hand", () => {
    const form: Form = { kind: "box", length: 3, width: 1.8, height: 1.9 }
    const wheel = { name: "wheel", side: "left" as const, x: 0.5, length: 0.9, width: 0.22, height: 0.3, outline: null }
    const pieces = boxInSpace(wheel, form)
    const area = pieces.flatMap(triangles).reduce((sum, [a, b, c]) => sum + Math.hypot(...cross(minus(b, a), minus(c, a))) / 2, 0)
    // Side 0.9·0.3, top 0.9·0.22, ends 2·0.22·0.3
    expect(area).toBeCloseTo(0.27 + 0.198 + 0.132, 9)
    const corners = pieces.flat()
    expect(
      [0, 1, 2].map((axis) => [Math.min(...corners.map((corner) => corner[axis]!)), Math.max(...corners.map((corner) => corner[axis]!))]),
    ).toEqual([
      [0.5, 1.4],
      [1.58, 1.8],
      [0, 0.3],
    ])
  })
})

describe("the volume that is left inside", () => {
  test("by hand: a box, a gable and a hip", () => {
    const linings = { floor: 0.1, left: 0.1, right: 0.2, front: 0.05, back: 0.05, roof: 0.1 }
    // 3.9 · 1.7 · 2.2
    expect(clearVolume({ kind: "box", length: 4, width: 2, height: 2.4 }, linings)).toBeCloseTo(14.586, 9)
    // A gable of 45°: the roof's lining takes 0.1·√2 of the height. Half width 2 − walls 0.2 each: 3.6 wide; at the wall 2 + 0.2 − 0.141421 − 0.1
    // = 1.958579, at the ridge 4 − 0.241421 = 3.758579; the section is 3.6·(1.958579 + 3.758579)/2 = 10.290884, times 4.9.
    const even = { ...linings, left: 0.2, right: 0.2 }
    expect(clearVolume({ kind: "gable", length: 5, width: 4, wallHeight: 2, ridgeHeight: 4 }, even)).toBeCloseTo(50.425332, 5)
    // A hip of 45° with no walls lined: the same hip 0.141421 lower, cut off at the floor's 0.1:
    // 6·4·(2 − 0.241421) + 2·4·(18 − 4)/6 = 42.205887 + 18.666667
    expect(
      clearVolume({ kind: "hip", length: 6, width: 4, wallHeight: 2, ridgeHeight: 4 }, { ...bare, floor: 0.1, roof: 0.1 }),
    ).toBeCloseTo(60.872554, 5)
  })

  test("by hand: under a half circle, where the lining follows the round", () => {
    // Radius 1 on walls of 1 m, all lined with 0.045: a half circle of 0.955 on 1.91 × (1 − 0.071); 3.91 long. It ends plumb over the walls' linings.
    const form: Form = { kind: "arch", length: 4, width: 2, wallHeight: 1, crownHeight: 2 }
    const linings = { floor: 0.071, left: 0.045, right: 0.045, front: 0.045, back: 0.045, roof: 0.045 }
    const volume = (1.91 * 0.929 + (Math.PI * 0.955 ** 2) / 2) * 3.91
    expect(Math.abs(clearVolume(form, linings) / volume - 1)).toBeLessThan(1e-3)
    expect(clearInside(form, linings).height).toBeCloseTo(1.884, 3)
    expect(Math.abs(clearInside(form, linings).heightAtWalls - 0.929)).toBeLessThan(0.01)
  })

  test("is all of it without linings, and less with every lining", () => {
    fc.assert(
      fc.property(anyForm(1, 12), fc.constantFrom("floor", "left", "right", "front", "back", "roof"), (form, lining) => {
        expect(Math.abs(clearVolume(form, bare) / volumeOf(form) - 1)).toBeLessThan(3e-3)
        expect(clearVolume(form, { ...bare, [lining]: 0.1 })).toBeLessThan(clearVolume(form, bare))
      }),
    )
  })

  test("of a box form is its clear sizes multiplied, less what its wheel boxes still take", () => {
    const form: Form = { kind: "box", length: 3, width: 1.8, height: 1.9 }
    const linings = { floor: 0.05, left: 0.06, right: 0.06, front: 0.03, back: 0.03, roof: 0.05 }
    const clear = clearInside(form, linings)
    const wheel = { name: "wheel", side: "left" as const, x: 0.5, length: 0.9, width: 0.22, height: 0.3, outline: null }
    const whole = clear.length * clear.width * clear.height
    expect(clearVolume(form, linings)).toBeCloseTo(whole, 9)
    // What stands clear of the linings: 0.16 wide, 0.25 high, 0.9 long
    expect(clearVolume(form, linings, [wheel])).toBeCloseTo(whole - 0.036, 9)
    // A half round one is told by its outline: a triangle of 0.9 and 0.3 above the floor's 0.05 has (0.25/0.3)² of its area 0.135.
    const outlined = {
      ...wheel,
      outline: [
        [0, 0],
        [0.45, 0.3],
        [0.9, 0],
      ] as [number, number][],
    }
    expect(clearVolume(form, linings, [outlined])).toBeCloseTo(whole - 0.16 * 0.135 * (0.25 / 0.3) ** 2, 9)
  })
})
