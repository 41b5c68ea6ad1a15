"use client"
import { useMemo } from "react"
import { type RankedBridge, rankedBridges } from "../../core/ledger/bridge-ranking"
import { useLedgerLater } from "../job/use-ledger"

/** All bridges of the job as it stands, the dearest first. */
export function useBridges(): RankedBridge[] {
  const ledger = useLedgerLater()
  return useMemo(() => rankedBridges(ledger), [ledger])
}
