"use client"
import { type ReactNode, useState } from "react"
import { v4 as newId } from "uuid"
import { crossingOf } from "../../../core/assembly/crossing"
import { memberBridge } from "../../../core/conduction/member-detail"
import type { FaceFigures } from "../../../core/ledger/face-figures"
import { faceDetail, type FaceDetail, withBreak } from "../../../core/ledger/member-bridge"
import { printWithUnit } from "../../../core/quantity/measure"
import { addLayer } from "../../../edit/assembly-edits"
import { addVariant } from "../../../edit/variant-edits"
import type { MemberSet } from "../../../schema/job/build-up"
import type { SolvedDetail } from "../../bridge/bridge.worker"
import { SolveButton } from "../../bridge/solve-button"
import { TemperaturePicture } from "../../bridge/temperature-picture"
import { useBridges } from "../../bridge/use-bridge"
import { useJob, useJobStore, useLedger } from "../../job/job-store"
import { Button } from "../../primitives/button"
import { QuantityField, SelectField } from "../../primitives/fields"
import { Remark } from "../../primitives/remark"

interface Props {
  figures: FaceFigures
  id: string
  set: MemberSet
}

/** One of the members calculated in two dimensions, on demand: what a metre of it costs and how cold it makes the inside face. */
export function BridgeCheck({ figures, id, set }: Props) {
  const { conditions } = useLedger()
  const detail = faceDetail(figures, id, conditions)
  if (!detail) return null
  return (
    <div className="col-span-3 grid gap-2">
      <Solving action="Calculate one in two dimensions" figures={figures} set={set} detail={detail} testId="bridge">
        <Break figures={figures} id={id} set={set} />
      </Solving>
    </div>
  )
}

interface SolvingProps {
  action: string
  figures: FaceFigures
  set: MemberSet
  detail: FaceDetail
  testId: string
  /** What can be done once it is solved. */
  children?: ReactNode
}

/** A detail before, while and after it is calculated. */
function Solving({ action, figures, set, detail, testId, children }: SolvingProps) {
  const {
    solved: [solved],
    ...solving
  } = useBridges([detail.body])
  if (!solved) return <SolveButton {...solving} action={action} />
  return (
    <>
      <BridgeWords figures={figures} set={set} detail={detail} solved={solved} testId={testId} />
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
  const { conditions } = useLedger()
  const store = useJobStore()
  const [material, setMaterial] = useState<string>("xps")
  const [thickness, setThickness] = useState(0.02)
  const broken = withBreak(figures, id, material, thickness)
  const detail = faceDetail(broken, id, conditions)
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
      <Solving action="Calculate it with the break" figures={broken} set={set} detail={detail} testId="bridge-with-break" />
    </section>
  )
}

interface WordsProps {
  figures: FaceFigures
  set: MemberSet
  detail: FaceDetail
  solved: SolvedDetail
  testId: string
}

function BridgeWords({ figures, set, detail, solved, testId }: WordsProps) {
  const { units } = useJob()
  const { climate, season, combined, dewPoint } = detail
  const { output, picture } = solved
  const bridge = memberBridge(figures.layers, detail.body, output, climate)
  const u = (value: number) => printWithUnit("transmittance", value, units)
  const degrees = (value: number) => printWithUnit("temperature", value, units)
  const cold = climate.inside.temperature > climate.outside.temperature
  const sweats = cold && dewPoint !== null && bridge.coldestInside < dewPoint
  return (
    <div className="grid gap-1 text-dense" data-testid={testId}>
      <TemperaturePicture
        body={detail.body}
        picture={picture}
        output={output}
        dewPoint={cold ? dewPoint : null}
        member={set.width}
        system={units}
        label={`Temperatures around one of the ${set.name.toLowerCase()}, outdoors below`}
      />
      <p>
        In two dimensions a metre of {set.name.toLowerCase()} costs{" "}
        <span className="font-semibold">{printWithUnit("linearTransmittance", bridge.linear, units)}</span> beside the bare build-up; with
        one every {printWithUnit("length", detail.body.width, units)} its U goes from {u(bridge.beside)} to{" "}
        <span className="font-semibold">{u(bridge.transmittance)}</span>. The combined method, which the ledger uses, gives {u(combined)}{" "}
        for the same stretch.
      </p>
      <p>
        {cold
          ? `In the worst night the inside face comes down to ${degrees(bridge.coldestInside)} over it, at the dot`
          : `On the worst afternoon the outside face is ${degrees(bridge.warmestOutside)} at its warmest`}
        {bridge.fRsi === null ? "" : ` (fRsi ${bridge.fRsi.toFixed(2)})`}
        {cold && dewPoint !== null ? `; the air in the room sweats below ${degrees(dewPoint)}` : ""}
        {season === "summer" && cold ? ", in summer" : ""}.
      </p>
      {sweats ? (
        <Remark kind="damp">The inside face sweats along it: a break across it, or a warmer inside face, keeps it dry.</Remark>
      ) : null}
      <p className="text-graphite">
        ISO 10211; sticks of other sets, plates and the ends of the face are left out. {output.notes.join(" ")}
      </p>
    </div>
  )
}
