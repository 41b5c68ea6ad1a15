/**
 * Where a function that falls from above to below nothing does so: regula falsi in the Illinois manner, few values for a smooth function.
 * @param f above 0 at 0, below 0 at `end`
 * @param near how near to 0 is enough
 * @returns a place just at or before the crossing is found, 0…`end`
 * @see Dowell and Jarratt, BIT 11 (1971), 168–174
 */
export function crossing(f: (x: number) => number, start: number, end: number, atEnd: number, near: number): number {
  let [a, fa, b, fb] = [0, start, end, atEnd]
  for (let round = 0; round < 60; round++) {
    const x = b - (fb * (b - a)) / (fb - fa)
    const fx = f(x)
    if (Math.abs(fx) < near) return x
    if (fx < 0 === fb < 0) fa /= 2
    else [a, fa] = [b, fb]
    ;[b, fb] = [x, fx]
  }
  return b
}
