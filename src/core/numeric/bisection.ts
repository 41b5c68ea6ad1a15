/**
 * Root of a function that changes sign between two ends, to the last digit; needs no derivative and bears jumps.
 * @param f continuous or with jumps, of opposite signs at `low` and `high`
 * @returns the point where the sign changes
 */
export function bisection(f: (x: number) => number, low: number, high: number): number {
  const rising = f(high) > 0
  let [a, b] = [low, high]
  for (let i = 0; i < 200; i++) {
    const middle = (a + b) / 2
    if (middle === a || middle === b) break
    if (f(middle) > 0 === rising) b = middle
    else a = middle
  }
  return (a + b) / 2
}
