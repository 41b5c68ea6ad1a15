"use client"
import { useMemo } from "react"
import { activeState } from "../../core/enclosure/job-state"
import type { SurfaceFigures } from "../../core/enclosure/surface-figures"
import { type Headline, HEADLINES } from "../../core/ledger/headlines"
import { useJob } from "../job/job-store"
import { useLedger } from "../job/use-ledger"
import { useWorking } from "./working"

const loadHeadline = ({ working }: Headline) => Promise.all([working(), import("../../core/trials/what-if")])
const loadResistance = () => import("../../core/enclosure/resistance.working")

/** What all workings are made with; each comes when it is first opened. */
export const WORKING_LOADS: readonly (() => Promise<unknown>)[] = [
  loadResistance,
  ...HEADLINES.map((headline) => () => loadHeadline(headline)),
]

/** Opens a figure into its working: a headline with what would change it most, or the R of a face. */
export function useShowWorking() {
  const job = useJob()
  const ledger = useLedger()
  const { open } = useWorking()
  return useMemo(
    () => ({
      headline: (id: Headline["id"]) =>
        open(async () => {
          const headline = HEADLINES.find((one) => one.id === id)!
          const [working, { whatIf }] = await loadHeadline(headline)
          return { working: working(ledger, job.shell), whatIf: whatIf(activeState(job), ledger, headline.of) }
        }),
      resistance: (figures: SurfaceFigures) =>
        open(async () => ({ working: (await loadResistance()).resistanceWorking(figures), whatIf: [] })),
    }),
    [job, ledger, open],
  )
}
