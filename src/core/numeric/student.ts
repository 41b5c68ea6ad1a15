import { bisection } from "./bisection"

/**
 * The value below which Student's t stays with a probability of 97.5 %: 95 % lie between it and its negative.
 * @param freedom degrees of freedom, 1 or more
 */
export const student975 = (freedom: number): number => bisection((t) => within(t, freedom) - 0.95, 0, 13)

/**
 * Probability that |t| is no more than a value.
 * @see Abramowitz and Stegun 1964, 26.7.3 and 26.7.4: finite sums for odd and even degrees of freedom
 */
function within(t: number, freedom: number): number {
  const angle = Math.atan(t / Math.sqrt(freedom))
  const square = Math.cos(angle) ** 2
  const odd = freedom % 2 === 1
  let [term, total] = [odd ? Math.cos(angle) : 1, 0]
  for (let k = odd ? 1 : 0; k <= freedom - 2; k += 2) {
    total += term
    term *= (square * (k + 1)) / (k + 2)
  }
  return odd ? (2 / Math.PI) * (angle + Math.sin(angle) * total) : Math.sin(angle) * total
}
