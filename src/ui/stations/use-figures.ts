"use client"
import type { SurfaceFigures } from "../../core/enclosure/surface-figures"
import { useSelection } from "../job/job-store"
import { useLedger } from "../job/use-ledger"

/** Figures of the chosen face. */
export function useChosenFace(): SurfaceFigures {
  const { surfaces } = useLedger()
  const face = useSelection((view) => view.face)
  return surfaces.find(({ id }) => id === face) ?? surfaces[0]!
}
