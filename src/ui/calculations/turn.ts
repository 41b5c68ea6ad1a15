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
