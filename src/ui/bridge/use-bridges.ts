"use client"
import { useMemo } from "react"
import { type RankedBridge, rankedBridges } from "../../core/ledger/bridge-ranking"
import { useLedger } from "../job/use-ledger"

/** All bridges of the job as it stands, the dearest first. */
export function useBridges(): RankedBridge[] {
  const ledger = useLedger()
  return useMemo(() => rankedBridges(ledger), [ledger])
}
