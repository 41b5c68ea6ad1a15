import { describe, expect, test } from "@jest/globals"
import { Material } from "../../schema/material"
import { check } from "../../schema/parse"
import { CATALOGUE } from "./catalogue"
import { arealPrice, nearestSold, nextSold } from "./layer-properties"
import { implausible } from "./plausible"

/** The sources that records may name. */
const SOURCES =
  /^(ISO 10456|EN 13162–13171|Wood Handbook|ASHRAE Fundamentals|DIN 4108-4|ASTM C665|ASTM C578|materials literature|membrane literature)/

describe("the catalogue", () => {
  test("has at least 120 materials", () => expect(Object.keys(CATALOGUE).length).toBeGreaterThanOrEqual(120))

  test.each(Object.entries(CATALOGUE))("%s is complete and plausible", (_, material) => {
    expect(check(Material, material)).toMatchObject({ ok: true })
    const { declared, aged, at, byTemperature } = material.conductivity
    expect(implausible(material)).toEqual([])
    expect(aged).toBeGreaterThanOrEqual(declared)
    expect(aged).toBeLessThanOrEqual(1.2 * declared)
    expect(material.source).toMatch(SOURCES)
    // The course passes through the declared value at the declared temperature.
    expect(interpolated(byTemperature, at) / declared).toBeCloseTo(1, 1)
    const temperatures = byTemperature.map(([t]) => t)
    expect(temperatures).toEqual([...temperatures].sort((a, b) => a - b))
    if (material.sorption) {
      for (const column of [0, 1] as const) {
        const values = material.sorption.map((point) => point[column])
        expect(values).toEqual([...new Set(values)].sort((a, b) => a - b))
      }
      expect(material.sorption[0]).toEqual([0, 0])
      expect(material.sorption.at(-1)![0]).toBe(1)
    }
    const { dry, wet } = material.vapour.mu ?? material.vapour.sd!
    expect(wet).toBeLessThanOrEqual(dry)
    const course = material.vapour.sdByHumidity
    if (course) {
      // The cups of EN ISO 12572: dry 0 and 50 %, wet 50 and 93 %.
      expect(interpolated(course, 0.25)).toBeCloseTo(dry, 9)
      expect(interpolated(course, 0.715)).toBeCloseTo(wet, 1)
    }
    const { thicknesses } = material.sold
    expect(thicknesses).toEqual([...new Set(thicknesses)].sort((a, b) => a - b))
    expect(material.fire.needsCover).toBe(material.class === "foam")
  })

  test.each(["pir-board", "pur-board", "pur-panel-core", "polyiso"])("%s conducts more in the cold, as its cell gas condenses", (id) => {
    // ASHRAE Fundamentals 2017, ch. 26, table 1: foam blown with heavy gases is best between 10 and 24 °C.
    const { byTemperature, declared } = CATALOGUE[id]!.conductivity
    expect(interpolated(byTemperature, -15)).toBeGreaterThan(1.15 * declared)
    expect(interpolated(byTemperature, 0)).toBeGreaterThan(1.03 * declared)
  })

  test.each([
    // ISO 10456:2007, tables 3 and 4; DIN 4108-4, table 1.
    ["light-concrete", { dry: 6, wet: 4 }],
    ["concrete-block", { dry: 150, wet: 120 }],
    ["cement-screed", { dry: 35, wet: 15 }],
    ["clay-soil", { dry: 50, wet: 50 }],
  ])("%s lets vapour through as its standard says", (id, mu) => expect(CATALOGUE[id]!.vapour.mu).toEqual(mu))

  test("water costs what ISO 10456, table 4, says: 4 % for each per cent by volume in mineral wool, 6 % in polyurethane", () => {
    expect(["stone-wool", "glass-wool"].map((id) => CATALOGUE[id]!.conductivity.perMoisture)).toEqual([0.04, 0.04])
    expect(["pur-board", "pir-board"].map((id) => CATALOGUE[id]!.conductivity.perMoisture)).toEqual([0.06, 0.06])
  })

  test("boards let through and hold what ISO 10456, table 3, says of them", () => {
    expect(CATALOGUE.osb!.vapour.mu).toEqual({ dry: 50, wet: 30 })
    // Between 0.14 at 600 and 0.18 W/(m·K) at 800 kg/m³.
    expect([CATALOGUE.mdf!.conductivity.declared, CATALOGUE.mdf!.density]).toEqual([0.16, 720])
  })

  test("a record that is out of its class is told where, with the range", () => {
    const foam = CATALOGUE.xps!
    const wrong = { ...foam, class: "metal" as const, conductivity: { ...foam.conductivity, declared: 0.034 } }
    expect(implausible(wrong).map(({ figure }) => figure)).toEqual(["conductivity", "density", "specificHeat", "mu"])
    expect(implausible({ ...foam, density: 800 })).toEqual([{ figure: "density", value: 800, range: [7, 80] }])
  })

  test("names no two materials alike", () => {
    const names = Object.values(CATALOGUE).map(({ name }) => name)
    expect(new Set(names).size).toBe(names.length)
  })
})

describe("what a layer is sold as", () => {
  const wool = CATALOGUE["stone-wool"]! // 50, 70, 95, 100, 120, 145, 150, 200 mm

  test("steps through what is sold, and stops at the ends", () => {
    expect(nextSold(wool, 0.12, 1)).toBe(0.145)
    expect(nextSold(wool, 0.11, -1)).toBe(0.1)
    expect(nextSold(wool, 0.2, 1)).toBe(0.2)
    expect(nearestSold(wool, 0.113)).toBe(0.12)
  })

  test("prices by volume, area or weight, by hand", () => {
    expect(arealPrice(wool, 0.1)).toBeCloseTo(8.8, 9) // 88 €/m³
    expect(arealPrice(CATALOGUE["breather-membrane"]!, 0.0005)).toBe(1.3)
    expect(arealPrice(CATALOGUE["steel-bare"]!, 0.002)).toBeCloseTo(7800 * 0.002 * 1.8, 9)
  })
})

function interpolated(points: readonly (readonly [number, number])[], at: number): number {
  const i = Math.max(
    1,
    points.findIndex(([t]) => t >= at),
  )
  const [[t0, v0], [t1, v1]] = [points[i - 1]!, points[i]!]
  return v0 + ((at - t0) / (t1 - t0)) * (v1 - v0)
}
