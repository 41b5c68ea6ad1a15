import { describe, expect, test } from "@jest/globals"
import { KNOWN, startJob } from "../../../tests/fixtures/jobs"
import { OwnWeather } from "../../schema/job/weather"
import { readDocument } from "../../schema/job/read-job"
import type { WeatherOutput } from "../../schema/weather"
import { conditionsOf } from "../enclosure/conditions"
import { climateOf } from "./design-climate"
import { summerDesignDay } from "./design-day"
import { stationYearOf } from "./station-year"
import { ownWeather, weatherTable, yearOfOwn } from "./own-weather"
import { weatherOfTable } from "./weather-table"
import { weatherKey } from "./weather-key"

const given = (station: string): WeatherOutput => {
  const year = stationYearOf(station)
  return { ...year, notes: year.notes.map(({ text }) => text) }
}
const kept = ownWeather("Fen edge", given("norrhalde"), null)

const job = startJob({
  kind: "shed",
  name: "a",
  units: "metric",
  form: { kind: "box", length: 4, width: 3, height: 2.5 },
  station: "norrhalde",
  school: "",
})

/** A year whose hour k of the day d is as told. */
const made = (hour: (k: number) => Partial<WeatherOutput["hours"][number]>): WeatherOutput["hours"] =>
  given("norrhalde").hours.map((known, k) => ({ ...known, ...hour(k) }))

describe("weather that a job keeps", () => {
  test("is the hours that were read, to the last digit that is kept", () => {
    const [was, is] = [given("norrhalde"), yearOfOwn(kept)]
    expect(is.start).toBe(was.start)
    for (const k of [0, 1234, 4400, 8759])
      for (const [field, digits] of [
        ["temperature", 2],
        ["relativeHumidity", 3],
        ["directNormal", 1],
        ["skyTemperature", 2],
        ["windSpeed", 2],
      ] as const)
        expect(is.hours[k]![field]).toBeCloseTo(was.hours[k]![field], digits - 0.01)
    is.monthly.forEach(({ temperature, globalHorizontal }, i) => {
      expect(temperature).toBeCloseTo(was.monthly[i]!.temperature, 2)
      expect(globalHorizontal / was.monthly[i]!.globalHorizontal).toBeCloseTo(1, 3)
    })
  })

  test("goes out as a table that is read again the same, in a leap year too", () => {
    for (const year of [kept.year, 2024]) {
      const table = weatherTable({ ...kept, year })
      const rows = table.split("\n").map((line) => line.split(","))
      expect(rows[1]![0]).toBe(`${year}-01-01T00:00+01:00`)
      expect(rows[8760]![0]).toBe(`${year}-12-31T23:00+01:00`)
      const { hours, bad, filled } = weatherOfTable(rows, false, { ...kept, name: "again" }, undefined, undefined)
      expect([bad, filled]).toEqual([[], []])
      const again = ownWeather("Fen edge", { ...given("norrhalde"), hours }, null)
      expect(again.hours.temperature).toBe(kept.hours.temperature)
      expect(again.hours.directNormal).toBe(kept.hours.directNormal)
    }
  })

  test("is told apart by its hours and its place, not by what it is called", () => {
    expect(weatherKey({ ...kept, name: "another" })).toBe(weatherKey(kept))
    expect(weatherKey({ ...kept, latitude: kept.latitude + 0.1 })).not.toBe(weatherKey(kept))
    const warmer = { ...kept.hours, temperature: kept.hours.temperature.replace(/^\S+/, "19.5") }
    expect(weatherKey({ ...kept, hours: warmer })).not.toBe(weatherKey(kept))
  })

  test("stands in a job file, and what is no year of hours does not", () => {
    const read = readDocument({ ...job, brief: { ...job.brief, weather: kept } }, KNOWN)
    expect(read.ok && read.value.brief.weather?.name).toBe("Fen edge")
    const refused = (temperature: string) => OwnWeather.safeParse({ ...kept, hours: { ...kept.hours, temperature } }).success
    expect(refused(kept.hours.temperature)).toBe(true)
    expect(refused(kept.hours.temperature.replace(/ \S+$/, ""))).toBe(false)
    expect(refused(kept.hours.temperature.replace(/^\S+/, "warm"))).toBe(false)
    expect(refused(kept.hours.temperature.replace(/^\S+/, "99"))).toBe(false)
    expect(refused(kept.hours.temperature.replace(" ", "  "))).toBe(false)
    expect(refused("1 ".repeat(200_000))).toBe(false)
  })

  test("has design hours of its own for the job, that come to those of the station that it was made by", () => {
    const [theirs, own] = [null, kept].map((weather) => conditionsOf({ ...job.brief, weather }, job.shell))
    expect(own!.station.name).toBe("Fen edge")
    expect(Math.abs(own!.winter.outside.temperature - theirs!.winter.outside.temperature)).toBeLessThan(0.5)
    expect(Math.abs(own!.summer.outside.temperature - theirs!.summer.outside.temperature)).toBeLessThan(0.5)
    expect(own!.annualMean).toBeCloseTo(theirs!.annualMean, 1)
  })
})

describe("design hours of a year", () => {
  const place = { latitude: 60, longitude: 15, begins: Date.parse("2023-01-01T00:00:00+01:00") }

  test("are those that 0.4 % of the hours go beyond: 35 of 8,760, by hand", () => {
    // 35 hours at −30 … and the rest at 0, with 35 at 33 °C: the coldest and the hottest of what is left are the 36th.
    const hours = made((k) => ({
      temperature: k < 35 ? -30 : k === 35 ? -21 : k >= 5000 && k < 5035 ? 33 : k === 5035 ? 27 : 0,
      relativeHumidity: 0.5,
      windSpeed: 4,
    }))
    const months = stationYearOf("norrhalde").monthly
    const { winter, summer, meanWindSpeed } = climateOf(hours, months, place)
    expect(winter).toEqual({ temperature: -21, relativeHumidity: expect.closeTo(0.5, 9), windSpeed: expect.closeTo(4, 9) })
    expect(summer.temperature).toBe(27)
    expect(meanWindSpeed).toBeCloseTo(4, 9)
  })

  test("read the clear sky's depth from the beam of the clearest hours", () => {
    const station = stationYearOf("norrhalde")
    const { summer } = climateOf(station.hours, station.monthly, { ...station, begins: Date.parse(station.start) })
    const dull = climateOf(
      station.hours.map((hour) => ({ ...hour, directNormal: hour.directNormal * 0.6 })),
      station.monthly,
      { ...station, begins: Date.parse(station.start) },
    )
    expect(summer.beamDepth).toBeGreaterThan(0.2)
    expect(summer.beamDepth).toBeLessThan(0.7)
    expect(dull.summer.beamDepth).toBeGreaterThan(summer.beamDepth + 0.1)
    const none = climateOf(
      station.hours.map((hour) => ({ ...hour, directNormal: 0 })),
      station.monthly,
      { ...station, begins: Date.parse(station.start) },
    )
    expect(none.summer.beamDepth).toBe(0.45)
  })

  test("have their hottest day in January where the south is", () => {
    const { name, climate } = kept
    const noon = (latitude: number) => summerDesignDay({ name, latitude, longitude: 0, ...climate }, 30, 0.4)[11]!.sun
    // 90° − 60° + 23.4° less what the sun has gone down by 21 July; at 40° south on 21 January it stands in the north.
    expect(noon(60).altitude).toBeCloseTo(30 + 20.4, 0)
    expect(noon(-40).altitude).toBeCloseTo(50 + 19.9, 0)
    expect(Math.min(noon(-40).azimuth, 360 - noon(-40).azimuth)).toBeLessThan(25)
  })
})
