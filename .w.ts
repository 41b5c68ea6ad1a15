import fc from "fast-check"
import clip from "polygon-clipping"
import { sheetPlan } from "./src/core/takeoff/sheet-plan"
import { anyBoards } from "./tests/arbitrary/any-boards"
import { checkPlan } from "./tests/fixtures/laid-check"
let laid = 0
fc.assert(fc.property(anyBoards, (boarding) => { checkPlan(boarding, sheetPlan(boarding, clip, 0)); if (++laid % 500 === 0) console.log(laid) }), { numRuns: 5000, endOnFailure: true })
console.log("done", laid)
