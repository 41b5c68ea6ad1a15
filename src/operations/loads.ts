import { designLoads } from "../core/steady/loads"
import { LedgerInput } from "../schema/ledger"
import { LoadsOutput } from "../schema/loads"
import { givenJob, jobWork } from "./job-input"
import { operation } from "./operation"

/** What heater and cooler of a job are asked for, and by what: `npm run calc loads`. */
export const loads = operation({
  name: "loads",
  summary: "design heating and cooling of a job, by component",
  input: LedgerInput,
  output: LoadsOutput,
  work: jobWork,
  run: (input) => {
    const { job, state, ledger } = givenJob(input)
    return {
      job: job.name,
      variant: state.variant.name,
      provisional: ledger.pending.length > 0,
      ...designLoads(ledger, ledger.heaterAsked),
      notes: [],
    }
  },
})
