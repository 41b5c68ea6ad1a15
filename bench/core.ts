import { activeState } from "../src/core/enclosure/job-state"
import { type Ledger, ledgerOf } from "../src/core/ledger/ledger"
import { setLeakage, setMembers, setThickness } from "../src/edit/assembly-edits"
import { setIndoors, setLimits, setUse } from "../src/edit/brief-edits"
import { applyEdit } from "../src/edit/apply-edit"
import type { Edit } from "../src/edit/edit"
import { setAzimuth, setDimension, setPart } from "../src/edit/shell-edits"
import { demoJobs } from "../src/edit/start/demo-jobs"
import type { Job } from "../src/schema/job/job"
import { median, medianRatio, medianTime, row, type Row } from "./measure"

const hut = demoJobs()[2]!

const van = demoJobs()[0]!

const [opening] = Object.keys(hut.shell.openings) as [string]

const thickness = (i: number) => setThickness("wall", "l2", 0.1 + (i % 50) / 1000)
const vanThickness = (i: number) => setThickness("wall", "l2", 0.03 + (i % 50) / 10_000)

/** One edit of each kind, another one each time. */
const OTHERS: Record<string, (i: number) => Edit> = {
  "an opening's name": (i) => setPart("openings", opening, { name: `Door ${i}` }),
  "an opening's size": (i) => setPart("openings", opening, { height: 1.8 + (i % 20) / 200 }),
  "the brief's words": (i) => setUse(`let to ${i} volunteers`),
  "a limit": (i) => setLimits({ money: 1.5 + i }),
  "the inside temperature": (i) => setIndoors("winter", { temperature: 15.01 + (i % 60) / 20 }),
  "the length": (i) => setDimension("length", 4.601 + (i % 50) / 200),
  "where the front looks": (i) => setAzimuth((i % 359) + 0.5),
  "a spacing": (i) => setMembers("wall", "m1", { spacing: 0.401 + (i % 30) / 100 }),
  leakage: (i) => setLeakage({ ach50: 1.01 + (i % 50) / 10 }),
}

/** From an edit to the recomputed ledger, without a screen. */
export async function benchCore(): Promise<Row[]> {
  const faces = ledgerOf(activeState(hut)).surfaces.length
  const whole = await medianTime(300, (i) => allOf(edited(thickness(i))))
  const editing = await medianTime(300, (i) => edited(thickness(i)))
  // What the machine does in the same time with nothing but exponentials: the ratio is the same on a fast and a slow one.
  const yardstick = () => {
    let sum = 0
    for (let i = 0; i < 100_000; i++) sum += Math.exp(-i / 1e5)
    return sum
  }
  const [hutRatio, vanRatio, heatRatio] = [
    await medianRatio(40, (i) => ledgerTime(edited(thickness(i))), yardstick),
    await medianRatio(40, (i) => ledgerTime(edited(vanThickness(i), van)), yardstick),
    await medianRatio(40, (i) => ledgerTime(edited(vanThickness(i), van), DAMP), yardstick),
  ]
  return [
    row(`edit to ledger, core alone, ${faces} faces`, whole, "ms", null),
    row("the same for ten faces, by the face", (whole * 10) / faces, "ms", 5),
    row("of it the edit, its check and its patches", editing, "ms", null),
    row("ledger against 100,000 exponentials", hutRatio, "times", null),
    row("the van's ledger with its hottest day, against 100,000 exponentials", heatRatio, "times", 3),
    row("the same with damp by the months", vanRatio, "times", null),
    ...Object.entries(OTHERS).map(([name, edit]) => row(`ledger after ${name}, against after a thickness`, ratio(edit), "times", 1.3)),
  ]
}

function edited(edit: Edit, job = hut): Job {
  const result = applyEdit(job, edit)
  if (!result.ok || !result.value) throw new Error("The edit did nothing.")
  return result.value.job
}

/** Time that all figures of a job take, ms. */
function ledgerTime(job: Job, left: readonly (keyof Ledger)[] = []): number {
  const start = performance.now()
  allOf(job, left)
  return performance.now() - start
}

/** What of a ledger is damp: it has a row of its own. */
const DAMP: readonly (keyof Ledger)[] = ["moisture", "wettest"]

/** All that the bench shows of a job. @param left out */
function allOf(job: Job, left: readonly (keyof Ledger)[] = []): Ledger {
  const ledger = ledgerOf(activeState(job))
  for (const name of Object.keys(ledger) as (keyof Ledger)[]) if (!left.includes(name)) void ledger[name]
  return ledger
}

/** How long the ledger takes after an edit against how long after another thickness, turn by turn so that both see one machine. */
function ratio(edit: (i: number) => Edit): number {
  const times: [number[], number[]] = [[], []]
  for (let i = 0; i < 200; i++)
    for (const [which, job] of [edited(thickness(i)), edited(edit(i))].entries()) {
      const start = performance.now()
      allOf(job)
      if (i >= 20) times[which]!.push(performance.now() - start)
    }
  return median(times[1]) / median(times[0])
}
