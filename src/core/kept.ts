interface Kept<T> {
  result?: { of: T }
  byObject?: WeakMap<object, Kept<T>>
  byValue?: Map<unknown, Kept<T>>
}

/**
 * A pure function that works each result out once, for as long as the objects that it was asked with are in use. Objects are told apart
 * by identity: an edit of a job keeps all that it does not change. The first argument is an object.
 */
export function kept<A extends readonly [object, ...unknown[]], T>(of: (...args: A) => T): (...args: A) => T {
  const root: Kept<T> = {}
  return (...args) => {
    let at = root
    for (const arg of args) at = next(at, arg)
    return (at.result ??= { of: of(...args) }).of
  }
}

function next<T>(at: Kept<T>, arg: unknown): Kept<T> {
  if (typeof arg === "object" && arg !== null) {
    const branches = (at.byObject ??= new WeakMap())
    const known = branches.get(arg) ?? {}
    branches.set(arg, known)
    return known
  }
  const branches = (at.byValue ??= new Map())
  const known = branches.get(arg) ?? {}
  branches.set(arg, known)
  return known
}
