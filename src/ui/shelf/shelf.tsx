"use client"
import { useRouter } from "next/navigation"
import { useState } from "react"
import { toast } from "../primitives/toast"
import type { Shelf as ShelfData, ShelfJob } from "../../core/ledger/job-summary"
import { currencyFor, type UnitSystem } from "../../core/quantity/unit-system"
import type { KitEmblem } from "../../edit/start/kit-emblems"
import { type JobKind, LARGEST_FILE } from "../../schema/job/job"
import { ThemeButton, UnitSwitch } from "../bench/display"
import { call } from "../job/api"
import { SmallPelt } from "../pelt/small-pelt"
import { Button } from "../primitives/button"
import { FileButton } from "../primitives/file-button"
import { later } from "../primitives/later"
import { writingOf, WritingProvider } from "../writing/writing"
import { ShelfJobCard } from "./shelf-job"
import { useSettled } from "./use-settled"

/** Nothing of it is there at first, and few look for it. */
const KeptList = later(() => import("./kept-list").then((module) => module.KeptList))
const NewJobDialog = later(() => import("./new-job-dialog").then((module) => module.NewJobDialog))

/** All jobs, each with its own pelt, and the ways to a new one. */
export function Shelf({ shelf, kits, startUnits }: { shelf: ShelfData; kits: readonly KitEmblem[]; startUnits: UnitSystem }) {
  const [units, setUnits] = useState(startUnits)
  const [making, setMaking] = useState<JobKind | null>(null)
  const { count, listed, unreadable, jobs, failed, shown, wanted, order, look, sort, showAll, refresh } = useListing(shelf)
  const switchUnits = () => {
    const next = units === "metric" ? "inch-pound" : "metric"
    document.cookie = `units=${next}; path=/; max-age=31536000; samesite=strict`
    setUnits(next)
  }
  return (
    <WritingProvider value={writingOf(units, currencyFor(units))}>
      <div className="flex min-h-dvh flex-col">
        <header className="flex h-13 shrink-0 items-center border-b border-ink bg-sheet px-6">
          <span className="font-display text-[20px] font-bold">Pelzhaus</span>
          <TapeMarks />
          <UnitSwitch metric={units === "metric"} onSwitch={switchUnits} />
          <ThemeButton />
        </header>
        <main className="grow">
          <section className="px-6 pt-5">
            <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
              <h1 className="font-display text-[25px] leading-8 font-bold">On the shelf</h1>
              <p className="grow text-graphite">
                {count === 0 ? "empty: measure something below" : `${count} ${count === 1 ? "job" : "jobs"}`}
              </p>
              {count > 1 ? <Search wanted={wanted} order={order} onWanted={look} onOrder={sort} /> : null}
            </div>
            {shown.length === 0 && wanted.trim() !== "" ? (
              <p className="py-6 text-graphite">No job has “{wanted.trim()}” in its name, its use or its place.</p>
            ) : null}
            <ul className="mt-3 -ml-4 grid grid-cols-[repeat(auto-fill,minmax(262px,1fr))]">
              {shown.map((job) => (
                <ShelfJobCard key={job.id} job={job} failed={failed.get(job.id)} onChanged={refresh} />
              ))}
            </ul>
            {count > listed.length + unreadable.length ? (
              <Button look="link" onClick={() => void showAll()}>
                Show all {count} jobs
              </Button>
            ) : null}
            {unreadable.map(({ id, message }) => (
              <p key={id} role="alert" className="mt-2 border-l-[3px] border-clay pl-3">
                A job cannot be read and stays as it is in the store: {message}
              </p>
            ))}
          </section>
          <NewOnes kits={kits} onMake={setMaking} />
          <KeptList />
        </main>
        <footer className="flex flex-wrap justify-between gap-x-6 border-t border-seam bg-sheet px-6 py-4 text-graphite">
          <span>Kept on this machine only; “npm run backup” copies it.</span>
          <span>Pelzhaus calculates; codes, licensed trades and makers’ sheets decide.</span>
        </footer>
        {making ? <NewJobDialog kind={making} taken={jobs.map(({ summary }) => summary.name)} onClose={() => setMaking(null)} /> : null}
      </div>
    </WritingProvider>
  )
}

/** The jobs that are listed: as many as the page came with until all are asked for, those that are looked for, in an order. */
function useListing(shelf: ShelfData) {
  const router = useRouter()
  /** All jobs, once they are asked for. */
  const [whole, setWhole] = useState<ShelfData | null>(null)
  const { count, unreadable, jobs: listed } = whole ?? shelf
  const { jobs, failed } = useSettled(listed)
  const [wanted, setWanted] = useState("")
  const [order, setOrder] = useState<Order>("newest")
  const showAll = async () => {
    const answer = await call<ShelfData>("GET", "/api/jobs")
    if (answer.ok) setWhole(answer.value)
    else toast(answer.error.message)
  }
  // What is looked for may stand among those that are not shown yet.
  const needAll = () => void (!whole && count > listed.length && showAll())
  return {
    ...{ count, listed, unreadable, jobs, failed, wanted, order, showAll },
    shown: arranged(jobs, wanted, order),
    look: (text: string) => {
      setWanted(text)
      needAll()
    },
    sort: (by: Order) => {
      setOrder(by)
      needAll()
    },
    refresh: () => {
      router.refresh()
      if (whole) void showAll()
    },
  }
}

/** The ways to a new job, in sight however many there are. */
function NewOnes({ kits, onMake }: { kits: readonly KitEmblem[]; onMake: (kind: JobKind) => void }) {
  const router = useRouter()
  return (
    <section className="sticky bottom-0 z-10 mt-4 border-y border-ink bg-felt px-6 py-3">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h2 className="font-display text-[20px] leading-7 font-bold">Measure a new one</h2>
        <p className="text-graphite narrow:hidden">six questions, first answer within a minute</p>
      </div>
      <div className="mt-2 flex items-center gap-3 overflow-x-auto">
        {kits.map(({ kind, label, emblem }) => (
          <button
            key={kind}
            type="button"
            className="moves flex h-16 w-44 shrink-0 items-center gap-3 rounded-soft border border-seam bg-sheet px-3 text-left hover:border-spruce"
            onClick={() => onMake(kind)}
          >
            <SmallPelt emblem={emblem} width={60} height={54} />
            <span className="font-display text-[15px] leading-5 font-semibold">{label}</span>
          </button>
        ))}
        <OpenFile onOpened={(id) => router.push(`/jobs/${id}/build-ups`)} />
      </div>
    </section>
  )
}

/** How the jobs are arranged. */
type Order = keyof typeof ORDERS
const ORDERS = { newest: "newest first", name: "by name" }

/** The jobs that have all of the words in them, in an order. */
function arranged(jobs: readonly ShelfJob[], wanted: string, order: Order): ShelfJob[] {
  const words = wanted.toLowerCase().split(/\s+/)
  const found = jobs.filter(({ summary: { name, use, place } }) => {
    const text = `${name} ${use} ${place}`.toLowerCase()
    return words.every((word) => text.includes(word))
  })
  return order === "newest" ? found : found.sort((a, b) => a.summary.name.localeCompare(b.summary.name, "en", { numeric: true }))
}

interface SearchProps {
  wanted: string
  order: Order
  onWanted: (text: string) => void
  onOrder: (order: Order) => void
}

/** Finds jobs by typing, and puts them in order. */
function Search({ wanted, order, onWanted, onOrder }: SearchProps) {
  return (
    <div className="flex flex-wrap items-end gap-3">
      <input
        type="search"
        aria-label="Find a job"
        placeholder="Find a job by name, use or place"
        value={wanted}
        className="h-8 w-64 rounded-soft border border-seam bg-sheet px-2"
        onChange={(event) => onWanted(event.target.value)}
      />
      <select
        aria-label="Order of the jobs"
        value={order}
        className="h-8 rounded-soft border border-seam bg-sheet px-2"
        onChange={(event) => onOrder(event.target.value as Order)}
      >
        {Object.entries(ORDERS).map(([value, name]) => (
          <option key={value} value={value}>
            {name}
          </option>
        ))}
      </select>
    </div>
  )
}

function TapeMarks() {
  return (
    <svg aria-hidden className="mx-6 h-full grow" preserveAspectRatio="xMinYMax slice">
      <defs>
        <pattern id="tape" width="88" height="52" patternUnits="userSpaceOnUse">
          <path
            d="M.5 39v13M9.3 47v5M18.1 47v5M26.9 47v5M35.7 47v5M44.5 43v9M53.3 47v5M62.1 47v5M70.9 47v5M79.7 47v5"
            stroke="var(--graphite)"
            strokeWidth={0.8}
          />
        </pattern>
      </defs>
      <rect width="100%" height="52" fill="url(#tape)" />
    </svg>
  )
}

/** Brings in a job file; what is wrong with it is said, and nothing is stored. */
function OpenFile({ onOpened }: { onOpened: (id: string) => void }) {
  const [error, setError] = useState<string | null>(null)
  const read = async (file: File) => {
    setError(null)
    // Not read at all when too large: a browser would hold it whole in memory.
    if (file.size > LARGEST_FILE * 4)
      return setError(`${file.name} has ${Math.round(file.size / 1e6)} MB; a job file has at most ${LARGEST_FILE / 1e6} MB.`)
    const answer = await call<{ id: string }>("POST", "/api/jobs", await file.text())
    if (answer.ok) {
      toast(`${file.name} is on the shelf.`)
      onOpened(answer.value.id)
    } else setError(`${file.name}: ${answer.error.message}`)
  }
  return (
    <div className="max-w-80">
      <FileButton label="Job file" accept=".json,application/json" onFile={(file) => void read(file)}>
        Open a job file
      </FileButton>
      {error ? (
        <p role="alert" className="mt-1 text-dense text-clay">
          {error}
        </p>
      ) : null}
    </div>
  )
}
