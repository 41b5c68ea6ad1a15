import type { Detail } from "../../core/conduction/detail"
import type { Question, Saying, SolvedDetail } from "./bridge.worker"

interface Waiting extends Question {
  onCells: (cells: number) => void
  settle: (solved: SolvedDetail | null) => void
}

let worker: Worker | null = null
let busy: Waiting | null = null
const waiting: Waiting[] = []

/** The one worker that solves details; it is fetched once, so that it serves while the server is away. */
function started(): Worker {
  if (worker) return worker
  worker = new Worker(new URL("./bridge.worker.ts", import.meta.url), { type: "module" })
  worker.onmessage = ({ data }: MessageEvent<Saying>) => {
    if ("cells" in data) return busy?.onCells(data.cells)
    busy?.settle(data.solved)
    next()
  }
  worker.onerror = () => {
    worker?.terminate()
    worker = null
    busy?.settle(null)
    next()
  }
  return worker
}

function next(): void {
  busy = waiting.shift() ?? null
  if (busy) started().postMessage({ detail: busy.detail, picture: busy.picture } satisfies Question)
}

/**
 * Solves a detail when its turn comes; one whose temperatures are to be seen goes before those that wait.
 * @param onCells hears how large the mesh is that it is at
 * @returns what gives it up, and what comes of it: null when it was given up or could not be solved
 */
export function solve(
  detail: Detail,
  picture: boolean,
  onCells: (cells: number) => void = () => {},
): { solved: Promise<SolvedDetail | null>; giveUp: () => void } {
  let asked!: Waiting
  const solved = new Promise<SolvedDetail | null>((resolve) => {
    asked = { detail, picture, onCells, settle: resolve }
    waiting[picture ? "unshift" : "push"](asked)
  })
  if (!busy) next()
  const giveUp = () => {
    const at = waiting.indexOf(asked)
    if (at >= 0) waiting.splice(at, 1)
    else if (busy === asked) {
      // A busy worker hears nothing: it is ended, and the next one begins with what waits.
      worker?.terminate()
      worker = null
      next()
    }
    asked.settle(null)
  }
  return { solved, giveUp }
}
