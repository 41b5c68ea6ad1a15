"use client"
import { useCallback } from "react"
import { toast } from "sonner"
import { activeState } from "../../core/enclosure/job-state"
import type { Headline } from "../../core/ledger/headlines"
import { useJob } from "../job/job-store"
import { useLedger } from "../job/use-ledger"
import { useWorking } from "./working"

/** What a headline's working is made with; it comes when it is first opened. */
export const loadWorking = ({ working }: Headline) => Promise.all([working(), import("../../core/trials/what-if")])

/** Opens a headline into its working, with what would change it most. */
export function useHeadlineWorking(): (headline: Headline) => void {
  const job = useJob()
  const ledger = useLedger()
  const { open } = useWorking()
  return useCallback(
    (headline) =>
      void loadWorking(headline).then(
        ([working, { whatIf }]) => open(working(ledger, job.shell), whatIf(activeState(job), ledger, headline.of)),
        () => toast.error("The server does not answer, and this working is not here yet."),
      ),
    [job, ledger, open],
  )
}
