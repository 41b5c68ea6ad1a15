"use client"
import { setFrame } from "../../../edit/shell-edits"
import type { Opening, OpeningFrame } from "../../../schema/job/shell"
import type { Fault } from "../../../schema/outcome"
import { BridgeDetail } from "../../bridge/bridge-detail"
import { useBridges } from "../../bridge/use-bridges"
import { useJobStore } from "../../job/job-store"
import { place } from "../../../core/enclosure/place"
import { roundedSize } from "../../../edit/start/rounded-size"
import { fieldsOf } from "../../fields/fields-of"
import { choicesOf, SelectField } from "../../primitives/fields"
import { useWriting } from "../../writing/writing"
import { BreakField } from "./break-field"

/** What openings are set in, as one first says it. */
const FRAMES = {
  none: { name: "not described", frame: null, parted: 0 },
  timber: { name: "timber", frame: { material: "spruce", width: 0.045, sheet: null }, parted: 0 },
  steel: { name: "sheet steel", frame: { material: "steel-galvanised", width: 0.04, sheet: 0.0015 }, parted: 0 },
  aluminium: { name: "aluminium", frame: { material: "aluminium", width: 0.05, sheet: null }, parted: 0.02 },
  plastic: { name: "plastic", frame: { material: "pvc-cladding", width: 0.06, sheet: null }, parted: 0 },
} as const satisfies Record<string, { name: string; frame: OpeningFrame | null; parted: number }>
type FrameKind = keyof typeof FRAMES

const kindOf = (frame: OpeningFrame | null): FrameKind =>
  (Object.keys(FRAMES) as FrameKind[]).find((kind) => FRAMES[kind].frame?.material === frame?.material) ?? "timber"

interface Props {
  id: string
  opening: Opening
  onChange: (change: Partial<Opening>) => Fault | null
}

/** The frame of an opening: of what, how large, with a break or without, and what its reveals cost. */
export function OpeningFrameFields({ id, opening, onChange }: Props) {
  const { units } = useWriting()
  const store = useJobStore()
  const { frame } = opening
  const fields = frame && fieldsOf({ ...frame, sheet: frame.sheet ?? 0 }, (part) => onChange({ frame: { ...frame, ...part } }))
  return (
    <>
      <SelectField
        label="Set in"
        value={kindOf(frame)}
        options={choicesOf(Object.fromEntries(Object.entries(FRAMES).map(([kind, { name }]) => [kind, name])) as Record<FrameKind, string>)}
        onChange={(kind) => {
          const { frame: first, parted } = FRAMES[kind]
          return store.edit(setFrame(id, first && roundedSize(first, units), parted))
        }}
      />
      {fields?.length("width", frame?.sheet ? "Width of its flanges" : "Width of the frame")}
      {frame?.sheet ? fields?.length("sheet", "Thickness of the sheet") : null}
      {frame ? <BreakField list="openings" id={id} label="Break across it" /> : null}
      {frame ? <Reveals id={id} /> : null}
    </>
  )
}

/** The reveals of an opening in two dimensions, as they are and with a break. */
function Reveals({ id }: { id: string }) {
  return useBridges()
    .filter(({ opening }) => opening === id)
    .map((bridge) => (
      <section key={bridge.place} aria-label={bridge.name} className="col-span-3 grid gap-2">
        <h4 className="font-semibold">{bridge.name}</h4>
        <BridgeDetail bridge={bridge} action="See it in two dimensions" testId={bridge.place === place.jamb(id) ? "jamb" : "threshold"} />
      </section>
    ))
}
