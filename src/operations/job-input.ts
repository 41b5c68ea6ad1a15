import type { JobState } from "../core/enclosure/job-state"
import { type Ledger, ledgerOf } from "../core/ledger/ledger"
import { judgedLedger, solvedLedger } from "../core/ledger/solved-ledger"
import { KNOWN } from "../edit/known"
import type { Job } from "../schema/job/job"
import { readDocument } from "../schema/job/read-job"
import type { LedgerInput } from "../schema/ledger"
import { InputError } from "../schema/outcome"

/** A job that an operation is given: one of its variants, and the figures of that. */
export interface GivenJob {
  job: Job
  state: JobState
  ledger: Ledger
}

/** The job of an input: the document itself, or in an envelope. @throws InputError with what the import would say */
export function givenState(input: LedgerInput): Pick<GivenJob, "job" | "state"> {
  const { job: document, variant: asked } = "format" in input ? { job: input } : enveloped(input)
  const read = readDocument(document, KNOWN)
  if (!read.ok) throw new InputError(read.error.code, ["format" in input ? [] : ["job"], read.error.path].flat(), read.error.message)
  const job = read.value
  const { brief, shell, materials } = job
  const state = { brief, shell, materials, variant: variantOf(job, asked) }
  return { job, state }
}

/** The same with its figures: `solve: false` leaves details at the combined method, and the year and the years of faces out. */
export function givenJob(input: LedgerInput, judged = false): GivenJob {
  const { job, state } = givenState(input)
  if ("format" in input || input.solve !== false) return { job, state, ledger: (judged ? judgedLedger : solvedLedger)(state) }
  return { job, state, ledger: ledgerOf(state) }
}

/** What a call costs: a van's details in two dimensions, its year by hours, and the years of its faces. */
export const jobWork = ({ solve }: LedgerInput): number => (solve === false ? 10 : 800)

/** @throws InputError for a field that an envelope does not have */
function enveloped(input: LedgerInput): LedgerInput {
  const unknown = Object.keys(input).find((key) => !["job", "variant", "solve"].includes(key))
  if (unknown !== undefined)
    throw new InputError(
      "unknown-field",
      [unknown],
      `There is no field "${unknown}"; there are job, variant and solve, or the document alone.`,
    )
  return input
}

/** @throws InputError `unknown-reference` */
function variantOf({ variants, active }: Job, asked: string | undefined): Job["variants"][string] {
  if (asked === undefined) return variants[active]!
  const found = Object.hasOwn(variants, asked) ? variants[asked] : Object.values(variants).find(({ name }) => name === asked)
  if (!found) throw new InputError("unknown-reference", ["variant"], `There is no variant "${asked}" in this job.`)
  return found
}
