import { describe, expect, test } from "@jest/globals"
import { isoSaturation } from "../air/iso-saturation"
import { shrinkage } from "./shrinkage"
import { surfaceHumidity } from "./surface-humidity"

const month = (outdoors: number, inside = 20, relativeHumidity = 0.5) => ({
  outside: { temperature: outdoors, relativeHumidity: 0.8 },
  inside: { temperature: inside, relativeHumidity },
})

describe("an inside face through the months, by hand from ISO 13788", () => {
  const months = [-5, -2, 3, 8, 13, 17, 19, 18, 14, 9, 3, -2].map((outdoors) => month(outdoors))

  test("at −5 °C, with 20 °C and 50 %, a face must stand at 0.70", () => {
    // 0.5·2337/0.8 = 1460.6 Pa is saturated at 12.6 °C: (12.6 + 5)/25 = 0.705.
    const { requiredFRsi, criticalMonth, margin, months: told } = surfaceHumidity({ months, fRsi: 0.75 })
    expect(requiredFRsi).toBeCloseTo(0.705, 3)
    expect(criticalMonth).toBe(0)
    expect(margin).toBeCloseTo(0.045, 3)
    expect(told[0]!.surfaceTemperature).toBeCloseTo(13.75, 9)
    expect(told[0]!.surfaceRelativeHumidity).toBeCloseTo((0.5 * isoSaturation(20)) / isoSaturation(13.75), 12)
    expect(told[0]!.risk).toBe("none")
  })

  test("moulds, then sweats, the colder the face", () => {
    const risk = (fRsi: number) => surfaceHumidity({ months, fRsi }).months[0]!.risk
    expect([0.71, 0.69, 0.5].map(risk)).toEqual(["none", "mould", "sweating"])
  })

  test("a month no colder outdoors asks for nothing, and where none is colder nothing is asked", () => {
    const warm = Array.from({ length: 12 }, () => month(25))
    expect(surfaceHumidity({ months: warm, fRsi: 0.5 })).toMatchObject({ criticalMonth: null, requiredFRsi: null, margin: null })
    expect(surfaceHumidity({ months: [month(25), ...months.slice(1)], fRsi: 0.5 }).months[0]!.requiredFRsi).toBeNull()
  })
})

describe("a board, by hand from the Wood Handbook, eq. 4-7", () => {
  test("150 mm of white spruce sawn flat from 19 to 9 % lose 4.1 mm", () => {
    const { change, widthAfter } = shrinkage({ width: 0.15, species: "white-spruce", from: 0.19, to: 0.09 })
    expect(change).toBeCloseTo(-(0.15 * 0.1 * 0.082) / 0.3, 12)
    expect(widthAfter).toBeCloseTo(0.1459, 4)
  })
  test("water above 30 % moves nothing, and what dries and wets again comes back", () => {
    expect(shrinkage({ width: 0.1, tangential: 0.08, from: 0.8, to: 0.3 }).change).toBe(0)
    const dry = shrinkage({ width: 0.1, radial: 0.04, from: 0.2, to: 0.1 }).change
    expect(shrinkage({ width: 0.1, radial: 0.04, from: 0.1, to: 0.2 }).change).toBeCloseTo(-dry, 15)
  })
})
