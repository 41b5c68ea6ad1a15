"use client"
import { type ReactNode, useState } from "react"
import type { BuiltLayer } from "../../../core/assembly/build-up"
import type { Detail } from "../../../core/conduction/detail"
import { BREAKS } from "../../../core/ledger/cure"
import type { FaceFigures } from "../../../core/ledger/face-figures"
import { memberDetailOf, withBreak } from "../../../core/ledger/member-bridge"
import { materialOf } from "../../../core/material/catalogue"
import { printWithUnit } from "../../../core/quantity/measure"
import type { MemberSet } from "../../../schema/job/build-up"
import { DetailView } from "../../bridge/detail-view"
import { useJob, useJobStore, useLedger } from "../../job/job-store"
import { Button } from "../../primitives/button"
import { QuantityField, SelectField } from "../../primitives/fields"
import { tryBreak } from "./try-break"

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
  return memberDetailOf(layers, id, figures.standing, conditions)?.detail ?? null
}

/** The same with a layer across the inside of the members, and one press to try it. */
function Break({ figures, id, set }: Props) {
  const { units } = useJob()
  const store = useJobStore()
  const [material, setMaterial] = useState<string>("xps")
  const [thickness, setThickness] = useState(0.02)
  const detail = useDetail(figures, withBreak(figures.driven, id, material, thickness), id)
  if (!detail) return null
  return (
    <section aria-label="With a break" className="grid gap-2 border-t border-seam pt-2">
      <h3 className="font-display text-[15px] font-semibold">With a break across their inside</h3>
      <div className="grid grid-cols-3 items-end gap-x-4">
        <SelectField
          label="Break of"
          value={material}
          options={BREAKS.map((value) => ({ value, name: materialOf(value).name.toLowerCase() }))}
          onChange={setMaterial}
        />
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
        <Button onClick={() => tryBreak(store, figures, id, material, thickness)}>Try it in a variant</Button>
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
