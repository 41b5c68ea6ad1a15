import { place } from "./place"
import { evenBox } from "../../../tests/fixtures/jobs"
import { sketch } from "../../../tests/fixtures/layers"
import type { SurfaceId } from "./surface"
import { describe, expect, test } from "@jest/globals"
import type { Job } from "../../schema/job/job"
import type { Space } from "../../schema/job/shell"
import { ledgerOf } from "../ledger/ledger"
import { activeState } from "./job-state"
import { adjacentAir, adjacentTemperature } from "./adjacent"
import { spaceSun } from "./surface-figures"

/** An even box in 100 mm of XPS (R 2.941176), its left wall against a space. */
function leanTo(space: Space | null): Job {
  const job = evenBox(sketch("one", [["xps", 0.1]]))
  return space ? { ...job, shell: { ...job.shell, spaces: { side: space }, against: { left: "side" } } } : job
}
const partOf = (job: Job, id: SurfaceId) => ledgerOf(activeState(job)).loss.parts.find((part) => part.place === place.surface(id))!.heat

describe("what is beyond a face, by hand", () => {
  // The left wall is 10 m²; against a space both films are 0.13: U = 1/(2.941176 + 0.26) = 0.312385; outdoors 1/(2.941176 + 0.17) = 0.321422
  test("the outdoors", () => expect(partOf(leanTo(null), "left")).toBeCloseTo(10 * 0.321422 * 20, 2))

  test("a room that is held", () => {
    const room: Space = {
      kind: "held",
      name: "House",
      winter: { temperature: 15, relativeHumidity: 0.4 },
      summer: { temperature: 24, relativeHumidity: 0.5 },
    }
    expect(partOf(leanTo(room), "left")).toBeCloseTo(10 * 0.312385 * 5, 3)
  })

  test("an unheated space finds its own temperature", () => {
    // 3.12385 W/K into it, 12 W/K out of it: b = 12/15.12385 = 0.793449; 10·0.312385·20·b = 49.5723 W
    const porch: Space = { kind: "unheated", name: "Porch", conductance: 12, glass: 0 }
    expect(partOf(leanTo(porch), "left")).toBeCloseTo(49.5723, 2)
    expect(adjacentTemperature({ kind: "space", id: "side", space: porch }, "winter", 3.12385, 20, 0)).toBeCloseTo(20 * (1 - 0.793449), 4)
  })

  test("outdoor air without sun and wind", () => {
    const job = leanTo({ kind: "open", name: "Barn" })
    expect(partOf(job, "left")).toBeCloseTo(10 * 0.312385 * 20, 2)
    expect(ledgerOf(activeState(job)).gain.worst.left!.irradiance).toBe(0)
    expect(ledgerOf(activeState(leanTo(null))).gain.worst.left!.irradiance).toBeGreaterThan(100)
  })

  test("the air of an unheated space keeps the outdoors' water", () => {
    // 0 °C, 80 %: 0.8·611.2 = 489 Pa; at 10 °C, where the two conductances are alike, 489/1228 = 0.398
    const air = adjacentAir(
      { kind: "space", id: "side", space: { kind: "unheated", name: "Porch", conductance: 5, glass: 0 } },
      "winter",
      5,
      { temperature: 20, relativeHumidity: 0.5 },
      { temperature: 0, relativeHumidity: 0.8 },
    )
    expect(air.temperature).toBeCloseTo(10, 12)
    expect(air.relativeHumidity).toBeCloseTo(0.398, 2)
  })

  test("a face that is named against a room has that room's air in its damp look, and no wind is left where every face is sheltered", () => {
    const room: Space = {
      kind: "held",
      name: "House",
      winter: { temperature: 15, relativeHumidity: 0.4 },
      summer: { temperature: 24, relativeHumidity: 0.5 },
    }
    const job = leanTo(room)
    const ledger = ledgerOf(activeState(job))
    expect(ledger.moisture.left.winter.outside).toEqual(room.winter)
    expect(ledger.moisture.right.winter.outside.temperature).toBe(0)
    expect(ledger.conditions.winter.windSpeed).toBeGreaterThan(0)
    const within = { ...job, shell: { ...job.shell, against: { left: "side", right: "side", front: "side", back: "side", roof: "side" } } }
    within.variants.first!.leakage.ach50 = 10
    const sheltered = ledgerOf(activeState(within))
    expect(sheltered.conditions.winter.windSpeed).toBe(0)
    // What leaks in then is the room's air.
    expect(sheltered.loss.air.from).toEqual(room.winter)
  })
})

describe("the sun in a space beside", () => {
  test("warms it by what its glass lets in over all that it loses, by hand", () => {
    const job = leanTo({ kind: "unheated", name: "Cab", conductance: 10, glass: 2 })
    const wall = ledgerOf(activeState(job)).surfaces.find(({ id }) => id === "left")!
    // 2 m² · 1 W/m² over 3.12385 + 10 W/K
    const { warmth, ...looks } = spaceSun(wall)!
    expect(warmth).toBeCloseTo(2 / 13.12385, 5)
    expect(looks).toEqual({ tilt: 60, azimuth: wall.face.azimuth })
    const dark = leanTo({ kind: "unheated", name: "Cab", conductance: 10, glass: 0 })
    const heatOf = (one: Job) => ledgerOf(activeState(one)).gain.faces.left!.map(({ heat }) => heat)
    const [lit, unlit] = [heatOf(job), heatOf(dark)]
    const most = Math.max(...lit.map((heat, i) => heat - unlit[i]!))
    // At most 1000 W/m²: 152 K through 3.12 W/K; the layers hold some of it back. At night nothing.
    expect(most).toBeGreaterThan(100)
    expect(most).toBeLessThan(476)
    expect(spaceSun(ledgerOf(activeState(dark)).surfaces.find(({ id }) => id === "left")!)).toBeNull()
  })
})
