import { describe, expect, test } from "@jest/globals"
import { CATALOGUE } from "../../core/material/catalogue"
import { drag, type DragState } from "./drag"
import { placeOfDepth, sliceGeometry } from "./slice-geometry"

describe("the slice", () => {
  test("is to scale, but for films", () => {
    const { edges, scale } = sliceGeometry([0.0002, 0.1, 0.05], 500)
    expect((edges[2]! - edges[1]!) / (edges[3]! - edges[2]!)).toBeCloseTo(2, 9)
    expect(edges[2]! - edges[1]!).toBeCloseTo(0.1 * scale, 9)
    expect(edges[1]! - edges[0]!).toBe(2)
  })

  test("finds a depth in its layer", () => {
    const thicknesses = [0.0002, 0.1, 0.05]
    const geometry = sliceGeometry(thicknesses, 500)
    expect(placeOfDepth(0.0502, thicknesses, geometry)).toBeCloseTo((geometry.edges[1]! + geometry.edges[2]!) / 2, 6)
    expect(placeOfDepth(0.1502, thicknesses, geometry)).toBeCloseTo(geometry.edges[3]!, 6)
  })
})

describe("an edge under the hand", () => {
  const material = CATALOGUE["stone-wool"]! // 50, 70, 95, 100, 120, 145, 150, 200 mm
  const pressed = drag({ kind: "idle" }, { kind: "press", layer: "l", x: 100, thickness: 0.12, scale: 2000 })
  const to = (x: number, free = false) =>
    (drag(pressed, { kind: "move", x, material, free }) as Extract<DragState, { kind: "dragging" }>).thickness

  test("is held by a sold thickness, and by whole millimetres between", () => {
    expect(to(100 + 0.025 * 2000 + 5)).toBe(0.145)
    expect(to(100 + 0.012 * 2000)).toBeCloseTo(0.132, 12)
    expect(to(100 + 0.0254 * 2000, true)).toBeCloseTo(0.145, 12)
    expect(to(100 + 0.0266 * 2000, true)).toBeCloseTo(0.147, 12)
  })

  test("never makes a layer of nothing", () => expect(to(-10_000)).toBe(0.001))

  test("moves nothing that was not pressed", () => {
    expect(drag({ kind: "idle" }, { kind: "move", x: 5, material, free: false })).toEqual({ kind: "idle" })
    expect(drag(pressed, { kind: "release" })).toEqual({ kind: "idle" })
  })
})
