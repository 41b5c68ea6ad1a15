import { describe, expect, test } from "@jest/globals"
import { BridgeInput } from "../../schema/bridge"
import { solvedBody } from "./bridge"
import { isotherm, roundLevels, temperaturePicture, type TemperaturePicture } from "./picture"

const wall = BridgeInput.parse({
  width: 1,
  height: 0.2,
  background: { conductivity: 0.04 },
  blocks: [],
  boundaries: [
    { id: "outside", edge: "bottom", temperature: -10, resistance: 0.04 },
    { id: "inside", edge: "top", temperature: 20, resistance: 0.13 },
  ],
})

describe("the temperature picture", () => {
  test("of a plane wall has level isotherms where the straight line puts them", () => {
    const picture = temperaturePicture(wall, solvedBody(wall))
    // R 0.04 + 5 + 0.13 = 5.17: 0 °C lies 10/30 of that from outdoors, 1.72333 less 0.04 over 5 of 0.2 m: 67.333 mm.
    const line = isotherm(picture, 0)
    expect(line.length).toBeGreaterThan(5)
    for (const [, y1, , y2] of line) expect([y1, y2]).toEqual([expect.closeTo(0.0673333, 5), expect.closeTo(0.0673333, 5)])
    const length = line.reduce((sum, [x1, , x2]) => sum + Math.abs(x2 - x1), 0)
    expect(length).toBeCloseTo(1, 9)
    // Outside the range of the body there is none.
    expect(isotherm(picture, -11)).toEqual([])
  })

  test("says how large each mesh is", () => {
    const heard: number[] = []
    solvedBody(wall, (cells) => heard.push(cells))
    expect(heard.length).toBeGreaterThan(0)
    expect(heard).toEqual([...heard].sort((a, b) => a - b))
  })

  test("of a cone has circles, closed and of the right length", () => {
    const lines = Float64Array.from({ length: 81 }, (_, i) => -2 + i / 20)
    const temperature = Float64Array.from([...lines].flatMap((y) => [...lines].map((x) => Math.hypot(x, y))))
    const circle = isotherm({ x: lines, y: lines, temperature } satisfies TemperaturePicture, 1)
    expect(circle.reduce((sum, [x1, y1, x2, y2]) => sum + Math.hypot(x2 - x1, y2 - y1), 0) / (2 * Math.PI)).toBeCloseTo(1, 3)
    // Every end of a piece is the end of just one other.
    const ends = new Map<string, number>()
    for (const [x1, y1, x2, y2] of circle)
      for (const end of [`${x1.toFixed(9)} ${y1.toFixed(9)}`, `${x2.toFixed(9)} ${y2.toFixed(9)}`]) ends.set(end, (ends.get(end) ?? 0) + 1)
    expect([...ends.values()].every((count) => count % 2 === 0)).toBe(true)
  })

  test("counts in steps that a person counts in", () => {
    expect(roundLevels(-27, 18)).toEqual([-25, -20, -15, -10, -5, 0, 5, 10, 15])
    expect(roundLevels(-3, 21)).toEqual([0, 5, 10, 15, 20])
    expect(roundLevels(0, 4)).toEqual([0.5, 1, 1.5, 2, 2.5, 3, 3.5])
    expect(roundLevels(5, 5)).toEqual([])
  })
})
