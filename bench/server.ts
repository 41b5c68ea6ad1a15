import { rmSync } from "node:fs"
import { demoJobs } from "../src/edit/start/demo-jobs"
import { createJob } from "../src/store/jobs"
import { openStore, storeFile } from "../src/store/open"
import { medianTime, row, type Row } from "./measure"
import { startServer } from "./start-server"

const FOLDER = ".tmp/bench-server"
const JOBS = 200

/** A long shelf, and whether it is shown while the calculator does all that one call may ask of it. */
export async function benchServer(): Promise<Row[]> {
  rmSync(FOLDER, { recursive: true, force: true })
  const store = openStore(storeFile(FOLDER))
  const now = new Date().toISOString()
  for (let i = 0; i < JOBS; i++) {
    const job = demoJobs()[i % 4]!
    createJob(store, { ...job, name: `${job.name} ${i}` }, now)
  }
  store.close()
  const { address, stop } = await startServer(FOLDER)
  try {
    const shelf = async () => (await (await fetch(address)).arrayBuffer()).byteLength
    const weight = await shelf()
    const time = await medianTime(9, shelf)
    // Two whole jobs are more than one call may ask.
    const body = JSON.stringify([demoJobs()[0]])
    let working = true
    const worst = fetch(`${address}/api/calc/ledger`, { method: "POST", body }).finally(() => (working = false))
    let longest = 0
    while (working) longest = Math.max(longest, await medianTime(1, shelf))
    const { status } = await worst
    if (status !== 200) throw new Error(`The calculator answered ${status}.`)
    return [
      row(`a shelf of ${JOBS} jobs, to its last byte`, time, "ms", 300),
      row(`the same, not compressed`, weight / 1000, "kB", 150),
      row("the shelf at its slowest while the calculator does the most that one call may ask", longest, "ms", 200),
    ]
  } finally {
    stop()
  }
}
