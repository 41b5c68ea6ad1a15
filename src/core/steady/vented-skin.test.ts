import { describe, expect, test } from "@jest/globals"
import { evenBox } from "../../../tests/fixtures/jobs"
import { sketch, stack } from "../../../tests/fixtures/layers"
import { activeState } from "../enclosure/job-state"
import { ledgerOf } from "../ledger/ledger"
import { SUMMER_OUTDOOR_RESISTANCE } from "../assembly/surface-resistance"
import { ventedSunFilms } from "./vented-skin"

describe("the sun on a skin before a vented gap", () => {
  test("leaves both balances closed", () => {
    // Above the outdoor air, with α·I = 600 W/m² and no difference between indoors and outdoors; wall, film 0.13: h = 7.692 W/(m²·K).
    const [sun, h, transmittance] = [600, 1 / 0.13, 0.4]
    const hr = (1 / (2 / 0.9 - 1)) * 4 * 5.67e-8 * 283.15 ** 3 // 4.21 W/(m²·K): the value that ISO 6946 gives for dull faces at 10 °C
    expect(hr).toBeCloseTo(4.21, 2)
    const films = ventedSunFilms(transmittance, SUMMER_OUTDOOR_RESISTANCE, "horizontal")
    const skin = films.skin * sun
    const inward = transmittance * films.behind * sun
    // What goes inward drops past the gap's film from the temperature that air and skin make together.
    const behind = (hr / h) * skin - inward / h
    expect(skin * 17 + (h - hr) * skin + hr * (skin - behind)).toBeCloseTo(sun, 6)
    expect(hr * (skin - behind)).toBeCloseTo((h - hr) * behind + inward, 6)
  })

  test.each([5, 20, 60, 150])(
    "a bare dark roof of %i mm takes in more than one with a closed gap, and that more than a vented one",
    (mm) => {
      const gaps = [stack`steel-dark 0.6`, stack`steel-dark 0.6, air 40`, stack`steel-dark 0.6, air 40 vented`]
      const heat = gaps.map((outside) => {
        const job = evenBox(sketch("one", stack`${outside}, stone-wool ${mm}, gypsum-board 12`, 0.9))
        return ledgerOf(activeState(job)).gain.worst.roof!.heat
      })
      expect(heat[0]).toBeGreaterThan(heat[1]! * 1.02)
      expect(heat[1]).toBeGreaterThan(heat[2]! * 1.02)
    },
  )

  test("comes through less than on a skin that lies on what is behind, the more so the less that resists", () => {
    for (const transmittance of [0.1, 0.5, 2, 5])
      for (const direction of ["horizontal", "up", "down"] as const)
        expect(ventedSunFilms(transmittance, SUMMER_OUTDOOR_RESISTANCE, direction).behind).toBeLessThan(SUMMER_OUTDOOR_RESISTANCE * 0.75)
  })
})
