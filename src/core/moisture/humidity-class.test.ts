import { expect, test } from "@jest/globals"
import { demo } from "../../../tests/fixtures/jobs"
import { activeState } from "../enclosure/job-state"
import { ledgerOf } from "../ledger/ledger"
import { judgements } from "./build-rules"
import { humidityClass } from "./humidity-class"

const months = (inside: number, beyond: number) => [
  { inside: { temperature: 20, relativeHumidity: inside }, beyond: { temperature: beyond, relativeHumidity: 0.85 } },
]

test("how damp the air inside is by ISO 13788, annex A, by hand", () => {
  // 20 °C: 2338.8 Pa. At −10 °C and 85 %: 0.85·259.9 = 220.9 Pa. 35 %: 818.6 − 220.9 = 597.7, class 3; 50 %: 1169.4 − 220.9 = 948.5, class 4.
  expect(humidityClass(months(0.35, -10))).toBe(3)
  expect(humidityClass(months(0.5, -10))).toBe(4)
  expect(humidityClass(months(0.6, -10))).toBe(5)
  // At 10 °C the limits are half: 0.85·1228 = 1043.8; 1169.4 − 1043.8 = 125.6 of 135.
  expect(humidityClass(months(0.5, 10))).toBe(1)
  expect(humidityClass(months(0.2, 5))).toBeNull()
})

test("ground under a freezer freezes where its floor is thin, and what it would take is told: by hand from U", () => {
  const job = demo("Cold Nettle")
  for (const season of ["winter", "summer"] as const) job.brief.indoors[season] = { temperature: -18, relativeHumidity: 0.85 }
  const variant = job.variants.first!
  const layers = variant.assemblies[variant.wears.floor!]!.layers
  for (const layer of Object.values(layers)) if (layer.material === "xps") layer.thickness = 0.01
  const ledger = ledgerOf(activeState(job))
  const floor = ledger.surfaces.find(({ face }) => face.part === "floor")!
  const { water } = ledger.moisture[floor.id]!
  const heave = judgements({ kind: "cold-room", surface: floor, water, sweats: null }).find(({ rule }) => rule === "frost-heave")!
  expect(heave.warns).toBe(true)
  expect(floor.ground!.direction).toBe("up")
  const { annualMean } = ledger.conditions
  const [under, asked] = heave.figures.map(({ value }) => value) as [number, number]
  // The floor with its film has R; the ground the rest of 1/U. Where they meet: −18 + R·U·(mean + 18).
  const own = 0.1 + floor.layers.reduce((all, { layer, conductivity }) => all + layer.thickness / conductivity, 0)
  expect(under).toBeCloseTo(-18 + own * floor.ground!.uValue * (annualMean + 18), 1)
  expect(under).toBeLessThan(0)
  // At 0 °C where they meet: R/(R + ground) = 18/(mean + 18).
  const soil = 1 / floor.ground!.uValue - own
  expect(asked / (asked + soil)).toBeCloseTo(18 / (annualMean + 18), 2)
})
