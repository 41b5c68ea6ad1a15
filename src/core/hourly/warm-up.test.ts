import { describe, expect, test } from "@jest/globals"
import { demoJobs } from "../../../tests/fixtures/jobs"
import { enclosureHours } from "../dynamic/enclosure-hours"
import { activeState } from "../enclosure/job-state"
import { ledgerOf } from "../ledger/ledger"
import { materialOf } from "../material/catalogue"
import { warmUp } from "./warm-up"
import { heldWinter, winterEnclosure, winterModel } from "./winter-enclosure"

const hut = demoJobs()[2]!

describe.each(demoJobs().map((job) => [job.name, job] as const))("%s in its design winter", (_, job) => {
  test("loses at rest what the worst night's loss says", () => {
    const ledger = ledgerOf(activeState(job))
    const { temperature } = ledger.conditions.winter.inside
    const model = winterModel(ledger, ledger.clearVolume)
    // Where the inside is the colder, what takes the heat out is a cooler.
    const held = { setpoint: temperature, capacity: null }
    const { heating, cooling } = enclosureHours(
      { ...winterEnclosure(model), heating: held, cooling: held },
      heldWinter(model, 24 * 80, 3600),
      0,
      temperature,
    )
    const last = heating.at(-1)! - cooling.at(-1)!
    expect(Math.abs(last / ledger.loss.total - 1)).toBeLessThan(2e-3)
  })
})

describe("a cold start", () => {
  const start = (capacity: number, change: (job: typeof hut) => void = () => {}) => {
    const job = structuredClone(hut)
    change(job)
    const ledger = ledgerOf(activeState(job))
    return warmUp(ledger, capacity, ledger.clearVolume)
  }

  test("takes less with a stronger stove, and never ends with one that cannot hold it", () => {
    const times = [3000, 4000, 8000].map((capacity) => start(capacity).time!)
    expect(times[0]).toBeGreaterThan(times[1]!)
    expect(times[1]).toBeGreaterThan(times[2]!)
    const weak = start(0.7 * ledgerOf(activeState(hut)).loss.total)
    expect(weak.time).toBeNull()
    expect(weak.reached).toBeLessThan(hut.brief.indoors.winter.temperature - 2)
  })

  test("of a room of one air and nothing that stores but furniture goes as e says, by hand", () => {
    // All faces of next to no weight: C = 1.204·1006·V + 10000·A, K as at rest; t = C/K·ln(P/(P − K·ΔT)).
    const light = (job: typeof hut) => {
      job.variants.first!.leakage.ach50 = 0
      const foam = { ...job.variants.first!.assemblies.floor!.layers.l1!, material: "own-air", thickness: 0.1, between: null }
      job.materials = {
        "own-air": { ...materialOf("xps"), name: "Foam without weight", density: 0.1, specificHeat: 10 },
      }
      for (const assembly of Object.values(job.variants.first!.assemblies))
        Object.assign(assembly, { layers: { l1: foam }, order: ["l1"], members: {}, edge: null })
    }
    const job = structuredClone(hut)
    light(job)
    const ledger = ledgerOf(activeState(job))
    const { inside, outside } = ledger.conditions.winter
    const difference = inside.temperature - outside.temperature
    const capacity = 1.204 * 1006 * ledger.clearVolume + 10_000 * 3.6 * 4.8
    const conductance = ledger.loss.total / difference
    const power = 2 * ledger.loss.total
    const expected = (capacity / conductance) * Math.log(power / (power - conductance * (difference - 0.1)))
    expect(Math.abs(start(power, light).time! - expected)).toBeLessThan(900)
  })
})
