import { describe, expect, test } from "@jest/globals"
import fc from "fast-check"
import type { MonthlyNormals } from "../../schema/normals"
import { InputError } from "../../schema/outcome"
import { sum } from "../numeric/sum"
import { CLIMATE_STATIONS } from "./climate-stations"
import { DAYS_BESIDE, fillGaps, STRAIGHT } from "./gaps"
import { clearGlobal, cloudOf, skyTemperature, skyTemperatureOf } from "./sky-temperature"
import { normalsOf, stationYearOf } from "./station-year"
import { diffuseShare } from "./synthetic-sun"
import { quantile, syntheticYear } from "./synthetic-year"
import { weatherOfEpw } from "./epw"
import { weatherOfTable } from "./weather-table"
import type { WeatherYear } from "./weather-file"
import { HOURS, MONTH_OF_HOUR, startText, type WeatherHour } from "./weather-year"

const PLACE = { name: "Test Fen", latitude: 52, longitude: 5, timeZone: 1, elevation: 4 }
const HEAD = ["time", "temperature", "relativeHumidity", "directNormal", "diffuseHorizontal", "windSpeed", "rain"]

/** °C of an hour of the year: a course of the day on one of the year. */
const warmth = (hour: number) => 10 - 8 * Math.cos((2 * Math.PI * hour) / HOURS) + 4 * Math.sin((2 * Math.PI * (hour - 9)) / 24)
const stamp = (ms: number) => new Date(ms).toISOString().slice(0, 16).replace("T", " ")
const JANUARY = Date.UTC(2023, 0, 1)
/** Rows of a table for every hour of 2023. */
const rows = () =>
  Array.from({ length: HOURS }, (_, i) => [stamp(JANUARY + i * 3_600_000), warmth(i).toFixed(3), "0.7", "0", "50", "3", "0"])
const table = (body: string[][], head = HEAD) => weatherOfTable([head, ...body], false, PLACE, undefined, undefined)
const temperatures = ({ hours }: { hours: WeatherHour[] }) => hours.map(({ temperature }) => temperature)
const plain = temperatures(table(rows()))
const codes = ({ notes }: { notes: { code: string }[] }) => notes.map(({ code }) => code)

describe("gaps", () => {
  test("of six hours lie on a straight line, longer ones are the days beside, each by its nearness", () => {
    const year = Float64Array.from({ length: HOURS }, (_, i) => Math.floor(i / 24) + (i % 24) / 100)
    const told = year.slice()
    told.fill(NaN, 100, 106)
    // Days 10 and 11, whole.
    told.fill(NaN, 240, 288)
    expect(fillGaps("temperature", told)).toEqual([
      { field: "temperature", hours: 6, how: STRAIGHT },
      { field: "temperature", hours: 48, how: DAYS_BESIDE },
    ])
    // By hand: 99 is 4.03, 106 is 4.10; the first of six between them is 4.03 + 0.07/7.
    expect(told[100]).toBeCloseTo(4.04, 9)
    // Noon of day 10 between 9.12 a day before and 12.12 two days after: 9.12 + 3/3.
    expect(told[252]).toBeCloseTo(10.12, 9)
    expect(told[276]).toBeCloseTo(11.12, 9)
  })

  test("over New Year are filled from December and January", () => {
    const told = new Float64Array(HOURS).fill(5)
    told.fill(NaN, 0, 2)
    told[HOURS - 1] = NaN
    told[2] = 9
    told[HOURS - 2] = 1
    fillGaps("temperature", told)
    // 1 at −2, 9 at 2: the three between are 3, 5 and 7.
    expect([told[HOURS - 1], told[0], told[1]]).toEqual([3, 5, 7])
  })
})

describe("the sky", () => {
  test("is as warm as its long-wave light says, or its dew point and clouds", () => {
    // A black body of 0 °C sends σ·273.15⁴ = 315.66 W/m².
    expect(skyTemperatureOf(315.66)).toBeCloseTo(0, 2)
    // By hand: ε = 0.787 + 0.764 ln(283.15/273.15) = 0.81447; 293.15·0.81447^¼ = 278.49 K.
    expect(skyTemperature(20, 10, 0)).toBeCloseTo(5.34, 1)
    // Overcast 1 + 0.224 − 0.35 + 0.28 = 1.154: ε 0.9399, 288.63 K.
    expect(skyTemperature(20, 10, 1)).toBeCloseTo(15.48, 1)
  })

  test("tells its clouds by the sun that comes through (Kasten and Czeplak)", () => {
    // Overcast lets a quarter through; half clouded 1 − 0.75·0.5^3.4 = 0.929.
    expect(cloudOf(0.25)).toBeCloseTo(1, 9)
    expect(cloudOf(0.92896)).toBeCloseTo(0.5, 3)
    expect(clearGlobal(0.5)).toBe(425)
  })
})

// Erbs, Klein and Duffie 1982, eq. 1, by hand at 0.2, 0.5 and 0.8.
test("the diffuse share falls as the sky clears", () => {
  expect(diffuseShare(0.2)).toBeCloseTo(0.982, 9)
  expect(diffuseShare(0.5)).toBeCloseTo(0.659, 3)
  expect(diffuseShare(0.8)).toBeCloseTo(0.165, 2)
})

describe("a table", () => {
  test("comes through as it is, with its months and the sky", () => {
    const year = table(rows())
    expect(temperatures(year).every((value, i) => Math.abs(value - warmth(i)) < 0.001)).toBe(true)
    expect(year).toMatchObject({ start: "2023-01-01T00:00:00+01:00", filled: [], bad: [] })
    // The day's course swings by 8 K; the humidity is told.
    for (const month of year.monthly) {
      expect(Math.abs(month.dailySwing - 8)).toBeLessThan(0.3)
      expect(month.relativeHumidity).toBeCloseTo(0.7, 9)
      expect(month.globalHorizontal).toBeCloseTo(50, 9)
    }
    expect(codes(year)).toEqual(["sky"])
  })

  test("names what it cannot read and fills it", () => {
    const body = rows()
    body[10]![1] = "abc"
    body[11]![2] = "250"
    body[20]![0] = "yesterday"
    body[30]![1] = ""
    body[31]![1] = "-999"
    const year = table(body)
    expect(year.bad.map(({ row, field, text }) => [row, field, text])).toEqual([
      [12, "temperature", "abc"],
      [13, "relativeHumidity", "250"],
      [22, "time", "yesterday"],
    ])
    // 250 makes the column one of per cent, and is no humidity even so.
    expect(year.filled.find(({ field }) => field === "temperature")).toEqual({ field: "temperature", hours: 4, how: STRAIGHT })
    expect(year.hours[10]!.temperature).toBeCloseTo((warmth(9) + warmth(11)) / 2, 3)
  })

  test("in per cent, Fahrenheit and miles an hour, under names of its own, with a decimal comma", () => {
    const body = Array.from({ length: HOURS }, (_, i) => [stamp(JANUARY + i * 3_600_000).replaceAll("-", "/"), "50", "80,5", "10"])
    const columns = { time: "When", temperature: "Out", relativeHumidity: "Humid", windSpeed: "Wind" }
    const year = weatherOfTable([["When", "out", "HUMID", "Wind"], ...body], true, PLACE, columns, { temperature: "F", windSpeed: "mph" })
    expect(year.hours[5]).toMatchObject({ temperature: 10, relativeHumidity: 0.805, windSpeed: 4.4704, directNormal: 0, rain: 0 })
    expect(codes(year)).toEqual(["no-sun", "not-told", "sky"])
    expect(() => weatherOfTable([["a", "b"], ...body], false, PLACE, undefined, undefined)).toThrow(/No column is called "time".*"a", "b"/)
  })

  test("with days first, months first, hours told by their ends, and offsets", () => {
    const told = (write: (ms: number) => string) => table(rows().map((row, i) => [write(JANUARY + i * 3_600_000), ...row.slice(1)]))
    const two = (value: number) => String(value).padStart(2, "0")
    const parts = (ms: number) => new Date(ms)
    const clock = (ms: number) => `${two(parts(ms).getUTCHours())}:00`
    const dayFirst = told((ms) => `${parts(ms).getUTCDate()}.${parts(ms).getUTCMonth() + 1}.2023 ${clock(ms)}`)
    const monthFirst = told((ms) => `${parts(ms).getUTCMonth() + 1}/${parts(ms).getUTCDate()}/2023 ${clock(ms)}`)
    const utc = told((ms) => `${new Date(ms - 3_600_000).toISOString()}`)
    const ends = told(
      (ms) => `2023-${two(parts(ms).getUTCMonth() + 1)}-${two(parts(ms).getUTCDate())} ${two(parts(ms).getUTCHours() + 1)}:00`,
    )
    for (const year of [dayFirst, monthFirst, utc, ends]) expect(temperatures(year)).toEqual(plain)
    expect(codes(ends)).toContain("ends-of-hours")
  })

  test("out of order, with hours doubled and ten-minute rows, is put right and says so", () => {
    const body = rows()
    ;[body[3], body[500]] = [body[500]!, body[3]!]
    body.splice(1001, 0, [...body[1000]!])
    body.push(...[10, 20].map((minute) => [`2023-12-31 23:${minute}`, ...body.at(-1)!.slice(1)]))
    const year = table(body)
    expect(temperatures(year).every((value, i) => Math.abs(value - plain[i]!) < 1e-9)).toBe(true)
    expect(codes(year)).toEqual(expect.arrayContaining(["out-of-order", "doubled", "within-the-hour"]))
  })

  test.each([
    ["the north", (hour: number) => hour >= 2018 && hour < 7226],
    ["the south", (hour: number) => hour < 2187 || hour >= 6555],
  ])("of a clock with daylight saving in %s is put right", (_, summer) => {
    // The clock of an hour of standard time: one on in summer; rows begin at the clock's midnight.
    const body = rows().map((row, i) => [stamp(JANUARY + (i + (summer(i) ? 1 : 0)) * 3_600_000), ...row.slice(1)])
    const year = table(body)
    expect(codes(year)).toContain("daylight-saving")
    expect(year.filled).toEqual([])
    expect(temperatures(year).every((value, i) => Math.abs(value - plain[i]!) < 1e-9)).toBe(true)
  })

  test("with an hour missing in March and another told twice in October keeps its clock", () => {
    const body = rows()
    body.splice(7000, 0, [...body[7000]!])
    body.splice(1900, 1)
    const year = table(body)
    expect(codes(year)).toEqual(["doubled", "sky"])
    expect(year.filled.map(({ hours }) => hours)).toEqual([1, 1, 1, 1, 1, 1])
    expect(year.hours[5000]!.temperature).toBeCloseTo(plain[5000]!, 9)
  })

  test("with one row at its end that belongs before says so; hours told by the next midnight are of their year", () => {
    const body = rows()
    const [moved] = body.splice(3000, 1)
    const year = table([...body, moved!])
    expect(codes(year)).toContain("out-of-order")
    expect(temperatures(year).every((value, i) => Math.abs(value - plain[i]!) < 1e-9)).toBe(true)
    const next = table([...rows().slice(1), ["2024-01-01 00:00", ...rows()[0]!.slice(1)]])
    expect(next.start).toBe("2023-01-01T00:00:00+01:00")
  })

  test("of a leap year loses its 29 February, and one that begins in July is told from January", () => {
    const leap = Array.from({ length: 8784 }, (_, i) => [stamp(Date.UTC(2024, 0, 1) + i * 3_600_000), "10", "0.5"])
    const year = table(leap)
    expect(codes(year)).toEqual(["leap-day", "no-sun", "not-told", "year", "sky"])
    expect(year.start).toBe("2023-01-01T00:00:00+01:00")
    const july = rows()
    const turned = table([...july.slice(4344), ...july.slice(0, 4344)])
    expect(temperatures(turned)).toEqual(temperatures(table(july)))
    expect(codes(turned)).toEqual(["sky"])
  })

  test("that is short of more than a tenth is refused, whether rows or a field are missing", () => {
    const short = rows().slice(900)
    expect(() => table(short)).toThrow(/7860 of the 8760 hours/)
    const body = rows()
    for (let i = 0; i < 900; i++) body[i]![1] = ""
    expect(() => table(body)).toThrow(/"temperature" is missing or bad in 900/)
    expect(() => table(rows().slice(876))).not.toThrow()
  })

  test("of anything at all gives a year or words", () => {
    fc.assert(
      fc.property(fc.array(fc.array(fc.string({ maxLength: 12 }), { maxLength: 8 }), { maxLength: 30 }), fc.boolean(), (any, comma) => {
        for (const read of [() => weatherOfTable([HEAD, ...any], comma, PLACE, undefined, undefined), () => weatherOfEpw(any)])
          try {
            read()
          } catch (error) {
            expect(error).toBeInstanceOf(InputError)
          }
      }),
      { numRuns: 40 },
    )
  })
})

describe("an EPW file", () => {
  const head = [
    ["LOCATION", "Heron Test", "-", "ZZZ", "invented", "999", "40.5", "-3.5", "1", "600"],
    ...["DESIGN CONDITIONS", "TYPICAL/EXTREME PERIODS", "GROUND TEMPERATURES", "HOLIDAYS/DAYLIGHT SAVINGS", "COMMENTS 1", "COMMENTS 2"].map(
      (name) => [name, "0"],
    ),
    ["DATA PERIODS", "1", "1", "Data", "Sunday", "1/1", "12/31"],
  ]
  /** A row by the data dictionary: 35 fields. */
  const row = (hour: number): string[] => {
    const date = new Date(JANUARY + hour * 3_600_000)
    const fields = new Array<string>(35).fill("0")
    const set = { 0: "2009", 1: date.getUTCMonth() + 1, 2: date.getUTCDate(), 3: date.getUTCHours() + 1, 4: "60", 5: "?9" }
    const values = {
      6: warmth(hour).toFixed(1),
      7: "5",
      8: "60",
      9: "101000",
      12: "300",
      14: "400",
      15: "80",
      21: "4",
      22: "5",
      23: "5",
      33: "999",
    }
    for (const [at, value] of Object.entries({ ...set, ...values })) fields[Number(at)] = String(value)
    return fields
  }
  const file = () => [...head, ...Array.from({ length: HOURS }, (_, hour) => row(hour))]

  test("gives its place, its hours and the sky by its infrared", () => {
    const year = weatherOfEpw(file())
    expect(year).toMatchObject({
      name: "Heron Test",
      latitude: 40.5,
      longitude: -3.5,
      timeZone: 1,
      elevation: 600,
      start: "2009-01-01T00:00:00+01:00",
    })
    expect(year.hours[17]).toMatchObject({ relativeHumidity: 0.6, directNormal: 400, diffuseHorizontal: 80, windSpeed: 4, rain: 0 })
    // (300 / 5.670374419e-8)^¼ = 269.70 K.
    expect(year.hours[17]!.skyTemperature).toBeCloseTo(-3.45, 1)
    expect(codes(year)).toEqual(["not-told", "sky"])
  })

  test("has codes for what is missing, and lines that are no hours", () => {
    const lines = file()
    for (const [at, missing] of [
      [6, "99.9"],
      [8, "999"],
      [12, "9999"],
      [14, "9999"],
      [15, "9999"],
      [21, "999"],
    ] as const)
      lines[8 + 40]![at] = missing
    lines[8 + 60] = ["what", "is", "this"]
    lines[8 + 70]![6] = "warm"
    lines[8 + 71]![6] = "85"
    const year = weatherOfEpw(lines)
    expect(year.bad.map(({ row: line, field }) => [line, field])).toEqual([
      [69, "time"],
      [79, "temperature"],
      [80, "temperature"],
    ])
    const hours = (field: string) => year.filled.find((one) => one.field === field)
    expect(hours("temperature")).toEqual({ field: "temperature", hours: 4, how: STRAIGHT })
    expect(hours("directNormal")).toEqual({ field: "directNormal", hours: 2, how: STRAIGHT })
    expect(year.notes.find(({ code }) => code === "sky")!.text).toMatch(
      /infrared in 8758 hours, from dew point and cloud cover .* in 1 hours/,
    )
  })

  test("that is none is refused in words", () => {
    expect(() => weatherOfEpw([["hello"]])).toThrow(/begins with LOCATION/)
    expect(() => weatherOfEpw([head[0]!.with(6, "200"), ...file().slice(1)])).toThrow(/latitude/)
    expect(() => weatherOfEpw(head.slice(0, -1))).toThrow(/DATA PERIODS/)
  })
})

describe("a year made from normals", () => {
  const month = fc.record({
    dailySwing: fc.double({ min: 3, max: 15, noNaN: true }),
    relativeHumidity: fc.double({ min: 0.2, max: 0.92, noNaN: true }),
    clearness: fc.double({ min: 0.15, max: 0.75, noNaN: true }),
    windSpeed: fc.double({ min: 0, max: 10, noNaN: true }),
    rain: fc.double({ min: 0, max: 600, noNaN: true }),
  })
  const normals = fc
    .record({
      mean: fc.double({ min: -10, max: 27, noNaN: true }),
      amplitude: fc.double({ min: 0, max: 18, noNaN: true }),
      months: fc.array(month, { minLength: 12, maxLength: 12 }),
    })
    .map(({ mean, amplitude, months }) =>
      months.map((one, i): MonthlyNormals => ({ ...one, temperature: mean - amplitude * Math.cos((Math.PI * (i - 0.5)) / 6) })),
    )

  test("comes back to them, and to no sun or water that cannot be", () => {
    fc.assert(
      fc.property(normals, fc.integer({ min: -66, max: 66 }), fc.nat(1000), (asked, latitude, seed) => {
        const year = syntheticYear(asked, { ...PLACE, latitude }, seed)
        for (const [i, got] of year.monthly.entries()) {
          expect(Math.abs(got.temperature - asked[i]!.temperature)).toBeLessThan(0.2)
          expect(Math.abs(got.dailySwing - asked[i]!.dailySwing)).toBeLessThan(0.2)
          expect(Math.abs(got.relativeHumidity - asked[i]!.relativeHumidity)).toBeLessThan(0.02)
          // Of a month that never thaws for a shower none is told; what is told is rounded to a hundredth of a millimetre an hour.
          const fell = rainOf(year, i)
          expect(fell < 1e-9 || Math.abs(fell - asked[i]!.rain!) < 1.5).toBe(true)
        }
        expect(year.hours.filter(({ rain, temperature }) => rain > 0 && temperature < 0)).toEqual([])
        const cannotBe = year.hours.filter(
          ({ directNormal, diffuseHorizontal, relativeHumidity, temperature, skyTemperature }) =>
            !(directNormal >= 0 && directNormal < 1361 && diffuseHorizontal >= 0) ||
            !(relativeHumidity > 0 && relativeHumidity <= 1 && skyTemperature <= temperature),
        )
        expect(cannotBe).toEqual([])
      }),
      { numRuns: 3, endOnFailure: true },
    )
  })

  // Sun outside the atmosphere on level ground, mean of the month, MJ/m² a day: Duffie and Beckman, Solar Engineering of Thermal Processes,
  // 4th ed., table 1.10.1, latitude 45° north.
  const OUTSIDE_45 = [12.2, 17.4, 25.1, 33.2, 39.2, 41.7, 40.4, 35.3, 27.8, 19.6, 13.3, 10.7]
  test("has the sun that its clearness gives of that outside the atmosphere", () => {
    const asked = OUTSIDE_45.map((): MonthlyNormals => ({
      temperature: 10,
      dailySwing: 8,
      relativeHumidity: 0.6,
      clearness: 0.5,
      windSpeed: 3,
    }))
    const year = syntheticYear(asked, { ...PLACE, latitude: 45 }, 3)
    for (const [i, outside] of OUTSIDE_45.entries())
      expect(year.monthly[i]!.globalHorizontal / ((outside * 1e6 * 0.5) / 86_400)).toBeCloseTo(1, 1)
  })

  test("is the same for the same seed and another for another", () => {
    const asked = normalsOf(CLIMATE_STATIONS["linden-vale"]!)
    expect(syntheticYear(asked, PLACE, 7)).toEqual(syntheticYear(asked, PLACE, 7))
    expect(temperatures(syntheticYear(asked, PLACE, 8))).not.toEqual(temperatures(syntheticYear(asked, PLACE, 7)))
  })
})

test.each(Object.entries(CLIMATE_STATIONS))("the year of %s comes to the station's normals and design temperatures", (id, station) => {
  const year = stationYearOf(id)
  const values = Float64Array.from(temperatures(year))
  expect(Math.abs(quantile(values, 0.004) - station.winter.temperature)).toBeLessThan(0.5)
  expect(Math.abs(quantile(values, 0.996) - station.summer.temperature)).toBeLessThan(0.5)
  for (const [i, { temperature }] of year.monthly.entries()) expect(temperature).toBeCloseTo(station.monthlyTemperature[i]!, 1)
  const [cold, warm] = [Math.min, Math.max].map((of) => station.monthlyTemperature.indexOf(of(...station.monthlyTemperature)))
  expect(Math.abs(rainOf(year, warm!) - station.months.rain[1])).toBeLessThan(1.5)
  if (station.monthlyTemperature[cold!]! > 5) expect(Math.abs(rainOf(year, cold!) - station.months.rain[0])).toBeLessThan(1.5)
})

/** mm that fall in a month. */
const rainOf = ({ hours }: WeatherYear, month: number): number =>
  sum(hours.filter((_, i) => MONTH_OF_HOUR[i] === month).map(({ rain }) => rain * 3600))

test("rain falls on a month's dullest days and on few of a dry one; normals that tell none have none", () => {
  const asked = normalsOf(CLIMATE_STATIONS["callow-plain"]!)
  const { hours } = syntheticYear(asked, PLACE, 7)
  const days = Array.from({ length: 31 }, (_, day) => hours.slice((181 + day) * 24, (182 + day) * 24))
  const [wet, fine] = [true, false].map((wet) => days.filter((day) => day.some(({ rain }) => rain > 0) === wet))
  // 8 mm in July, 6 mm on a wet day: two of them.
  expect(wet).toHaveLength(2)
  const light = (day: typeof hours) => sum(day.map(({ directNormal }) => directNormal))
  expect(Math.max(...wet!.map(light))).toBeLessThan(Math.min(...fine!.map(light)) + 1)
  const dry = syntheticYear(
    asked.map(({ rain: _, ...month }) => month),
    PLACE,
    7,
  )
  expect(dry.hours.every(({ rain }) => rain === 0)).toBe(true)
  expect(dry.notes.map(({ code }) => code)).toContain("no-rain")
})

test("the start of a year is told with its offset", () => {
  expect(startText(2023, -3.5)).toBe("2023-01-01T00:00:00-03:30")
})
