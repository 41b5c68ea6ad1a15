import { judgedLedger } from "../core/ledger/solved-ledger"
import type { DampVerdict } from "../core/moisture/damp-verdict"
import { InputError } from "../schema/outcome"
import { VerdictInput, VerdictOutput } from "../schema/verdict"
import { givenState, jobWork } from "./job-input"
import { operation } from "./operation"

const stepOf = (verdict: DampVerdict | null): VerdictOutput["surfaces"][number]["headline"] => verdict?.filling ?? "unjudged"

/** Will a job's faces get wet, said once: `npm run calc verdict`. */
export const verdict = operation({
  name: "verdict",
  summary: "will it get wet: what months, years, rules and cold spots say of each face, and the one verdict",
  input: VerdictInput,
  output: VerdictOutput,
  work: jobWork,
  run: ({ surfaces: asked, ...input }) => {
    const { state } = givenState(input)
    const ledger = judgedLedger(state, undefined, ({ id }) => asked?.includes(id) ?? true)
    asked?.forEach((id, i) => {
      if (!ledger.surfaces.some((surface) => surface.id === id))
        throw new InputError("unknown-reference", ["surfaces", i], `There is no surface "${id}" in this job.`)
    })
    const told = ledger.surfaces.filter(({ id }) => asked?.includes(id) ?? true)
    return {
      surfaces: told.map(({ id }) => {
        const { verdict: headline, decidedBy, said, setAside } = ledger.moisture[id]!
        return {
          surface: id,
          headline: stepOf(headline),
          decidedBy,
          ...{ months: stepOf(said.months), years: stepOf(said.years), rule: stepOf(said.rule), spot: stepOf(said.spot) },
          setAside: [...setAside],
          notes: [headline.sentence],
        }
      }),
      notes: [],
    }
  },
})
