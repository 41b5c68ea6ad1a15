"use client"
import { type ComponentProps, useEffect, useRef } from "react"
import { BreakBeside } from "./break-beside"
import { BridgeView } from "./bridge-view"
import { CheapestBreakMeasure } from "./cheapest-break-measure"

/** A bridge looked into: as it is, the cheapest change that makes it better, and a break of one's own choice beside it. */
export function BridgeDetail(props: ComponentProps<typeof BridgeView>) {
  const ref = useRef<HTMLDivElement>(null)
  // It opens under what was pressed, which may be the last thing in sight.
  useEffect(() => void ref.current?.scrollIntoView({ block: "nearest" }), [])
  return (
    <div ref={ref} className="grid scroll-mt-72 scroll-mb-4 gap-3">
      <BridgeView {...props}>
        <CheapestBreakMeasure bridge={props.bridge} />
        <BreakBeside bridge={props.bridge} />
      </BridgeView>
    </div>
  )
}
