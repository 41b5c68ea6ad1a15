import { describe, expect, test } from "@jest/globals"
import { evenBox } from "../../../tests/fixtures/jobs"
import { sketch, stack } from "../../../tests/fixtures/layers"
import { activeState } from "../enclosure/job-state"
import { ledgerOf } from "../ledger/ledger"
import { clearNights } from "./clear-night"

/** A box whose winter is set: outdoors 0 °C and 80 %, and nothing heats it or something does. */
function box(layers: ReturnType<typeof stack>, inside: { temperature: number; relativeHumidity: number }, loss: number | null) {
  const job = evenBox(sketch("one", layers))
  job.brief.indoors.winter = inside
  job.brief.outdoors.winter = { temperature: 0, relativeHumidity: 0.8 }
  job.brief.limits.loss = loss
  return ledgerOf(activeState(job))
}
const roofOf = (ledger: ReturnType<typeof box>) => ledger.surfaces.find(({ face }) => face.part === "roof")!

describe("a clear night", () => {
  test("by hand: what a level sheet of steel loses to the sky, and where its face stands", () => {
    const ledger = box(stack`steel-painted 0.8 there`, { temperature: 10, relativeHumidity: 0.4 }, null)
    const roof = roofOf(ledger)
    const { emissivity } = roof.layers[0]!.material.face
    // Dew point of 0 °C and 80 %: −3.0 °C. Clear sky, Clark and Allen: 0.787 + 0.764·ln(270.1/273.15) = 0.7785; 273.15·0.7785^0.25 = 256.57 K.
    const loss = 5.67e-8 * (273.15 ** 4 - 256.57 ** 4)
    // ISO 6946, C.2 at 1 m/s: 8 + 4·ε·σ·273.15³ = 8 + 4.62·ε.
    const film = 1 / (8 + 4 * emissivity * 5.67e-8 * 273.15 ** 3)
    const [night] = clearNights(roof, ledger.conditions)
    expect(night!.seems).toBeCloseTo(-emissivity * loss * film, 1)
    // Rsi upward 0.10, the sheet 0.8 mm of steel is nothing.
    expect(night!.face).toBeCloseTo(10 - (0.1 / (0.1 + film + 0.0008 / 50)) * (10 - night!.seems), 1)
    expect(night!.skin).toBeCloseTo(night!.face, 1)
  })

  test("rains from bare metal over a store that nothing heats, and not from one with foam under it, nor inside a heated room", () => {
    const damp = { temperature: 5, relativeHumidity: 0.6 }
    const verdict = (ledger: ReturnType<typeof box>) => ledger.moisture[roofOf(ledger).id]!.verdict
    const bare = verdict(box(stack`steel-painted 0.8 there`, damp, 0))
    expect(bare).toMatchObject({ filling: "weeks", harms: true })
    expect(bare.sentence).toMatch(/on clear nights: the sky makes it colder/)
    expect(verdict(box(stack`steel-painted 0.8 there, xps 60`, damp, 0)).sentence).not.toMatch(/clear nights/)
    expect(verdict(box(stack`steel-painted 0.8 there, xps 60`, { temperature: 20, relativeHumidity: 0.4 }, null)).sentence).not.toMatch(
      /clear nights/,
    )
  })

  test("is nothing to a floor, nor to what stands within another building", () => {
    const ledger = box(stack`steel-painted 0.8 there`, { temperature: 10, relativeHumidity: 0.4 }, null)
    const floor = ledger.surfaces.find(({ face }) => face.part === "floor")!
    expect(clearNights(floor, ledger.conditions)).toEqual([])
  })

  test("takes more from a roof than from a wall, which sees half of the sky", () => {
    const ledger = box(stack`steel-painted 0.8 there`, { temperature: 2, relativeHumidity: 0.7 }, null)
    const fall = (id: string) =>
      -clearNights(
        ledger.surfaces.find((surface) => surface.id === id)!,
        ledger.conditions,
      )[0]!.seems
    expect(fall("roof")).toBeCloseTo(2 * fall("left"), 9)
  })
})
