"use client"
import { type ReactNode, useState } from "react"
import { v4 as newId } from "uuid"
import type { BuiltLayer } from "../../../core/assembly/build-up"
import { crossingOf } from "../../../core/assembly/crossing"
import type { Detail, DetailFigures } from "../../../core/conduction/detail"
import type { TemperaturePicture as Picture } from "../../../core/conduction/picture"
import { coldSurface } from "../../../core/ledger/cold-surface"
import type { FaceFigures } from "../../../core/ledger/face-figures"
import { memberDetailOf, withBreak } from "../../../core/ledger/member-bridge"
import { printWithUnit } from "../../../core/quantity/measure"
import { addLayer } from "../../../edit/assembly-edits"
import { addVariant } from "../../../edit/variant-edits"
import type { MemberSet } from "../../../schema/job/build-up"
import { SolveButton } from "../../bridge/solve-button"
import { TemperaturePicture } from "../../bridge/temperature-picture"
import { usePicture } from "../../bridge/use-picture"
import { useJob, useJobStore, useLedger } from "../../job/job-store"
import { Button } from "../../primitives/button"
import { QuantityField, SelectField } from "../../primitives/fields"
import { Remark } from "../../primitives/remark"

interface Props {
  figures: FaceFigures
  id: string
  set: MemberSet
}

/** One of the members in two dimensions: what a metre of it costs, how cold it makes the inside face, and what a break would do. */
export function BridgeCheck({ figures, id, set }: Props) {
  const detail = useDetail(figures, figures.layers, id)
  if (!detail) return null
  return (
    <div className="col-span-3 grid gap-2">
      <Solving action="See it in two dimensions" figures={figures} set={set} detail={detail} testId="bridge">
        <Break figures={figures} id={id} set={set} />
      </Solving>
    </div>
  )
}

/** A member's detail in layers that the face wears, or could. */
function useDetail(figures: FaceFigures, layers: readonly BuiltLayer[], id: string): Detail | null {
  const { conditions } = useLedger()
  return memberDetailOf(layers, id, { tilt: figures.face.tilt, beyond: figures.beyond }, conditions)?.detail ?? null
}

interface SolvingProps {
  action: string
  figures: FaceFigures
  set: MemberSet
  detail: Detail
  testId: string
  /** What can be done once it is solved. */
  children?: ReactNode
}

/** A detail before, while and after its picture is calculated. */
function Solving({ action, children, ...words }: SolvingProps) {
  const { figures: solved, picture, ...solving } = usePicture(words.detail)
  if (!picture || !solved) return <SolveButton {...solving} action={action} />
  return (
    <>
      <BridgeWords {...words} solved={solved} picture={picture} />
      {children}
    </>
  )
}

/** What a break across the members could be of. */
const BREAKS = [
  { value: "xps", name: "extruded polystyrene" },
  { value: "cork-board", name: "cork" },
  { value: "wood-fibre-board", name: "wood fibre" },
  { value: "aerogel-blanket", name: "aerogel blanket" },
  { value: "softwood-plywood", name: "plywood" },
] as const

/** The same with a layer across the inside of the members, and one press to try it. */
function Break({ figures, id, set }: Props) {
  const { units } = useJob()
  const store = useJobStore()
  const [material, setMaterial] = useState<string>("xps")
  const [thickness, setThickness] = useState(0.02)
  const detail = useDetail(figures, withBreak(figures.layers, id, material, thickness), id)
  if (!detail) return null
  const crossing = crossingOf(figures.layers, id)!
  const at = crossing.outside.length + crossing.between.length
  const tried = () => {
    const fault = store.edit(addVariant(`v-${newId().slice(0, 8)}`, "with a break"))
    if (!fault) store.edit(addLayer(figures.assembly, `l-${newId().slice(0, 8)}`, material, at, thickness))
  }
  return (
    <section aria-label="With a break" className="grid gap-2 border-t border-seam pt-2">
      <h3 className="font-display text-[15px] font-semibold">With a break across their inside</h3>
      <div className="grid grid-cols-3 items-end gap-x-4">
        <SelectField label="Break of" value={material} options={BREAKS} onChange={setMaterial} />
        <QuantityField
          label="Thickness of the break"
          kind="length"
          system={units}
          value={thickness}
          onCommit={(value) => {
            if (value <= 0 || value > 0.3)
              return { code: "out-of-range", path: [], message: "A break is more than nothing and no thicker than 300 mm." }
            setThickness(value)
            return null
          }}
        />
        <Button onClick={tried}>Try it in a variant</Button>
      </div>
      <Solving action="Calculate it with the break" figures={figures} set={set} detail={detail} testId="bridge-with-break" />
    </section>
  )
}

interface WordsProps extends Omit<SolvingProps, "action" | "children"> {
  solved: DetailFigures
  picture: Picture
}

function BridgeWords({ figures, set, detail, solved, picture, testId }: WordsProps) {
  const { units } = useJob()
  const { conditions } = useLedger()
  const surface = coldSurface(figures, solved, conditions)
  const u = (value: number) => printWithUnit("transmittance", value, units)
  const degrees = (value: number) => printWithUnit("temperature", value, units)
  const pitch = detail.body.width
  const beside = detail.plain / pitch
  const indoors = surface.side === "inside"
  return (
    <div className="grid gap-1 text-dense" data-testid={testId}>
      <TemperaturePicture
        body={detail.body}
        picture={picture}
        surface={surface}
        coldestAt={solved.coldestAt}
        member={set.width}
        system={units}
        label={`Temperatures around one of the ${set.name.toLowerCase()}, outdoors below`}
      />
      <p>
        In two dimensions a metre of {set.name.toLowerCase()} costs{" "}
        <span className="font-semibold">{printWithUnit("linearTransmittance", solved.linear, units)}</span> beside the bare build-up; with
        one every {printWithUnit("length", pitch, units)} its U goes from {u(beside)} to{" "}
        <span className="font-semibold">{u(beside + solved.linear / pitch)}</span>.
      </p>
      <p>
        {indoors ? "In the worst night the inside face" : "On the worst afternoon the outside face"} comes down to{" "}
        {degrees(surface.temperature)} over it{indoors ? ", at the dot" : ""} (fRsi {solved.coldestInside.toFixed(2)})
        {surface.dewPoint === null ? "" : `; the air before it sweats below ${degrees(surface.dewPoint)}`}.
      </p>
      {surface.wet ? (
        <Remark kind="damp">
          The {surface.side} face {surface.wet === "frost" ? "freezes" : "sweats"} along it: a break across it
          {indoors ? ", or a warmer inside face," : ""} keeps it dry.
        </Remark>
      ) : null}
      <p className="text-graphite">
        ISO 10211; sticks of other sets, plates and the ends of the face are left out. {solved.notes.join(" ")}
      </p>
    </div>
  )
}
