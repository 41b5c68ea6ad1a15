import type { Task } from "../../core/results/calculation"
import { call } from "../job/api"
import type { Pool, Run } from "./pool"

/** Where results are kept that take seconds to be worked out. */
export interface KeptResults {
  find: (task: Task) => Promise<unknown>
  keep: (task: Task, result: unknown) => void
}

/** The store behind the server; while that is away nothing is found, and nothing kept. */
export const KEPT_BY_SERVER: KeptResults = {
  async find({ calculation: { kind, key }, input }) {
    const answer = await call<{ result: unknown }>("POST", "/api/results", { kind, key: key(input) })
    return answer.ok ? answer.value.result : null
  },
  keep({ calculation: { kind, key }, input }, result) {
    void call("PUT", "/api/results", { kind, key: key(input), result })
  },
}

/** Finds a result where it is kept, else works it out and has it kept. */
export function foundOrRun(pool: Pool, kept: KeptResults, one: Task, saying: (done: number) => void): Run {
  let run: Run | null = null
  let given = false
  const result = kept.find(one).then(async (found) => {
    if (found !== null || given) return found
    run = pool.run(one, saying)
    const fresh = await run.result
    if (fresh !== null) kept.keep(one, fresh)
    return fresh
  })
  return { result, giveUp: () => ((given = true), run?.giveUp()) }
}
