"use client"
import { v4 as newId } from "uuid"
import { printWithUnit } from "../../../core/quantity/measure"
import { addBox, removeBox, setBox } from "../../../edit/shell-edits"
import type { FloorBox } from "../../../schema/job/shell"
import { useJob, useJobStore, useLedger } from "../../job/job-store"
import { QuantityField, SelectField, TypedField } from "../../primitives/fields"
import { PartList } from "./part-list"

/** Wheel boxes and steps: what stands on the floor against a side wall. */
export function FloorBoxes() {
  const { shell, units } = useJob()
  const { clear } = useLedger()
  const store = useJobStore()
  const entries = Object.entries(shell.boxes)
  const add = () => {
    const id = `b-${newId().slice(0, 8)}`
    const side = entries.some(([, box]) => box.side === "left") ? "right" : "left"
    const box: FloorBox = { name: `${side === "left" ? "Left" : "Right"} wheel box`, side, x: 0.5, length: 0.9, width: 0.22, height: 0.3 }
    return store.edit(addBox(id, box)) ? null : id
  }
  const parts = entries.map(([id, box]) => ({
    id,
    name: box.name,
    words: `${box.side} side · ${[box.length, box.width, box.height].map((size) => printWithUnit("length", size, units)).join(" × ")}`,
    fields: <BoxFields id={id} box={box} />,
    onRemove: () => store.edit(removeBox(id)),
  }))
  return (
    <PartList title="Wheel boxes, steps" addName="Box on the floor" onAdd={add} parts={parts}>
      {entries.length === 0
        ? "None: nothing stands on the floor."
        : `${printWithUnit("length", clear.widthBetweenBoxes, units)} clear between them; their ends are skin too, and count with their wall.`}
    </PartList>
  )
}

function BoxFields({ id, box }: { id: string; box: FloorBox }) {
  const { units } = useJob()
  const store = useJobStore()
  const length = (key: "x" | "length" | "width" | "height", label: string) => (
    <QuantityField
      label={label}
      kind="length"
      system={units}
      value={box[key]}
      onCommit={(value) => store.edit(setBox(id, { [key]: value }))}
    />
  )
  return (
    <div className="grid grid-cols-3 gap-x-4 gap-y-2 pt-1 pb-3">
      <TypedField label="Name" shown={box.name} onCommit={(name) => store.edit(setBox(id, { name: name.trim() }))} />
      <SelectField
        label="Side"
        value={box.side}
        options={[
          { value: "left", name: "left" },
          { value: "right", name: "right" },
        ]}
        onChange={(side) => store.edit(setBox(id, { side }))}
      />
      {length("x", "From the back")}
      {length("length", "Along the wall")}
      {length("width", "Out from the wall")}
      {length("height", "Above the floor")}
    </div>
  )
}
