import { expect, test } from "@jest/globals"
import { evenBox } from "../../../tests/fixtures/jobs"
import { sketch } from "../../../tests/fixtures/layers"
import { ledgerOf } from "../ledger/ledger"
import { activeState } from "./job-state"

test("air changes refer to the volume between the linings, by hand", () => {
  // EN ISO 9972: the internal volume. 4 × 3 × 2.5 m within 100 mm all around: 3.8 · 2.8 · 2.3 = 24.472 m³; over all it has 30 m³.
  const { leaks, volume, clearVolume } = ledgerOf(activeState(evenBox(sketch("one", [["xps", 0.1]]))))
  expect([leaks.volume, clearVolume, volume]).toEqual([24.472, 24.472, 30].map((cubic) => expect.closeTo(cubic, 9)))
})
