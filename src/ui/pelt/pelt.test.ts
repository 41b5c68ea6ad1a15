import { describe, expect, test } from "@jest/globals"
import fc from "fast-check"
import { anyForm } from "../../../tests/arbitrary/any-form"
import { ledgerOf } from "../../core/ledger/ledger"
import { activeState } from "../../core/enclosure/job-state"
import { gripsOf } from "../../core/shell/grips"
import { facesOf } from "../../core/shell/faces"
import { faceName } from "../../core/shell/face-name"
import { sharedArea } from "../../core/shell/pelt-layout"
import { clipConvex, polygonArea, rectangleCorners } from "../../core/shell/polygon"
import { applyEdit } from "../../edit/apply-edit"
import { demoJobs } from "../../edit/start/demo-jobs"
import { startShell } from "../../edit/start/start-job"
import { measureOf } from "../../schema/job/form"
import type { Job } from "../../schema/job/job"
import { boxOf } from "./edge-marks"
import { lettering } from "./lettering"
import { hold } from "../drawings/hold"
import { type Held, movedPart } from "./moved-parts"
import { barLength, fit, outlineOn, rectangleOn, WHOLE, zoomedAt } from "./pelt-view"

const hut = demoJobs().find(({ name }) => name === "Tern Hut")!
const van = demoJobs().find(({ name }) => name === "Larkspur")!

/** The job after a part was moved by a way on a screen of 100 px in a metre. */
function moved(job: Job, held: Held, way: [number, number], free = true): Job {
  const edit = movedPart(job, ledgerOf(activeState(job)).surfaces, held, way, 100, free)!
  const result = applyEdit(job, edit)
  if (!result.ok) throw new Error(result.error.message)
  return result.value?.job ?? job
}

describe("the hand on the pelt", () => {
  const held: Held = { kind: "opening", id: "door" }

  test("a press that hardly moves is a tap, one that has moved far is a drag until it is let go", () => {
    const pressed = hold<Held>({ kind: "idle" }, { kind: "press", held, at: [10, 10] })
    expect(hold(pressed, { kind: "move", at: [12, 12] }).kind).toBe("pressed")
    const dragging = hold(pressed, { kind: "move", at: [30, 10] })
    expect(dragging).toMatchObject({ kind: "dragging", moved: [20, 0] })
    // Back where it began it is a drag all the same.
    expect(hold(dragging, { kind: "move", at: [10, 10] })).toMatchObject({ kind: "dragging", moved: [0, 0] })
    expect(hold(dragging, { kind: "release" }).kind).toBe("idle")
    expect(hold({ kind: "idle" }, { kind: "move", at: [5, 5] }).kind).toBe("idle")
  })
})

describe("parts that are moved on the pelt", () => {
  test("an opening goes where its own face's directions lead", () => {
    // The right wall hangs under the floor upside down, from the front at its right to the back: 50 px to the left are 0.5 m along it,
    // 10 px down are 0.1 m up it.
    const job = moved(hut, { kind: "opening", id: "south-window" }, [-50, 10])
    expect(job.shell.openings["south-window"]).toMatchObject({ x: 2.9, y: 1 })
  })

  test("an edge that comes near a line is held by it, unless the hand lets go", () => {
    // The window's right edge stands at 3.8 of 4.8 m: 95 px away from it, 5 px short, the wall's end holds it.
    const held: Held = { kind: "opening", id: "south-window" }
    expect(moved(hut, held, [-95, 0], false).shell.openings["south-window"]!.x).toBeCloseTo(3.4, 9)
    expect(moved(hut, held, [-95, 0], true).shell.openings["south-window"]!.x).toBeCloseTo(3.35, 9)
  })

  test("in feet the hand rests at half inches, and lets go to a sixteenth", () => {
    const held: Held = { kind: "opening", id: "south-window" }
    const job: Job = { ...hut, units: "inch-pound" }
    // From 2.4 m, 37 px to the right of it on this wall: 2.03 m are 79.9 inches.
    const x = (free: boolean) => moved(job, held, [37, 0], free).shell.openings["south-window"]!.x / 0.0254
    expect(x(false)).toBeCloseTo(80, 6)
    expect(x(true)).toBeCloseTo(79.9375, 6)
  })

  test("a wheel box goes along its wall, and no further than the back", () => {
    expect(moved(van, { kind: "box", id: "left-wheel" }, [20, 70]).shell.boxes["left-wheel"]!.x).toBeCloseTo(0.75, 9)
    expect(moved(van, { kind: "box", id: "left-wheel" }, [-200, 0]).shell.boxes["left-wheel"]!.x).toBe(0)
  })

  test("a measure grows along its own way only", () => {
    expect(moved(hut, { kind: "measure", dimension: "length" }, [30, 40]).shell.form.length).toBeCloseTo(5.1, 9)
    // Up on the screen is out from the floor's left edge.
    expect(moved(hut, { kind: "measure", dimension: "width" }, [30, -40]).shell.form.width).toBeCloseTo(4, 9)
  })
})

test("every measure of every form has a grip on the pelt, and moving it moves that measure as far as the hand", () => {
  fc.assert(
    fc.property(anyForm(1, 12), (form) => {
      const shell = startShell(form, { floor: "skids", openings: {} })
      const grips = gripsOf(form, facesOf(shell))
      const measures = Object.keys(form).filter((key) => key !== "kind")
      expect(grips.map(({ dimension }) => dimension).sort()).toEqual([...measures].sort())
      for (const { dimension, at, way, step } of grips) {
        // A little more of the measure moves the grip along its way by so much, over its step.
        const more = { ...form, [dimension]: measureOf(form, dimension)! + 0.001 }
        const moved = gripsOf(more, facesOf({ ...shell, form: more })).find((grip) => grip.dimension === dimension)!.at
        const along = (moved[0] - at[0]) * way[0] + (moved[1] - at[1]) * way[1]
        // On what leans, the height is only a part of the way on the pelt.
        if (dimension === "shoulderHeight" || (form.kind === "hip" && dimension === "ridgeHeight")) expect(along).toBeGreaterThan(0)
        else expect(along * step).toBeCloseTo(0.001, 9)
      }
    }),
  )
})

describe("the view of the pelt", () => {
  const size = { width: 700, height: 560 }

  test("what is under the pointer stays there when it comes nearer", () => {
    fc.assert(
      fc.property(
        anyForm(0.5, 30),
        fc.double({ min: 0, max: 700, noNaN: true }),
        fc.double({ min: 0, max: 560, noNaN: true }),
        fc.double({ min: 1.05, max: 4, noNaN: true }),
        (form, px, py, factor) => {
          const faces = facesOf(startShell(form, { floor: "skids", openings: {} }))
          const look = zoomedAt(WHOLE, factor, [px, py], size)
          const [before, after] = [fit(faces, size), fit(faces, size, 26, look.zoom)]
          // The place on the pelt that was under the pointer, from two of its points.
          const [x0, y0] = before.at([0, 0])
          const place = [(px - x0) / before.scale, (y0 - py) / before.scale] as const
          const [x, y] = after.at(place)
          expect(x + look.x).toBeCloseTo(px, 6)
          expect(y + look.y).toBeCloseTo(py, 6)
        },
      ),
    )
  })

  test("a scale bar is as long as reads well, and shorter where there is no room beside the pelt", () => {
    expect(barLength(100, 300)).toBe(1)
    expect(barLength(20, 300)).toBe(4)
    // 4 m would take 80 px of 50.
    expect(barLength(20, 50)).toBe(2)
    // No room for any that says something: the readable one.
    expect(barLength(20, 10)).toBe(4)
  })

  test("further away than the whole there is nothing", () => {
    expect(zoomedAt({ zoom: 1.2, x: 40, y: 20 }, 0.5, [100, 100], size)).toEqual(WHOLE)
  })

  test("written lengths meet neither each other, nor a face's words, nor what is drawn", () => {
    fc.assert(
      fc.property(fc.constantFrom(...demoJobs()), fc.double({ min: 0.2, max: 3, noNaN: true }), ({ shell, brief }, zoom) => {
        const faces = facesOf(shell)
        const view = fit(faces, size, 26, zoom)
        for (const face of faces) {
          const drawn = Object.values(shell.openings)
            .filter((opening) => opening.face === face.id)
            .map((opening) => boxOf(rectangleOn(face, opening, view)))
          const named = { face, name: faceName(face.id, brief.kind, shell.form.kind) }
          const ink = { words: `${face.area.toFixed(2)} m²` }
          const { words, marks } = lettering(named, ink, view, drawn, (length) => `${Math.round(length * 1000)} mm`)
          // The name, its first word where that alone has room, or nothing: letters stay large enough to read.
          expect([named.name, named.name.split(" ")[0], ""]).toContain(words.title)
          expect(words.titleSize).toBeGreaterThanOrEqual(11)
          const boxes = [...marks.map(({ box }) => box), ...drawn, words.box]
          if (words.title !== "") {
            for (const other of drawn) expect(sharedArea(words.box, other)).toBe(0)
            const outline = outlineOn(face, face.outline, view)
            const { x, y, width, height } = words.box
            const inside = polygonArea(clipConvex(outline, rectangleCorners({ x: x - width / 2, y: y - height / 2, width, height })))
            expect(inside / (width * height)).toBeCloseTo(1, 6)
          }
          marks.forEach(({ box }, i) => {
            for (const other of boxes.slice(i + 1)) expect(sharedArea(box, other)).toBe(0)
            const within = boxOf(outlineOn(face, face.outline, view))
            expect(sharedArea(box, within)).toBeCloseTo(box.width * box.height, 6)
          })
        }
      }),
    )
  })
})
