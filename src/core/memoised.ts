interface Branch<T> {
  result?: { of: T }
  byObject?: WeakMap<object, Branch<T>>
  byValue?: Map<unknown, Branch<T>>
}

/** Numbers and texts told apart at one place; the one asked for longest ago goes first. */
const MOST = 64

/**
 * A pure function that works each result out once, for as long as the objects that it was asked with are in use. Objects are told apart
 * by identity, so a function is given just what its result depends on: an edit of a job keeps all that it does not change. The first
 * argument is an object.
 */
export function memoised<A extends readonly [object, ...unknown[]], T>(of: (...args: A) => T): (...args: A) => T {
  const root: Branch<T> = {}
  return (...args) => {
    let at = root
    for (const arg of args) at = next(at, arg)
    return (at.result ??= { of: of(...args) }).of
  }
}

function next<T>(at: Branch<T>, arg: unknown): Branch<T> {
  if (typeof arg === "object" && arg !== null) {
    const branches = (at.byObject ??= new WeakMap())
    let known = branches.get(arg)
    if (!known) branches.set(arg, (known = {}))
    return known
  }
  const branches = (at.byValue ??= new Map())
  const known = branches.get(arg) ?? {}
  // Laid in anew it is the last to go.
  if (branches.size > 1) branches.delete(arg)
  branches.set(arg, known)
  if (branches.size > MOST) branches.delete(branches.keys().next().value)
  return known
}
