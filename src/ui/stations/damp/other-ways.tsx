"use client"
import { useMemo, useState } from "react"
import { v4 as newId } from "uuid"
import type { SurfaceId } from "../../../core/enclosure/surface"
import { judgingOf } from "../../../core/ledger/ledger"
import { dampRank, worstPlane } from "../../../core/moisture/damp-verdict"
import { tryCure } from "../../../edit/try-step"
import { useCalculations, useShown, useWorkedOut } from "../../calculations/calculations"
import { useJobStore } from "../../job/job-store"
import { useJobLater, useLedgerLater } from "../../job/use-ledger"
import { type Candidate, candidatesFor, presentCandidate } from "../../library/candidates"
import { Button } from "../../primitives/button"
import { DampRing } from "../../primitives/damp-ring"
import { FigureTable } from "../../primitives/figure-table"
import { Refusal } from "../../primitives/refusal"
import { Unfolding } from "../../primitives/unfolding"
import { useChosenFaceLater } from "../use-figures"
import { useWriting } from "../../writing/writing"

/** Where good builders differ: what each of their ways comes to on the chosen face, in this job's own weather and use. */
export function OtherWays() {
  return (
    <div>
      <Unfolding words="Where builders differ: each way on this face, in this weather and use">{() => <Ways />}</Unfolding>
    </div>
  )
}

/** Most that lies in a face through the year, as a share of what may; null where nothing does. */
const mostIn = ({ ledger }: Candidate, id: SurfaceId): number | null => worstPlane(ledger.moisture[id]!.water)?.share ?? null

function Ways() {
  const { write } = useWriting()
  const store = useJobStore()
  const job = useJobLater()
  const ledger = useLedgerLater()
  const face = useChosenFaceLater()
  const { id } = face
  const calculations = useCalculations()
  const shown = useShown()
  const [refusal, setRefusal] = useState<string | null>(null)
  const ways = useMemo(() => {
    const all = candidatesFor(job, face, [], calculations.details(store.id, shown))
    const rank = ({ ledger: { moisture } }: Candidate) => dampRank(moisture[face.id]!.verdict)
    return all.sort((a, b) => rank(a) - rank(b) || (mostIn(a, face.id) ?? 0) - (mostIn(b, face.id) ?? 0))
  }, [job, face, calculations, store.id, shown])
  const now = presentCandidate(job, face, ledger)
  useWorkedOut(
    "ways",
    useMemo(
      () => ways.map((one) => ({ pending: [], awaited: [], judging: judgingOf(one.ledger, [one.face], job.brief) })),
      [ways, job.brief],
    ),
  )
  const open = ways.filter(({ ledger: { moisture } }) => moisture[id]!.awaited.length > 0).length
  const tryIt = ({ assembly }: Candidate) =>
    setRefusal(
      store.edit(tryCure({ assembly: { id: face.assembly, next: assembly } }, `v-${newId().slice(0, 8)}`, assembly.name))?.message ?? null,
    )
  return (
    <div className="grid grid-cols-1 gap-2 pt-2" data-testid="other-ways">
      <FigureTable
        caption="Ways of building, and what the face comes to by each"
        heads={["way, and when it fits", "the face then", "U", ""]}
        words={[0, 1]}
        rows={[now, ...ways].map((one) => {
          const { verdict, awaited } = one.ledger.moisture[id]!
          return {
            key: one.id,
            look: `border-b border-seam align-top ${one === now ? "font-semibold" : ""}`,
            cells: [
              <span key="name">
                {one === now ? "As it is: " : ""}
                {one.assembly.name}
                {one === now ? null : <span className="block text-graphite">{one.assembly.reason}</span>}
              </span>,
              <span key="ring" className="flex items-start gap-1.5">
                <DampRing verdict={{ ...verdict, soFar: awaited.length > 0 }} size={14} />
                <span>
                  {verdict.words}
                  {awaited.length > 0 ? ", so far" : ""}
                </span>
              </span>,
              write("transmittance", one.face.transmittance),
              one === now ? (
                ""
              ) : (
                <Button key="try" look="link" aria-label={`Try in a variant: ${one.assembly.name}`} onClick={() => tryIt(one)}>
                  try it
                </Button>
              ),
            ],
          }
        })}
      />
      <Refusal>{refusal}</Refusal>
      <p className="text-dense text-graphite" role="status">
        With the leaks and the air inside that this job has; the driest first.
        {open > 0 ? ` ${open} of ${ways.length} are judged by the months so far; they are being followed by the hour.` : ""}
      </p>
    </div>
  )
}
