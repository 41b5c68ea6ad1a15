"use client"
import type { Kind } from "../../core/quantity/measure"
import { useWriting } from "../writing/writing"

const SIZES = { ledger: "text-[22px] leading-[26px]", face: "text-[22px] leading-7", shelf: "text-[18px] leading-6" }

/** A large figure with its unit set small; `rough` while something that it stands on is still being calculated. */
export function Figure({
  kind,
  value,
  size = "ledger",
  rough = false,
}: {
  kind: Kind
  value: number
  size?: keyof typeof SIZES
  rough?: boolean
}) {
  const { before, text, unit } = useWriting().printed(kind, value)
  return (
    <span className="whitespace-nowrap">
      {rough ? <Rough /> : null}
      {before ? <span className="text-dense font-medium text-graphite">{before} </span> : null}
      <span className={`big ${SIZES[size]}`}>{text}</span>
      {unit ? <span className="text-dense font-medium text-graphite"> {unit}</span> : null}
    </span>
  )
}

/** Before what may still change. */
export const Rough = () => (
  <span className="font-medium text-graphite" title="Still being calculated">
    ≈{" "}
  </span>
)
