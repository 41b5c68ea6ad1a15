import fc from "fast-check"
import clip from "polygon-clipping"
import { ledgerOf } from "../src/core/ledger/ledger"
import { solvedLedger } from "../src/core/ledger/solved-ledger"
import { activeState } from "../src/core/enclosure/job-state"
import { sheetPlan } from "../src/core/takeoff/sheet-plan"
import { anyBoards } from "../tests/arbitrary/any-boards"
import { anyJob, numbersIn } from "../tests/arbitrary/any-job"
import { checkPlan } from "../tests/fixtures/laid-check"

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

// Random boards on random faces out of random sheets, held against what they are to do without the program's own geometry.
const BOARDS = Math.ceil(RUNS / 2)
let laid = 0
fc.assert(
  fc.property(anyBoards, (boarding) => {
    checkPlan(boarding, sheetPlan(boarding, clip, 0))
    if (++laid % 1000 === 0) console.log(`${laid} faces with boards`)
  }),
  { numRuns: BOARDS, endOnFailure: true },
)
console.log(`${BOARDS} faces with boards, no fault`)
