"use client"
import { useState } from "react"
import { setLeakage } from "../../edit/assembly-edits"
import { useJobStore } from "../job/job-store"
import { useLedger } from "../job/use-ledger"
import { Button } from "../primitives/button"
import { Dialog } from "../primitives/dialog"
import { Tabs } from "../primitives/tabs"
import { useWriting } from "../writing/writing"
import { FromParts } from "./from-parts"
import { FromTest } from "./from-test"

const WAYS = [
  { value: "parts", name: "from its joints" },
  { value: "test", name: "from a fan test" },
] as const

/** Air changes at 50 Pa from what leaks, or from what a fan moved. */
export function LeakageDialog({ onClose }: { onClose: () => void }) {
  const store = useJobStore()
  const { write, figure } = useWriting()
  const { volume, ach50 } = useLedger().leaks
  const [way, setWay] = useState<(typeof WAYS)[number]["value"]>("parts")
  const [found, setFound] = useState<number | null>(null)
  return (
    <Dialog
      open
      onClose={onClose}
      place="wide"
      title="How tight it is"
      words={`Air changes an hour at 50 Pa, of the ${write("volume", volume)} inside; ${figure("airChanges", ach50)} now. Before it is built, count what leaks; once it is closed, a fan in the door tells.`}
    >
      <Tabs
        label="How it is known"
        value={way}
        options={WAYS}
        onChange={(next) => {
          setFound(null)
          setWay(next)
        }}
      />
      <div className="py-3">{way === "parts" ? <FromParts onFound={setFound} /> : <FromTest onFound={setFound} />}</div>
      <Button
        look="strong"
        disabled={found === null}
        onClick={() => {
          store.edit(setLeakage({ ach50: found! }))
          onClose()
        }}
      >
        {found === null ? "Use it" : `Use ${figure("airChanges", found)} air changes an hour`}
      </Button>
    </Dialog>
  )
}
