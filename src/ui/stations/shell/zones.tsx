"use client"
import { v4 as newId } from "uuid"
import { inSentence } from "../../../core/in-sentence"
import { faceName } from "../../../core/shell/face-name"
import { wear, wearOwn } from "../../../edit/assembly-edits"
import { addZones, setAgainst } from "../../../edit/shell-edits"
import { plainZone, usualZones } from "../../../edit/start/usual-zones"
import type { Zone } from "../../../schema/job/shell"
import { faceChoices } from "../../fields/face-choices"
import { fieldsOf } from "../../fields/fields-of"
import { useJob, useJobStore } from "../../job/job-store"
import { useLedger } from "../../job/use-ledger"
import { Button } from "../../primitives/button"
import { SelectField } from "../../primitives/fields"
import { useGo } from "../use-go"
import { useChosenFace } from "../use-figures"
import { useWriting } from "../../writing/writing"
import { PartList } from "./part-list"
import { useParts } from "./use-parts"

/** Parts of faces that are built otherwise, or stand against something else. */
export function Zones() {
  const { length, units } = useWriting()
  const { brief, shell } = useJob()
  const { face } = useChosenFace()
  const on = inSentence(faceName(face.id, brief.kind, shell.form.kind))
  const nameOf = (zone: Zone) => {
    const of = zone.kind === "rectangle" ? zone.face : shell.boxes[zone.box]!.side
    return inSentence(faceName(of, brief.kind, shell.form.kind))
  }
  return (
    <PartList
      list="zones"
      title="Zones: parts of a face that are built otherwise"
      addName={`Zone on the ${on}`}
      first={() => plainZone(face, units)}
      words={(zone) =>
        `${nameOf(zone)} · ${zone.kind === "rectangle" ? `${length(zone.width)} × ${length(zone.height)}` : `skin of ${shell.boxes[zone.box]!.name}`}`
      }
      face={(_, id) => id}
      note={(none) => (
        <>
          <Usual />
          {none
            ? "Where a cupboard hides half the insulation, a wheel box has thin foam, or part of the floor has air below it: give that part a build-up of its own."
            : "Of two that overlap, the later in this list counts. Drag them on the pelt, and make them larger by the corner at the upper right."}
        </>
      )}
    >
      {(zone, id) => <ZoneFields id={id} zone={zone} />}
    </PartList>
  )
}

/** What the chosen face is often divided by, one press each. */
function Usual() {
  const { units } = useWriting()
  const { shell } = useJob()
  const { face } = useChosenFace()
  const store = useJobStore()
  const found = usualZones(face, shell, units)
  if (found.length === 0) return null
  const add = (zones: readonly Zone[]) => {
    const named = zones.map((zone) => [`zones-${newId().slice(0, 8)}`, zone] as const)
    const [first] = named
    if (!store.edit(addZones(named))) store.choose({ face: first![0], layer: null, part: { list: "zones", id: first![0] } })
  }
  return (
    <p className="flex flex-wrap gap-2 pb-1">
      {found.map(({ label, zones }) => (
        <Button key={label} onClick={() => add(zones)}>
          {label}
        </Button>
      ))}
    </p>
  )
}

/** Where a zone lies, what it wears and what is beyond it. */
function ZoneFields({ id, zone }: { id: string; zone: Zone }) {
  const job = useJob()
  const store = useJobStore()
  const go = useGo()
  const { change } = useParts("zones")
  const figures = useLedger().surfaces.find((surface) => surface.id === id)
  const { assemblies } = job.variants[job.active]!
  const spaces = Object.entries(job.shell.spaces)
  const fields = zone.kind === "rectangle" ? fieldsOf(zone, (part) => change(id, part)) : null
  return (
    <>
      {fields ? (
        <>
          {fields.choice("face", "On", faceChoices(job))}
          {fields.length("x", "From the left")}
          {fields.length("y", "From the lower edge")}
          {fields.length("width", "Width")}
          {fields.length("height", "Height")}
        </>
      ) : (
        <p className="col-span-2 self-end text-graphite">Its side, top and ends: they take the place of wall and floor behind them.</p>
      )}
      {figures ? (
        <>
          <SelectField
            label="Build-up"
            value={figures.assembly}
            options={Object.entries(assemblies).map(([value, { name }]) => ({ value, name }))}
            onChange={(assembly) => store.edit(wear(id, assembly))}
          />
          <SelectField<string>
            label="Beyond it"
            value={job.shell.against[id] ?? ""}
            options={[{ value: "", name: "as its face" }, ...spaces.map(([value, space]) => ({ value, name: space.name }))]}
            onChange={(space) => store.edit(setAgainst([id], space || null))}
          />
          <p className="flex flex-wrap gap-x-3 self-end">
            <Button look="link" onClick={() => store.edit(wearOwn(id, `a-${newId().slice(0, 8)}`, figures.name))}>
              Its own build-up
            </Button>
            <Button look="link" onClick={() => go("build-ups")}>
              To its layers
            </Button>
          </p>
        </>
      ) : null}
    </>
  )
}
