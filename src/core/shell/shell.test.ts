import { describe, expect, test } from "@jest/globals"
import fc from "fast-check"
import type { Form, Opening, Shell } from "../../schema/job/job"
import { onPelt, type Point, polygonArea } from "./face"
import { facesOf } from "./faces"
import { misfits } from "./opening-fit"
import { labelPlace } from "./pelt-layout"
import { clearInside, skinAgainstCube, volumeOf } from "./size"

const shellOf = (form: Form, azimuth = 0): Shell => ({ form, azimuth, setting: "open", floor: "air", openings: {} })
const box: Form = { kind: "box", length: 4, width: 2, height: 3 }
const gable: Form = { kind: "gable", length: 4.8, width: 3.6, wallHeight: 2.2, ridgeHeight: 3.3 }

const metres = fc.double({ min: 0.5, max: 30, noNaN: true })
const forms: fc.Arbitrary<Form> = fc.oneof(
  fc.record({ kind: fc.constant("box" as const), length: metres, width: metres, height: metres }),
  fc
    .record({ length: metres, width: metres, wallHeight: metres, rise: metres })
    .map(({ rise, ...form }) => ({ kind: "gable" as const, ...form, ridgeHeight: form.wallHeight + rise })),
)

describe("faces", () => {
  test("of a box, by hand", () => {
    const faces = facesOf(shellOf(box, 90))
    const by = (id: string) => faces.find((face) => face.id === id)!
    expect(faces.map(({ id, area }) => [id, area])).toEqual([
      ["floor", 8],
      ["left", 12],
      ["right", 12],
      ["roof", 8],
      ["front", 6],
      ["back", 6],
    ])
    // Front looks east, so left looks north, right south, back west.
    expect([by("front"), by("left"), by("right"), by("back")].map((face) => face.azimuth)).toEqual([90, 0, 180, 270])
    expect([by("roof").tilt, by("left").tilt, by("floor").tilt]).toEqual([0, 90, 180])
  })

  test("of a gable, by hand", () => {
    // Slope: √(1.8² + 1.1²) = 2.109502 m, 31.43°; each roof 4.8 · 2.109502 = 10.12561 m²; gable 3.6·2.2 + 3.6·1.1/2 = 9.9 m²
    const faces = facesOf(shellOf(gable))
    const by = (id: string) => faces.find((face) => face.id === id)!
    expect(by("roof-left").area).toBeCloseTo(10.12561, 4)
    expect(by("roof-left").tilt).toBeCloseTo(31.43, 2)
    expect(by("front").area).toBeCloseTo(9.9, 9)
    expect(volumeOf(gable)).toBeCloseTo(4.8 * 9.9, 9)
  })

  test("a cube has the skin of a cube", () => {
    const cube: Form = { kind: "box", length: 2, width: 2, height: 2 }
    expect(skinAgainstCube(facesOf(shellOf(cube)), volumeOf(cube))).toBeCloseTo(1, 12)
  })

  test("the pelt keeps lengths and areas, and its faces do not overlap", () => {
    fc.assert(
      fc.property(forms, fc.double({ min: 0, max: 359, noNaN: true }), (form, azimuth) => {
        const placed = facesOf(shellOf(form, azimuth)).map((face) => ({
          ...face,
          corners: face.outline.map((corner) => onPelt(face.place, corner)),
        }))
        for (const face of placed) {
          expect(polygonArea(face.corners) / face.area).toBeCloseTo(1, 9)
          face.corners.forEach((corner, i) => {
            const [next, own, ownNext] = [
              face.corners[(i + 1) % face.corners.length]!,
              face.outline[i]!,
              face.outline[(i + 1) % face.outline.length]!,
            ]
            expect(distance(corner, next)).toBeCloseTo(distance(own, ownNext), 6)
          })
        }
        for (const [i, a] of placed.entries()) for (const b of placed.slice(i + 1)) expect(interiorsMeet(a.corners, b.corners)).toBe(false)
      }),
      { numRuns: 400 },
    )
  })

  test("the outward normals of a closed skin add up to nothing", () => {
    fc.assert(
      fc.property(forms, fc.double({ min: 0, max: 359, noNaN: true }), (form, azimuth) => {
        const sum = [0, 0, 0]
        for (const { area, tilt, azimuth: direction } of facesOf(shellOf(form, azimuth))) {
          const [t, a] = [(tilt * Math.PI) / 180, (direction * Math.PI) / 180]
          sum[0]! += area * Math.sin(t) * Math.sin(a)
          sum[1]! += area * Math.sin(t) * Math.cos(a)
          sum[2]! += area * Math.cos(t)
        }
        for (const component of sum) expect(Math.abs(component)).toBeLessThan(1e-6)
      }),
    )
  })
})

describe("clear inside", () => {
  const linings = { floor: 0.1, left: 0.05, right: 0.05, front: 0.05, back: 0.05, roof: 0.05 }

  test("of a box, by hand", () => {
    expect(clearInside(box, linings)).toEqual({ length: expect.closeTo(3.9, 12), width: 1.9, height: 2.85, heightAtEaves: 2.85 })
  })

  test("of a gable, by hand", () => {
    // Rise 1.1/1.8 = 0.611111; plumb 0.05·√(1 + 0.373457) = 0.058597; ridge 3.3 − 0.1 − 0.058597 = 3.141403; at the walls less 0.611111·1.75 = 1.069444
    const clear = clearInside(gable, linings)
    expect(clear.height).toBeCloseTo(3.141403, 5)
    expect(clear.heightAtEaves).toBeCloseTo(2.071959, 5)
  })
})

describe("openings", () => {
  const door: Opening = { name: "Door", kind: "door", face: "left", x: 0.2, y: 0, width: 0.9, height: 2, uValue: 2, solarFactor: 0 }
  const found = (openings: Record<string, Opening>, form: Form = box) => {
    const shell = { ...shellOf(form), openings }
    return misfits(shell, facesOf(shell)).map(({ message }) => message)
  }

  test("are told when they reach over an edge or overlap", () => {
    expect(found({ door })).toEqual([])
    expect(found({ door: { ...door, x: 3.5 } })).toEqual(["Door reaches over the edge of its face; make it smaller or move it."])
    expect(found({ door, window: { ...door, name: "Window", x: 1, y: 1 } })).toEqual(["Window and Door overlap; move one of them."])
    expect(found({ door, window: { ...door, name: "Window", x: 1.1 } })).toEqual([])
    // In the corner over the eaves of a gable end there is no wall.
    expect(found({ window: { ...door, face: "front", x: 0.1, y: 2.1, width: 0.5, height: 0.6 } }, gable)).toHaveLength(1)
  })
})

test("a label stands beside an opening, not on it", () => {
  const within = { x: 0, y: 0, width: 300, height: 150 }
  expect(labelPlace(within, [], { width: 100, height: 30 })).toEqual([0, 0])
  const hole = { x: 0, y: 0, width: 100, height: 60 }
  const [x, y] = labelPlace(within, [hole], { width: 80, height: 30 })
  expect(Math.abs(x) >= 90 || Math.abs(y) >= 45).toBe(true)
})

const distance = (a: Point, b: Point) => Math.hypot(a[0] - b[0], a[1] - b[1])

/** Separating axes of convex outlines; touching does not count. */
function interiorsMeet(a: readonly Point[], b: readonly Point[]): boolean {
  return [a, b].every((outline) =>
    outline.every(([x, y], i) => {
      const [nextX, nextY] = outline[(i + 1) % outline.length]!
      const [axisX, axisY] = [y - nextY, nextX - x]
      const project = (points: readonly Point[]) => points.map(([px, py]) => px * axisX + py * axisY)
      const [p, q] = [project(a), project(b)]
      const slack = 1e-9 * Math.hypot(axisX, axisY) * 100
      return Math.min(Math.max(...p), Math.max(...q)) - Math.max(Math.min(...p), Math.min(...q)) > slack
    }),
  )
}
