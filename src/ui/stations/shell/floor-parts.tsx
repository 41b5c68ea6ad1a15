"use client"
import { inSentence } from "../../../core/in-sentence"
import { parseOffsets, printOffsets } from "../../../core/quantity/offsets"
import { faceName } from "../../../core/shell/face-name"
import { offsetsArea } from "../../../core/shell/notch"
import { roundedSize } from "../../../edit/start/rounded-size"
import type { FloorBox, Notch, Offsets } from "../../../schema/job/shell"
import type { Fault } from "../../../schema/outcome"
import { useJob } from "../../job/job-store"
import { useLedger } from "../../job/use-ledger"
import { fieldsOf } from "../../fields/fields-of"
import { ReadField } from "../../primitives/fields"
import { useChosenFace } from "../use-figures"
import { PartList } from "./part-list"
import { useWriting } from "../../writing/writing"

const SIDES: Record<FloorBox["side"], string> = { left: "left", right: "right" }
const EDGES: Record<Notch["edge"], string> = { lower: "lower edge", upper: "upper edge", left: "left edge", right: "right edge" }

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
  const { units, shell } = useJob()
  const { boxes } = shell
  const first = (): FloorBox => {
    const side = Object.values(boxes).some((box) => box.side === "left") ? "right" : "left"
    const name = `${side === "left" ? "Left" : "Right"} wheel box`
    return { name, side, ...roundedSize({ x: 0.5, length: 0.9, width: 0.22, height: 0.3 }, units), outline: null }
  }
  return (
    <PartList
      list="boxes"
      title="Wheel boxes, steps"
      addName="Wheel box or step"
      first={first}
      words={({ side, length, width, height }) =>
        `${side} side · ${[length, width, height].map((size) => write("length", size)).join(" × ")}`
      }
      face={({ side }) => side}
      note={(none) =>
        none
          ? "None: nothing stands on the floor."
          : `${write("length", clear.widthBetweenBoxes)} clear between them; their ends are skin too, and count with their wall.`
      }
    >
      {(box, _, change) => {
        const fields = fieldsOf(box, change)
        return (
          <>
            {fields.choice("side", "Side", SIDES)}
            {fields.length("x", "From the back")}
            {fields.length("length", "Along the wall")}
            {fields.length("width", "Out from the wall")}
            {fields.length("height", "Above the floor")}
            <OffsetsField
              label="Its outline, if it is no block: place along it and height, pair by pair"
              offsets={box.outline}
              onChange={(outline) => change(outline ? { outline, length: outline.at(-1)![0], height: highest(outline) } : { outline })}
              onEmpty={() => change({ outline: null })}
            />
          </>
        )
      }}
    </PartList>
  )
}

const highest = (outline: Offsets) => Math.max(...outline.map(([, off]) => off))

/** What is missing from faces: steps, wells and service openings that are no door or window. */
function Notches() {
  const { write } = useWriting()
  const { brief, shell } = useJob()
  const figures = useChosenFace()
  const offsets: Offsets = [
    [0, 0.2],
    [0.4, 0.2],
  ]
  return (
    <PartList
      list="notches"
      title="Cut-outs from a face"
      addName={`Cut out of the ${inSentence(figures.name)}`}
      first={() => ({ name: "Cut-out", face: figures.face.id, edge: "lower", from: 0.2, uValue: 2, offsets })}
      words={(notch) => `${inSentence(faceName(notch.face, brief.kind, shell.form.kind))} · ${write("area", offsetsArea(notch.offsets))}`}
      face={({ face }) => face}
      note={() =>
        "A step well, a slanting corner, a service opening: measured as offsets from a straight edge. What closes it has a U of its own over its mouth."
      }
    >
      {(notch, _, change) => {
        const fields = fieldsOf(notch, change)
        return (
          <>
            {fields.choice("edge", "Measured off its", EDGES)}
            {fields.length("from", "Begins along it at")}
            {fields.quantity("uValue", "transmittance", "U of what closes it, over its mouth")}
            <OffsetsField
              label="Place along the edge and offset from it, pair by pair"
              offsets={notch.offsets}
              onChange={(offsets) => change({ offsets })}
            />
          </>
        )
      }}
    </PartList>
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
      <ReadField
        label={label}
        shown={offsets ? printOffsets(offsets, units) : ""}
        placeholder={units === "metric" ? "0: 0; 150: 210; 750: 210; 900: 0" : `0: 0; 6": 8 1/4"; 30": 8 1/4"; 36": 0`}
        read={(text) => parseOffsets(text, units)}
        onCommit={onChange}
        onEmpty={onEmpty}
      />
    </div>
  )
}
