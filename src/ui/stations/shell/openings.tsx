"use client"
import { inSentence } from "../../../core/in-sentence"
import { useState } from "react"
import { clearOpening } from "../../../core/shell/clear-opening"
import { faceName } from "../../../core/shell/face-name"
import { freePlace } from "../../../core/shell/opening-fit"
import { roundedSize } from "../../../edit/start/rounded-size"
import { OPENING_KINDS, OPENING_SIZES } from "../../../edit/start/openings"
import type { Opening } from "../../../schema/job/shell"
import { useJob } from "../../job/job-store"
import { useLedger } from "../../job/use-ledger"
import { choicesOf, SelectField } from "../../primitives/fields"
import { faceChoices } from "../../fields/face-choices"
import { fieldsOf } from "../../fields/fields-of"
import { Remark } from "../../primitives/remark"
import { useChosenFace } from "../use-figures"
import { DoorTraffic } from "./door-traffic"
import { OpeningFrameFields } from "./opening-frame"
import { PartList } from "./part-list"
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
  const { length, units } = useWriting()
  const { brief, shell } = useJob()
  const figures = useChosenFace()
  const [kind, setKind] = useState<Opening["kind"]>("window")
  const on = inSentence(figures.name)
  const first = (): Opening | null => {
    const taken = figures.openings.map(({ opening }) => opening)
    const place = freePlace(figures.face, taken, roundedSize(OPENING_SIZES[kind], units))
    const name = KINDS[kind].charAt(0).toUpperCase() + KINDS[kind].slice(1)
    return place && { name, kind, face: figures.face.id, ...place, ...OPENING_KINDS[kind] }
  }
  return (
    <PartList
      list="openings"
      title="Doors, windows, hatches"
      ask={<SelectField label="A new" value={kind} options={choicesOf(KINDS)} onChange={setKind} />}
      addName={`Add to the ${on}`}
      first={first}
      full={`There is no room for a ${KINDS[kind]} on the ${on}: move or remove what is there.`}
      words={({ face, width, height }) =>
        `${inSentence(faceName(face, brief.kind, shell.form.kind))} · ${length(width)} × ${length(height)}`
      }
      face={({ face }) => face}
      note={(none) =>
        none
          ? "None yet. Choose a face on the pelt and add one; then drag it to its place, or type where it is."
          : "Left is as one sees it from inside. Drag them on the pelt: they snap to edges, members and to each other; Shift lets go. Arrow keys move the one in focus."
      }
    >
      {(opening, id) => <OpeningFields id={id} opening={opening} />}
    </PartList>
  )
}

function OpeningFields({ id, opening }: { id: string; opening: Opening }) {
  const { length } = useWriting()
  const job = useJob()
  const { surfaces, linings } = useLedger()
  const { change } = useParts("openings")
  const { face } = surfaces.find(({ face: { id } }) => id === opening.face)!
  const clear = clearOpening(job.shell.form, face, opening, linings)
  const fields = fieldsOf(opening, (part) => change(id, part))
  const shade = fieldsOf(opening.shade, (part) => change(id, { shade: { ...opening.shade, ...part } }))
  return (
    <>
      <SelectField
        label="Kind"
        value={opening.kind}
        options={choicesOf(KINDS)}
        onChange={(kind) =>
          change(id, { kind, ...OPENING_KINDS[kind], frame: opening.frame, traffic: opening.traffic, shade: opening.shade })
        }
      />
      {fields.choice("face", "In", faceChoices(job))}
      {fields.length("x", "From the left")}
      {fields.length("y", "From the lower edge")}
      {fields.choice("swing", "It opens", SWINGS)}
      {fields.length("width", "Width")}
      {fields.length("height", "Height")}
      {fields.length("leaf", "Thickness of the leaf")}
      {fields.length("jamb", "Lining on jambs and head")}
      {fields.quantity("uValue", "transmittance", opening.frame ? "U of the leaf or pane" : "U, frame included")}
      {fields.quantity("solarFactor", "ratio", "Sun let in, 0 to 1")}
      {face.tilt === 90 && opening.solarFactor > 0 ? (
        <>
          {shade.length("over", "Board over it, depth")}
          {shade.length("beside", "Boards beside it, depth")}
        </>
      ) : null}
      {opening.swing === "fixed" && opening.kind !== "passage" ? null : (
        <DoorTraffic opening={opening} onChange={(traffic) => change(id, traffic)} />
      )}
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
