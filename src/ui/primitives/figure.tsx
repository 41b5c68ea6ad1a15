"use client"
import { type Kind, printQuantity } from "../../core/quantity/measure"
import type { UnitSystem } from "../../core/quantity/unit-system"

const SIZES = { ledger: "text-[22px] leading-[26px]", face: "text-[22px] leading-7", shelf: "text-[18px] leading-6" }

/** A large figure with its unit set small. */
export function Figure({
  kind,
  value,
  system,
  size = "ledger",
}: {
  kind: Kind
  value: number
  system: UnitSystem
  size?: keyof typeof SIZES
}) {
  const { text, unit } = printQuantity(kind, value, system)
  return (
    <span className="whitespace-nowrap">
      <span className={`big ${SIZES[size]}`}>{text}</span>
      {unit ? <span className="text-dense font-medium text-graphite"> {unit}</span> : null}
    </span>
  )
}
