import { describe, expect, test } from "@jest/globals"
import { startShell } from "../../../tests/fixtures/jobs"
import fc from "fast-check"
import { anyForm } from "../../../tests/arbitrary/any-form"
import { FACES } from "../../schema/job/references"
import type { Form } from "../../schema/job/form"
import { foldedUp } from "./body"
import { edgesOf, sideOf } from "./edges"
import { facesOf } from "./faces"

const edges = (form: Form) => edgesOf(startShell(form, { floor: "skids", openings: {} }))
const between = (form: Form, a: string, b: string) => {
  const found = edges(form).find(({ faces }) => faces.includes(a as never) && faces.includes(b as never))!
  return [found.length, found.angle]
}

describe("edges", () => {
  test("of a box: four of each measure, all square", () => {
    const all = edges({ kind: "box", length: 4, width: 2, height: 3 })
    expect(all.map(({ length }) => length).sort()).toEqual([2, 2, 2, 2, 3, 3, 3, 3, 4, 4, 4, 4])
    expect(all.every(({ angle }) => Math.abs(angle - 90) < 1e-9)).toBe(true)
  })

  test("of a gable, by hand", () => {
    // Rise 1.1 over a run of 1.8: 31.43°; at the eaves 90° + 31.43°, at the ridge 180° − 2·31.43°; slope √(1.8² + 1.1²).
    const form: Form = { kind: "gable", length: 4.8, width: 3.6, wallHeight: 2.2, ridgeHeight: 3.3 }
    const slope = (Math.atan(1.1 / 1.8) * 180) / Math.PI
    expect(between(form, "left", "roof-left")[1]).toBeCloseTo(90 + slope, 9)
    expect(between(form, "roof-left", "roof-right")).toEqual([4.8, expect.closeTo(180 - 2 * slope, 9)])
    expect(between(form, "roof-left", "front")).toEqual([expect.closeTo(Math.hypot(1.8, 1.1), 9), 90])
    expect(between(form, "floor", "back")).toEqual([3.6, 90])
  })

  test("of a hip roof: the hips from corner to ridge, by hand", () => {
    // Run 1.5, rise 1.5: a hip is √(1.5² + 1.5² + 1.5²); two slopes of 45° whose normals stand square in plan: cos = ½, so 120°.
    const form: Form = { kind: "hip", length: 5, width: 3, wallHeight: 2, ridgeHeight: 3.5 }
    expect(between(form, "roof-left", "roof-front")).toEqual([expect.closeTo(1.5 * Math.sqrt(3), 9), expect.closeTo(120, 9)])
    expect(between(form, "roof-left", "roof-right")).toEqual([2, expect.closeTo(90, 9)])
    expect(between(form, "left", "roof-left")).toEqual([5, expect.closeTo(135, 9)])
    expect(edges(form)).toHaveLength(4 + 4 + 4 + 4 + 1)
  })

  test("lie on a side of one of their faces whose ends are corners of the other, once the pelt is folded up", () => {
    const flat: Form[] = [
      { kind: "box", length: 4, width: 2, height: 3 },
      { kind: "gable", length: 4.8, width: 3.6, wallHeight: 2.2, ridgeHeight: 3.3 },
      { kind: "shed", length: 4, width: 2, leftHeight: 2, rightHeight: 2.6 },
      { kind: "hip", length: 5, width: 3, wallHeight: 2, ridgeHeight: 3.5 },
      { kind: "hip", length: 3, width: 5, wallHeight: 2, ridgeHeight: 3.5 },
    ]
    for (const form of flat) {
      const shell = startShell(form, { floor: "skids", openings: {} })
      const outlines = facesOf(shell)
      const corners = (id: string) => {
        const face = outlines.find((one) => one.id === id)!
        return foldedUp(form, face, face.outline)[0]!
      }
      for (const { faces, length } of edgesOf(shell)) {
        const { face, side } = sideOf(faces, outlines, form.kind === "hip")
        const own = corners(face)
        const other = corners(faces.find((id) => id !== face)!)
        const ends = [own[side]!, own[(side + 1) % own.length]!]
        const far = (p: readonly number[], q: readonly number[]) => Math.hypot(...p.map((value, i) => value - q[i]!))
        expect(far(ends[0]!, ends[1]!)).toBeCloseTo(length, 6)
        for (const end of ends) expect(Math.min(...other.map((corner) => far(corner, end)))).toBeLessThan(1e-6)
      }
    }
  })

  test("of any form join each face with others, no two twice, at angles that close the body", () => {
    fc.assert(
      fc.property(anyForm(0.5, 30), (form) => {
        const all = edges(form)
        for (const face of FACES[form.kind]) expect(all.filter(({ faces }) => faces.includes(face)).length).toBeGreaterThanOrEqual(3)
        expect(new Set(all.map(({ faces }) => [...faces].sort().join())).size).toBe(all.length)
        for (const { length, angle } of all) {
          expect(length).toBeGreaterThanOrEqual(0)
          expect(angle).toBeGreaterThan(0)
          expect(angle).toBeLessThanOrEqual(180 + 1e-6)
        }
      }),
    )
  })
})
