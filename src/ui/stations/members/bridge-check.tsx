"use client"
import { useState } from "react"
import { memberBridge } from "../../../core/conduction/member-detail"
import type { FaceFigures } from "../../../core/ledger/face-figures"
import { type FaceDetail, faceDetail } from "../../../core/ledger/member-bridge"
import { printWithUnit } from "../../../core/quantity/measure"
import type { BridgeOutput } from "../../../schema/bridge"
import type { MemberSet } from "../../../schema/job/build-up"
import { call } from "../../job/api"
import { useJob, useLedger } from "../../job/job-store"
import { Button } from "../../primitives/button"
import { Remark } from "../../primitives/remark"
import { Refusal } from "../../primitives/refusal"

interface Props {
  figures: FaceFigures
  id: string
  set: MemberSet
}

/** One of the members calculated in two dimensions, on demand: what a metre of it costs and how cold it makes the inside face. */
export function BridgeCheck({ figures, id, set }: Props) {
  const { conditions } = useLedger()
  const detail = faceDetail(figures, id, conditions)
  const [solved, setSolved] = useState<{ of: string; output: BridgeOutput } | null>(null)
  const [waiting, setWaiting] = useState(false)
  const [refusal, setRefusal] = useState<string | null>(null)
  if (!detail) return null
  const of = JSON.stringify(detail.body)
  const solve = async () => {
    setWaiting(true)
    const answer = await call<BridgeOutput>("POST", "/api/calc/bridge", of)
    setWaiting(false)
    setRefusal(answer.ok ? null : answer.error.message)
    if (answer.ok) setSolved({ of, output: answer.value })
  }
  return (
    <div className="col-span-3 grid gap-1">
      {solved?.of === of ? (
        <BridgeWords figures={figures} set={set} detail={detail} output={solved.output} />
      ) : (
        <div>
          <Button disabled={waiting} onClick={() => void solve()}>
            {waiting ? "Calculating …" : "Calculate one in two dimensions"}
          </Button>
        </div>
      )}
      <Refusal>{refusal}</Refusal>
    </div>
  )
}

function BridgeWords({ figures, set, detail, output }: { figures: FaceFigures; set: MemberSet; detail: FaceDetail; output: BridgeOutput }) {
  const { units } = useJob()
  const { climate, season, combined, dewPoint } = detail
  const bridge = memberBridge(figures.layers, detail.body, output, climate)
  const u = (value: number) => printWithUnit("transmittance", value, units)
  const degrees = (value: number) => printWithUnit("temperature", value, units)
  const cold = climate.inside.temperature > climate.outside.temperature
  const sweats = cold && dewPoint !== null && bridge.coldestInside < dewPoint
  return (
    <div className="grid gap-1 text-dense" data-testid="bridge">
      <p>
        In two dimensions a metre of {set.name.toLowerCase()} costs{" "}
        <span className="font-semibold">{printWithUnit("linearTransmittance", bridge.linear, units)}</span> beside the bare build-up; with
        one every {printWithUnit("length", detail.body.width, units)} its U goes from {u(bridge.beside)} to{" "}
        <span className="font-semibold">{u(bridge.transmittance)}</span>. The combined method, which the ledger uses, gives {u(combined)}{" "}
        for the same stretch.
      </p>
      <p>
        {cold
          ? `In the worst night the inside face comes down to ${degrees(bridge.coldestInside)} over it`
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
