import { availableParallelism } from "node:os"
import { join } from "node:path"
import { Piscina } from "piscina"
import type { Outcome } from "../schema/outcome"
import type * as Worker from "./calc-worker"

/** A call that takes longer is ended, ms. */
const LONGEST = 20_000
/** Calls that may wait for a thread. */
const MOST_WAITING = 16

const holder = globalThis as { pelzhausCalculator?: Piscina }

/** Threads that calculate; one core is left for those who open and save jobs. */
const threads = (): Piscina => (holder.pelzhausCalculator ??= begun())

function begun(): Piscina {
  const pool = new Piscina({
    filename: join(process.cwd(), "src", "server", "calc-worker.ts"),
    // What a new thread looks for at once.
    name: "answer",
    execArgv: ["--import", "tsx"],
    minThreads: 0,
    maxThreads: Math.max(1, availableParallelism() - 1),
    maxQueue: MOST_WAITING,
    idleTimeout: 600_000,
  })
  // A thread that answers while it is being ended is no fault of the server, which an error that nobody hears would stop.
  pool.on("error", console.error)
  return pool
}

/**
 * Works out a call of the calculator without holding anybody up.
 * @param gone the caller has left: what was begun for it ends
 * @returns the answer as JSON text, or why there is none
 */
export async function calculate(call: Worker.Call, gone: AbortSignal): Promise<Outcome<string>> {
  const outcome = await inThread<Outcome<string>>("answer", call, gone)
  return outcome.ok ? outcome.value : outcome
}

/** What the shelf shows of a job, with its figures. @see calculate */
export const summarise = (asked: Worker.SummaryAsked, gone: AbortSignal): Promise<Outcome<Worker.Summarised>> =>
  inThread("summary", asked, gone)

/** Follows faces of a job for some seconds. @see calculate */
export const judge = (asked: Worker.SummaryAsked, gone: AbortSignal): Promise<Outcome<ReadonlyMap<string, unknown>>> =>
  inThread("judge", asked, gone)

async function inThread<R>(name: keyof typeof Worker, input: unknown, gone: AbortSignal): Promise<Outcome<R>> {
  const late = AbortSignal.timeout(LONGEST)
  try {
    return { ok: true, value: (await threads().run(input, { name, signal: AbortSignal.any([gone, late]) })) as R }
  } catch (error) {
    if (late.aborted)
      return refused("took-too-long", `It took longer than ${LONGEST / 1000} s and was ended; ask for less, or run it on the command line.`)
    if (gone.aborted) return refused("gone", "Nobody waits for this any more.")
    if (/queue|limit/i.test((error as Error).message)) return refused("calculator-busy", "The calculator is busy; try again in a moment.")
    throw error
  }
}

const refused = (code: string, message: string): Outcome<never> => ({ ok: false, error: { code, path: [], message } })
