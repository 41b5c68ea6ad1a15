/** A complex number: real and imaginary part. */
export type Complex = readonly [re: number, im: number]

/** a + b */
export const plus = (a: Complex, b: Complex): Complex => [a[0] + b[0], a[1] + b[1]]

/** a/b, with b not 0 */
export function over(a: Complex, b: Complex): Complex {
  const square = b[0] ** 2 + b[1] ** 2
  return [(a[0] * b[0] + a[1] * b[1]) / square, (a[1] * b[0] - a[0] * b[1]) / square]
}

/** |a| */
export const magnitude = (a: Complex): number => Math.hypot(a[0], a[1])
