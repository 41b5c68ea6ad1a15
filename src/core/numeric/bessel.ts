/** Σ c·xⁱ. */
const polynomial = (coefficients: readonly number[], x: number) => coefficients.reduceRight((sum, c) => sum * x + c, 0)

const I0 = [1, 3.5156229, 3.0899424, 1.2067492, 0.2659732, 0.0360768, 0.0045813]
const I1 = [0.5, 0.87890594, 0.51498869, 0.15084934, 0.02658733, 0.00301532, 0.00032411]
const K0_SMALL = [-0.57721566, 0.4227842, 0.23069756, 0.0348859, 0.00262698, 0.0001075, 0.0000074]
const K0_LARGE = [1.25331414, -0.07832358, 0.02189568, -0.01062446, 0.00587872, -0.0025154, 0.00053208]
const K1_SMALL = [1, 0.15443144, -0.67278579, -0.18156897, -0.01919402, -0.00110404, -0.00004686]
const K1_LARGE = [1.25331414, 0.23498619, -0.0365562, 0.01504268, -0.00780353, 0.00325614, -0.00068245]

/**
 * Ratio of the modified Bessel functions of the second kind, K1(x)/K0(x), within 1e-6.
 * @param x above 0
 * @see Abramowitz and Stegun, Handbook of Mathematical Functions, 9.8.1, 9.8.3 and 9.8.5 to 9.8.8
 */
export function besselRatio(x: number): number {
  // The exponentials of both cancel.
  if (x > 2) return polynomial(K1_LARGE, 2 / x) / polynomial(K0_LARGE, 2 / x)
  const [small, wide] = [(x / 3.75) ** 2, (x / 2) ** 2]
  const k0 = -Math.log(x / 2) * polynomial(I0, small) + polynomial(K0_SMALL, wide)
  const k1 = Math.log(x / 2) * x * polynomial(I1, small) + polynomial(K1_SMALL, wide) / x
  return k1 / k0
}
