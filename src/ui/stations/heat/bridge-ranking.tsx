"use client"
import { rankedBridges, setsOnFaces } from "../../../core/ledger/bridge-ranking"
import { printQuantity, printWithUnit } from "../../../core/quantity/measure"
import { SolveButton } from "../../bridge/solve-button"
import { useBridges } from "../../bridge/use-bridge"
import { useJob, useJobStore, useLedger } from "../../job/job-store"
import { Button } from "../../primitives/button"
import { useStation } from "../../bench/use-station"

const NUMBER = "py-0.5 pl-3 text-right whitespace-nowrap tabular-nums"

/** The members of all faces in two dimensions, the dearest first. */
export function BridgeRanking() {
  const sets = setsOnFaces(useLedger())
  const { solved, ...solving } = useBridges(sets.map(({ detail }) => detail.body))
  if (sets.length === 0) return null
  const outputs = solved.flatMap((one) => (one ? [one.output] : []))
  return (
    <section aria-label="Bridges" className="grid gap-1">
      <h2 className="font-display text-[15px] font-semibold">Which members cost most</h2>
      {outputs.length === sets.length ? (
        <Ranked ranked={rankedBridges(sets, outputs)} />
      ) : (
        <SolveButton {...solving} action="Calculate all in two dimensions" />
      )}
    </section>
  )
}

function Ranked({ ranked }: { ranked: ReturnType<typeof rankedBridges> }) {
  const { units } = useJob()
  const store = useJobStore()
  const { go } = useStation()
  const degree = printQuantity("temperature", 0, units).unit
  return (
    <table className="w-full text-dense">
      <caption className="text-left text-graphite">
        ψ beside the bare build-up, by ISO 10211, times their length beside the openings, at the greatest difference of the design days. The
        ledger counts these members by the combined method.
      </caption>
      <thead className="text-graphite">
        <tr className="border-b border-seam">
          <th className="py-1 text-left font-normal">members</th>
          <th className={`${NUMBER} font-normal`}>ψ, {printQuantity("linearTransmittance", 0, units).unit}</th>
          <th className={`${NUMBER} font-normal`}>long</th>
          <th className={`${NUMBER} font-normal`}>{printQuantity("power", 0, units).unit}</th>
          <th className={`${NUMBER} font-normal`}>inside face, {degree}</th>
        </tr>
      </thead>
      <tbody>
        {ranked.map(({ figures, id, set, bridge, length, watts, sweats }) => (
          <tr key={`${figures.id} ${id}`} className="border-b border-seam" data-bridge={`${figures.id} ${id}`}>
            <td className="py-0.5">
              <Button
                look="link"
                onClick={() => {
                  store.choose({ face: figures.id, layer: figures.layers.find(({ layer }) => layer.between === id)!.id })
                  go("build-ups")
                }}
              >
                {set.name}
              </Button>
              <span className="text-graphite">, {figures.name.toLowerCase()}</span>
            </td>
            <td className={NUMBER}>{printQuantity("linearTransmittance", bridge.linear, units).text}</td>
            <td className={NUMBER}>{printWithUnit("length", length, units)}</td>
            <td className={NUMBER}>{printQuantity("power", watts, units).text}</td>
            <td className={NUMBER}>
              {printQuantity("temperature", bridge.coldestInside, units).text}
              {sweats ? <span className="text-fen">, sweats</span> : null}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
