"use client"
import { useState } from "react"
import type { RankedBridge } from "../../../core/ledger/bridge-ranking"
import { useGo } from "../use-go"
import { BridgeDetail } from "../../bridge/bridge-detail"
import { useBridges } from "../../bridge/use-bridges"
import { useJobStore } from "../../job/job-store"
import { Button } from "../../primitives/button"
import { useWriting } from "../../writing/writing"

const NUMBER = "py-0.5 pl-3 text-right whitespace-nowrap tabular-nums"

/** Members, edges, reveals and what runs through, by what they cost, the dearest first. */
export function BridgeRanking() {
  const { unit } = useWriting()
  const ranked = useBridges()
  if (ranked.length === 0) return null
  const degree = unit("temperature")
  return (
    <section aria-label="Bridges">
      <table className="w-full text-dense">
        <caption className="text-left text-graphite">
          <span className="block font-display text-[15px] font-semibold text-ink">Which bridges cost most</span>ψ times length, or χ of each
          in {unit("pointTransmittance")}, beside the openings, at the greatest difference of the design days. Metal and edges by ISO 10211,
          timber by the combined method, what runs through as fins; a negative one is what the faces’ measures over all count too much.
        </caption>
        <thead className="text-graphite">
          <tr className="border-b border-seam">
            <th className="py-1 text-left font-normal">bridge</th>
            <th className={`${NUMBER} font-normal`}>ψ, {unit("linearTransmittance")}</th>
            <th className={`${NUMBER} font-normal`}>long</th>
            <th className={`${NUMBER} font-normal`}>{unit("power")}</th>
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
  const { figure, write } = useWriting()
  const { place, name, face, set, opening, point, extent, transmittance, method, watts, surface } = bridge
  const [seen, setSeen] = useState(false)
  const store = useJobStore()
  const go = useGo()
  const lead = () => {
    const layer = set ? face.layers.find(({ members }) => members.some(({ id }) => id === set.id))!.id : null
    const part = opening ? ({ list: "openings", id: opening } as const) : point ? ({ list: "penetrations", id: point.id } as const) : null
    store.choose({ face: face.id, layer, part })
    go(part ? "shell" : "build-ups")
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
          {figure(point ? "pointTransmittance" : "linearTransmittance", transmittance)}
        </td>
        <td className={NUMBER}>{point ? `${extent} of them` : write("length", extent)}</td>
        <td className={NUMBER}>{figure("power", watts)}</td>
        <td className={NUMBER}>
          {surface ? figure("temperature", surface.temperature) : "–"}
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
            <BridgeDetail bridge={bridge} action="Calculate its temperatures" testId="seen-bridge" />
          </td>
        </tr>
      ) : null}
    </>
  )
}
