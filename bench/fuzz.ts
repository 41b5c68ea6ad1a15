import fc from "fast-check"
import { ledgerOf } from "../src/core/ledger/ledger"
import { solvedLedger } from "../src/core/ledger/solved-ledger"
import { activeState } from "../src/core/enclosure/job-state"
import { anyJob, numbersIn } from "../tests/arbitrary/any-job"

// Random jobs through the whole core: no exception, no hole in any figure, each face between its limits, and none that loses less than
// without its members unless it says why. Every so many jobs all details are solved too.
const RUNS = Number(process.argv[2] ?? 10_000)
const SOLVED = 200

let run = 0
fc.assert(
  fc.property(anyJob, (job) => {
    run++
    const state = activeState(job)
    const ledger = run % SOLVED === 0 ? solvedLedger(state) : ledgerOf(state)
    if (!numbersIn(ledger).every(Number.isFinite)) throw new Error("a figure is not a number")
    for (const { id, winter, transmittance, notes } of ledger.surfaces) {
      const { resistanceUpper, resistanceLower, resistanceTotal, centreResistance, corrections } = winter
      if (resistanceTotal > resistanceUpper * (1 + 1e-9) || resistanceTotal < resistanceLower * (1 - 1e-9))
        throw new Error(`${id}: R lies outside its limits`)
      const bare = 1 / centreResistance + corrections.voids + corrections.fasteners
      if (transmittance < bare * (1 - 1e-9) && !notes.some(({ code }) => code === "insulating-members"))
        throw new Error(`${id}: loses less with its members than without`)
    }
    if (run % 1000 === 0) console.log(`${run} jobs`)
  }),
  { numRuns: RUNS, endOnFailure: true, ...(process.argv[3] ? { seed: Number(process.argv[3]) } : {}) },
)
console.log(`${RUNS} jobs, no fault`)
