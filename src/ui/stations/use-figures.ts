"use client"
import type { SurfaceFigures } from "../../core/enclosure/surface-figures"
import type { Ledger } from "../../core/ledger/ledger"
import { useSelection } from "../job/job-store"
import { useLedger, useLedgerLater } from "../job/use-ledger"

/** Figures of the chosen face or zone; of the first where a zone is chosen that is not there, or not yet. */
function useChosenIn({ surfaces }: Ledger): SurfaceFigures {
  const face = useSelection((view) => view.face)
  return surfaces.find(({ id }) => id === face) ?? surfaces[0]!
}

/** Figures of the chosen face. */
export const useChosenFace = (): SurfaceFigures => useChosenIn(useLedger())

/** The same of the ledger that follows a moment later, for what goes by that one. */
export const useChosenFaceLater = (): SurfaceFigures => useChosenIn(useLedgerLater())
