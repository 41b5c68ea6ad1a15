import { describe, expect, test } from "@jest/globals"
import { demo } from "../../../tests/fixtures/jobs"
import { stationYearOf } from "../climate/station-year"
import { activeState } from "../enclosure/job-state"
import { ledgerOf } from "../ledger/ledger"
import { dayOfYear } from "./day-of-year"
import { simulatedYear } from "./year"
import { yearModel } from "./year-model"

const hut = demo("Tern Hut")
const ledger = ledgerOf(activeState(hut))
const model = yearModel(ledger, { ...hut.brief })
const weather = stationYearOf(hut.brief.station)

describe("one day of a year", () => {
  test("day by day comes to what the whole year says of its month", () => {
    const january = Array.from({ length: 31 }, (_, day) => dayOfYear({ model, day }, weather))
    const heat = january.reduce((all, { heating }) => all + heating.reduce((sum, power) => sum + power * 3600, 0), 0)
    expect(heat / simulatedYear(model, weather).months[0]!.heating).toBeCloseTo(1, 3)
  })

  test("a skin in the sun is warmer than the air, under a clear night colder, and a white one cooler by day alone", () => {
    const still = { ...model, coming: { ...model.coming, days: model.coming.days.map(() => false) } }
    const white = { ...still, faces: still.faces.map((face) => ({ ...face, sun: face.sun && { ...face.sun, absorptance: 0.3 } })) }
    const [dark, light] = [still, white].map((of) => dayOfYear({ model: of, day: 201 }, weather)) as [
      ReturnType<typeof dayOfYear>,
      ReturnType<typeof dayOfYear>,
    ]
    const roof = ledger.surfaces.filter(({ netArea }) => netArea > 1e-6).findIndex(({ id }) => id === "roof-right")
    const skin = (day: typeof dark, hour: number) => day.faces[roof]!.skin[hour - 1]! - day.outdoors[hour - 1]!
    expect(skin(dark, 13)).toBeGreaterThan(10)
    expect(skin(light, 13)).toBeLessThan(0.7 * skin(dark, 13))
    expect(skin(dark, 3)).toBeLessThan(-0.5)
    expect(Math.abs(skin(light, 3) - skin(dark, 3))).toBeLessThan(1)
  })
})
