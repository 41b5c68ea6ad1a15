"use client"
import { attempt } from "../../../schema/outcome"
import { parseOffsets, printOffsets } from "../../../core/quantity/offsets"
import { faceName } from "../../../core/shell/face-name"
import { offsetsArea } from "../../../core/shell/notch"
import type { FloorBox, Notch, Offsets } from "../../../schema/job/shell"
import type { Fault } from "../../../schema/parse"
import { useJob } from "../../job/job-store"
import { useLedger } from "../../job/use-ledger"
import { QuantityField, SelectField, TypedField } from "../../primitives/fields"
import { useChosenFace } from "../use-figures"
import { NameField, PartList } from "./part-list"
import { useParts } from "./use-parts"
import { useWriting } from "../../writing/writing"

/** What stands on the floor, and what is missing from the faces. */
export function FloorParts() {
  return (
    <div className="station gap-4">
      <FloorBoxes />
      <Notches />
    </div>
  )
}

/** Wheel boxes and steps: what stands on the floor against a side wall. */
function FloorBoxes() {
  const { write } = useWriting()
  const { clear } = useLedger()
  const { entries, add, remove } = useParts("boxes")
  const onAdd = () => {
    const side = entries.some(([, box]) => box.side === "left") ? "right" : "left"
    const name = `${side === "left" ? "Left" : "Right"} wheel box`
    return add({ name, side, x: 0.5, length: 0.9, width: 0.22, height: 0.3, outline: null })
  }
  const parts = entries.map(([id, box]) => ({
    id,
    name: box.name,
    words: `${box.side} side · ${[box.length, box.width, box.height].map((size) => write("length", size)).join(" × ")}`,
    face: box.side,
    fields: <BoxFields id={id} box={box} />,
    onRemove: () => remove(id),
  }))
  return (
    <PartList list="boxes" title="Wheel boxes, steps" addName="Box on the floor" onAdd={onAdd} parts={parts}>
      {entries.length === 0
        ? "None: nothing stands on the floor."
        : `${write("length", clear.widthBetweenBoxes)} clear between them; their ends are skin too, and count with their wall.`}
    </PartList>
  )
}

function BoxFields({ id, box }: { id: string; box: FloorBox }) {
  const { change } = useParts("boxes")
  const field = (key: "x" | "length" | "width" | "height", label: string) => (
    <QuantityField label={label} kind="length" value={box[key]} onCommit={(value) => change(id, { [key]: value })} />
  )
  return (
    <>
      <NameField part={box} onChange={(name) => change(id, name)} />
      <SelectField
        label="Side"
        value={box.side}
        options={[
          { value: "left", name: "left" },
          { value: "right", name: "right" },
        ]}
        onChange={(side) => change(id, { side })}
      />
      {field("x", "From the back")}
      {field("length", "Along the wall")}
      {field("width", "Out from the wall")}
      {field("height", "Above the floor")}
      <OffsetsField
        label="Its outline, if it is no block: place along it and height, pair by pair"
        offsets={box.outline}
        onChange={(outline) => change(id, outline ? { outline, length: outline.at(-1)![0], height: highest(outline) } : { outline })}
        onEmpty={() => change(id, { outline: null })}
      />
    </>
  )
}

const highest = (outline: Offsets) => Math.max(...outline.map(([, off]) => off))

/** What is missing from faces: steps, wells and service openings that are no door or window. */
function Notches() {
  const { write } = useWriting()
  const { brief, shell } = useJob()
  const figures = useChosenFace()
  const { entries, add, remove } = useParts("notches")
  const onAdd = () =>
    add({
      name: "Cut-out",
      face: figures.id,
      edge: "lower",
      from: 0.2,
      uValue: 2,
      offsets: [
        [0, 0.2],
        [0.4, 0.2],
      ],
    })
  const parts = entries.map(([id, notch]) => ({
    id,
    name: notch.name,
    words: `${faceName(notch.face, brief.kind, shell.form.kind).toLowerCase()} · ${write("area", offsetsArea(notch.offsets))}`,
    face: notch.face,
    fields: <NotchFields id={id} notch={notch} />,
    onRemove: () => remove(id),
  }))
  return (
    <PartList
      list="notches"
      title="Cut-outs from a face"
      addName={`Cut out of the ${figures.name.toLowerCase()}`}
      onAdd={onAdd}
      parts={parts}
    >
      A step well, a slanting corner, a service opening: measured as offsets from a straight edge. What closes it has a U of its own over
      its mouth.
    </PartList>
  )
}

function NotchFields({ id, notch }: { id: string; notch: Notch }) {
  const { change } = useParts("notches")
  return (
    <>
      <NameField part={notch} onChange={(name) => change(id, name)} />
      <SelectField
        label="Measured off its"
        value={notch.edge}
        options={[
          { value: "lower", name: "lower edge" },
          { value: "upper", name: "upper edge" },
          { value: "left", name: "left edge" },
          { value: "right", name: "right edge" },
        ]}
        onChange={(edge) => change(id, { edge })}
      />
      <QuantityField label="Begins along it at" kind="length" value={notch.from} onCommit={(from) => change(id, { from })} />
      <QuantityField
        label="U of what closes it, over its mouth"
        kind="transmittance"
        value={notch.uValue}
        onCommit={(uValue) => change(id, { uValue })}
      />
      <OffsetsField
        label="Place along the edge and offset from it, pair by pair"
        offsets={notch.offsets}
        onChange={(offsets) => change(id, { offsets })}
      />
    </>
  )
}

interface OffsetsProps {
  label: string
  offsets: Offsets | null
  onChange: (offsets: Offsets) => Fault | null
  onEmpty?: () => Fault | null
}

/** An odd outline as one measures it: how far it stands off a straight edge, place by place. */
function OffsetsField({ label, offsets, onChange, onEmpty }: OffsetsProps) {
  const { units } = useJob()
  return (
    <div className="col-span-3">
      <TypedField
        label={label}
        shown={offsets ? printOffsets(offsets, units) : ""}
        placeholder={units === "metric" ? "0: 0; 150: 210; 750: 210; 900: 0" : `0: 0; 6": 8 1/4"; 30": 8 1/4"; 36": 0`}
        onCommit={(text) => {
          if (text.trim() === "" && onEmpty) return onEmpty()
          const read = attempt(() => parseOffsets(text, units))
          return read.ok ? onChange(read.value) : read.error
        }}
      />
    </div>
  )
}
