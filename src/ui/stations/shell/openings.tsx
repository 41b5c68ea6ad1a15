"use client"
import { useState } from "react"
import { clearOpening } from "../../../core/shell/clear-opening"
import { faceName } from "../../../core/shell/face-name"
import { freePlace } from "../../../core/shell/opening-fit"
import { OPENING_KINDS, OPENING_SIZES } from "../../../edit/start/openings"
import { FACES } from "../../../schema/job/references"
import type { FaceId, Opening } from "../../../schema/job/shell"
import { useJob } from "../../job/job-store"
import { useLedger } from "../../job/use-ledger"
import { choicesOf, QuantityField, SelectField } from "../../primitives/fields"
import { Remark } from "../../primitives/remark"
import { useChosenFace } from "../use-figures"
import { OpeningFrameFields } from "./opening-frame"
import { NameField, PartList } from "./part-list"
import { useParts } from "./use-parts"
import { useWriting } from "../../writing/writing"

const KINDS: Record<Opening["kind"], string> = {
  door: "door",
  "sliding-door": "sliding door",
  "double-door": "double door",
  window: "window",
  hatch: "hatch or fan",
  passage: "passage without a door",
}
const SWINGS: Record<Opening["swing"], string> = { in: "inward", out: "outward", slides: "slides", fixed: "does not open" }

/** Doors, windows and hatches of all faces; a new one goes into the chosen face. */
export function Openings() {
  const { write } = useWriting()
  const { brief, shell } = useJob()
  const figures = useChosenFace()
  const { entries, add, remove } = useParts("openings")
  const [kind, setKind] = useState<Opening["kind"]>("window")
  const on = figures.name.toLowerCase()
  const onAdd = () => {
    const place = freePlace(
      figures.face,
      figures.openings.map(({ opening }) => opening),
      OPENING_SIZES[kind],
    )
    if (!place)
      return { code: "no-room", path: [], message: `There is no room for a ${KINDS[kind]} on the ${on}: move or remove what is there.` }
    const name = KINDS[kind].charAt(0).toUpperCase() + KINDS[kind].slice(1)
    return add({ name, kind, face: figures.id, ...place, ...OPENING_KINDS[kind] })
  }
  const length = (value: number) => write("length", value)
  const parts = entries.map(([id, opening]) => ({
    id,
    name: opening.name,
    words: `${faceName(opening.face, brief.kind, shell.form.kind).toLowerCase()} · ${length(opening.width)} × ${length(opening.height)}`,
    face: opening.face,
    fields: <OpeningFields id={id} opening={opening} />,
    onRemove: () => remove(id),
  }))
  return (
    <PartList
      list="openings"
      title="Doors, windows, hatches"
      ask={<SelectField label="A new" value={kind} options={choicesOf(KINDS)} onChange={setKind} />}
      addName={`Add to the ${on}`}
      onAdd={onAdd}
      parts={parts}
    >
      {parts.length === 0
        ? "None yet. Choose a face on the pelt and add one; then drag it to its place, or type where it is."
        : "Left is as one sees it from inside. Drag them on the pelt: they snap to edges, members and to each other; Shift lets go. Arrow keys move the one in focus."}
    </PartList>
  )
}

function OpeningFields({ id, opening }: { id: string; opening: Opening }) {
  const { write } = useWriting()
  const job = useJob()
  const { surfaces, linings } = useLedger()
  const { change } = useParts("openings")
  const { face } = surfaces.find(({ face: { id } }) => id === opening.face)!
  const clear = clearOpening(job.shell.form, face, opening, linings)
  const length = (value: number) => write("length", value)
  const field = (key: "x" | "y" | "width" | "height" | "leaf" | "jamb", label: string) => (
    <QuantityField label={label} kind="length" value={opening[key]} onCommit={(value) => change(id, { [key]: value })} />
  )
  return (
    <>
      <NameField part={opening} onChange={(name) => change(id, name)} />
      <SelectField
        label="Kind"
        value={opening.kind}
        options={choicesOf(KINDS)}
        onChange={(kind) => change(id, { kind, ...OPENING_KINDS[kind], frame: opening.frame })}
      />
      <SelectField<FaceId>
        label="In"
        value={opening.face}
        options={FACES[job.shell.form.kind].map((value) => ({ value, name: faceName(value, job.brief.kind, job.shell.form.kind) }))}
        onChange={(to) => change(id, { face: to })}
      />
      {field("x", "From the left")}
      {field("y", "From the lower edge")}
      <SelectField label="It opens" value={opening.swing} options={choicesOf(SWINGS)} onChange={(swing) => change(id, { swing })} />
      {field("width", "Width")}
      {field("height", "Height")}
      {field("leaf", "Thickness of the leaf")}
      {field("jamb", "Lining on jambs and head")}
      <QuantityField
        label={opening.frame ? "U of the leaf or pane" : "U, frame included"}
        kind="transmittance"
        value={opening.uValue}
        onCommit={(uValue) => change(id, { uValue })}
      />
      <QuantityField
        label="Sun let in, 0 to 1"
        kind="ratio"
        value={opening.solarFactor}
        onCommit={(solarFactor) => change(id, { solarFactor })}
      />
      <OpeningFrameFields id={id} opening={opening} onChange={(frame) => change(id, frame)} />
      <p className="col-span-3" data-testid="clear-opening">
        Clear once everything is lined: <span className="font-semibold">{`${length(clear.width)} × ${length(clear.height)}`}</span>
        {clear.sill > 0 ? `; the floor stands ${length(clear.sill)} above its sill` : ""}
      </p>
      {clear.hindered ? (
        <div className="col-span-3">
          <Remark kind="remark">{clear.hindered}</Remark>
        </div>
      ) : null}
    </>
  )
}
