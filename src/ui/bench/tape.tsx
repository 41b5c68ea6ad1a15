"use client"
import { ChevronDown, ChevronLeft, CircleHelp, Redo2, Search, Undo2 } from "lucide-react"
import { useRouter } from "next/navigation"
import { inTheWay } from "../../core/ledger/in-the-way"
import { setUnits } from "../../edit/brief-edits"
import { useJob, useJobStore, useJobView, useLedger } from "../job/job-store"
import { IconButton } from "../primitives/button"
import { ThemeButton, UnitSwitch } from "./display"
import { type StationId, STATIONS, useStation } from "./use-station"

interface Props {
  onVariants: () => void
  onSearch: () => void
  onHelp: () => void
}

/** The stations along a tape measure; the job at its left end, the tools at its right. */
export function Tape({ onVariants, onSearch, onHelp }: Props) {
  const job = useJob()
  const store = useJobStore()
  const router = useRouter()
  const canUndo = useJobView((view) => view.history.undo.length > 0 || view.behind !== null)
  const canRedo = useJobView((view) => view.history.redo.length > 0)
  return (
    <header className="flex h-13 print:hidden shrink-0 items-stretch border-b border-ink bg-sheet">
      <div className="flex w-62 min-w-0 items-center gap-1 pl-4 max-[900px]:w-auto max-[900px]:grow">
        <button
          type="button"
          className="rounded-soft px-1 text-graphite hover:bg-chosen"
          aria-label="Back to the shelf"
          title="Back to the shelf"
          onClick={() => router.push("/")}
        >
          <ChevronLeft size={18} aria-hidden />
        </button>
        <button
          type="button"
          className="flex min-w-0 grow items-center rounded-soft px-1 text-left hover:bg-chosen"
          aria-haspopup="dialog"
          onClick={onVariants}
        >
          <span className="min-w-0 grow">
            <span className="block truncate font-display text-[18px] leading-5 font-bold">{job.name}</span>
            <span className="block truncate text-[12.5px] leading-4 text-graphite">{job.variants[job.active]!.name}</span>
          </span>
          <ChevronDown size={16} aria-label="variants" className="text-graphite" />
        </button>
      </div>
      <Stations />
      <div className="ml-auto flex items-center gap-0.5 pr-3">
        <SavingWords />
        <span className="max-[700px]:hidden">
          <UnitSwitch
            metric={job.units === "metric"}
            onSwitch={() => store.edit(setUnits(job.units === "metric" ? "inch-pound" : "metric"))}
          />
        </span>
        <ThemeButton />
        <IconButton name="Undo" disabled={!canUndo} onClick={store.undo}>
          <Undo2 size={17} aria-hidden />
        </IconButton>
        <IconButton name="Redo" disabled={!canRedo} onClick={store.redo}>
          <Redo2 size={17} aria-hidden />
        </IconButton>
        <IconButton name="Commands and search" onClick={onSearch}>
          <Search size={17} aria-hidden />
        </IconButton>
        <IconButton name="Keys" onClick={onHelp} className="max-[700px]:hidden">
          <CircleHelp size={17} aria-hidden />
        </IconButton>
      </div>
    </header>
  )
}

function Stations() {
  const { station, go } = useStation()
  const marks = useMarks()
  return (
    <>
      <nav aria-label="Stations" className="flex max-[900px]:hidden">
        {STATIONS.map(({ id, name }, i) => {
          const here = id === station
          return (
            <button
              key={id}
              type="button"
              aria-current={here ? "step" : undefined}
              className={`relative w-22 px-2 pt-1 text-left ${here ? "bg-spruce text-on-spruce" : "hover:bg-chosen"}`}
              onClick={() => go(id)}
            >
              <span className={`block text-[11px] leading-4 ${here ? "" : "text-graphite"}`}>{i + 1}</span>
              <span className="block font-display text-[14.5px] leading-5 font-semibold whitespace-nowrap">{name}</span>
              {marks[id] ? <Mark waits={marks[id] === "waits"} here={here} /> : null}
              <Ticks here={here} />
            </button>
          )
        })}
      </nav>
      <FoldedTape />
    </>
  )
}

function Mark({ waits, here }: { waits: boolean; here: boolean }) {
  return (
    <span className="absolute top-1.5 right-2 text-[10px] leading-3">
      <span aria-hidden className={here ? "" : waits ? "text-ochre" : "text-spruce"}>
        {waits ? "▼" : "●"}
      </span>
      <span className="sr-only">{waits ? ", something stands in the way" : ", in order"}</span>
    </span>
  )
}

/** On a narrow screen the tape is folded to the station at hand. */
function FoldedTape() {
  const { station, go } = useStation()
  return (
    <select
      aria-label="Station"
      value={station}
      className="my-2 rounded-soft bg-spruce px-2 font-display font-semibold text-on-spruce min-[901px]:hidden"
      onChange={(event) => go(event.target.value as StationId)}
    >
      {STATIONS.map(({ id, name }) => (
        <option key={id} value={id}>
          {name}
        </option>
      ))}
    </select>
  )
}

function Ticks({ here }: { here: boolean }) {
  return (
    <svg aria-hidden className="absolute inset-x-0 bottom-0 h-3 w-full" preserveAspectRatio="none" viewBox="0 0 88 12">
      <path
        d="M.5 0v12M9 7v5M18 7v5M27 7v5M36 7v5M44 4v8M53 7v5M62 7v5M71 7v5M80 7v5"
        stroke={here ? "var(--on-spruce)" : "var(--graphite)"}
        strokeWidth={0.8}
        opacity={here ? 0.5 : 0.7}
      />
    </svg>
  )
}

function useMarks(): Partial<Record<StationId, "done" | "waits">> {
  const job = useJob()
  const obstacles = inTheWay(useLedger(), job.brief.limits)
  const limits = Object.values(job.brief.limits).some((limit) => limit !== null)
  return {
    ...(limits ? { brief: "done" } : {}),
    shell: obstacles.some(({ kind }) => kind === "misfit") ? "waits" : "done",
    "build-ups": obstacles.some((obstacle) => obstacle.kind === "limit" && ["height", "weight", "money"].includes(obstacle.limit))
      ? "waits"
      : "done",
    heat: obstacles.some((obstacle) => obstacle.kind === "limit" && ["loss", "gain"].includes(obstacle.limit)) ? "waits" : "done",
    damp: obstacles.some(({ kind }) => kind === "damp") ? "waits" : "done",
  }
}

/** Says what is not on the server's disk yet. */
function SavingWords() {
  const saving = useJobView((view) => view.saving)
  const count = useJobView((view) => view.unsent.length)
  const words = {
    saved: "saved",
    sending: "saving …",
    away: `${count} kept here, server away`,
    refused: "not saved",
    foreign: "changed elsewhere",
  }[saving]
  return (
    <span
      role="status"
      data-testid="saving"
      data-saving={saving}
      className={`mr-1 text-dense whitespace-nowrap ${saving === "saved" || saving === "sending" ? "text-graphite max-[900px]:sr-only" : "font-semibold text-clay"}`}
    >
      {words}
    </span>
  )
}
