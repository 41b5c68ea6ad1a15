/**
 * Numbers that look like chance and are the same for the same seed: uniform in 0…1.
 * @param seed a whole number
 * @see Steele, Lea and Flood, OOPSLA 2014 (SplitMix), in 32 bits
 */
export function seeded(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (state + 0x9e3779b9) >>> 0
    let mixed = Math.imul(state ^ (state >>> 16), 0x85ebca6b)
    mixed = Math.imul(mixed ^ (mixed >>> 13), 0xc2b2ae35)
    return ((mixed ^ (mixed >>> 16)) >>> 0) / 4_294_967_296
  }
}

/** A number of the normal distribution from two uniform ones. @see Box and Muller, 1958 */
export function normal(uniform: () => number): number {
  const [radius, turn] = [uniform(), uniform()]
  return Math.sqrt(-2 * Math.log(1 - radius)) * Math.cos(2 * Math.PI * turn)
}

/**
 * A series in which each follows the one before, of mean 0 and deviation 1 in the long run.
 * @param memory correlation of one with the next, 0…1
 */
export function autocorrelated(length: number, memory: number, uniform: () => number): number[] {
  const fresh = Math.sqrt(1 - memory * memory)
  let last = normal(uniform)
  return Array.from({ length }, () => (last = memory * last + fresh * normal(uniform)))
}
