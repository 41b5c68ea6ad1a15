import { demoJobs } from "./src/edit/start/demo-jobs"
import { activeState } from "./src/core/enclosure/job-state"
import { ledgerOf } from "./src/core/ledger/ledger"
import { boardingOf } from "./src/core/takeoff/boarding"
import { sheetPlan } from "./src/core/takeoff/sheet-plan"
import clip from "polygon-clipping"
for (const job of demoJobs()) {
  const s = activeState(job); const l = ledgerOf(s)
  const b = boardingOf(s, l.surfaces)
  const t = performance.now()
  const p = sheetPlan(b, clip as never, 40)
  console.log("##", job.name, Math.round(performance.now() - t), "ms", JSON.stringify(b).length, JSON.stringify(p).length)
  for (const x of p.stuffs) console.log("  ", x.stuff, x.course, "bought", x.bought, x.sheets.length, "cost", x.cost.toFixed(0), "bound", x.lowerBound.toFixed(0), "waste", x.waste.toFixed(3), "cuts", x.cuts, "sliv", x.slivers, JSON.stringify(x.other), x.fault ?? "", x.sheets.filter(z=>z.from!==null).map(z=>`from ${z.from}: ${z.pieces.length}`).join(";"))
  for (const y of p.layers) console.log("     ", y.face, y.layer, y.stuff, y.course, y.pieces.length, "apart", y.apart.toFixed(2), y.unheld ? "UNHELD" : "")
}
