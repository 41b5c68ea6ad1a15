import fc from "fast-check"
import { type Form, greatestBow, greatestCamber } from "../../src/schema/job/form"

/** Any form within a range of sizes, m, whose measures do not contradict each other. */
export function anyForm(low: number, high: number): fc.Arbitrary<Form> {
  const metres = fc.double({ min: low, max: high, noNaN: true })
  const share = fc.double({ min: 0.12, max: 0.98, noNaN: true })
  const floor = { length: metres, width: metres }
  return fc.oneof(
    fc.record({ kind: fc.constant("box" as const), ...floor, height: metres }),
    fc.record({ kind: fc.constant("shed" as const), ...floor, leftHeight: metres, rightHeight: metres }),
    fc
      .record({ kind: fc.constantFrom("gable" as const, "hip" as const), ...floor, wallHeight: metres, rise: metres })
      .map(({ rise, ...form }) => ({ ...form, ridgeHeight: form.wallHeight + rise })),
    fc
      .record({ kind: fc.constant("arch" as const), ...floor, wallHeight: metres, rise: share })
      .map(({ rise, ...form }) => ({ ...form, crownHeight: form.wallHeight + (rise * form.width) / 2 })),
    fc
      .record({
        kind: fc.constant("van" as const),
        ...floor,
        shoulderHeight: metres,
        waist: share,
        shoulder: share,
        bow: share,
        rise: share,
      })
      .map(({ waist, shoulder, bow, rise, ...form }) => {
        const walls = { ...form, waistHeight: form.shoulderHeight * waist, shoulderWidth: form.width * (0.5 + shoulder / 2) }
        // Half of them are straight.
        const bowed = { ...walls, wallBow: Math.max(0, bow - 0.5) * 2 * greatestBow(walls) }
        return { ...bowed, crownHeight: form.shoulderHeight + rise * greatestCamber(bowed) }
      }),
  )
}
