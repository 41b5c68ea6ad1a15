"use client"
import { printWithUnit } from "../../../core/quantity/measure"
import { compassPoint } from "../../../core/shell/face-name"
import { setAzimuth, setDimension, setFloor, setForm, setSetting } from "../../../edit/shell-edits"
import type { Dimension, FormKind } from "../../../schema/job/form"
import { useJob, useJobStore, useLedger } from "../../job/job-store"
import { DIMENSIONS, FORM_NAMES } from "../../dimensions"
import { QuantityField, SelectField } from "../../primitives/fields"
import { Remark } from "../../primitives/remark"
import { useChosenFace } from "../use-figures"
import { FloorBoxes } from "./floor-boxes"
import { MeasuringRound } from "./measuring-round"
import { Openings } from "./openings"

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
