"use client"
import { cautionsFor } from "../../../core/ledger/cautions"
import { inTheWay } from "../../../core/ledger/in-the-way"
import { STATIONS } from "../../../core/climate/stations"
import {
  type Season,
  SERVICE,
  setIndoors,
  setLimit,
  setOutdoors,
  setService,
  setStation,
  setUse,
  setWorth,
} from "../../../edit/brief-edits"
import type { Kind } from "../../../core/quantity/measure"
import type { Limits, Worth } from "../../../schema/job/job"
import { useJob, useJobStore } from "../../job/job-store"
import { useLedger } from "../../job/use-ledger"
import { Button } from "../../primitives/button"
import { QuantityField, SelectField, TypedField } from "../../primitives/fields"
import { Remark } from "../../primitives/remark"
import { obstacleWords } from "../../words"
import { useWriting } from "../../writing/writing"

const SEASONS: readonly { season: Season; outdoors: string }[] = [
  { season: "winter", outdoors: "Worst night" },
  { season: "summer", outdoors: "Worst afternoon" },
]

const LIMITS: readonly { limit: keyof Limits; label: string; kind: "length" | "mass" | "money" | "power" }[] = [
  { limit: "height", label: "Height that must be left", kind: "length" },
  { limit: "weight", label: "Weight at most", kind: "mass" },
  { limit: "money", label: "Money at most", kind: "money" },
  { limit: "loss", label: "Heat the plant can give", kind: "power" },
  { limit: "gain", label: "Heat the plant can take out", kind: "power" },
]

/** What it is for, where it stands, what it must hold and what limits it. */
export function BriefStation() {
  const job = useJob()
  const store = useJobStore()
  const ledger = useLedger()
  const { brief } = job
  const writing = useWriting()
  return (
    <div className="station gap-4">
      <h1 className="font-display text-[20px] leading-7 font-bold">What is asked of it</h1>
      <TypedField label="Who or what is inside, and when" shown={brief.use} onCommit={(text) => store.edit(setUse(text.trim()))} />
      <SelectField
        label="Place (all invented; bring your own figures below)"
        value={brief.station}
        options={Object.entries(STATIONS).map(([value, { name, words }]) => ({ value, name: `${name}, ${words}` }))}
        onChange={(station) => store.edit(setStation(station))}
      />
      {SEASONS.map(({ season, outdoors }) => {
        const { inside, outside } = ledger.conditions[season]
        const typed = brief.outdoors[season] !== null
        return (
          <fieldset key={season} className="grid grid-cols-4 gap-x-4 border-t border-seam pt-2">
            <legend className="sr-only">{season}</legend>
            <p className="col-span-4 mb-1 font-display text-[15px] font-semibold">
              {season === "winter" ? "Winter" : "Summer"}
              {typed ? (
                <Button look="link" className="ml-3 font-sans text-dense font-normal" onClick={() => store.edit(setOutdoors(season, null))}>
                  take the station’s figures again
                </Button>
              ) : null}
            </p>
            <QuantityField
              label="Inside"
              kind="temperature"
              value={inside.temperature}
              onCommit={(value) => store.edit(setIndoors(season, "temperature", value))}
            />
            <QuantityField
              label="Humidity"
              kind="percent"
              value={inside.relativeHumidity}
              onCommit={(value) => store.edit(setIndoors(season, "relativeHumidity", value))}
            />
            <QuantityField
              label={outdoors}
              kind="temperature"
              value={outside.temperature}
              onCommit={(temperature) => store.edit(setOutdoors(season, { temperature, relativeHumidity: outside.relativeHumidity }))}
            />
            <QuantityField
              label="Humidity then"
              kind="percent"
              value={outside.relativeHumidity}
              onCommit={(relativeHumidity) => store.edit(setOutdoors(season, { temperature: outside.temperature, relativeHumidity }))}
            />
          </fieldset>
        )
      })}
      <fieldset className="grid grid-cols-3 gap-x-4 gap-y-2 border-t border-seam pt-2">
        <legend className="sr-only">Limits</legend>
        <p className="col-span-3 font-display text-[15px] font-semibold">What limits the job</p>
        {LIMITS.map(({ limit, label, kind }) => (
          <QuantityField
            key={limit}
            label={label}
            kind={kind}
            value={brief.limits[limit]}
            placeholder="no limit"
            onCommit={(value) => store.edit(setLimit(limit, value))}
            onEmpty={() => (brief.limits[limit] === null ? null : store.edit(setLimit(limit, null)))}
          />
        ))}
      </fieldset>
      <ServiceFields />
      <WorthFields />
      <Standing words={inTheWay(ledger, brief.limits).map((obstacle) => obstacleWords(obstacle, writing))} />
      {cautionsFor(brief.kind).map((caution) => (
        <Remark key={caution} kind="caution">
          {caution}
        </Remark>
      ))}
    </div>
  )
}

/** At what age and humidity insulation is reckoned, each layer at its own temperature; or as its label declares. */
function ServiceFields() {
  const { brief } = useJob()
  const store = useJobStore()
  const { service } = brief
  return (
    <fieldset className="grid grid-cols-3 items-end gap-x-4 gap-y-2 border-t border-seam pt-2">
      <legend className="sr-only">Insulation in service</legend>
      <p className="col-span-3 font-display text-[15px] font-semibold">How insulation is reckoned</p>
      <SelectField
        label="Conductivity"
        value={service ? "service" : "declared"}
        options={[
          { value: "service", name: "as it is in the wall" },
          { value: "declared", name: "as the label declares" },
        ]}
        onChange={(value) => store.edit(setService(value === "service" ? SERVICE : null))}
      />
      {service ? (
        <>
          <QuantityField
            label="Age, years"
            kind="ratio"
            value={service.age}
            onCommit={(age) => store.edit(setService({ ...service, age }))}
          />
          <QuantityField
            label="Humidity within the layers"
            kind="percent"
            value={service.relativeHumidity}
            onCommit={(relativeHumidity) => store.edit(setService({ ...service, relativeHumidity }))}
          />
        </>
      ) : null}
    </fieldset>
  )
}

/** What saving heat is worth, by which a layer's thickness stops paying. */
function WorthFields() {
  const { brief } = useJob()
  const store = useJobStore()
  const field = (key: keyof Worth, label: string, kind: Kind) => (
    <QuantityField label={label} kind={kind} value={brief.worth[key]} onCommit={(value) => store.edit(setWorth({ [key]: value }))} />
  )
  return (
    <fieldset className="grid grid-cols-3 items-end gap-x-4 gap-y-2 border-t border-seam pt-2">
      <legend className="sr-only">What saving is worth</legend>
      <p className="col-span-3">
        <span className="font-display text-[15px] font-semibold">What saving is worth</span>
        <span className="ml-2 text-dense text-graphite">says where more of a layer stops paying; the prices are yours to say</span>
      </p>
      {field("energy", "Heat or cold, as delivered", "energyPrice")}
      {field("years", "Years of use that count", "ratio")}
      {field("rate", "Interest without inflation", "percent")}
      {field("store", "Battery and panel, for a day’s use", "energyPrice")}
      {field("room", "Room inside", "volumePrice")}
    </fieldset>
  )
}

function Standing({ words }: { words: string[] }) {
  if (words.length === 0) return <Remark kind="remark" title="Nothing stands in the way of what is asked." />
  return (
    <Remark kind="remark" title="What stands in the way">
      {words.join(" · ")}
    </Remark>
  )
}
