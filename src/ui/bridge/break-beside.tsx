"use client"
import { inSentence } from "../../core/in-sentence"
import { useState } from "react"
import type { RankedBridge } from "../../core/ledger/bridge-ranking"
import {
  type BreakPlace,
  breakPlaces,
  breakStuffs,
  type BreakMeasure,
  layerBreak,
  rimBreak,
  rimStuffs,
} from "../../core/trials/thermal-break"
import { edgeInMarket } from "../../edit/start/market"
import { nearestSold } from "../../core/material/layer-properties"
import { FIRST_EDGE } from "../../core/enclosure/perimeter-insulation"
import { activeState } from "../../core/enclosure/job-state"
import { materialOf } from "../../core/material/catalogue"
import { perLength } from "../../core/quantity/unit-system"
import { useJob } from "../job/job-store"
import { useLedger } from "../job/use-ledger"
import { useMaterials } from "../materials/use-materials"
import { Button } from "../primitives/button"
import { QuantityField, SelectField } from "../primitives/fields"
import { Refusal } from "../primitives/refusal"
import { BridgeView } from "./bridge-view"
import { useBridgeWith, useTryBreakMeasure } from "./bridge-with"
import { LedgerChange } from "./ledger-change"
import { RIM_WORDS } from "./rim-words"
import { useWriting } from "../writing/writing"

/** Thickest break that can be asked for, m. */
const MOST = 0.3

/** A bridge with a break beside it as it is, and one press to try it. */
export function BreakBeside({ bridge }: { bridge: RankedBridge }) {
  const { length } = useWriting()
  const job = useJob()
  const ledger = useLedger()
  const materials = useMaterials()
  const { tryIt, refusal } = useTryBreakMeasure()
  const { withMeasure } = useBridgeWith()
  const [material, setMaterial] = useState("xps")
  const [typed, setThickness] = useState<number | null>(null)
  const [chosen, setChosen] = useState(0)
  const state = activeState(job)
  const places = breakPlaces(bridge, state)
  const at = Math.min(chosen, places.length - 1)
  const place = places[at]!
  const stuffs = place.kind === "rim" ? rimStuffs(state) : breakStuffs(state)
  const stuff = stuffs.includes(material) ? material : stuffs[0]!
  const thickness = typed ?? nearestSold(materials[stuff]!, 0.02)
  const measure = measureOf(place)
  const tried = withMeasure(job, bridge.place, measure)
  return (
    <section aria-label="With a break" className="grid gap-2 border-t border-seam pt-2">
      <h3 className="font-display text-[15px] font-semibold">With a break {whereWords(bridge, place)}</h3>
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        {places.length > 1 ? (
          <SelectField
            label="Set"
            value={String(at)}
            options={places.map((one, i) => ({ value: String(i), name: faceWords(one) }))}
            onChange={(next) => setChosen(Number(next))}
          />
        ) : null}
        {place.kind === "strip" ? null : (
          <SelectField
            label="Break of"
            value={stuff}
            options={stuffs.map((value) => ({ value, name: inSentence(materialOf(value, materials).name) }))}
            onChange={setMaterial}
          />
        )}
        <QuantityField
          label="Thickness of the break"
          kind="length"
          value={thickness}
          onCommit={(value) => {
            if (value <= 0 || value > MOST)
              return { code: "out-of-range", path: [], message: `A break is more than nothing and no thicker than ${length(MOST)}.` }
            setThickness(value)
            return null
          }}
        />
        <Button onClick={() => tryIt(measure)}>Try it in a variant</Button>
      </div>
      <Refusal>{refusal}</Refusal>
      {tried ? (
        <BridgeView action="Calculate it with the break" bridge={tried} testId="bridge-with-break">
          <Change from={bridge} to={tried} measure={measure} />
          <LedgerChange measure={measure} />
        </BridgeView>
      ) : (
        <p>Such a break cannot be set here.</p>
      )}
    </section>
  )

  function measureOf(place: BreakPlace): BreakMeasure {
    if (place.kind === "strip") return { ...place, thickness }
    if (place.kind === "layer") return layerBreak(place, stuff, thickness, state, ledger)
    const { edge } = state.variant.assemblies[place.assembly]!
    return rimBreak(place, { ...(edge ?? edgeInMarket(FIRST_EDGE, state.units ?? "metric")), material: stuff, thickness }, state)
  }

  function whereWords({ set, between }: RankedBridge, at: BreakPlace): string {
    if (at.kind === "rim") return faceWords(at)
    if (at.kind === "strip") return at.list === "openings" ? "of plastic across the frame" : "of plastic in its run"
    return set ? "across their inside" : between && places.length === 1 ? faceWords(at) : "on its warm side"
  }

  /** The faces that a layer comes on, or the edge that is insulated. */
  function faceWords(at: BreakPlace): string {
    if (at.kind === "rim") return "along the slab’s edge"
    const on = ledger.surfaces.filter(
      ({ id, assembly }) => at.kind === "layer" && assembly === at.assembly && bridge.between?.some((one) => one.id === id),
    )
    return `inside of the ${on.map(({ name }) => inSentence(name)).join(" and ")}`
  }
}

/** What the break buys. */
function Change({ from, to, measure }: { from: RankedBridge; to: RankedBridge; measure: BreakMeasure }) {
  const { figure, length, units, write } = useWriting()
  const kind = from.point ? "pointTransmittance" : "linearTransmittance"
  const pair = (of: "linearTransmittance" | "pointTransmittance" | "power" | "temperature", now: number, then: number) =>
    `${write(of, then)} in place of ${figure(of, now)}`
  return (
    <p data-testid="with-and-without">
      {from.point ? "each passes (χ)" : `loss per ${perLength(units)} (ψ)`} {pair(kind, from.transmittance, to.transmittance)};{" "}
      {pair("power", from.watts, to.watts)}
      {from.surface && to.surface ? `; coldest ${pair("temperature", from.surface.temperature, to.surface.temperature)}` : ""}
      {measure.kind === "layer"
        ? `; ${write("money", measure.money)} and ${length(measure.thickness)} of room on all faces that use it`
        : ""}
      {measure.kind === "rim"
        ? `; ${write("money", measure.money)} for ${length(measure.edge.reach)} ${RIM_WORDS[measure.edge.kind]} all round, and what it saves counts with the floor`
        : ""}
      .
    </p>
  )
}
