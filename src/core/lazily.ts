type Fields<T> = { [K in keyof T]: () => T[K] }

/**
 * An object whose fields are worked out when they are first asked for, each once.
 * @param base an object made so before, whose fields it has too
 */
export function lazily<T extends object>(fields: Fields<T>): T
/** The same with the fields of a base beside its own. */
export function lazily<T extends B, B extends object>(fields: Fields<Omit<T, keyof B>>, base: B): T
/** Fields are told apart by name only: the overloads say which there are. */
export function lazily(fields: Record<string, () => unknown>, base: object = {}): object {
  const object = Object.defineProperties({}, Object.getOwnPropertyDescriptors(base))
  for (const [name, make] of Object.entries(fields)) {
    let made: { of: unknown } | undefined
    Object.defineProperty(object, name, { enumerable: true, configurable: true, get: () => (made ??= { of: make() }).of })
  }
  return object
}
