import { type Calculation, keyOf, type Task, task } from "./calculation"

/** What is worked out so far. */
export interface Results {
  of: <I, R>(calculation: Calculation<I, R>, input: I) => R | undefined
}

/** Results that grow as tasks are done; more than `most` are not kept, the one asked for longest ago goes first. */
export interface GrowingResults extends Results {
  add: (task: Task, result: unknown) => void
}

/** An empty store of results. */
export function growingResults(most = 5000): GrowingResults {
  const known = new Map<string, { of: unknown }>()
  const lay = (key: string, result: { of: unknown }, { kind, most: alike }: Pick<Calculation<never, unknown>, "kind" | "most">) => {
    // Laid in anew it is the last to go.
    known.delete(key)
    known.set(key, result)
    if (known.size > most) known.delete(known.keys().next().value!)
    if (alike === undefined) return
    const own = [...known.keys()].filter((one) => one.startsWith(`${kind}:`))
    for (const old of own.slice(0, Math.max(0, own.length - alike))) known.delete(old)
  }
  return {
    of<I, R>(calculation: Calculation<I, R>, input: I): R | undefined {
      const key = keyOf(task(calculation, input))
      const found = known.get(key)
      if (found) lay(key, found, calculation)
      return found?.of as R | undefined
    },
    add: (done, result) => lay(keyOf(done), { of: result }, done.calculation),
  }
}
