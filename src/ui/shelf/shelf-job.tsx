"use client"
import { Ellipsis } from "lucide-react"
import Link from "next/link"
import { DropdownMenu } from "radix-ui"
import { useState } from "react"
import { toast } from "../primitives/toast"
import type { ShelfJob, SummaryFigures } from "../../core/ledger/job-summary"
import { obstacleWords } from "../../core/ledger/obstacle"
import { useWriting } from "../writing/writing"
import { call } from "../job/api"
import { SmallPelt } from "../pelt/small-pelt"
import { DampRing } from "../primitives/damp-ring"
import { Figure } from "../primitives/figure"
import { later } from "../primitives/later"

/** Asked for now and then only. */
const RenameJob = later(() => import("./rename-job").then((module) => module.RenameJob))

interface Props {
  job: ShelfJob
  /** Why its figures are not there. */
  failed: string | undefined
  onChanged: () => void
}

/** A job on the shelf: its pelt, its headline figures, and what stands in its way. */
export function ShelfJobCard({ job: { id, summary }, failed, onChanged }: Props) {
  const { name, use, place, emblem, figures } = summary
  const [renaming, setRenaming] = useState(false)
  return (
    <li className="relative row-span-6 grid grid-rows-subgrid gap-0 border-r border-seam px-4 pb-3 narrow:border-r-0" data-job={id}>
      <Link href={`/jobs/${id}/build-ups`} className="row-span-6 grid grid-rows-subgrid gap-0">
        <span className="grid h-64 place-items-center">
          <SmallPelt emblem={emblem} width={236} height={250} />
        </span>
        <span className="block self-end font-display text-[19px] leading-6 font-bold">{name}</span>
        <span className="block truncate">{use}</span>
        <span className="block truncate text-graphite">{place}</span>
        {figures ? (
          <Figures figures={figures} />
        ) : (
          <span className="row-span-2 mt-1 block text-graphite">
            {failed ? `No figures: ${failed}` : "Its figures are being worked out …"}
          </span>
        )}
      </Link>
      <JobMenu id={id} name={name} onRename={() => setRenaming(true)} onChanged={onChanged} />
      {renaming ? (
        <RenameJob id={id} name={name} onRenamed={(answer) => void tell(answer, onChanged)} onClose={() => setRenaming(false)} />
      ) : null}
    </li>
  )
}

function Figures({ figures: { cooled, power, standing, damp, obstacle, obstacles } }: { figures: SummaryFigures }) {
  const { write } = useWriting()
  const look = obstacle === null ? "text-graphite" : obstacle.kind === "damp" ? "font-semibold text-fen" : "font-semibold text-clay"
  return (
    <>
      <span className="mt-1 flex flex-wrap content-start items-center gap-x-2.5">
        <Named words={cooled ? "in" : "lost"}>
          <Figure size="shelf" kind="power" value={power} />
        </Named>
        <Named words="high">
          <Figure size="shelf" kind="length" value={standing} />
        </Named>
        <DampRing verdict={damp} size={18} />
        {damp.soFar ? <span className="text-dense text-graphite">damp by the months so far</span> : null}
      </span>
      <span className={`block ${look}`}>
        {obstacle === null ? "nothing in the way" : obstacleWords(obstacle, write)}
        {obstacles > 1 ? <span className="font-normal text-graphite"> and {obstacles - 1} more</span> : null}
      </span>
    </>
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
