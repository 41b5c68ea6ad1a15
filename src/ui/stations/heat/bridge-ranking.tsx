"use client"
import { inSentence } from "../../../core/in-sentence"
import { Fragment, useState } from "react"
import { perLength } from "../../../core/quantity/unit-system"
import type { Place } from "../../../core/enclosure/place"
import type { RankedBridge } from "../../../core/ledger/bridge-ranking"
import { useGo } from "../use-go"
import { useBridges } from "../../bridge/use-bridges"
import { useJobStore } from "../../job/job-store"
import { Button } from "../../primitives/button"
import { FigureTable } from "../../primitives/figure-table"
import { later } from "../../primitives/later"
import { useWriting } from "../../writing/writing"

const BridgeDetail = later(() => import("../../bridge/bridge-detail").then((module) => module.BridgeDetail))

/** Members, edges, reveals and what runs through, by what they cost, the dearest first. */
export function BridgeRanking() {
  const { figure, unit, units, write } = useWriting()
  const [seen, setSeen] = useState<readonly Place[]>([])
  const store = useJobStore()
  const go = useGo()
  const ranked = useBridges()
  if (ranked.length === 0) return null
  const lead = ({ face, set, opening, point }: RankedBridge) => {
    const layer = set ? face.layers.find(({ members }) => members.some(({ id }) => id === set.id))!.id : null
    const part = opening ? ({ list: "openings", id: opening } as const) : point ? ({ list: "penetrations", id: point.id } as const) : null
    store.choose({ face: face.id, layer, part })
    go(part ? "shell" : "build-ups")
  }
  const rowOf = (bridge: RankedBridge) => {
    const { place, name, face, set, point, extent, transmittance, method, watts, surface } = bridge
    const on = seen.includes(place)
    return {
      key: place,
      look: "border-b border-seam",
      cells: [
        <Fragment key="name">
          <Button look="link" onClick={() => lead(bridge)}>
            {name}
          </Button>
          {set || point ? <span className="text-graphite">, {inSentence(face.name)}</span> : null}
        </Fragment>,
        `${method === "pending" ? "≈ " : ""}${point ? "χ " : ""}${figure(point ? "pointTransmittance" : "linearTransmittance", transmittance)}`,
        point ? `${extent} of them` : write("length", extent),
        figure("power", watts),
        <Fragment key="coldest">
          {surface ? figure("temperature", surface.temperature) : "–"}
          {surface?.wet ? <span className="text-fen">, {surface.wet === "frost" ? "frost" : "sweats"}</span> : null}
        </Fragment>,
        <Button
          key="see"
          look="link"
          aria-expanded={on}
          aria-label={`See ${name}`}
          onClick={() => setSeen(on ? seen.filter((one) => one !== place) : [...seen, place])}
        >
          {on ? "hide" : "see"}
        </Button>,
      ],
      below: on ? <BridgeDetail bridge={bridge} action="Calculate its temperatures" testId="seen-bridge" /> : null,
    }
  }
  return (
    <section aria-label="Bridges" className="overflow-x-auto">
      <FigureTable
        caption={
          <>
            <span className="block font-display text-[15px] font-semibold text-ink">Which bridges cost most</span>Loss per{" "}
            {perLength(units)} (ψ) times length, or what each passes (χ, {unit("pointTransmittance")}), on the worst night or afternoon. A
            negative one is what the faces, measured over all, count too much. Metal and edges by ISO 10211, timber by the combined method,
            what runs through as fins.
          </>
        }
        shows="words"
        heads={[
          "bridge",
          `loss per ${perLength(units)} ψ, ${unit("linearTransmittance")}`,
          "long",
          unit("power"),
          `coldest, ${unit("temperature")}`,
          <span key="picture" className="sr-only">
            picture
          </span>,
        ]}
        rows={ranked.map(rowOf)}
      />
    </section>
  )
}
