"use client"
import { ToggleGroup } from "radix-ui"
import { setInside } from "../../../edit/brief-edits"
import type { Away } from "../../../schema/job/inside"
import { fieldsOf } from "../../fields/fields-of"
import { useJob, useJobStore } from "../../job/job-store"
import { SelectField } from "../../primitives/fields"

const WEEK = ["Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday", "Sunday"] as const

/** Heater and cooler off, and brought back in two hours from when people come. */
const LET_GO: Away = { heating: null, cooling: null, hours: 2, early: false }

/** On which days people come, and what heater and cooler hold while nobody is there. */
export function ComingFields() {
  const { inside } = useJob().brief
  const store = useJobStore()
  const { away, days } = inside
  const fields = away && fieldsOf(away, (part) => store.edit(setInside({ away: { ...away, ...part } })))
  return (
    <div className="col-span-full grid grid-cols-3 items-end gap-x-4 gap-y-2 narrow:grid-cols-2">
      <div className="col-span-full">
        <span className="block text-dense text-graphite" id="days-of-week">
          Days on which they come
        </span>
        <ToggleGroup.Root
          type="multiple"
          aria-labelledby="days-of-week"
          className="flex flex-wrap gap-1 pt-1"
          value={WEEK.filter((_, i) => days[i])}
          onValueChange={(chosen) => void store.edit(setInside({ days: WEEK.map((day) => chosen.includes(day)) }))}
        >
          {WEEK.map((day) => (
            <ToggleGroup.Item
              key={day}
              value={day}
              aria-label={day}
              className="rounded-soft border border-seam px-2 py-1 hover:bg-chosen data-[state=on]:border-spruce data-[state=on]:bg-chosen data-[state=on]:font-semibold"
            >
              {day.slice(0, 3)}
            </ToggleGroup.Item>
          ))}
        </ToggleGroup.Root>
      </div>
      <SelectField
        label="While nobody is there"
        value={away ? "away" : "held"}
        options={[
          { value: "held", name: "held the same" },
          { value: "away", name: "something else" },
        ]}
        onChange={(value) => void store.edit(setInside({ away: value === "away" ? LET_GO : null }))}
      />
      {fields ? (
        <>
          {fields.maybe("heating", "temperature", "Heater then keeps", "off")}
          {fields.maybe("cooling", "temperature", "Cooler then keeps", "off")}
          {fields.quantity("hours", "ratio", "Brought back within, hours")}
          <SelectField
            label="It begins"
            value={away.early ? "early" : "coming"}
            options={[
              { value: "coming", name: "when they come" },
              { value: "early", name: "so long before they come" },
            ]}
            onChange={(value) => void store.edit(setInside({ away: { ...away, early: value === "early" } }))}
          />
        </>
      ) : null}
    </div>
  )
}
