"use client"
import { type ReactNode, useState } from "react"
import { v4 as newId } from "uuid"
import type { BuiltLayer } from "../../../core/assembly/build-up"
import { crossingOf } from "../../../core/assembly/crossing"
import type { Detail } from "../../../core/conduction/detail"
import type { FaceFigures } from "../../../core/ledger/face-figures"
import { memberDetailOf, withBreak } from "../../../core/ledger/member-bridge"
import { printWithUnit } from "../../../core/quantity/measure"
import { addLayer } from "../../../edit/assembly-edits"
import { addVariant } from "../../../edit/variant-edits"
import type { MemberSet } from "../../../schema/job/build-up"
import { DetailView } from "../../bridge/detail-view"
import { useJob, useJobStore, useLedger } from "../../job/job-store"
import { Button } from "../../primitives/button"
import { QuantityField, SelectField } from "../../primitives/fields"

interface Props {
  figures: FaceFigures
  id: string
  set: MemberSet
}

/** One of the members in two dimensions: what a metre of it costs, how cold it makes the inside face, and what a break would do. */
export function BridgeCheck({ figures, id, set }: Props) {
  const detail = useDetail(figures, figures.driven, id)
  if (!detail) return null
  return (
    <div className="col-span-3 grid gap-2">
      <MemberView action="See it in two dimensions" figures={figures} set={set} detail={detail} testId="bridge">
        <Break figures={figures} id={id} set={set} />
      </MemberView>
    </div>
  )
}

/** A member's detail in layers that the face wears, or could. */
function useDetail(figures: FaceFigures, layers: readonly BuiltLayer[], id: string): Detail | null {
  const { conditions } = useLedger()
  return memberDetailOf(layers, id, { tilt: figures.face.tilt, beyond: figures.beyond }, conditions)?.detail ?? null
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
  const detail = useDetail(figures, withBreak(figures.driven, id, material, thickness), id)
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
      <MemberView action="Calculate it with the break" figures={figures} set={set} detail={detail} testId="bridge-with-break" />
    </section>
  )
}

interface ViewProps {
  action: string
  figures: FaceFigures
  set: MemberSet
  detail: Detail
  testId: string
  children?: ReactNode
}

function MemberView({ figures, set, detail, ...view }: ViewProps) {
  const { units } = useJob()
  const u = (value: number) => printWithUnit("transmittance", value, units)
  const pitch = detail.body.width
  const beside = detail.plain / pitch
  const name = set.name.toLowerCase()
  return (
    <DetailView
      {...view}
      face={figures}
      detail={detail}
      label={`Temperatures around one of the ${name}, outdoors below`}
      left="sticks of other sets, plates and the ends of the face are left out."
      cost={({ linear }) => (
        <>
          In two dimensions a metre of {name} costs{" "}
          <span className="font-semibold">{printWithUnit("linearTransmittance", linear, units)}</span> beside the bare build-up; with one
          every {printWithUnit("length", pitch, units)} its U goes from {u(beside)} to{" "}
          <span className="font-semibold">{u(beside + linear / pitch)}</span>.
        </>
      )}
    />
  )
}
