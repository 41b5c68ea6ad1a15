import type { Opening } from "../../../schema/job/shell"
import type { Fault } from "../../../schema/outcome"
import { fieldsOf } from "../../fields/fields-of"
import { SelectField } from "../../primitives/fields"

type Traffic = NonNullable<Opening["traffic"]>

const GUARDS: Readonly<Record<Traffic["guard"], string>> = { none: "nothing", strips: "strips that hang", air: "an air curtain" }

/** A door of a cold room, or of a workshop where much goes in and out, as one first guesses it. */
const FIRST: Traffic = { perDay: 30, seconds: 20, guard: "none" }

/** How often a door stands open, and what then hangs in it: its heat counts on the hottest day. */
export function DoorTraffic({ opening, onChange }: { opening: Opening; onChange: (part: Pick<Opening, "traffic">) => Fault | null }) {
  const { traffic } = opening
  const fields = traffic && fieldsOf(traffic, (part) => onChange({ traffic: { ...traffic, ...part } }))
  return (
    <>
      <SelectField
        label="Heat as it is opened"
        value={traffic ? "counted" : "none"}
        options={[
          { value: "none", name: "not counted" },
          { value: "counted", name: "counted on the hottest day" },
        ]}
        onChange={(value) => void onChange({ traffic: value === "counted" ? FIRST : null })}
      />
      {fields ? (
        <>
          {fields.quantity("perDay", "ratio", "Opened, times a day")}
          {fields.quantity("seconds", "ratio", "Open each time, seconds")}
          {fields.choice("guard", "In it while open", GUARDS)}
        </>
      ) : null}
    </>
  )
}
