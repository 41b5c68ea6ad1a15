import { describe, expect, test } from "@jest/globals"
import { isHidden, isOpen, OPEN_SKY } from "./horizon"

describe("what hides the sun", () => {
  // 20° in the east, level elsewhere: half way to the north-east and the south-east it is 10°.
  const east = { horizon: [0, 0, 20, 0, 0, 0, 0, 0], roof: null }
  test.each([
    [90, 19.9, true],
    [90, 20.1, false],
    [67.5, 9.9, true],
    [112.5, 10.1, false],
    [45, 1, false],
    [270, 1, false],
    [450, 19, true],
    [-270, 19, true],
  ])("at %d° from north and %d° up: %s", (azimuth, altitude, hidden) => expect(isHidden(east, { azimuth, altitude })).toBe(hidden))

  test("goes round: between north-west and north", () => {
    const north = { horizon: [10, 0, 0, 0, 0, 0, 0, 0], roof: null }
    expect(isHidden(north, { azimuth: 337.5, altitude: 4.9 })).toBe(true)
    expect(isHidden(north, { azimuth: 337.5, altitude: 5.1 })).toBe(false)
  })

  test("a roof hides what is higher", () => {
    const under = { ...OPEN_SKY, roof: 30 }
    expect([29, 31].map((altitude) => isHidden(under, { azimuth: 180, altitude }))).toEqual([false, true])
    expect([OPEN_SKY, under, east].map(isOpen)).toEqual([true, false, false])
  })
})
