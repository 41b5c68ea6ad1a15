import { describe, expect, test } from "@jest/globals"
import { CATALOGUE } from "../../core/material/catalogue"
import { draggedThickness } from "./dragged-thickness"
import { figurePlace, placeOfDepth, scaleMarks, sliceGeometry } from "./slice-geometry"

describe("the scale of temperatures", () => {
  const celsius = (value: number) => value
  const fahrenheit = (value: number) => value * 1.8 + 32

  test("has tens of the thermometer's own degrees, twenties where they are many", () => {
    expect(scaleMarks(-20, 22, celsius)).toEqual([-20, -10, 0, 10, 20])
    // −4 °F to 71.6 °F are more than sixty.
    expect(scaleMarks(-20, 22, fahrenheit)).toEqual([0, 20, 40, 60])
    expect(scaleMarks(12, 18, celsius)).toEqual([])
  })

  test("keeps its figures off the lines", () => {
    expect(figurePlace(50, [])).toBe(0)
    expect(figurePlace(50, [80])).toBe(0)
    // On the mark, and on the mark with another line over it.
    expect(figurePlace(50, [50])).toBe(-8)
    expect(figurePlace(50, [50, 41])).toBe(8)
  })
})

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
  /** From 120 mm by so many pixels, at 2000 px in a metre. */
  const to = (right: number, free = false) => draggedThickness(0.12 + right / 2000, material, 2000, free)

  test("is held by a sold thickness, and by whole millimetres between", () => {
    expect(to(0.025 * 2000 + 5)).toBe(0.145)
    expect(to(0.012 * 2000)).toBeCloseTo(0.132, 12)
    expect(to(0.0254 * 2000, true)).toBeCloseTo(0.145, 12)
    expect(to(0.0266 * 2000, true)).toBeCloseTo(0.147, 12)
  })

  test("never makes a layer of nothing", () => expect(to(-10_000)).toBe(0.001))
})
