"use client"
import { Plus, Trash2 } from "lucide-react"
import { useState } from "react"
import { v4 as newId } from "uuid"
import { printWithUnit } from "../../../core/quantity/measure"
import { compassPoint, faceName } from "../../../core/shell/face-name"
import { addOpening, removeOpening, setAzimuth, setDimension, setFloor, setForm, setOpening, setSetting } from "../../../edit/shell-edits"
import type { Dimension, FormKind } from "../../../schema/job/form"
import type { FaceId, Opening } from "../../../schema/job/job"
import { FACES } from "../../../schema/job/references"
import { useJob, useJobStore, useLedger } from "../../job/job-store"
import { DIMENSIONS, FORM_NAMES } from "../../dimensions"
import { Button, IconButton } from "../../primitives/button"
import { QuantityField, SelectField, TypedField } from "../../primitives/fields"
import { Remark } from "../../primitives/remark"
import { useChosenFace } from "../use-figures"
import { FloorBoxes } from "./floor-boxes"
import { MeasuringRound } from "./measuring-round"

/** The enclosure's measures, where it stands, and its openings. */
export function ShellStation() {
  const job = useJob()
  const store = useJobStore()
  const ledger = useLedger()
  const { shell, units } = job
  return (
    <div className="station gap-4">
      <div className="flex flex-wrap items-baseline gap-x-3">
        <h1 className="font-display text-[20px] leading-7 font-bold">Measures over all</h1>
        <p className="text-graphite">skin to skin: build-ups reach inward · {printWithUnit("volume", ledger.volume, units)}</p>
      </div>
      <MeasuringRound key={shell.form.kind} />
      <div className="grid grid-cols-3 gap-x-4 gap-y-2">
        {DIMENSIONS[shell.form.kind].map(({ dimension, label }) => (
          <QuantityField
            key={dimension}
            label={label}
            kind="length"
            system={units}
            value={(shell.form as Partial<Record<Dimension, number>>)[dimension]!}
            onCommit={(value) => store.edit(setDimension(dimension, value))}
          />
        ))}
        <SelectField
          label="Form"
          value={shell.form.kind}
          options={(Object.keys(FORM_NAMES) as FormKind[]).map((value) => ({ value, name: FORM_NAMES[value] }))}
          onChange={(kind) => {
            store.edit(setForm(kind))
            store.choose({ face: "left", layer: null })
          }}
        />
        <SelectField
          label="Where it stands"
          value={shell.setting}
          options={[
            { value: "open", name: "in sun and wind" },
            { value: "indoors", name: "in another building" },
          ]}
          onChange={(setting) => store.edit(setSetting(setting))}
        />
        <SelectField
          label="Under the floor"
          value={shell.floor}
          options={[
            { value: "air", name: "outdoor air" },
            { value: "ground", name: "a slab on the ground" },
          ]}
          onChange={(floor) => store.edit(setFloor(floor))}
        />
        <QuantityField
          label={`Front looks ${compassPoint(shell.azimuth)} (north 0, east 90)`}
          kind="angle"
          system={units}
          value={shell.azimuth}
          onCommit={(value) => store.edit(setAzimuth(value))}
        />
      </div>
      <FaceLine />
      <Openings />
      <FloorBoxes />
      {ledger.misfits.map(({ message }) => (
        <Remark key={message} kind="remark" title={message} />
      ))}
    </div>
  )
}

function FaceLine() {
  const figures = useChosenFace()
  const { units } = useJob()
  return (
    <p className="border-t border-seam pt-3 text-graphite">
      <span className="font-semibold text-ink">{figures.name}:</span> {printWithUnit("area", figures.face.area, units)}, of it{" "}
      {printWithUnit("area", figures.netArea, units)} without openings · tilt {Math.round(figures.face.tilt)}°
      {figures.face.tilt > 0 && figures.face.tilt < 180
        ? ` · looks ${compassPoint(figures.face.azimuth)}, ${Math.round(figures.face.azimuth)}°`
        : ""}
    </p>
  )
}

/** Openings of the chosen face first; one at a time is opened to be changed. */
function Openings() {
  const job = useJob()
  const store = useJobStore()
  const figures = useChosenFace()
  const [opened, setOpened] = useState<string | null>(null)
  const entries = Object.entries(job.shell.openings)
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
    if (!store.edit(addOpening(id, opening))) setOpened(id)
  }
  return (
    <div className="border-t border-seam pt-3">
      <div className="flex items-center justify-between">
        <h2 className="font-display text-[15px] font-semibold">Doors, windows, hatches</h2>
        <Button onClick={add}>
          <Plus size={14} aria-hidden className="mr-1 inline" />
          Opening in the {figures.name.toLowerCase()}
        </Button>
      </div>
      <ul>
        {entries.map(([id, opening]) => (
          <li key={id} className="border-b border-seam py-1">
            <div className="flex items-center gap-2">
              <button
                type="button"
                aria-expanded={opened === id}
                className="grow truncate text-left"
                onClick={() => setOpened(opened === id ? null : id)}
              >
                <span className="font-semibold">{opening.name}</span>
                <span className="text-graphite">
                  , {faceName(opening.face, job.brief.kind, job.shell.form.kind).toLowerCase()} ·{" "}
                  {printWithUnit("length", opening.width, job.units)} × {printWithUnit("length", opening.height, job.units)} · U{" "}
                  {printWithUnit("transmittance", opening.uValue, job.units)}
                </span>
              </button>
              <IconButton name={`Remove ${opening.name}`} onClick={() => store.edit(removeOpening(id))}>
                <Trash2 size={16} aria-hidden />
              </IconButton>
            </div>
            {opened === id ? <OpeningFields id={id} opening={opening} /> : null}
          </li>
        ))}
      </ul>
      {entries.length === 0 ? <p className="text-graphite">None yet. Choose a face on the pelt and add one.</p> : null}
    </div>
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
