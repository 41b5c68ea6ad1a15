import { ledgerSheet } from "../core/ledger/ledger-sheet"
import { LedgerInput, LedgerOutput } from "../schema/ledger"
import { givenJob, jobWork } from "./job-input"
import { operation } from "./operation"

/** Every figure of a job without a screen: `npm run calc ledger`. */
export const ledger = operation({
  name: "ledger",
  summary: "all figures of a job",
  input: LedgerInput,
  output: LedgerOutput,
  work: jobWork,
  run: (input) => {
    const { job, state, ledger } = givenJob(input, true)
    return ledgerSheet(job, state, ledger)
  },
})
