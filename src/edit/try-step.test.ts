import { expect, test } from "@jest/globals"
import { demo } from "../../tests/fixtures/jobs"
import { curesOf } from "../../tests/fixtures/judged"
import { activeState } from "../core/enclosure/job-state"
import { ledgerOf } from "../core/ledger/ledger"
import { applyEdit } from "./apply-edit"
import { tryCure } from "./try-step"

test("a cure that is tried in a variant comes to what was said of it, and leaves the way it was built as it was", () => {
  const nettle = demo("Cold Nettle")
  const { ledger, cures, details } = curesOf(nettle)
  const cure = cures[0]!
  const done = applyEdit(nettle, tryCure(cure.step, "cured", cure.short))
  if (!done.ok) throw new Error(done.error.message)
  const { job } = done.value!
  expect(job.active).toBe("cured")
  const then = ledgerOf(activeState(job), details)
  expect(then.moisture.left.verdict).toEqual(cure.verdict)
  expect(then.weight - ledger.weight).toBeCloseTo(cure.weight, 6)
  expect(job.variants[nettle.active]).toEqual(nettle.variants[nettle.active])
})
