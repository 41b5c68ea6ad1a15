/** Sum of numbers; 0 of none. */
export function sum(values: readonly number[] | Float64Array): number {
  let total = 0
  for (const value of values) total += value
  return total
}
