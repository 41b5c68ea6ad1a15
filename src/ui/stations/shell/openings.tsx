"use client"
import { v4 as newId } from "uuid"
import { printWithUnit } from "../../../core/quantity/measure"
import { faceName } from "../../../core/shell/face-name"
import { addOpening, removeOpening, setOpening } from "../../../edit/shell-edits"
import type { FaceId, Opening } from "../../../schema/job/shell"
import { FACES } from "../../../schema/job/references"
import { useJob, useJobStore } from "../../job/job-store"
import { QuantityField, SelectField, TypedField } from "../../primitives/fields"
import { useChosenFace } from "../use-figures"
import { PartList } from "./part-list"

/** Doors, windows and hatches of all faces; a new one goes into the chosen face. */
export function Openings() {
  const job = useJob()
  const store = useJobStore()
  const figures = useChosenFace()
  const { openings, form } = job.shell
  const add = () => {
    const id = `o-${newId().slice(0, 8)}`
    const opening: Opening = {
      name: "Window",
      kind: "window",
      face: figures.id,
      x: 0.3,
      y: 0.9,
      width: 0.6,
      height: 0.5,
      uValue: 2.8,
      solarFactor: 0.6,
    }
    return store.edit(addOpening(id, opening)) ? null : id
  }
  const parts = Object.entries(openings).map(([id, opening]) => ({
    id,
    name: opening.name,
    words: [
      faceName(opening.face, job.brief.kind, form.kind).toLowerCase(),
      `${printWithUnit("length", opening.width, job.units)} × ${printWithUnit("length", opening.height, job.units)}`,
      `U ${printWithUnit("transmittance", opening.uValue, job.units)}`,
    ].join(" · "),
    fields: <OpeningFields id={id} opening={opening} />,
    onRemove: () => store.edit(removeOpening(id)),
  }))
  return (
    <PartList title="Doors, windows, hatches" addName={`Opening in the ${figures.name.toLowerCase()}`} onAdd={add} parts={parts}>
      {parts.length === 0 ? "None yet. Choose a face on the pelt and add one." : undefined}
    </PartList>
  )
}

function OpeningFields({ id, opening }: { id: string; opening: Opening }) {
  const job = useJob()
  const store = useJobStore()
  const length = (key: "width" | "height" | "x" | "y", label: string) => (
    <QuantityField
      label={label}
      kind="length"
      system={job.units}
      value={opening[key]}
      onCommit={(value) => store.edit(setOpening(id, { [key]: value }))}
    />
  )
  return (
    <div className="grid grid-cols-3 gap-x-4 gap-y-2 pt-1 pb-3">
      <TypedField label="Name" shown={opening.name} onCommit={(name) => store.edit(setOpening(id, { name: name.trim() }))} />
      <SelectField
        label="Kind"
        value={opening.kind}
        options={[
          { value: "window", name: "window" },
          { value: "door", name: "door" },
          { value: "hatch", name: "hatch or fan" },
        ]}
        onChange={(kind) => store.edit(setOpening(id, { kind }))}
      />
      <SelectField<FaceId>
        label="In"
        value={opening.face}
        options={FACES[job.shell.form.kind].map((face) => ({
          value: face,
          name: faceName(face, job.brief.kind, job.shell.form.kind),
        }))}
        onChange={(face) => store.edit(setOpening(id, { face }))}
      />
      {length("width", "Width")}
      {length("height", "Height")}
      <QuantityField
        label="U, frame included"
        kind="transmittance"
        system={job.units}
        value={opening.uValue}
        onCommit={(uValue) => store.edit(setOpening(id, { uValue }))}
      />
      {length("x", "From the left, seen from inside")}
      {length("y", "From the lower edge")}
      <QuantityField
        label="Sun let in, 0 to 1"
        kind="ratio"
        system={job.units}
        value={opening.solarFactor}
        onCommit={(solarFactor) => store.edit(setOpening(id, { solarFactor }))}
      />
    </div>
  )
}
