"use client"
import { setChassis } from "../../../edit/shell-edits"
import { roundedSize } from "../../../edit/start/rounded-size"
import type { Chassis } from "../../../schema/job/shell"
import { useJob, useJobStore } from "../../job/job-store"
import { fieldsOf } from "../../fields/fields-of"
import { SelectField } from "../../primitives/fields"

const FIRST_CHASSIS: Chassis = { width: 0.06, height: 0.12, wall: 0.004 }

/** Steel under the edges of the floor, which the foot of each wall is then reckoned with. */
export function ChassisFields() {
  const { shell, units } = useJob()
  const { chassis } = shell
  const store = useJobStore()
  const fields = chassis && fieldsOf(chassis, (part) => store.edit(setChassis({ ...chassis, ...part })))
  return (
    <section aria-label="Steel of the frame" className="grid grid-cols-4 items-end gap-x-4 gap-y-2">
      <SelectField
        label="Steel under the floor’s edges"
        value={chassis ? "tube" : "none"}
        options={[
          { value: "none", name: "not described" },
          { value: "tube", name: "a tube" },
        ]}
        onChange={(kind) => store.edit(setChassis(kind === "none" ? null : roundedSize(FIRST_CHASSIS, units)))}
      />
      {fields ? (
        <>
          {fields.length("width", "Its width")}
          {fields.length("height", "Its height")}
          {fields.length("wall", "Its wall")}
          <p className="col-span-4 text-dense text-graphite">
            The foot of each wall is calculated on it, in two dimensions; a board between floor and frame is the floor’s outermost layer.
          </p>
        </>
      ) : null}
    </section>
  )
}
