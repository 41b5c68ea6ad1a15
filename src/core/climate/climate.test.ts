import { describe, expect, test } from "@jest/globals"
import { CLIMATE_STATIONS, climateStationOf } from "./climate-stations"
import { annualMean, summerDesignDay } from "./design-day"

describe.each(Object.entries(CLIMATE_STATIONS))("%s", (_, station) => {
  const day = summerDesignDay(station, station.summer.temperature, station.summer.relativeHumidity)

  // ASHRAE Fundamentals 2017, ch. 14, table 6: the highest at 14 and 15 h, the whole daily range below it at 5 h, half of it at 20 h.
  test("the design day runs between its highest temperature and a daily range below it", () => {
    const at = (hour: number) => day.find((one) => one.hour === hour)!.temperature
    const { temperature, dailyRange } = station.summer
    expect([at(14), at(15)]).toEqual([temperature, temperature])
    expect(at(5)).toBeCloseTo(temperature - dailyRange, 9)
    expect(at(20)).toBeCloseTo(temperature - dailyRange / 2, 9)
    expect(Math.max(...day.map((hour) => hour.temperature))).toBe(temperature)
  })

  test("the sun stands highest about noon, at 90° less the latitude and 20.5° of declination more", () => {
    const highest = day.reduce((best, hour) => (hour.sun.altitude > best.sun.altitude ? hour : best))
    expect(Math.abs(highest.hour - 12)).toBeLessThanOrEqual(1)
    // Declination of 21 July by the almanac 20.5°; a whole hour off noon costs a few degrees at most.
    expect(Math.abs(highest.sun.altitude - (90 - Math.abs(station.latitude - 20.5)))).toBeLessThan(3)
  })

  test("is dark at night and gives no more than the sun outside the air by day", () => {
    for (const { sun, light } of day) {
      if (sun.altitude <= 0) expect([light.directNormal, light.diffuseHorizontal]).toEqual([0, 0])
      expect(light.directNormal).toBeLessThan(1361)
    }
    expect(Math.max(...day.map(({ light }) => light.directNormal))).toBeGreaterThan(500)
  })

  test("the year's mean lies between its coldest and its warmest month", () => {
    const mean = annualMean(station)
    expect(mean).toBeGreaterThan(Math.min(...station.monthlyTemperature))
    expect(mean).toBeLessThan(Math.max(...station.monthlyTemperature))
  })
})

test("a place that is not there is an error that names it", () => expect(() => climateStationOf("nowhere")).toThrow(/nowhere/))
