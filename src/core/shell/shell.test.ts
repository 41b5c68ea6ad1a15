import { describe, expect, test } from "@jest/globals"
import { OPENING_KINDS, startShell } from "../../../tests/fixtures/jobs"
import fc from "fast-check"
import { anyForm } from "../../../tests/arbitrary/any-form"
import { type Form, formContradiction } from "../../schema/job/form"
import type { FloorBox, Opening, Shell } from "../../schema/job/shell"
import { onPelt, type Point } from "./face"
import { polygonArea } from "./polygon"
import { facesOf } from "./faces"
import { misfits } from "./opening-fit"
import { labelPlace } from "./pelt-layout"
import { rectangleCorners } from "./polygon"
import { clearInside, measureOverAll, skinAgainstCube, volumeOf } from "./size"
import { clearVolume } from "./clear-volume"

const shellOf = (form: Form, azimuth = 0): Shell => ({ ...startShell(form, { floor: "skids", openings: {} }), azimuth })
const box: Form = { kind: "box", length: 4, width: 2, height: 3 }
const gable: Form = { kind: "gable", length: 4.8, width: 3.6, wallHeight: 2.2, ridgeHeight: 3.3 }
const bowed: Form = {
  kind: "van",
  length: 3,
  width: 2,
  waistHeight: 1,
  shoulderWidth: 1.6,
  shoulderHeight: 1.6,
  wallBow: 1 - Math.cos(Math.acos(0.8) / 2),
  crownHeight: 1.6,
}

const forms = anyForm(0.5, 30)

describe("faces", () => {
  test("of a box, by hand", () => {
    const faces = facesOf(shellOf(box, 90))
    const by = (id: string) => faces.find((face) => face.id === id)!
    expect(faces.map(({ id, area }) => [id, area])).toEqual([
      ["floor", 8],
      ["left", 12],
      ["roof", 8],
      ["right", 12],
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
          // Round ends are drawn with fine chords, which lose a little of the circle.
          expect(Math.abs(polygonArea(face.corners) / face.area - 1)).toBeLessThan(face.id === "front" || face.id === "back" ? 2e-3 : 1e-9)
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
      { numRuns: 300 },
    )
  })

  test("the outward normals of a closed skin add up to nothing", () => {
    fc.assert(
      fc.property(forms, fc.double({ min: 0, max: 359, noNaN: true }), (form, azimuth) => {
        const faces = facesOf(shellOf(form, azimuth))
        const sum = [0, 0, 0]
        for (const { area, tilt, azimuth: direction } of faces.flatMap((face) => face.strips)) {
          const [t, a] = [(tilt * Math.PI) / 180, (direction * Math.PI) / 180]
          sum[0]! += area * Math.sin(t) * Math.sin(a)
          sum[1]! += area * Math.sin(t) * Math.cos(a)
          sum[2]! += area * Math.cos(t)
        }
        const skin = faces.reduce((total, face) => total + face.area, 0)
        // An arc's 32 parts stand for its whole turn: their sum is sin(x)/x short of its chord, x an eighth of a thousandth at most.
        for (const component of sum) expect(Math.abs(component) / skin).toBeLessThan(5e-4)
      }),
    )
  })

  test("edges that meet at a hinge have one length, and turning the whole changes directions only", () => {
    fc.assert(
      fc.property(forms, fc.double({ min: 0, max: 359, noNaN: true }), (form, azimuth) => {
        const [still, turned] = [facesOf(shellOf(form)), facesOf(shellOf(form, azimuth))]
        const lower = (id: string) => still.find((face) => face.id === id)!.outline[1]![0]
        for (const id of ["left", "right"]) expect(lower(id)).toBeCloseTo(form.length, 9)
        for (const id of ["front", "back"]) expect(lower(id)).toBeCloseTo(form.width, 9)
        for (const face of still.filter(({ id }) => id.startsWith("roof")))
          expect(lower(face.id)).toBeCloseTo(face.id === "roof-front" || face.id === "roof-back" ? form.width : form.length, 9)
        for (const [i, face] of still.entries()) {
          expect(turned[i]!.outline).toEqual(face.outline)
          expect(turned[i]!.area).toBe(face.area)
          expect(turned[i]!.tilt).toBeCloseTo(face.tilt, 9)
        }
      }),
    )
  })

  test("of a van, by hand", () => {
    // Straight to 1.0 m, then in by 0.1 m over 0.7 m: √(0.01 + 0.49) = 0.707107; developed wall 1.707107 m, of 3 m length 5.121320 m²
    // Roof: chord 1.6, rise 0.1: R = (0.64 + 0.01)/0.2 = 3.25; angle 4·atan(0.125) = 0.497420; arc 1.616615 m → 4.849845 m²
    // Section: 1.8·1.0 + (1.8 + 1.6)/2·0.7 + R²/2·(angle − sin angle) = 1.8 + 1.19 + 5.28125·(0.497420 − 0.477157) = 2.99 + 0.107014 = 3.097014 m²
    const van: Form = {
      kind: "van",
      length: 3,
      width: 1.8,
      waistHeight: 1,
      shoulderWidth: 1.6,
      shoulderHeight: 1.7,
      wallBow: 0,
      crownHeight: 1.8,
    }
    const faces = facesOf(shellOf(van))
    const by = (id: string) => faces.find((face) => face.id === id)!
    expect(by("left").area).toBeCloseTo(5.12132, 5)
    expect(by("roof").area).toBeCloseTo(4.849845, 4)
    expect(by("front").area).toBeCloseTo(3.097014, 4)
    expect(volumeOf(van)).toBeCloseTo(3 * 3.097014, 3)
    // The leaning part looks up by atan(0.1/0.7) = 8.13°.
    expect(by("left").strips.map(({ tilt }) => tilt)).toEqual([90, expect.closeTo(81.87, 2)])
    expect(by("roof").tilt).toBeCloseTo(0, 9)
    expect(by("left").azimuth).toBeCloseTo(270, 9)
  })

  test("of a van whose upper walls bow out upright from the waist, by hand", () => {
    // From 1.0 m up an arc of radius 1 m turns by acos 0.8 = 0.643501 rad: in by 0.2 m over 0.6 m, 1 − cos(turn/2) = 0.0513167 m off its chord.
    // Wall 1 + 0.643501 m, 3 m long. Beside the arc 0.6 − (0.643501 + sin·cos = 0.48)/2 = 0.0382494 m² are missing from the section
    // of 2 by 1.6 m, twice: 3.1235012 m².
    const faces = facesOf(shellOf(bowed))
    const by = (id: string) => faces.find((face) => face.id === id)!
    expect(by("left").area).toBeCloseTo(3 * 1.643501, 5)
    expect(by("right").area).toBeCloseTo(3 * 1.643501, 5)
    expect(by("front").area).toBeCloseTo(3.1235012, 6)
    expect(volumeOf(bowed)).toBeCloseTo(3 * 3.1235012, 6)
    // The normals of the arc sum to its chord's: 0.6 out and 0.2 up, with 1 out from the straight wall.
    expect(by("left").tilt).toBeCloseTo(90 - (Math.atan2(0.2, 1.6) * 180) / Math.PI, 2)
    expect(by("left").azimuth).toBeCloseTo(270, 9)
  })

  test("of a van whose walls would bow out past upright, are refused", () => {
    expect(formContradiction(bowed)).toBeNull()
    expect(formContradiction({ ...bowed, wallBow: bowed.wallBow + 1e-4 })).toMatchObject({ dimension: "wallBow" })
    // The arc ends leaning in by its whole turn, so that a roof may rise by no more than 0.8·tan((90° − 36.87°)/2) = 0.4 m.
    expect(formContradiction({ ...bowed, crownHeight: 1.999 })).toBeNull()
    expect(formContradiction({ ...bowed, crownHeight: 2.001 })).toMatchObject({ dimension: "crownHeight" })
  })

  test("of an arch that is a half circle, by its closed forms", () => {
    const arch: Form = { kind: "arch", length: 4, width: 2, wallHeight: 1, crownHeight: 2 }
    const faces = facesOf(shellOf(arch))
    expect(faces.find(({ id }) => id === "roof")!.area).toBeCloseTo(4 * Math.PI, 9)
    expect(faces.find(({ id }) => id === "front")!.area).toBeCloseTo(2 + Math.PI / 2, 9)
    expect(volumeOf(arch)).toBeCloseTo(4 * (2 + Math.PI / 2), 9)
  })

  test("of one slope, front and back are mirrored", () => {
    const shed: Form = { kind: "shed", length: 3, width: 2, leftHeight: 3, rightHeight: 2 }
    const faces = facesOf(shellOf(shed))
    const by = (id: string) => faces.find((face) => face.id === id)!
    expect(by("front").outline).toEqual([
      [0, 0],
      [2, 0],
      [2, 2],
      [0, 3],
    ])
    expect(by("back").outline).toEqual([
      [0, 0],
      [2, 0],
      [2, 3],
      [0, 2],
    ])
    expect(by("front").area).toBe(5)
    // The roof rises to the left, so it looks right: √(4 + 1) wide, atan(1/2) = 26.565°.
    expect(by("roof").area).toBeCloseTo(3 * Math.sqrt(5), 9)
    expect([by("roof").tilt, by("roof").azimuth]).toEqual([expect.closeTo(26.565, 3), 90])
  })

  test("of a hip roof, by hand, whichever side is longer", () => {
    // 6 × 4, rise 1.5: slopes √(4 + 2.25) = 2.5 m. Long ones (6 + 2)/2·2.5 = 10 m², short ones 4·2.5/2 = 5 m²; volume over the eaves 1.5·4·(18 − 4)/6 = 14 m³
    for (const [length, width] of [
      [6, 4],
      [4, 6],
    ] as const) {
      const hip: Form = { kind: "hip", length, width, wallHeight: 2, ridgeHeight: 3.5 }
      const faces = facesOf(shellOf(hip))
      const areas = faces.filter(({ id }) => id.startsWith("roof")).map(({ area }) => area)
      expect([...areas].sort((a, b) => a - b)).toEqual([5, 5, 10, 10].map((area) => expect.closeTo(area, 9) as unknown))
      expect(volumeOf(hip)).toBeCloseTo(48 + 14, 9)
    }
  })
})

describe("clear inside", () => {
  const linings = { floor: 0.1, left: 0.05, right: 0.05, front: 0.05, back: 0.05, roof: 0.05 }

  test("of a box, by hand", () => {
    expect(clearInside(box, linings)).toMatchObject({
      length: expect.closeTo(3.9, 12) as unknown,
      width: 1.9,
      height: 2.85,
      heightAtWalls: 2.85,
      standing: 2.85,
    })
  })

  test("of a gable, by hand", () => {
    // Rise 1.1/1.8 = 0.611111; plumb 0.05·√(1 + 0.373457) = 0.058597; ridge 3.3 − 0.1 − 0.058597 = 3.141403; at the walls less 0.611111·1.75 = 1.069444
    const clear = clearInside(gable, linings)
    expect(clear.height).toBeCloseTo(3.141403, 5)
    expect(clear.heightAtWalls).toBeCloseTo(2.071959, 5)
  })
})

describe("clear inside of other forms", () => {
  const linings = { floor: 0.05, left: 0.05, right: 0.05, front: 0.02, back: 0.03, roof: 0.04 }
  const box: FloorBox = { name: "Left wheel", side: "left", x: 0.5, length: 0.9, width: 0.25, height: 0.3, outline: null }

  test("of a van: one stands in its middle, between its wheel boxes", () => {
    const van: Form = {
      kind: "van",
      length: 3,
      width: 1.8,
      waistHeight: 1,
      shoulderWidth: 1.6,
      shoulderHeight: 1.7,
      wallBow: 0,
      crownHeight: 1.8,
    }
    const clear = clearInside(van, linings, [box, { ...box, side: "right" }])
    // Middle: 1.8 − 0.05 − 0.04. Between the boxes: 1.7 − 2·(0.25 − 0.05). At the shoulders: on the circle 0.75 m from the middle.
    expect(clear.standing).toBeCloseTo(1.71, 3)
    expect(clear.widthBetweenBoxes).toBeCloseTo(1.3, 9)
    const onCircle = 1.8 - (3.25 - Math.sqrt(3.25 ** 2 - 0.75 ** 2))
    expect(clear.heightAtWalls).toBeGreaterThan(onCircle - 0.05 - 0.0425)
    expect(clear.heightAtWalls).toBeLessThan(onCircle - 0.05 - 0.039)
    expect(volumeOf(van, [box])).toBeCloseTo(volumeOf(van) - 0.9 * 0.25 * 0.3, 9)
  })

  test("of a van with bowed walls: what is left is cut by arcs of the lining's radius", () => {
    // Linings of 50 mm leave arcs of 0.95 m; the roof's 40 mm ends them at 1.56 m, where sin β = 0.56/0.95: β = 0.630407, cos β = 0.807788.
    // 1.9·(1.56 − 0.05) − 2·0.9025·(0.589474 − (0.630407 + 0.476170)/2) = 2.869 − 0.065315 = 2.803685 m², 2.95 m long.
    const volume = clearVolume(bowed, linings)
    expect(volume).toBeLessThan(2.95 * 2.803685)
    expect(volume).toBeGreaterThan(2.95 * 2.803685 * 0.9995)
    expect(measureOverAll(bowed, "wallBow", linings, 0.03)).toBe(0.03)
  })

  test("of one slope: least at its lower side", () => {
    // Slope −0.5: at the right lining 2 + 0.5·0.05 = 2.025, roof plumb 0.04·√1.25 = 0.044721
    const shed: Form = { kind: "shed", length: 3, width: 2, leftHeight: 3, rightHeight: 2 }
    const clear = clearInside(shed, linings)
    expect(clear.standing).toBeCloseTo(2.025 - 0.05 - 0.044721, 5)
    expect(clear.height).toBeCloseTo(2.975 - 0.05 - 0.044721, 5)
  })

  test("of a hip roof and an arch, in the middle and at the walls", () => {
    const hip: Form = { kind: "hip", length: 6, width: 4, wallHeight: 2, ridgeHeight: 3.5 }
    // Slope 0.75, plumb 0.04·1.25 = 0.05
    expect(clearInside(hip, linings)).toMatchObject({
      height: expect.closeTo(3.4, 9) as unknown,
      standing: expect.closeTo(2 + 0.75 * 0.05 - 0.1, 9) as unknown,
    })
    const arch: Form = { kind: "arch", length: 4, width: 2, wallHeight: 1, crownHeight: 2 }
    expect(clearInside(arch, linings).height).toBeCloseTo(2 - 0.05 - 0.04, 2)
  })
})

describe("openings", () => {
  const door: Opening = { ...OPENING_KINDS.door, name: "Door", kind: "door", face: "left", x: 0.2, y: 0, width: 0.9, height: 2 }
  const found = (openings: Record<string, Opening>, form: Form = box) => {
    const shell = { ...shellOf(form), openings }
    return misfits(shell, facesOf(shell)).map(({ message }) => message)
  }

  test("are told when they reach over an edge or overlap", () => {
    expect(found({ door })).toEqual([])
    expect(found({ door: { ...door, x: 3.5 } })).toEqual(["Door reaches over the edge of its face; make it smaller or move it."])
    expect(found({ door, window: { ...door, name: "Window", x: 1, y: 1 } })).toEqual(["Window and Door overlap; move one of them."])
    expect(found({ door, window: { ...door, name: "Window", x: 1.1 } })).toEqual([])
    const outside: FloorBox = { name: "Step", side: "left", x: 3.5, length: 0.9, width: 0.3, height: 0.2, outline: null }
    const shell = { ...shellOf(box), boxes: { outside } }
    expect(misfits(shell, facesOf(shell)).map(({ message }) => message)).toEqual([
      "Step reaches out of the shell; make it smaller or move it.",
    ])
    const bar = { name: "Bolts", face: "left", material: "steel-bare", shape: "round", wall: null, outdoors: 0, indoors: 0 } as const
    const pierced = (x: number, count: number) =>
      misfits({ ...shellOf(box), penetrations: { bar: { ...bar, x, y: 1, width: 0.1, count } } }, facesOf(shellOf(box))).map(
        ({ message }) => message,
      )
    expect(pierced(1, 10)).toEqual([])
    expect(pierced(0.04, 10)).toEqual(["Bolts reaches over the edge of its face; move it or make it smaller."])
    expect(pierced(1, 5000)).toEqual(["There is no room in the face for 5000 of Bolts; fewer or smaller ones."])
    // In the corner over the eaves of a gable end there is no wall.
    expect(found({ window: { ...door, face: "front", x: 0.1, y: 2.1, width: 0.5, height: 0.6 } }, gable)).toHaveLength(1)
  })
})

test("a label stands beside an opening, not on it", () => {
  const outline = rectangleCorners({ x: -150, y: -75, width: 300, height: 150 })
  expect(labelPlace(outline, [], { width: 100, height: 30 })).toEqual([0, 0])
  const hole = { x: 0, y: 0, width: 100, height: 60 }
  const [x, y] = labelPlace(outline, [hole], { width: 80, height: 30 })!
  expect(Math.abs(x) >= 90 || Math.abs(y) >= 45).toBe(true)
  // Beside a hole that leaves 20 all around there is no room.
  expect(labelPlace(outline, [{ ...hole, width: 260, height: 110 }], { width: 80, height: 30 })).toBeNull()
})

test("a label keeps off the slopes of a gable, whichever way its outline runs", () => {
  // Eaves at 0, ridge 100 above them, 200 wide; a window over the eaves leaves the slopes.
  const gable: Point[] = [
    [-100, 0],
    [100, 0],
    [0, 100],
  ]
  const window = { x: 0, y: 20, width: 200, height: 40 }
  for (const outline of [gable, [...gable].reverse()]) {
    // By hand: at a height y the gable is 2 (100 − y) wide; the label's top at y + 10 needs 60, so that its middle is at 60 or lower.
    const [, y] = labelPlace(outline, [window], { width: 60, height: 20 })!
    expect(y).toBeLessThanOrEqual(60)
    expect(y).toBeGreaterThanOrEqual(50)
    // At 50 and higher it is at most 80 wide where the top of such a label would be.
    expect(labelPlace(outline, [window], { width: 81, height: 20 })).toBeNull()
  }
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
