import type { ReactNode } from "react"

const BARS = { caution: "border-clay", remark: "border-ochre", damp: "border-fen" }

/** A sentence with a bar at its left: clay for danger to people, ochre for what is worth knowing. */
export function Remark({ kind, title, children }: { kind: keyof typeof BARS; title?: string; children?: ReactNode }) {
  return (
    <div className={`border-l-[3px] pl-3 ${BARS[kind]}`}>
      {title === undefined ? null : <p className="font-display text-[15px] font-semibold">{title}</p>}
      {children === undefined ? null : <p className="text-graphite">{children}</p>}
    </div>
  )
}
