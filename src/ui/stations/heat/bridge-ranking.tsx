"use client"
import { useState } from "react"
import type { RankedBridge } from "../../../core/ledger/bridge-ranking"
import { printQuantity, printWithUnit } from "../../../core/quantity/measure"
import { useStation } from "../../bench/use-station"
import { BridgeLook } from "../../bridge/bridge-look"
import { useBridges } from "../../bridge/use-bridges"
import { useJob, useJobStore } from "../../job/job-store"
import { Button } from "../../primitives/button"

const NUMBER = "py-0.5 pl-3 text-right whitespace-nowrap tabular-nums"

/** Members, edges, reveals and what runs through, by what they cost, the dearest first. */
export function BridgeRanking() {
  const ranked = useBridges()
  const { units } = useJob()
  if (ranked.length === 0) return null
  const degree = printQuantity("temperature", 0, units).unit
  return (
    <section aria-label="Bridges">
      <table className="w-full text-dense">
        <caption className="text-left text-graphite">
          <span className="block font-display text-[15px] font-semibold text-ink">Which bridges cost most</span>ψ times length, or χ of each
          in {printQuantity("pointTransmittance", 0, units).unit}, beside the openings, at the greatest difference of the design days. Metal
          and edges by ISO 10211, timber by the combined method, what runs through as fins; a negative one is what the faces’ measures over
          all count too much.
        </caption>
        <thead className="text-graphite">
          <tr className="border-b border-seam">
            <th className="py-1 text-left font-normal">bridge</th>
            <th className={`${NUMBER} font-normal`}>ψ, {printQuantity("linearTransmittance", 0, units).unit}</th>
            <th className={`${NUMBER} font-normal`}>long</th>
            <th className={`${NUMBER} font-normal`}>{printQuantity("power", 0, units).unit}</th>
            <th className={`${NUMBER} font-normal`}>coldest, {degree}</th>
            <th>
              <span className="sr-only">picture</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {ranked.map((bridge) => (
            <Row key={bridge.place} bridge={bridge} />
          ))}
        </tbody>
      </table>
    </section>
  )
}

function Row({ bridge }: { bridge: RankedBridge }) {
  const { place, name, face, set, opening, point, extent, specific, method, watts, surface } = bridge
  const [seen, setSeen] = useState(false)
  const { units } = useJob()
  const store = useJobStore()
  const { go } = useStation()
  const lead = () => {
    const layer = set ? face.layers.find(({ layer }) => layer.between === set.id)!.id : null
    store.choose({ face: face.id, layer, part: opening ?? point?.id ?? null })
    go(opening || point ? "shell" : "build-ups")
  }
  return (
    <>
      <tr className="border-b border-seam" data-bridge={place}>
        <td className="py-0.5">
          <Button look="link" onClick={lead}>
            {name}
          </Button>
          {set || point ? <span className="text-graphite">, {face.name.toLowerCase()}</span> : null}
        </td>
        <td className={NUMBER}>
          {method === "pending" ? "≈ " : ""}
          {point ? "χ " : ""}
          {printQuantity(point ? "pointTransmittance" : "linearTransmittance", specific, units).text}
        </td>
        <td className={NUMBER}>{point ? `${extent} of them` : printWithUnit("length", extent, units)}</td>
        <td className={NUMBER}>{printQuantity("power", watts, units).text}</td>
        <td className={NUMBER}>
          {surface ? printQuantity("temperature", surface.temperature, units).text : "–"}
          {surface?.wet ? <span className="text-fen">, {surface.wet === "frost" ? "frost" : "sweats"}</span> : null}
        </td>
        <td className="pl-2 text-right">
          <Button look="link" aria-expanded={seen} aria-label={`See ${name}`} onClick={() => setSeen(!seen)}>
            {seen ? "hide" : "see"}
          </Button>
        </td>
      </tr>
      {seen ? (
        <tr>
          <td colSpan={6} className="py-2">
            <BridgeLook bridge={bridge} action="Calculate its temperatures" testId="seen-bridge" />
          </td>
        </tr>
      ) : null}
    </>
  )
}
