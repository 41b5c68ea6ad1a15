import { describe, expect, test } from "@jest/globals"
import { demo, evenBox } from "../../../tests/fixtures/jobs"
import { sketch } from "../../../tests/fixtures/layers"
import type { Space } from "../../schema/job/shell"
import { climateStationOf } from "../climate/climate-stations"
import type { Adjacent } from "./adjacent"
import { conditionsOf, governingSeason } from "./conditions"

const OUTDOORS: Adjacent = { kind: "outdoors", sun: true }
const conditions = (name: string) => {
  const { brief, shell } = demo(name)
  return conditionsOf(brief, shell)
}

describe("design conditions", () => {
  test("what was typed comes before the station's", () => {
    const job = evenBox(sketch("one", [["xps", 0.1]]))
    const station = climateStationOf(job.brief.station)
    expect(conditionsOf(job.brief, job.shell).winter.outside.temperature).toBe(0)
    const untyped = { ...job.brief, outdoors: { winter: null, summer: null } }
    expect(conditionsOf(untyped, job.shell).winter.outside.temperature).toBe(station.winter.temperature)
  })

  test("no wind reaches what stands wholly within another building; under one open side it does", () => {
    const job = evenBox(sketch("one", [["xps", 0.1]]))
    const within = (faces: readonly string[]) => {
      const shell = { ...job.shell, spaces: { hall: { name: "Hall", kind: "open" } as Space } }
      return conditionsOf(job.brief, { ...shell, against: Object.fromEntries(faces.map((face) => [face, "hall"])) }).winter.windSpeed
    }
    const sides = ["left", "right", "front", "back", "roof"]
    expect(within(sides)).toBe(0)
    expect(within(sides.slice(1))).toBe(climateStationOf(job.brief.station).winter.windSpeed)
  })

  test("a heated van is governed by its winter, a cold room by its summer, and a wall to a room by that room", () => {
    expect(governingSeason(conditions("Larkspur"), OUTDOORS)).toBe("winter")
    expect(governingSeason(conditions("Cold Nettle"), OUTDOORS)).toBe("summer")
    // Larkspur is 18 °C in winter and, by its brief, not far from it in summer; beside a room of 18 and of 60 °C the summer drives.
    const hot = { temperature: 60, relativeHumidity: 0.1 }
    const boiler: Adjacent = {
      kind: "space",
      id: "boiler",
      space: { name: "Boiler", kind: "held", winter: { temperature: 18, relativeHumidity: 0.5 }, summer: hot },
    }
    expect(governingSeason(conditions("Larkspur"), boiler)).toBe("summer")
  })
})
