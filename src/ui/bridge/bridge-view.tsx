"use client"
import { inSentence } from "../../core/in-sentence"
import type { ReactNode } from "react"
import type { Detail, DetailFigures } from "../../core/conduction/detail"
import type { RankedBridge } from "../../core/ledger/bridge-ranking"
import { perLength } from "../../core/quantity/unit-system"
import { useJob } from "../job/job-store"
import { DetailView } from "./detail-view"
import { PointWords } from "./point-words"
import { useWriting, type Writing } from "../writing/writing"

interface Props {
  bridge: RankedBridge
  /** Words of the button that begins. */
  action: string
  testId: string
  /** What can be done once it is solved. */
  children?: ReactNode
}

/** A bridge looked into: its temperatures, what it costs and how cold it gets. */
export function BridgeView({ bridge, action, testId, children }: Props) {
  const writing = useWriting()
  const { figure, unit, write } = writing
  useJob()
  const { name, face, set, detail, point } = bridge
  if (point)
    return (
      <div className="grid gap-2" data-testid={testId}>
        <p>
          Each passes (χ) <span className="font-semibold">{write("pointTransmittance", point.pointTransmittance)}</span>
          {point.penetration.count > 1 ? `, all ${figure("conductance", point.conductance)} ${unit("conductance")}` : ""}.
        </p>
        <PointWords point={point} />
        {children}
      </div>
    )
  if (!detail) return null
  return (
    <DetailView
      action={action}
      face={face}
      detail={detail}
      testId={testId}
      label={`Temperatures ${set ? "around one of the" : "at"} ${inSentence(name)}, outdoors below`}
      left={leftOut(bridge)}
      cost={(solved) => costOf(bridge, detail, solved, writing)}
    >
      {children}
    </DetailView>
  )
}

/** What a picture leaves out. */
function leftOut({ set, opening }: RankedBridge): string {
  if (set) return "sticks of other sets, plates and the ends of the face are left out."
  return opening
    ? "the leaf is taken as one even stuff of its U, its seals and its hardware left out."
    : "members and the corners where three faces meet are left out; an edge that is not square is drawn square."
}

function costOf(
  { set, opening, extent, transmittance }: RankedBridge,
  detail: Detail,
  { linearTransmittance: linear }: DetailFigures,
  { write, units }: Writing,
): ReactNode {
  const psi = (value: number) => write("linearTransmittance", value)
  if (set) {
    const u = (value: number) => write("transmittance", value)
    const pitch = detail.body.width
    const beside = detail.oneDimensional / pitch
    return (
      <>
        Each {perLength(units)} of {inSentence(set.set.name)} loses <span className="font-semibold">{psi(linear)}</span> more than the bare
        build-up (ψ, in two dimensions); with one every {write("length", pitch)} its U goes from {u(beside)} to{" "}
        <span className="font-semibold">{u(beside + linear / pitch)}</span>.
      </>
    )
  }
  const angled = !opening && Math.abs(linear - transmittance) > 1e-4
  return (
    <>
      Each {perLength(units)} loses <span className="font-semibold">{psi(linear)}</span> (ψ)
      {opening ? " more than wall and leaf" : angled ? ` at a square edge, ${psi(transmittance)} at this one’s angle` : ""};{" "}
      {write("length", extent)} of it are counted.
    </>
  )
}
