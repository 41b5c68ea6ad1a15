"use client"
import { inSentence } from "../../core/in-sentence"
import { priceOfLayers } from "../../core/takeoff/content"
import { Trash2 } from "lucide-react"
import { Fragment, useDeferredValue, useMemo, useState } from "react"
import { v4 as newId } from "uuid"
import { dampRank, stepWords } from "../../core/moisture/damp-verdict"
import { wearBuildUp } from "../../edit/assembly-edits"
import { unfitWays, WAYS } from "../../edit/start/ways"
import type { Assembly } from "../../schema/job/build-up"
import type { OwnMaterials } from "../../schema/job/job"
import { BUILD_UP_FORMAT, KEPT_VERSION } from "../../schema/kept"
import { useCalculations, useShown, useWorkedOut } from "../calculations/calculations"
import { useJob, useJobStore } from "../job/job-store"
import { useLedger } from "../job/use-ledger"
import { Button, IconButton } from "../primitives/button"
import { DampRing } from "../primitives/damp-ring"
import { Dialog } from "../primitives/dialog"
import { FigureTable } from "../primitives/figure-table"
import { Refusal } from "../primitives/refusal"
import { useChosenFace } from "../stations/use-figures"
import { BuildUpsBeside } from "./build-ups-beside"
import { type Candidate, candidatesFor, presentCandidate, waitingFor } from "./candidates"
import { useKept } from "./use-kept"
import { useWriting } from "../writing/writing"

/** Build-ups that the chosen face could wear: kept on the shelf, and ready ones of each school; two of them beside what it wears. */
export function BuildUpsDialog({ onClose }: { onClose: () => void }) {
  const job = useDeferredValue(useJob())
  const ledger = useDeferredValue(useLedger())
  const figures = useChosenFace()
  const store = useJobStore()
  const kept = useKept()
  const calculations = useCalculations()
  const shown = useShown()
  const id = useJobStore().id
  const [beside, setBeside] = useState<readonly string[]>([])
  const [refusal, setRefusal] = useState<string | null>(null)
  const now = presentCandidate(job, figures, ledger)
  const candidates = useMemo(
    () => candidatesFor(job, figures, kept.buildUps, calculations.details(id, shown)),
    [job, figures, kept.buildUps, calculations, id, shown],
  )
  useWorkedOut(
    "library",
    useMemo(() => candidates.map((one) => waitingFor(one, job.brief)), [candidates, job.brief]),
  )
  const keepIt = async () => {
    const document = { format: BUILD_UP_FORMAT, version: KEPT_VERSION, kind: job.brief.kind, ...keptParts(now) } as const
    setRefusal((await kept.keep(`b-${newId().slice(0, 8)}`, document))?.message ?? null)
  }
  const take = ({ assembly, materials }: Candidate) => {
    const fault = store.edit(wearBuildUp(figures.assembly, assembly, materials))
    setRefusal(fault?.message ?? null)
    if (!fault) onClose()
  }
  const chosen = beside.flatMap((id) => candidates.find((one) => one.id === id) ?? [])
  return (
    <Dialog
      open
      onClose={onClose}
      place="wide"
      title={`Build-ups for the ${inSentence(figures.name)}`}
      words="Each with the figures that it would have here; compare two at a time with the one in use now."
    >
      <div className="grid gap-3">
        <div className="flex flex-wrap items-center gap-3">
          <Button onClick={() => void keepIt()}>Keep “{now.assembly.name}” on the shelf</Button>
          <span className="text-dense text-graphite">
            It is kept under the name that it has, for any job; what is kept is also on the shelf’s own page.{" "}
            {shareWords(ledger.surfaces.filter((face) => face.assembly === figures.assembly).length)}
          </span>
        </div>
        <Refusal>{refusal ?? kept.fault?.message ?? null}</Refusal>
        {chosen.length > 0 ? (
          <BuildUpsBeside candidates={[now, ...chosen]} onTake={take} onAway={(id) => setBeside(beside.filter((one) => one !== id))} />
        ) : null}
        <CandidateTable
          candidates={candidates}
          beside={beside}
          onBeside={(id, on) => setBeside(on ? [...beside, id] : beside.filter((one) => one !== id))}
          onTake={take}
          onRemove={(id) => void kept.remove(id, true)}
        />
        <Unfit unfit={unfitWays(job.brief.kind, figures.face.part, figures.ground !== null)} />
        {kept.unreadable.map(({ id, message }) => (
          <p key={id} role="alert" className="border-l-[3px] border-clay pl-3">
            Something on the shelf cannot be read and stays as it is: {message}
          </p>
        ))}
      </div>
    </Dialog>
  )
}

const shareWords = (faces: number) => (faces > 1 ? `What you take is used by all ${faces} faces that share this build-up.` : "")

/** A build-up with just the materials of its own that it is made of. */
function keptParts({ assembly, materials }: Candidate): { assembly: Assembly; materials: OwnMaterials } {
  const text = JSON.stringify(assembly)
  return { assembly, materials: Object.fromEntries(Object.entries(materials).filter(([id]) => text.includes(JSON.stringify(id)))) }
}

/** Ways of building that have no place here. */
function Unfit({ unfit }: { unfit: ReturnType<typeof unfitWays> }) {
  if (unfit.length === 0) return null
  return (
    <section aria-label="Not among them">
      <h3 className="font-display text-[15px] font-semibold">Not among them, and why</h3>
      <dl className="text-dense">
        {unfit.map(({ way, why }) => (
          <div key={way}>
            <dt className="inline font-semibold">{WAYS[way]}</dt>
            <dd className="inline text-graphite">: {why}</dd>
          </div>
        ))}
      </dl>
    </section>
  )
}

interface TableProps {
  candidates: readonly Candidate[]
  beside: readonly string[]
  onBeside: (id: string, on: boolean) => void
  onTake: (candidate: Candidate) => void
  onRemove: (id: string) => void
}

/** More stand beside what is worn at no time. */
const MOST = 2

function CandidateTable({ candidates, beside, onBeside, onTake, onRemove }: TableProps) {
  const { figure, unit } = useWriting()
  const rowOf = (one: Candidate) => {
    const { id, from, assembly, face, ledger } = one
    const { verdict, awaited } = ledger.moisture[face.id]!
    const on = beside.includes(id)
    const about = ledger.pending.length > 0 ? "≈ " : ""
    return {
      key: id,
      look: "border-b border-seam align-top hover:bg-chosen",
      cells: [
        <Fragment key="name">
          <Button look="link" className="text-left whitespace-normal" onClick={() => onTake(one)}>
            {assembly.name}
          </Button>
          <span className="text-graphite">, {from}</span>
          {assembly.reason === "" ? null : <span className="block max-w-96 leading-4 text-graphite">{assembly.reason}</span>}
        </Fragment>,
        figure("length", face.winter.thickness),
        about + figure("resistance", face.totalResistance),
        figure("arealMoney", priceOfLayers(face.layers)),
        about + figure("power", ledger.loss.total),
        <span key="damp" className={`flex items-start gap-1.5 leading-4 ${dampRank(verdict) > 0 ? "text-fen" : ""}`}>
          <DampRing verdict={{ ...verdict, soFar: awaited.length > 0 }} size={14} />
          {stepWords(verdict)}
          {awaited.length > 0 ? ", so far" : ""}
        </span>,
        <input
          key="beside"
          type="checkbox"
          aria-label={`Compare ${assembly.name}`}
          className="size-4 accent-spruce"
          checked={on}
          disabled={!on && beside.length === MOST}
          onChange={(event) => onBeside(id, event.target.checked)}
        />,
        from === "on the shelf" ? (
          <IconButton key="off" name={`Take ${assembly.name} off the shelf`} onClick={() => onRemove(id)}>
            <Trash2 size={14} aria-hidden />
          </IconButton>
        ) : null,
      ],
    }
  }
  return (
    <div className="overflow-x-auto">
      <FigureTable
        caption="Build-ups"
        words={[0, 5, 6]}
        heads={[
          "build-up, and when it fits",
          unit("length"),
          "R built",
          unit("arealMoney"),
          `loss, ${unit("power")}`,
          "damp",
          "compare",
          "",
        ]}
        rows={candidates.map(rowOf)}
      />
    </div>
  )
}
