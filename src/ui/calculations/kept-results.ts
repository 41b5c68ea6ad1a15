import type { Task } from "../../core/results/calculation"
import { call } from "../job/api"

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
