import fc from "fast-check"
import { FACES } from "../../src/schema/job/references"
import type { FormKind } from "../../src/schema/job/form"
import type { Shell, Zone } from "../../src/schema/job/shell"

const between = (min: number, max: number) => fc.double({ min, max, noNaN: true })

/** Up to four rectangles anywhere on the faces of a form, over one another and past their edges too; the first four faces have most. */
export const anyZones = (kind: FormKind, reach: number): fc.Arbitrary<Shell["zones"]> =>
  fc
    .array(
      fc.record({
        face: fc.constantFrom(...FACES[kind], ...FACES[kind].slice(0, 2)),
        x: fc.oneof(fc.constant(0), between(0, reach)),
        y: fc.oneof(fc.constant(0), between(0, reach)),
        width: between(0.05, reach),
        height: between(0.05, reach),
      }),
      { maxLength: 4 },
    )
    .map((zones) =>
      Object.fromEntries(zones.map((zone, i): [string, Zone] => [`zone-${i}`, { kind: "rectangle", name: `zone ${i}`, ...zone }])),
    )
