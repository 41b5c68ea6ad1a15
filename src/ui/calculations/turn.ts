import { keyOf, type Task } from "../../core/results/calculation"

/** Whether a task takes seconds and waits for all else. */
export const isLate = ({ calculation }: Task): boolean => calculation.keeps ?? false

/** All that owners want, by its key; what takes seconds comes last, and of that first what was asked for latest: it is what is looked at. */
export function inTurn(wanted: ReadonlyMap<string, readonly Task[]>): Map<string, Task> {
  const owners = [...wanted.values()]
  const soon = owners.flatMap((tasks) => tasks.filter((one) => !isLate(one)))
  const late = owners.reverse().flatMap((tasks) => tasks.filter(isLate))
  return new Map([...soon, ...late].map((one) => [keyOf(one), one]))
}

/**
 * Lets tasks that take seconds wait until none that is new was wanted for a while; those that were wanted before go on.
 * @param rest ms
 * @param again is called when they have waited long enough
 */
export function restedAfter(rest: number, again: () => void): (all: Map<string, Task>) => Map<string, Task> {
  let known: ReadonlySet<string> = new Set()
  let changed = -Infinity
  let timer: ReturnType<typeof setTimeout> | undefined
  return (all) => {
    const late = [...all].flatMap(([key, one]) => (isLate(one) ? [key] : []))
    if (late.some((key) => !known.has(key))) {
      changed = performance.now()
      clearTimeout(timer)
      timer = setTimeout(again, rest + 5)
    }
    known = new Set(late)
    return performance.now() - changed >= rest ? all : new Map([...all].filter(([, one]) => !isLate(one)))
  }
}
