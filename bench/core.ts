import { ledgerOf } from "../src/core/ledger/ledger"
import { activeState } from "../src/core/enclosure/job-state"
import { setThickness } from "../src/edit/assembly-edits"
import { applyEdit } from "../src/edit/edit"
import { demoJobs } from "../src/edit/start/demo-jobs"
import { medianTime, row, type Row } from "./measure"

/** From an edit to the recomputed ledger, without a screen. */
export async function benchCore(): Promise<Row[]> {
  const hut = demoJobs()[2]!
  const faces = ledgerOf(activeState(hut)).surfaces.length
  const edit = (i: number) => {
    const result = applyEdit(hut, setThickness("wall", "l2", 0.1 + (i % 50) / 1000))
    if (!result.ok || !result.value) throw new Error("The edit did nothing.")
    return result.value.job
  }
  const whole = await medianTime(300, (i) => ledgerOf(activeState(edit(i))))
  const editing = await medianTime(300, edit)
  // What the machine does in the same time with nothing but exponentials: the ratio is the same on a fast and a slow one.
  const yardstick = await medianTime(50, () => {
    let sum = 0
    for (let i = 0; i < 100_000; i++) sum += Math.exp(-i / 1e5)
    return sum
  })
  return [
    row(`edit to ledger, core alone, ${faces} faces`, whole, "ms", null),
    row("the same for ten faces, by the face", (whole * 10) / faces, "ms", 5),
    row("of it the edit, its check and its patches", editing, "ms", null),
    row("ledger against 100,000 exponentials", (whole - editing) / yardstick, "times", null),
  ]
}
