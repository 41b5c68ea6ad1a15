"use client"
import { Plus, Trash2 } from "lucide-react"
import { useState } from "react"
import { v4 as newId } from "uuid"
import { PER_PERSON, ventilationFlow } from "../../../core/inside/ventilation"
import { setVentilation } from "../../../edit/assembly-edits"
import { setGoods, setInside } from "../../../edit/brief-edits"
import type { Activity, Goods, WaterSources } from "../../../schema/job/inside"
import { fieldsOf } from "../../fields/fields-of"
import { useJob, useJobStore } from "../../job/job-store"
import { Button, IconButton } from "../../primitives/button"
import { SelectField } from "../../primitives/fields"
import { Remark } from "../../primitives/remark"
import { useWriting } from "../../writing/writing"
import { ComingFields } from "./coming-fields"

const ACTIVITY: Readonly<Record<Activity, string>> = {
  seated: "sit or sleep",
  "light-work": "work at a bench",
  "heavy-work": "work hard",
}

/** Roots, as most of what is kept cold: mostly water, alive. @see ASHRAE Refrigeration 2018, ch. 19, tables 3 and 9 (potatoes) */
const ROOTS: Goods = {
  name: "Roots",
  mass: 50,
  hours: 24,
  temperature: 18,
  specificHeat: 3670,
  freezing: { temperature: -0.6, latentHeat: 264_000, specificHeat: 1930 },
  stored: 300,
  respiration: 0.018,
}

/** Who and what is inside, and what air is let in for them: all of it is heat. */
export function InsideFields() {
  const { brief, variants, active } = useJob()
  const store = useJobStore()
  const { inside } = brief
  const fields = fieldsOf(inside, (part) => store.edit(setInside(part)))
  const air = fieldsOf(variants[active]!.ventilation, (part) => store.edit(setVentilation(part)))
  return (
    <fieldset className="grid grid-cols-3 items-end gap-x-4 gap-y-2 narrow:grid-cols-2 border-t border-seam pt-2">
      <legend className="sr-only">Who and what is inside</legend>
      <p className="col-span-full">
        <span className="font-display text-[15px] font-semibold">Who and what is inside</span>
        <span className="ml-2 text-dense text-graphite">counts on the hottest day; on the worst night only the air that is let in</span>
      </p>
      {fields.quantity("people", "ratio", "People inside, on average")}
      {fields.choice("activity", "They", ACTIVITY)}
      {fields.quantity("equipment", "power", "Lamps, machines, fans, stove")}
      {fields.quantity("from", "ratio", "They are there from (hour)")}
      {fields.quantity("to", "ratio", "until (hour)")}
      <div className="narrow:hidden" />
      <ComingFields />
      <AirRule />
      {air.quantity("always", "airFlow", "Through vents always open")}
      {air.quantity("recovery", "percent", "Heat that an exchanger keeps")}
      <TightWords />
      <WaterFields />
      <GoodsList />
      {fields.quantity("defrost", "power", "Thawing the cooler’s coil, on average")}
      {fields.quantity("running", "ratio", "Cooler may run, hours a day")}
      {fields.quantity("reserve", "percent", "Its reserve")}
    </fieldset>
  )
}

/** Outdoor air for each person: by a rule that has a name, or typed. */
function AirRule() {
  const { variants, active } = useJob()
  const store = useJobStore()
  const { write } = useWriting()
  const { ventilation } = variants[active]!
  const known = Object.entries(PER_PERSON).find(([, flow]) => flow === ventilation.perPerson)?.[0]
  const [typing, setTyping] = useState(false)
  const rule = typing ? "typed" : (known ?? (ventilation.perPerson === 0 ? "none" : "typed"))
  return (
    <>
      <SelectField
        label="Outdoor air for each person"
        value={rule}
        options={[
          { value: "none", name: "only what leaks" },
          ...Object.entries(PER_PERSON).map(([value, flow]) => ({ value, name: `EN 16798-1, ${value}: ${write("airFlow", flow)}` })),
          { value: "typed", name: "typed" },
        ]}
        onChange={(value) => {
          setTyping(value === "typed")
          if (value !== "typed") store.edit(setVentilation({ perPerson: PER_PERSON[value as keyof typeof PER_PERSON] ?? 0 }))
        }}
      />
      {rule === "typed"
        ? fieldsOf(ventilation, (part) => store.edit(setVentilation(part))).quantity("perPerson", "airFlow", "Air for each person, typed")
        : null}
    </>
  )
}

/** A litre of cooking, and nothing else: to begin from. */
const A_LITTLE: WaterSources = { cooking: 1, clothes: 0, animals: 0, goods: 0, burners: 0 }

/** What gives off water inside, where the humidity is to follow from it. */
function WaterFields() {
  const { water } = useJob().brief.inside
  const store = useJobStore()
  const fields = water && fieldsOf(water, (part) => store.edit(setInside({ water: { ...water, ...part } })))
  return (
    <div className="col-span-full grid grid-cols-3 items-end gap-x-4 gap-y-2 narrow:grid-cols-2">
      <div className="col-span-full grid grid-cols-2">
        <SelectField
          label="Humidity inside"
          value={water ? "follows" : "typed"}
          options={[
            { value: "typed", name: "as typed above" },
            { value: "follows", name: "by what gives off water, and the air that comes in" },
          ]}
          onChange={(value) => void store.edit(setInside({ water: value === "follows" ? A_LITTLE : null }))}
        />
      </div>
      {fields ? (
        <>
          {fields.quantity("cooking", "mass", "Cooking, water a day in use")}
          {fields.quantity("clothes", "mass", "Wet clothes, washing, water a day")}
          {fields.quantity("animals", "mass", "Animals and plants, water a day")}
          {fields.quantity("goods", "mass", "Goods that dry, water a day")}
          {fields.quantity("burners", "charge", "Flames without a flue, burnt a day")}
          <p className="pb-1 text-dense text-graphite">People’s breath is counted by how many they are and what they do.</p>
          {water && water.burners > 0 ? (
            <div className="col-span-full">
              <Remark kind="caution">
                A flame without a flue gives its water and its carbon monoxide to the room: never while anyone sleeps; outdoor air and an
                alarm are a must. Your local code may forbid it.
              </Remark>
            </div>
          ) : null}
        </>
      ) : null}
    </div>
  )
}

/** Said to whoever lets no air in on purpose while people are inside. */
function TightWords() {
  const { brief, variants, active } = useJob()
  const { people } = brief.inside
  // Nobody stays in a store, and its door is opened.
  if (brief.kind === "cold-room" || people === 0 || ventilationFlow(variants[active]!.ventilation, people) > 0) return null
  return (
    <div className="col-span-full">
      <Remark kind="caution">
        People are inside and no outdoor air is let in for them. Leaks alone are no ventilation: they stop when the wind does. A burner or a
        sleeper in a tight room needs fresh air and a carbon monoxide alarm; your local code says how much.
      </Remark>
    </div>
  )
}

function GoodsList() {
  const { goods } = useJob().brief.inside
  const store = useJobStore()
  const { write } = useWriting()
  const [open, setOpen] = useState<string | null>(null)
  return (
    <section aria-label="Goods" className="col-span-full">
      <div className="flex items-end justify-between gap-3">
        <h2 className="font-semibold">Goods that come in warm</h2>
        <Button
          onClick={() => {
            const id = `goods-${newId().slice(0, 8)}`
            if (!store.edit(setGoods(id, ROOTS))) setOpen(id)
          }}
        >
          <Plus size={14} aria-hidden className="mr-1 inline" />
          Goods
        </Button>
      </div>
      <ul>
        {Object.entries(goods).map(([id, one]) => (
          <li key={id} className="border-b border-seam py-1">
            <div className="flex items-center gap-2">
              <button
                type="button"
                aria-expanded={open === id}
                className="grow truncate text-left"
                onClick={() => setOpen(open === id ? null : id)}
              >
                <span className="font-semibold">{one.name}</span>
                <span className="text-graphite">
                  , {write("mass", one.mass)} at {write("temperature", one.temperature)}, {write("mass", one.stored)} lie there
                </span>
              </button>
              <IconButton name={`Remove ${one.name}`} onClick={() => store.edit(setGoods(id, null))}>
                <Trash2 size={16} aria-hidden />
              </IconButton>
            </div>
            {open === id ? <GoodsFields id={id} goods={one} /> : null}
          </li>
        ))}
      </ul>
    </section>
  )
}

function GoodsFields({ id, goods }: { id: string; goods: Goods }) {
  const store = useJobStore()
  const change = (part: Partial<Goods>) => store.edit(setGoods(id, { ...goods, ...part }))
  const fields = fieldsOf(goods, change)
  const { freezing } = goods
  const frozen = freezing && fieldsOf(freezing, (part) => change({ freezing: { ...freezing, ...part } }))
  return (
    <div className="grid grid-cols-3 items-end gap-x-4 gap-y-2 narrow:grid-cols-2 pt-1 pb-3">
      {fields.text("name", "Name of the goods")}
      {fields.quantity("mass", "mass", "Comes in at a time")}
      {fields.quantity("temperature", "temperature", "How warm it comes in")}
      {fields.quantity("hours", "ratio", "Cold after, hours")}
      {fields.quantity("stored", "mass", "Lies there")}
      {fields.quantity("respiration", "respiration", "Heat of what lives")}
      {fields.quantity("specificHeat", "specificHeat", "Heat to warm it a degree")}
      <SelectField
        label="Freezes"
        value={freezing ? "yes" : "no"}
        options={[
          { value: "yes", name: "yes" },
          { value: "no", name: "no" },
        ]}
        onChange={(value) => void change({ freezing: value === "yes" ? ROOTS.freezing : null })}
      />
      {frozen ? (
        <>
          {frozen.quantity("temperature", "temperature", "Begins to freeze at")}
          {frozen.quantity("latentHeat", "latentHeat", "Heat of freezing")}
          {frozen.quantity("specificHeat", "specificHeat", "Frozen, heat for a degree")}
        </>
      ) : null}
    </div>
  )
}
