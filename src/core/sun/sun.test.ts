import { describe, expect, test } from "@jest/globals"
import { Body, Equator, Horizon, HourAngle, Observer } from "astronomy-engine"
import { CLIMATE_STATIONS } from "../climate/climate-stations"
import { summerDesignDay } from "../climate/design-day"
import { clearSky } from "./clear-sky"
import { equationOfTime, incidenceCosine, solarPosition } from "./solar-position"
import { clearIrradiance, tiltedIrradiance } from "./tilted-irradiance"

const azimuthGap = (a: number, b: number) => Math.abs(((a - b + 540) % 360) - 180)

describe("solar position", () => {
  test("agrees with an independent astronomical library within 0.02°", () => {
    for (const latitude of [-55, -20, 0, 35, 52, 68])
      for (const longitude of [-120, 0, 75])
        for (let day = 0; day < 365; day += 23)
          for (const hour of [3, 9, 15, 20]) {
            const date = new Date(Date.UTC(2026, 0, 1 + day, hour, 17))
            const observer = new Observer(latitude, longitude, 0)
            const { ra, dec } = Equator(Body.Sun, date, observer, true, true)
            const reference = Horizon(date, observer, ra, dec)
            const sun = solarPosition(date.getTime(), latitude, longitude)
            expect(Math.abs(sun.altitude - reference.altitude)).toBeLessThan(0.02)
            // Near the zenith the azimuth turns fast; what counts is the angle on the sky.
            expect(azimuthGap(sun.azimuth, reference.azimuth) * Math.cos((sun.altitude * Math.PI) / 180)).toBeLessThan(0.02)
          }
  })

  test("the equation of time agrees with that library's hour angle within 3 s, all year", () => {
    for (let day = 0; day < 365; day += 5) {
      const date = new Date(Date.UTC(2027, 0, 1 + day, 9, 30))
      // On the meridian of Greenwich: a sundial shows the hour angle and twelve, a clock shows 9:30.
      const ahead = ((HourAngle(Body.Sun, date, new Observer(51, 0, 0)) + 12 - 9.5 + 36) % 24) - 12
      expect(Math.abs(equationOfTime(date.getTime()) - ahead * 3600)).toBeLessThan(3)
    }
  })

  test("incidence on a wall that the sun faces is that of its altitude", () => {
    const sun = { altitude: 30, azimuth: 200, declination: 0 }
    expect(incidenceCosine(sun, 90, 200)).toBeCloseTo(Math.cos(Math.PI / 6), 12)
    expect(incidenceCosine(sun, 0, 0)).toBeCloseTo(0.5, 12)
    expect(incidenceCosine(sun, 90, 20)).toBeLessThan(0)
    expect(incidenceCosine(sun, 180, 0)).toBeCloseTo(-0.5, 12)
  })
})

describe("clear sky", () => {
  test("by hand at 30° in July, τb 0.4, τd 2.2", () => {
    // E0 = 1361(1 + 0.033 cos(2π·202/365)) = 1361·(1 − 0.033·0.944226) = 1318.59
    // m = 1/(0.5 + 0.50572·36.07995^−1.6364) = 1/(0.5 + 0.50572·0.0028290) = 1.994293
    // ab = 1.454 − 0.1624 − 0.5896 + 0.01848 = 0.72048; m^ab = exp(0.72048·0.690290) = 1.644318; Eb = 1318.59·exp(−0.657727) = 683.06
    // ad = 0.507 + 0.082 − 0.176 − 0.1672 = 0.2458; m^ad = exp(0.2458·0.690290) = 1.184928; Ed = 1318.59·exp(−2.606842) = 97.26
    const light = clearSky(30, 202, 0.4, 2.2)
    expect(Math.abs(light.directNormal - 683.1)).toBeLessThan(1)
    expect(Math.abs(light.diffuseHorizontal - 97.3)).toBeLessThan(0.3)
  })

  test("there is no sun below the horizon", () => {
    expect(clearSky(-1, 202, 0.4, 2.2)).toMatchObject({ directNormal: 0, diffuseHorizontal: 0 })
  })
})

describe("sun on a tilted face", () => {
  const light = { directNormal: 800, diffuseHorizontal: 100, extraterrestrial: 1320 }
  const sun = { altitude: 40, azimuth: 180, declination: 20 }

  test("level ground sees all of it", () => {
    // 800 sin 40° + 100: Hay and Davies keep the horizontal sum.
    expect(tiltedIrradiance(sun, light, 0, 0, 0.2)).toBeCloseTo(800 * Math.sin((40 * Math.PI) / 180) + 100, 9)
  })

  test("a shaded wall under a clear sky gets what the clear-sky ratio of walls gives it, by hand", () => {
    // North wall, the sun south at 40°: cosine −cos 40° = −0.766044; 0.55 − 0.334761 + 0.313·0.586824 = 0.398915, so 0.45 of 100;
    // ground 0.2·(514.230 + 100)/2 = 61.423. Hay and Davies alone: 100·0.393939/2 = 19.697.
    expect(clearIrradiance(sun, light, 90, 0, 0.2)).toBeCloseTo(45 + 61.423, 2)
    expect(tiltedIrradiance(sun, light, 90, 0, 0.2)).toBeCloseTo(19.697 + 61.423, 2)
    // A roof of 30° to the north: cosine 0.642788·0.866025 − 0.766044·0.5 = 0.173653; sky 100·(0.45·0.5 + 0.866025) = 109.1025;
    // beam 800·0.173653 = 138.922; ground 0.2·614.230·(1 − 0.866025)/2 = 8.229
    expect(clearIrradiance(sun, light, 30, 0, 0.2)).toBeCloseTo(138.922 + 109.103 + 8.229, 1)
    // Level ground: the same either way.
    expect(clearIrradiance(sun, light, 0, 0, 0.2)).toBeCloseTo(tiltedIrradiance(sun, light, 0, 0, 0.2), 9)
  })

  test("a south wall, by hand", () => {
    // A = 800/1320 = 0.606061; beam 800·cos 40° = 612.836; sky 100·(0.393939/2 + 0.606061·0.766044/0.642788) = 19.697 + 72.227 = 91.924
    // ground 0.2·(514.230 + 100)/2 = 61.423; together 766.18
    expect(tiltedIrradiance(sun, light, 90, 180, 0.2)).toBeCloseTo(766.18, 1)
  })
})

test("the hottest day goes from its highest to its lowest, and the sun culminates near noon", () => {
  for (const station of Object.values(CLIMATE_STATIONS)) {
    const day = summerDesignDay(station, station.summer.temperature, station.summer.relativeHumidity)
    const temperatures = day.map((hour) => hour.temperature)
    expect(Math.max(...temperatures)).toBe(station.summer.temperature)
    expect(Math.max(...temperatures) - Math.min(...temperatures)).toBeCloseTo(station.summer.dailyRange, 9)
    const highest = day.reduce((best, hour) => (hour.sun.altitude > best.sun.altitude ? hour : best))
    expect(Math.abs(highest.hour - 12)).toBeLessThanOrEqual(1)
  }
})
