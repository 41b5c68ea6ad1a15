"use client"
import { useState } from "react"
import { freezing } from "../../../core/dynamic/freezing"
import { vesselConductance, type Vessel, waterIn } from "../../../core/dynamic/vessels"
import { fieldsOf } from "../../fields/fields-of"
import { rangeFault } from "../../fields/range-fault"
import { useLedgerLater } from "../../job/use-ledger"
import { SelectField } from "../../primitives/fields"
import { Unfolding } from "../../primitives/unfolding"
import { useWriting } from "../../writing/writing"
import { freezingSentence } from "./plant-sentence"

/** How long water in a tank or a pipe holds out on the worst night, and what would keep it from freezing. */
export function FreezingWater() {
  return useLedgerLater().conditions.winter.outside.temperature < 0 ? (
    <div>
      <Unfolding words="How long a tank or a pipe holds out before it freezes">{() => <Trial />}</Unfolding>
    </div>
  ) : null
}

interface Asked {
  kind: Vessel["kind"]
  volume: number
  length: number
  bore: number
  insulation: number
  temperature: number
  around: number
}

/** Greatest of each that is asked, and least; SI. */
const RANGE: Readonly<Record<Exclude<keyof Asked, "kind">, readonly [number, number]>> = {
  volume: [1e-4, 100],
  length: [0.05, 1000],
  bore: [0.003, 0.5],
  insulation: [0, 1],
  temperature: [0, 95],
  around: [-70, 40],
}

function Trial() {
  const { write, length } = useWriting()
  const { winter } = useLedgerLater().conditions
  const [asked, setAsked] = useState<Asked>({
    ...{ kind: "tank", volume: 0.06, length: 3, bore: 0.013, insulation: 0.02 },
    ...{ temperature: Math.max(5, Math.min(15, winter.inside.temperature)), around: winter.outside.temperature },
  })
  const change = (part: Partial<Asked>) => {
    for (const [key, value] of Object.entries(part) as [keyof typeof RANGE, number][]) {
      const told = (one: number) =>
        key === "volume" ? write("liquid", one) : key === "temperature" || key === "around" ? write("temperature", one) : length(one)
      const fault = rangeFault(value, RANGE[key], told)
      if (fault) return fault
    }
    setAsked({ ...asked, ...part })
    return null
  }
  const fields = fieldsOf(asked, change)
  const vessel: Vessel =
    asked.kind === "tank" ? { kind: "tank", volume: asked.volume } : { kind: "pipe", length: asked.length, bore: asked.bore }
  const conductance = vesselConductance(vessel, asked.insulation)
  const held = freezing({ mass: waterIn(vessel), temperature: asked.temperature, ambient: asked.around, conductance, heater: 0 })
  return (
    <div className="grid gap-2 pt-2" data-testid="freezing">
      <div className="grid grid-cols-3 items-end gap-x-4 narrow:grid-cols-2">
        <SelectField
          label="Water stands in"
          value={asked.kind}
          options={[
            { value: "tank", name: "a tank" },
            { value: "pipe", name: "a pipe or hose" },
          ]}
          onChange={(kind) => setAsked({ ...asked, kind })}
        />
        {asked.kind === "tank" ? (
          fields.quantity("volume", "liquid", "It holds")
        ) : (
          <>
            {fields.length("length", "Its length")}
            {fields.length("bore", "Its inside width")}
          </>
        )}
        {fields.length("insulation", "Foam around it")}
        {fields.quantity("temperature", "temperature", "Water begins at")}
        {fields.quantity("around", "temperature", "Air around it")}
      </div>
      <p>{freezingSentence(held, asked.kind, write)}</p>
      <p className="text-dense text-graphite">
        All its water taken as one, in still air; a thin pipe, a trap or a tap freezes at its edge sooner, wind takes more, and ice bursts a
        pipe long before all of it is solid. Drain what may freeze.
      </p>
    </div>
  )
}
