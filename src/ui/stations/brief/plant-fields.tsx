"use client"
import { COOLERS, HEATERS } from "../../../core/plant/models"
import { plantCautions } from "../../../core/plant/plant-cautions"
import { setLimits, setPlant } from "../../../edit/brief-edits"
import type { Machine, OffGrid } from "../../../schema/job/plant"
import { fieldsOf } from "../../fields/fields-of"
import { useJob, useJobStore } from "../../job/job-store"
import { useLedger } from "../../job/use-ledger"
import { SelectField } from "../../primitives/fields"
import { Remark } from "../../primitives/remark"
import { Unfolding } from "../../primitives/unfolding"
import { useWriting } from "../../writing/writing"
import { MachineFields } from "./machine-fields"

/** A battery of 1.3 kWh, 200 W of panel flat on the roof, no generator, and 0.4 kWh a day: invented, to begin from. */
const SMALL: OffGrid = { battery: 4.68e6, panel: 200, tilt: 0, azimuth: 180, generator: 0, inverter: 0.9, appliances: 1.44e6 }

/** What heats, what cools, and where power comes from. */
export function PlantFields() {
  const { brief } = useJob()
  const store = useJobStore()
  const { summer } = useLedger().conditions
  const { write } = useWriting()
  const { offGrid } = brief.plant
  const fields = offGrid && fieldsOf(offGrid, (part) => store.edit(setPlant({ offGrid: { ...offGrid, ...part } })))
  return (
    <fieldset className="grid grid-cols-3 items-end gap-x-4 gap-y-2 border-t border-seam pt-2 narrow:grid-cols-2">
      <legend className="sr-only">Heater, cooler and power</legend>
      <p className="col-span-full">
        <span className="font-display text-[15px] font-semibold">Heater, cooler and power</span>
        <span className="ml-2 text-dense text-graphite">
          invented models to begin from; the maker’s sheet says what yours does. Its flue and pipes are said at Shell, pipes and bolts,
          which finds them a place between members.
        </span>
      </p>
      <PlantMachine way="heater" />
      <PlantMachine way="cooler" />
      <SelectField
        label="Power comes from"
        value={offGrid ? "battery" : "mains"}
        options={[
          { value: "mains", name: "mains" },
          { value: "battery", name: "battery, panel, generator" },
        ]}
        onChange={(value) => void store.edit(setPlant({ offGrid: value === "battery" ? SMALL : null }))}
      />
      {fields ? (
        <>
          {fields.quantity("battery", "charge", "Battery, what can be drawn")}
          {fields.quantity("appliances", "charge", "Used a day beside heat and cold")}
          {fields.quantity("panel", "power", "Panel in full sun")}
          {fields.quantity("tilt", "angle", "Panel’s tilt, 0 flat")}
          {fields.quantity("azimuth", "angle", "Panel faces, from north")}
          {fields.quantity("generator", "power", "Generator")}
          {fields.quantity("inverter", "percent", "Inverter gives of what it draws")}
        </>
      ) : null}
      {plantCautions(brief.plant, summer.inside.temperature, write).map((caution) => (
        <div key={caution} className="col-span-full">
          <Remark kind="caution">{caution}</Remark>
        </div>
      ))}
    </fieldset>
  )
}

const WAYS = {
  heater: { limit: "loss", name: "Heater", models: HEATERS },
  cooler: { limit: "gain", name: "Cooler", models: COOLERS },
} as const

/** A heater or a cooler: its model, its rated output, and what it gives at the design hour. */
function PlantMachine({ way }: { way: keyof typeof WAYS }) {
  const { brief } = useJob()
  const store = useJobStore()
  const { write } = useWriting()
  const { output, conditions } = useLedger()
  const { limit, name, models } = WAYS[way]
  const machine = brief.plant[way]
  const rated = brief.limits[limit]
  const known = Object.entries(models).find(([, model]) => model.name === machine?.name)?.[0]
  const { maybe } = fieldsOf(brief.limits, (part) => store.edit(setLimits(part)))
  const change = (to: Machine | null) => store.edit(setPlant({ [way]: to }))
  const { outside } = conditions[way === "heater" ? "winter" : "summer"]
  return (
    <>
      <SelectField
        label={name}
        value={machine ? (known ?? "typed") : "unsaid"}
        options={[
          { value: "unsaid", name: "not said" },
          ...Object.entries(models).map(([value, model]) => ({ value, name: model.name })),
          ...(machine && !known ? [{ value: "typed", name: machine.name }] : []),
        ]}
        onChange={(value) => (value === "typed" ? null : void change(value === "unsaid" ? null : models[value]!))}
      />
      {maybe(limit, "power", `${name} output`, "no limit")}
      <p className="pb-1 text-dense text-graphite">
        {machine && rated !== null
          ? `gives ${write("power", output[limit]!)} at ${write("temperature", outside.temperature)} outdoors`
          : rated === null
            ? ""
            : "taken to give that in all weather"}
      </p>
      {machine ? (
        <div className="col-span-full">
          <Unfolding words={`What the ${name.toLowerCase()} gives by the air, and what it takes`}>
            {() => <MachineFields machine={machine} change={change} />}
          </Unfolding>
        </div>
      ) : null}
    </>
  )
}
