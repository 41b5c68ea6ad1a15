"use client"
import { setAround } from "../../../edit/shell-edits"
import { fieldsOf } from "../../fields/fields-of"
import { useJob, useJobStore } from "../../job/job-store"
import { QuantityField } from "../../primitives/fields"

const ROUND = ["north", "north-east", "east", "south-east", "south", "south-west", "west", "north-west"] as const

/** How high trees, houses and hills reach all round, and a roof that it stands under. */
export function AroundFields() {
  const { around } = useJob().shell
  const store = useJobStore()
  const { maybe } = fieldsOf(around, (part) => store.edit(setAround(part)))
  return (
    <section aria-label="What stands around it" className="grid grid-cols-4 items-end gap-x-4 gap-y-2 narrow:grid-cols-2">
      <h2 className="col-span-full font-display text-[15px] font-semibold">What hides the sun around it</h2>
      {ROUND.map((name, i) => (
        <QuantityField
          key={name}
          label={`In the ${name}`}
          kind="angle"
          value={around.horizon[i]!}
          onCommit={(altitude) => store.edit(setAround({ horizon: around.horizon.map((one, j) => (j === i ? altitude : one)) }))}
        />
      ))}
      {maybe("roof", "angle", "Under a roof, sun hidden from", "no roof")}
      <p className="col-span-full text-dense text-graphite">
        Degrees above level that trees, houses and hills reach; a fist at arm’s length is about 10. They hide the sun itself, not the light
        of the sky. Under a roof it sees no sky either.
      </p>
    </section>
  )
}
