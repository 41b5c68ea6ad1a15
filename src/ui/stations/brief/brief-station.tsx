"use client"
import { Fragment } from "react"
import { cautionsFor } from "../../../core/ledger/cautions"
import { inTheWay } from "../../../core/ledger/in-the-way"
import { obstacleWords } from "../../../core/ledger/obstacle"
import { CLIMATE_STATIONS } from "../../../core/climate/climate-stations"
import {
  SERVICE,
  setCurrency,
  setIndoors,
  setLimits,
  setOutdoors,
  setService,
  setStation,
  setUse,
  setWorth,
} from "../../../edit/brief-edits"
import { CURRENCIES } from "../../../core/quantity/currency"
import { CurrencyCode } from "../../../schema/currency"
import type { Kind } from "../../../core/quantity/measure"
import type { AirState, Season } from "../../../schema/quantity"
import type { Limits } from "../../../schema/job/job"
import { useJob, useJobStore } from "../../job/job-store"
import { useLedger } from "../../job/use-ledger"
import { Button } from "../../primitives/button"
import { fieldsOf } from "../../fields/fields-of"
import { SelectField, TypedField } from "../../primitives/fields"
import { whenIdle } from "../../primitives/later"
import { Remark } from "../../primitives/remark"
import { useWriting } from "../../writing/writing"

const OwnWeather = whenIdle(() => import("../../weather/own-weather").then((module) => module.OwnWeather))
const PlantFields = whenIdle(() => import("./plant-fields").then((module) => module.PlantFields))
const InsideFields = whenIdle(() => import("./inside-fields").then((module) => module.InsideFields))

/** Stands among the stations for weather that the job brings along. */
const OWN = "own"

const SEASONS: readonly { season: Season; outdoors: string }[] = [
  { season: "winter", outdoors: "Worst night" },
  { season: "summer", outdoors: "Worst afternoon" },
]

/** Fields of an air: inside, and outdoors, where the temperature is that of the season's worst hour. */
const AIR = [
  ["temperature", "temperature", "Inside", undefined],
  ["relativeHumidity", "percent", "Humidity", "Humidity then"],
] as const

/** An air without what else a condition says. */
const air = ({ temperature, relativeHumidity }: AirState): AirState => ({ temperature, relativeHumidity })

const LIMITS: readonly (readonly [keyof Limits, string, Kind])[] = [
  ["height", "Height that must be left", "length"],
  ["weight", "Weight at most", "mass"],
  ["money", "Money at most", "money"],
]

/** What it is for, where it stands, what it must hold and what limits it. */
export function BriefStation() {
  const job = useJob()
  const store = useJobStore()
  const ledger = useLedger()
  const { brief } = job
  const writing = useWriting()
  const limits = fieldsOf(brief.limits, (part) => store.edit(setLimits(part)))
  return (
    <div className="station gap-4">
      <h1 className="font-display text-[20px] leading-7 font-bold">What is asked of it</h1>
      <Standing
        words={inTheWay(ledger, brief.limits).map((obstacle) => obstacleWords(obstacle, writing.write))}
        pending={ledger.pending.length > 0}
      />
      <TypedField label="Who or what is inside, and when" shown={brief.use} onCommit={(text) => store.edit(setUse(text.trim()))} />
      <SelectField
        label="Place (all invented; bring your own figures below)"
        value={brief.weather ? OWN : brief.station}
        options={[
          ...(brief.weather ? [{ value: OWN, name: `${brief.weather.name}, weather of your own` }] : []),
          ...Object.entries(CLIMATE_STATIONS).map(([value, { name, words }]) => ({ value, name: `${name}, ${words}` })),
        ]}
        onChange={(station) => (station === OWN ? null : store.edit(setStation(station)))}
      />
      <OwnWeather />
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
                  take the place’s figures again
                </Button>
              ) : null}
            </p>
            {AIR.map(([key, kind, label]) =>
              key === "relativeHumidity" && brief.inside.water ? (
                <p key={key} className="self-end pb-1 text-dense text-graphite">
                  {writing.write("percent", inside.relativeHumidity)} humid in the {season === "winter" ? "coldest" : "warmest"} month, by
                  what gives off water below
                </p>
              ) : (
                <Fragment key={key}>{fieldsOf(inside, (part) => store.edit(setIndoors(season, part))).quantity(key, kind, label)}</Fragment>
              ),
            )}
            {AIR.map(([key, kind, , label]) => (
              <Fragment key={key}>
                {fieldsOf(air(outside), (part) => store.edit(setOutdoors(season, { ...air(outside), ...part }))).quantity(
                  key,
                  kind,
                  label ?? outdoors,
                )}
              </Fragment>
            ))}
          </fieldset>
        )
      })}
      <fieldset className="grid grid-cols-3 gap-x-4 gap-y-2 border-t border-seam pt-2">
        <legend className="sr-only">Limits</legend>
        <p className="col-span-3 font-display text-[15px] font-semibold">What limits the job</p>
        {LIMITS.map(([limit, label, kind]) => (
          <Fragment key={limit}>{limits.maybe(limit, kind, label, "no limit")}</Fragment>
        ))}
        <SelectField
          label="Currency of prices"
          value={job.currency}
          options={CurrencyCode.options.map((value) => ({
            value,
            name: `${CURRENCIES[value].symbol} ${value}, ${CURRENCIES[value].name}`,
          }))}
          onChange={(currency) => store.edit(setCurrency(currency))}
        />
      </fieldset>
      <PlantFields />
      <InsideFields />
      <ServiceFields />
      <WorthFields />
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
  const fields = service && fieldsOf(service, (part) => store.edit(setService({ ...service, ...part })))
  return (
    <fieldset className="grid grid-cols-3 items-end gap-x-4 gap-y-2 border-t border-seam pt-2">
      <legend className="sr-only">Insulation in service</legend>
      <p className="col-span-3 font-display text-[15px] font-semibold">How insulation values are calculated</p>
      <SelectField
        label="Conductivity"
        value={service ? "service" : "declared"}
        options={[
          { value: "service", name: "as it is in the wall" },
          { value: "declared", name: "as the label declares" },
        ]}
        onChange={(value) => store.edit(setService(value === "service" ? SERVICE : null))}
      />
      {fields ? (
        <>
          {fields.quantity("age", "ratio", "Age, years")}
          {fields.quantity("relativeHumidity", "percent", "Humidity within the layers")}
        </>
      ) : null}
    </fieldset>
  )
}

/** What saving heat is worth, by which a layer's thickness stops paying. */
function WorthFields() {
  const { brief } = useJob()
  const store = useJobStore()
  const { quantity } = fieldsOf(brief.worth, (part) => store.edit(setWorth(part)))
  return (
    <fieldset className="grid grid-cols-3 items-end gap-x-4 gap-y-2 border-t border-seam pt-2">
      <legend className="sr-only">What saving is worth</legend>
      <p className="col-span-3">
        <span className="font-display text-[15px] font-semibold">What saving is worth</span>
        <span className="ml-2 text-dense text-graphite">says where more of a layer stops paying; the prices are yours to say</span>
      </p>
      {quantity("energy", "energyPrice", "Heat or cold, as delivered")}
      {quantity("years", "ratio", "Years of use that count")}
      {quantity("rate", "percent", "Interest without inflation")}
      {quantity("store", "energyPrice", "Battery and panel, for a day’s use")}
      {quantity("room", "volumePrice", "Room inside")}
    </fieldset>
  )
}

/** @param pending cold bridges are still worked out, and may add to it */
function Standing({ words, pending }: { words: string[]; pending: boolean }) {
  if (words.length === 0 && pending)
    return <Remark kind="remark" title="Cold bridges are still being worked out: nothing in the way so far." />
  if (words.length === 0) return <Remark kind="remark" title="Nothing stands in the way of what is asked." />
  return (
    <Remark kind="remark" title="What stands in the way">
      {words.join(" · ")}
    </Remark>
  )
}
