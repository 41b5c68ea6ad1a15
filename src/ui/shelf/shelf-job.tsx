"use client"
import { activeState } from "../../core/enclosure/job-state"
import { Ellipsis } from "lucide-react"
import Link from "next/link"
import { DropdownMenu } from "radix-ui"
import { useState } from "react"
import { toast } from "sonner"
import { CLIMATE_STATIONS } from "../../core/climate/climate-stations"
import { inTheWay, obstacleWords } from "../../core/ledger/in-the-way"
import { useWriting } from "../writing/writing"
import type { ShelfJob } from "../../schema/change"
import { call } from "../job/api"
import { useLedgerOf } from "../job/use-ledger"
import { SmallPelt } from "../pelt/small-pelt"
import { DampRing } from "../primitives/damp-ring"
import { Figure } from "../primitives/figure"
import { later } from "../primitives/later"

/** Asked for now and then only. */
const RenameJob = later(() => import("./rename-job").then((module) => module.RenameJob))

interface Props {
  job: ShelfJob
  onChanged: () => void
}

/** A job on the shelf: its pelt, its headline figures, and what stands in its way. */
export function ShelfJobCard({ job: shelved, onChanged }: Props) {
  const { id, document: job } = shelved
  const writing = useWriting()
  const [renaming, setRenaming] = useState(false)
  const ledger = useLedgerOf(id, activeState(job))
  const [obstacle, ...more] = inTheWay(ledger, job.brief.limits)
  const cooled = job.brief.kind === "cold-room"
  return (
    <li className="relative border-r border-seam px-4 pb-3 first:pl-0 max-[700px]:border-r-0">
      <Link href={`/jobs/${id}/build-ups`} className="block">
        <span className="grid h-64 place-items-center">
          <SmallPelt surfaces={ledger.surfaces} width={236} height={250} />
        </span>
        <span className="block font-display text-[19px] leading-6 font-bold">{job.name}</span>
        <span className="block truncate">{job.brief.use}</span>
        <span className="block truncate text-graphite">{CLIMATE_STATIONS[job.brief.station]?.name}</span>
        <span className="mt-1 flex flex-wrap items-center gap-x-4">
          <Named words={cooled ? "in" : "lost"}>
            <Figure size="shelf" kind="power" rough={ledger.pending.length > 0} value={cooled ? ledger.gain.total : ledger.loss.total} />
          </Named>
          <Named words="high">
            <Figure size="shelf" kind="length" value={ledger.clear.standing} />
          </Named>
          <DampRing verdict={ledger.moisture[ledger.wettest.id].verdict} size={18} />
        </span>
        <span
          className={`block font-semibold ${obstacle === undefined ? "font-normal text-graphite" : obstacle.kind === "damp" ? "text-fen" : "text-clay"}`}
        >
          {obstacle === undefined ? "nothing in the way" : obstacleWords(obstacle, writing.write)}
          {more.length > 0 ? <span className="font-normal text-graphite"> and {more.length} more</span> : null}
        </span>
      </Link>
      <JobMenu id={id} name={job.name} onRename={() => setRenaming(true)} onChanged={onChanged} />
      {renaming ? (
        <RenameJob job={shelved} onRenamed={(answer) => void tell(answer, onChanged)} onClose={() => setRenaming(false)} />
      ) : null}
    </li>
  )
}

function Named({ words, children }: { words: string; children: React.ReactNode }) {
  return (
    <span>
      {children} <span className="text-dense text-graphite">{words}</span>
    </span>
  )
}

const ITEM = "rounded-soft px-3 py-1.5 outline-none data-[highlighted]:bg-chosen"

function JobMenu({ id, name, onRename, onChanged }: { id: string; name: string; onRename: () => void; onChanged: () => void }) {
  const remove = async () => {
    const putBack = () => void tell(call("PATCH", `/api/jobs/${id}`, { deleted: false }), onChanged)
    await tell(call("PATCH", `/api/jobs/${id}`, { deleted: true }), onChanged)
    toast(`${name} is off the shelf.`, { duration: 12_000, action: { label: "Undo", onClick: putBack } })
  }
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger
        aria-label={`What to do with ${name}`}
        className="absolute top-1 right-2 grid size-8 place-items-center rounded-soft hover:bg-chosen"
      >
        <Ellipsis size={18} aria-hidden />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content align="end" className="z-30 rounded-soft border border-seam bg-sheet p-1 shadow-xl">
          <DropdownMenu.Item className={ITEM} onSelect={onRename}>
            Rename
          </DropdownMenu.Item>
          <DropdownMenu.Item className={ITEM} onSelect={() => void tell(call("POST", `/api/jobs/${id}/copy`), onChanged)}>
            Copy
          </DropdownMenu.Item>
          <DropdownMenu.Item className={ITEM} asChild>
            <a href={`/api/jobs/${id}/file`} download>
              Save a job file
            </a>
          </DropdownMenu.Item>
          <DropdownMenu.Item className={`${ITEM} text-clay`} onSelect={() => void remove()}>
            Delete
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}

async function tell(answer: ReturnType<typeof call>, onChanged: () => void): Promise<void> {
  const result = await answer
  if (!result.ok) toast(result.error.message)
  onChanged()
}
