import fc from "fast-check"
import clip from "polygon-clipping"
import { type Ledger, ledgerOf } from "../src/core/ledger/ledger"
import { solvedLedger } from "../src/core/ledger/solved-ledger"
import { activeState, type JobState } from "../src/core/enclosure/job-state"
import { centreOfMass, faceMasses } from "../src/core/takeoff/added-mass"
import { boardingOf } from "../src/core/takeoff/boarding"
import { sheetPlan } from "../src/core/takeoff/sheet-plan"
import { layerMoney, shoppingList } from "../src/core/takeoff/shopping"
import { attempt } from "../src/schema/outcome"
import { anyBoards } from "../tests/arbitrary/any-boards"
import { anyJob, numbersIn } from "../tests/arbitrary/any-job"
import { checkPlan } from "../tests/fixtures/laid-check"

// Random jobs through the whole core: no exception, no hole in any figure, each face between its limits, and none that loses less than
// without its members unless it says why. Every so many jobs all details are solved too.
const RUNS = Number(process.argv[2] ?? 10_000)
const SOLVED = 200
// Of so many the boards are laid and cut, and what is bought and weighed of them is looked at.
const TAKEN_OFF = 20

function takeOff(state: JobState, ledger: Ledger): void {
  const boarding = boardingOf(state, ledger.surfaces)
  const read = attempt(() => sheetPlan(boarding, clip, 0))
  // What cannot be laid says what to mend.
  if (!read.ok) return
  checkPlan(boarding, read.value)
  const list = shoppingList(state, ledger.surfaces, ledger.bill, boarding, read.value)
  const centre = centreOfMass(faceMasses(state.shell, ledger.surfaces))
  const figures = [...list.map(({ count }) => count), ...layerMoney(ledger.surfaces, ledger.bill, read.value).map(({ money }) => money)]
  if (!figures.every((figure) => figure >= 0 && Number.isFinite(figure))) throw new Error("the list counts what is none")
  if (centre && !centre.at.every(Number.isFinite)) throw new Error("the weight lies nowhere")
}

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
    if (run % TAKEN_OFF === 0) takeOff(state, ledger)
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
