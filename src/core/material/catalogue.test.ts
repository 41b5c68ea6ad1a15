import { describe, expect, test } from "@jest/globals"
import { Material, type MaterialClass } from "../../schema/material"
import { check } from "../../schema/parse"
import { CATALOGUE } from "./catalogue"
import { arealPrice, nearestSold, nextSold } from "./layer-properties"

type Range = [number, number]

/**
 * Physical ranges by class: conductivity W/(m·K), density kg/m³, specific heat J/(kg·K), vapour resistance factor;
 * handbook extremes, with lead, vacuum panels, cellular glass and loose minerals in.
 */
const RANGES: Record<MaterialClass, { conductivity: Range; density: Range; specificHeat: Range; mu: Range }> = {
  metal: { conductivity: [10, 400], density: [2600, 11400], specificHeat: [120, 910], mu: [1e6, Infinity] },
  wood: { conductivity: [0.09, 0.25], density: [300, 900], specificHeat: [1300, 2800], mu: [10, 250] },
  board: { conductivity: [0.1, 0.6], density: [400, 1500], specificHeat: [900, 1800], mu: [4, 20000] },
  stone: { conductivity: [0.035, 4], density: [80, 3000], specificHeat: [800, 1100], mu: [1, 1e5] },
  fibre: { conductivity: [0.004, 0.06], density: [8, 260], specificHeat: [800, 2400], mu: [1, 10] },
  foam: { conductivity: [0.018, 0.045], density: [7, 80], specificHeat: [1300, 2400], mu: [1, 1e4] },
  membrane: { conductivity: [0.1, 0.5], density: [200, 1200], specificHeat: [900, 2400], mu: [10, 1e6] },
  covering: { conductivity: [0.04, 0.4], density: [100, 2000], specificHeat: [800, 2200], mu: [2, 1e6] },
  plaster: { conductivity: [0.15, 1], density: [600, 1900], specificHeat: [800, 1100], mu: [4, 20] },
  glass: { conductivity: [0.15, 1.2], density: [1100, 2700], specificHeat: [700, 1600], mu: [1000, Infinity] },
  air: { conductivity: [0.02, 0.03], density: [1, 1.4], specificHeat: [1000, 1020], mu: [1, 1] },
}

/** The sources that records may name. */
const SOURCES = /^(ISO 10456|EN 13162–13171|Wood Handbook|ASHRAE Fundamentals|materials literature|membrane literature)/

const within = (value: number, [low, high]: Range) => value >= low && value <= high

describe("the catalogue", () => {
  test("has at least 120 materials", () => expect(Object.keys(CATALOGUE).length).toBeGreaterThanOrEqual(120))

  test.each(Object.entries(CATALOGUE))("%s is complete and plausible", (_, material) => {
    expect(check(Material, material)).toMatchObject({ ok: true })
    const range = RANGES[material.class]
    const { declared, aged, at, byTemperature } = material.conductivity
    expect(within(declared, range.conductivity)).toBe(true)
    expect(within(material.density, range.density)).toBe(true)
    expect(within(material.specificHeat, range.specificHeat)).toBe(true)
    expect(aged).toBeGreaterThanOrEqual(declared)
    expect(aged).toBeLessThanOrEqual(1.2 * declared)
    if (material.vapour.mu) expect(within(material.vapour.mu.dry, range.mu)).toBe(true)
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
    const { thicknesses } = material.sold
    expect(thicknesses).toEqual([...new Set(thicknesses)].sort((a, b) => a - b))
    expect(material.fire.needsCover).toBe(material.class === "foam")
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
