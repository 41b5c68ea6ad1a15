"use client"
import { type Kind, printQuantity } from "../../core/quantity/measure"
import type { UnitSystem } from "../../core/quantity/unit-system"

const SIZES = { ledger: "text-[22px] leading-[26px]", face: "text-[22px] leading-7", shelf: "text-[18px] leading-6" }

/** A large figure with its unit set small; `rough` while something that it stands on is still being calculated. */
export function Figure({
  kind,
  value,
  system,
  size = "ledger",
  rough = false,
}: {
  kind: Kind
  value: number
  system: UnitSystem
  size?: keyof typeof SIZES
  rough?: boolean
}) {
  const { text, unit } = printQuantity(kind, value, system)
  return (
    <span className="whitespace-nowrap">
      {rough ? (
        <span className="font-medium text-graphite" title="Bridges are being calculated">
          ≈{" "}
        </span>
      ) : null}
      <span className={`big ${SIZES[size]}`}>{text}</span>
      {unit ? <span className="text-dense font-medium text-graphite"> {unit}</span> : null}
    </span>
  )
}
