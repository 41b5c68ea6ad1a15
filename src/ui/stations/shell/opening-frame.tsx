"use client"
import { printWithUnit } from "../../../core/quantity/measure"
import type { Opening, OpeningFrame } from "../../../schema/job/shell"
import type { Fault } from "../../../schema/parse"
import { DetailView } from "../../bridge/detail-view"
import { JobQuantity } from "../../job/job-quantity"
import { useJob, useLedger } from "../../job/job-store"
import { choicesOf, SelectField } from "../../primitives/fields"

/** What openings are set in, as one first says it. */
const FRAMES = {
  none: { name: "not described", frame: null },
  timber: { name: "timber", frame: { material: "spruce", width: 0.045, sheet: null, break: 0 } },
  steel: { name: "sheet steel", frame: { material: "steel-galvanised", width: 0.04, sheet: 0.0015, break: 0 } },
  aluminium: { name: "aluminium", frame: { material: "aluminium", width: 0.05, sheet: null, break: 0.02 } },
  plastic: { name: "plastic", frame: { material: "pvc-cladding", width: 0.06, sheet: null, break: 0 } },
} as const satisfies Record<string, { name: string; frame: OpeningFrame | null }>
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
  const { frame } = opening
  const field = (key: "width" | "sheet" | "break", label: string, value: number) => (
    <JobQuantity label={label} kind="length" value={value} onCommit={(next) => onChange({ frame: { ...frame!, [key]: next } })} />
  )
  return (
    <>
      <SelectField
        label="Set in"
        value={kindOf(frame)}
        options={choicesOf(Object.fromEntries(Object.entries(FRAMES).map(([kind, { name }]) => [kind, name])) as Record<FrameKind, string>)}
        onChange={(kind) => onChange({ frame: FRAMES[kind].frame })}
      />
      {frame ? field("width", frame.sheet === null ? "Width of the frame" : "Width of its flanges", frame.width) : null}
      {frame?.sheet ? field("sheet", "Thickness of the sheet", frame.sheet) : null}
      {frame ? field("break", "Break across it", frame.break) : null}
      {frame ? <Reveals id={id} /> : null}
    </>
  )
}

/** The reveals of an opening in two dimensions. */
function Reveals({ id }: { id: string }) {
  const ledger = useLedger()
  const { units } = useJob()
  return ledger.lines
    .filter(({ opening }) => opening === id)
    .map(({ place, name, face, detail, length }) => (
      <section key={place} aria-label={name} className="col-span-3 grid gap-1">
        <h4 className="font-semibold">{name}</h4>
        <DetailView
          action="See it in two dimensions"
          face={face}
          detail={detail}
          testId={place.endsWith("jamb") ? "jamb" : "threshold"}
          label={`Temperatures at ${name}`}
          left="the leaf is taken as one even stuff of its U, its seals and its hardware left out."
          cost={({ linear }) => (
            <>
              A metre costs <span className="font-semibold">{printWithUnit("linearTransmittance", linear, units)}</span> beside wall and
              leaf; {printWithUnit("length", length, units)} of it are counted.
            </>
          )}
        />
      </section>
    ))
}
