"use client"
import type { FaceFigures } from "../../core/ledger/face-figures"
import { useJobView, useLedger } from "../job/job-store"

/** Figures of the chosen face. */
export function useChosenFace(): FaceFigures {
  const { faces } = useLedger()
  const face = useJobView((view) => view.face)
  return faces.find(({ id }) => id === face) ?? faces[0]!
}
