import { describe, expect, test } from "@jest/globals"
import { demoJobs } from "../../../tests/fixtures/jobs"
import { activeState } from "../enclosure/job-state"
import { ledgerOf } from "../ledger/ledger"
import { sum } from "../numeric/sum"
import { designLoads } from "./loads"

describe.each(demoJobs().map((job) => [job.name, job] as const))("what %s asks of heater and cooler", (_, job) => {
  const ledger = ledgerOf(activeState(job))
  const { heating, cooling, equipment } = designLoads(ledger, ledger.loss.total)

  test("adds up from its parts, every hour, and is what the ledger says", () => {
    expect(sum(heating.parts.map(({ heat }) => heat))).toBeCloseTo(ledger.loss.total, 6)
    cooling.hours.forEach((total, i) => expect(sum(cooling.parts.map(({ hours }) => hours[i]!))).toBeCloseTo(total, 6))
    expect([cooling.total, cooling.hour, heating.total]).toEqual([ledger.gain.total, ledger.gain.hour, ledger.loss.total])
    expect(equipment.cooling).toBeGreaterThanOrEqual(cooling.total)
  })

  test("tells the sun apart: it never takes heat out, and none comes at night through glass", () => {
    const suns = cooling.parts.filter(({ kind }) => kind === "sun")
    expect(suns.length > 0).toBe(ledger.surfaces.some(({ adjacent }) => adjacent.kind === "outdoors" && adjacent.sun))
    for (const { hours } of suns) expect(Math.max(...hours)).toBeGreaterThan(0)
    for (const { place, hours } of suns) if (place.startsWith("opening")) expect(hours.slice(0, 3)).toEqual([0, 0, 0])
    for (const { hours } of suns) expect(sum(hours)).toBeGreaterThan(0)
  })
})

test("a cooler that may run sixteen hours has the heat of the day to take out in them, and a reserve", () => {
  const job = structuredClone(demoJobs()[1]!)
  Object.assign(job.brief.inside, { running: 24, reserve: 0 })
  const all = ledgerOf(activeState(structuredClone(job))).gain
  Object.assign(job.brief.inside, { running: 16, reserve: 0.1 })
  const some = ledgerOf(activeState(job)).gain
  expect(some.total).toBe(all.total)
  expect(all.asked).toBe(all.total)
  const mean = sum(all.hours.map(({ total }) => total)) / 24
  expect(some.asked).toBeCloseTo(1.1 * Math.max(all.total, mean * 1.5), 9)
})
