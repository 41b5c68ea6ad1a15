"use client"
import { printNumber } from "../../core/quantity/number"
import { Button } from "../primitives/button"
import { Refusal } from "../primitives/refusal"
import type { usePicture } from "./use-picture"

type Props = Pick<ReturnType<typeof usePicture>, "run" | "begin" | "cancel"> & { action: string }

/** Begins to calculate a detail, says how far it is, and stops. */
export function SolveButton({ run, begin, cancel, action }: Props) {
  if (run && !run.failed)
    return (
      <p role="status" className="flex items-center gap-3">
        Calculating{run.progress > 0 ? `, ${printNumber(run.progress, 0)} cells` : ""} …<Button onClick={cancel}>Stop</Button>
      </p>
    )
  return (
    <div>
      <Button onClick={begin}>{action}</Button>
      <Refusal>{run?.failed ? "It could not be calculated here; reload the page and try again." : null}</Refusal>
    </div>
  )
}
