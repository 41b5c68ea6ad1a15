import fc from "fast-check"
import { type Form, greatestCamber } from "../../src/schema/job/form"

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
      .record({ kind: fc.constant("van" as const), ...floor, shoulderHeight: metres, waist: share, shoulder: share, rise: share })
      .map(({ waist, shoulder, rise, ...form }) => {
        const walls = { width: form.width, waistHeight: form.shoulderHeight * waist, shoulderWidth: form.width * (0.5 + shoulder / 2) }
        return {
          ...form,
          ...walls,
          crownHeight: form.shoulderHeight + rise * greatestCamber({ ...walls, shoulderHeight: form.shoulderHeight }),
        }
      }),
  )
}
