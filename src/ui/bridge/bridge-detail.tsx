"use client"
import type { ComponentProps } from "react"
import { BreakBeside } from "./break-beside"
import { BridgeView } from "./bridge-view"
import { CheapestBreakMeasure } from "./cheapest-break-measure"

/** A bridge looked into: as it is, the cheapest change that makes it better, and a break of one's own choice beside it. */
export function BridgeDetail(props: ComponentProps<typeof BridgeView>) {
  return (
    <div className="grid gap-3">
      <BridgeView {...props}>
        <CheapestBreakMeasure bridge={props.bridge} />
        <BreakBeside bridge={props.bridge} />
      </BridgeView>
    </div>
  )
}
