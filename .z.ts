import { writeFileSync } from "node:fs"
import fc from "fast-check"
import clip from "polygon-clipping"
import { activeState } from "./src/core/enclosure/job-state"
import { ledgerOf } from "./src/core/ledger/ledger"
import { boardingOf } from "./src/core/takeoff/boarding"
import { sheetPlan } from "./src/core/takeoff/sheet-plan"
import { anyJob } from "./tests/arbitrary/any-job"
let n = 0, layers = 0, faults: Record<string, number> = {}, worst = 0, retried = 0
const counting = { intersection: (...a: any) => { try { return (clip as any).intersection(...a) } catch (e) { retried++; throw e } }, difference: (...a: any) => { try { return (clip as any).difference(...a) } catch (e) { retried++; throw e } } }
fc.assert(fc.property(anyJob, (job) => {
  const s = activeState(job)
  const b = boardingOf(s, ledgerOf(s).surfaces)
  const t = performance.now(); writeFileSync("/tmp/last.json", JSON.stringify(b))
  const p = sheetPlan(b, counting as never, 0)
  const d = performance.now() - t
  if (d > worst) { worst = d; console.log("slow", d.toFixed(0), p.layers.length, Math.max(0,...p.layers.map(l=>l.pieces.length)), p.layers.find(l=>l.pieces.length>500)?.stuff) }
  n++; layers += p.layers.length
  for (const x of p.stuffs) if (x.fault) faults[x.fault.slice(0, 70)] = (faults[x.fault.slice(0, 70)] ?? 0) + 1
}), { numRuns: Number(process.argv[2] ?? 60), seed: 5, endOnFailure: true })
console.log(n, layers, worst, "clip failures", retried, faults)
