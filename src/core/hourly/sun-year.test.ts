import { describe, expect, test } from "@jest/globals"
import { demo } from "../../../tests/fixtures/jobs"
import { stationYearOf } from "../climate/station-year"
import { hoursIn } from "../climate/weather-year"
import { activeState } from "../enclosure/job-state"
import { ledgerOf } from "../ledger/ledger"
import { sum } from "../numeric/sum"
import { OPEN_SKY } from "../sun/horizon"
import { bestBoard, sunInput, sunYear } from "./sun-year"
import type { YearGlass } from "./year-model"

const weather = stationYearOf("varnfell")
const south: YearGlass = { area: 2, g: 0.5, width: 2, height: 1, shades: null, strips: [{ share: 1, tilt: 90, azimuth: 180 }] }

describe("the sun of a year", () => {
  const hut = demo("Tern Hut")
  const input = sunInput(hut.brief.station, OPEN_SKY, ledgerOf(activeState(hut)).surfaces, "metric")
  const { faces, panes } = sunYear(input, weather)

  test("is told of every face that sees it, of the roof most, and of none by night", () => {
    expect(Object.keys(faces).sort()).toEqual(["back", "front", "left", "right", "roof-left", "roof-right"])
    const total = (id: string) => sum(faces[id]!.map((hours, month) => (sum(hours) * hoursIn(month)) / 24))
    for (const id of ["back", "front", "left", "right"]) expect(total(id)).toBeLessThan(Math.max(total("roof-left"), total("roof-right")))
    for (const hours of Object.values(faces).flat()) expect(hours[0]).toBe(0)
  })

  test("on a level face comes to the months' means of the station", () => {
    const level = { strips: [{ share: 1, tilt: 0, azimuth: 0 }], width: 1, height: 1, shades: null }
    const means = sunYear({ weather: "varnfell", around: OPEN_SKY, faces: { level }, panes: {}, depths: [] }, weather).faces.level!
    means.forEach((hours, month) => expect(sum(hours) / 24 / weather.monthly[month]!.globalHorizontal).toBeCloseTo(1, 1))
  })

  test("through each upright window is less under each deeper board", () => {
    expect(Object.keys(panes).length).toBeGreaterThan(0)
    for (const rows of Object.values(panes)) {
      const boards = rows.filter(({ depth }) => depth !== null).map(({ months }) => sum(months))
      boards.slice(1).forEach((total, i) => expect(total).toBeLessThanOrEqual(boards[i]!))
    }
  })

  test("comes at noon from the south, before noon from the east", () => {
    const wall = (azimuth: number) => ({ ...south, strips: [{ share: 1, tilt: 90, azimuth }] })
    const { faces: round } = sunYear(
      { weather: "varnfell", around: OPEN_SKY, faces: { south: wall(180), east: wall(90), west: wall(270) }, panes: {}, depths: [] },
      weather,
    )
    const peak = (id: string) => round[id]![5]!.indexOf(Math.max(...round[id]![5]!))
    expect(Math.abs(peak("south") - 11.5)).toBeLessThanOrEqual(1.5)
    expect(peak("east")).toBeLessThan(10)
    expect(peak("west")).toBeGreaterThan(13)
  })
})

describe("what stands around", () => {
  const wall = (azimuth: number) => ({ wall: { ...south, strips: [{ share: 1, tilt: 90, azimuth }] } })
  const year = (around: typeof OPEN_SKY, azimuth = 180) =>
    sunYear({ weather: "varnfell", around, faces: wall(azimuth), panes: {}, depths: [] }, weather).faces.wall!
  const total = (months: number[][], month: number) => sum(months[month]!)

  test("in the south takes the low sun of winter from a south wall, and none of a north wall's", () => {
    // At Varnfell's latitude the noon sun stands under 15° in December and over 55° in June.
    const hill = { horizon: [0, 0, 0, 30, 30, 30, 0, 0], roof: null }
    expect(total(year(hill), 11)).toBeLessThan(0.6 * total(year(OPEN_SKY), 11))
    expect(total(year(hill), 5)).toBeGreaterThan(0.9 * total(year(OPEN_SKY), 5))
    expect(total(year(hill, 0), 5)).toBeCloseTo(total(year(OPEN_SKY, 0), 5), 9)
  })

  test("over it keeps the high sun off, and lets the low sun in", () => {
    const shelter = { ...OPEN_SKY, roof: 40 }
    expect(total(year(shelter), 5)).toBeLessThan(0.9 * total(year(OPEN_SKY), 5))
    expect(total(year(shelter), 11)).toBeCloseTo(total(year(OPEN_SKY), 11), 9)
  })

  test("higher everywhere leaves less of the sun; to the zenith leaves none of its beam", () => {
    const round = (altitude: number) => ({ horizon: new Array<number>(8).fill(altitude), roof: null })
    const sums = [0, 10, 30, 60, 89].map((altitude) => sum(year(round(altitude)).map((hours) => sum(hours))))
    sums.slice(1).forEach((one, i) => expect(one).toBeLessThanOrEqual(sums[i]!))
    const dark = weather.hours.map((hour) => ({ ...hour, directNormal: 0 }))
    const light = sunYear({ weather: "varnfell", around: OPEN_SKY, faces: wall(180), panes: {}, depths: [] }, { ...weather, hours: dark })
      .faces.wall!
    expect(sums[4]).toBeCloseTo(sum(light.map((hours) => sum(hours))), 0)
  })
})

test("a mirrored sun on a mirrored wall: a south wall in the northern June is a north wall in the southern December", () => {
  const even = weather.hours.map((hour) => ({ ...hour, directNormal: 500, diffuseHorizontal: 100 }))
  const at = (latitude: number) => ({ ...weather, latitude, longitude: 0, start: "2023-01-01T00:00:00+00:00", hours: even })
  const wall = (azimuth: number) => ({ wall: { ...south, strips: [{ share: 1, tilt: 90, azimuth }] } })
  const month = (latitude: number, azimuth: number, index: number) =>
    sum(sunYear({ weather: "", around: OPEN_SKY, faces: wall(azimuth), panes: {}, depths: [] }, at(latitude)).faces.wall![index]!)
  for (const [north, southern] of [
    [180, 0],
    [90, 90],
    [225, 315],
  ] as const)
    expect(month(50, north, 5) / month(-50, southern, 11)).toBeCloseTo(1, 1)
  expect(month(50, 180, 5)).not.toBeCloseTo(month(50, 0, 5), -2)
})

describe("a board over a window", () => {
  const months = (hot: number, cold: number) => [cold, cold, 5, 5, 5, hot, hot, hot, 5, 5, 5, cold]
  const temperatures = [-5, -4, 0, 5, 10, 15, 17, 16, 10, 5, 0, -4]

  test("is the one that keeps off most of the hot months' sun for what it takes of the cold, by hand", () => {
    const rows = [
      { depth: null, months: months(10, 10) },
      { depth: 0, months: months(10, 10) },
      // Keeps off 0.5 and 0.1, then 0.8 and 0.5: 0.4 is more than 0.3.
      { depth: 0.4, months: months(5, 9) },
      { depth: 0.8, months: months(2, 5) },
    ]
    expect(bestBoard(rows, temperatures)).toEqual({ depth: 0.4, hot: expect.closeTo(0.5, 9), cold: expect.closeTo(0.1, 9) })
  })

  test("is none where no sun comes", () => {
    expect(bestBoard([{ depth: 0, months: months(0, 3) }], temperatures)).toBeNull()
  })

  test("takes more of the high sun of summer than of the low one of winter, over a south window", () => {
    const rows = sunYear({ weather: "varnfell", around: OPEN_SKY, faces: {}, panes: { south }, depths: [0.2, 0.4, 0.6, 0.8, 1] }, weather)
      .panes.south!
    const best = bestBoard(rows, temperatures)!
    expect(best.hot).toBeGreaterThan(2 * best.cold)
  })
})
