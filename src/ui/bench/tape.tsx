"use client"
import { useEffect, useMemo } from "react"
import { ChevronDown, ChevronLeft, CircleHelp, Redo2, Search, Undo2 } from "lucide-react"
import type { ReactNode } from "react"
import { inTheWay } from "../../core/ledger/in-the-way"
import { useJob, useOutbox } from "../job/job-store"
import { useCommands } from "../commands/commands"
import { useLedgerLater } from "../job/use-ledger"
import { IconButton } from "../primitives/button"
import { ThemeButton, UnitSwitch } from "./display"
import { STATIONS, useStation } from "../stations/stations"
import { useGo } from "../stations/use-go"

/** The stations along a tape measure; the job at its left end, the tools at its right. */
export function Tape() {
  const job = useJob()
  const commands = useCommands()
  const command = (id: string) => commands.find((one) => one.id === id)!
  const tool = (id: string, icon: ReactNode, className = "") => {
    const { name, enabled, run } = command(id)
    return (
      <IconButton name={name} disabled={!enabled} onClick={run} className={className}>
        {icon}
      </IconButton>
    )
  }
  return (
    <header className="flex h-13 shrink-0 items-stretch border-b border-ink bg-sheet">
      <div className="flex w-62 min-w-0 items-center gap-1 pl-4 max-[900px]:w-auto max-[900px]:grow narrow:pl-1">
        <button
          type="button"
          className="rounded-soft px-1 text-graphite hover:bg-chosen"
          aria-label="Back to the shelf"
          title="Back to the shelf"
          onClick={command("shelf").run}
        >
          <ChevronLeft size={18} aria-hidden />
        </button>
        <button
          type="button"
          className="flex min-w-0 grow items-center rounded-soft px-1 text-left hover:bg-chosen"
          aria-haspopup="dialog"
          onClick={command("variants").run}
        >
          <span className="min-w-0 grow">
            <span className="block truncate font-display text-[18px] leading-5 font-bold">{job.name}</span>
            <span className="block truncate text-[12.5px] leading-4 text-graphite">{job.variants[job.active]!.name}</span>
          </span>
          <ChevronDown size={16} aria-label="variants" className="text-graphite" />
        </button>
      </div>
      <Stations />
      <div className="ml-auto flex items-center gap-0.5 pr-3 narrow:pr-0.5">
        <SavingWords />
        <UnitSwitch metric={job.units === "metric"} onSwitch={command("units").run} />
        <span className="narrow:hidden">
          <ThemeButton />
        </span>
        {tool("undo", <Undo2 size={17} aria-hidden />)}
        {tool("redo", <Redo2 size={17} aria-hidden />)}
        {tool("search", <Search size={17} aria-hidden />)}
        {tool("keys", <CircleHelp size={17} aria-hidden />, "narrow:hidden")}
      </div>
    </header>
  )
}

function Stations() {
  const station = useStation()
  const go = useGo()
  const { limits } = useJob().brief
  const ledger = useLedgerLater()
  const obstacles = useMemo(() => inTheWay(ledger, limits), [ledger, limits])
  return (
    <>
      <nav aria-label="Stations" className="flex max-[900px]:hidden">
        {STATIONS.map((one, i) => {
          const here = one === station
          const mark = one.mark(obstacles, limits)
          return (
            <button
              key={one.id}
              type="button"
              aria-current={here ? "step" : undefined}
              className={`relative w-22 px-2 pt-1 text-left ${here ? "bg-spruce text-on-spruce" : "hover:bg-chosen"}`}
              onClick={() => go(one.id)}
            >
              <span className={`block text-[11px] leading-4 ${here ? "" : "text-graphite"}`}>{i + 1}</span>
              <span className="block font-display text-[14.5px] leading-5 font-semibold whitespace-nowrap">{one.name}</span>
              {mark ? <Mark waits={mark === "waits"} here={here} /> : null}
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
  const station = useStation()
  const go = useGo()
  return (
    <select
      aria-label="Station"
      value={station.id}
      className="my-2 min-w-0 rounded-soft bg-spruce px-2 narrow:max-w-26 font-display font-semibold text-on-spruce min-[901px]:hidden"
      onChange={(event) => go(event.target.value)}
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

/** Says what is not on the server's disk yet, and whether this machine has it; leaving warns while neither has. */
function SavingWords() {
  const saving = useOutbox((view) => view.saving)
  const count = useOutbox((view) => view.unsent.length)
  const kept = useOutbox((view) => view.kept)
  const refusal = useOutbox((view) => view.refusal)
  const lost = count > 0 && kept === false
  useEffect(() => {
    if (!lost) return
    const warn = (event: BeforeUnloadEvent) => event.preventDefault()
    addEventListener("beforeunload", warn)
    return () => removeEventListener("beforeunload", warn)
  }, [lost])
  const edits = count === 1 ? "1 edit is" : `${count} edits are`
  const words = {
    saved: "saved",
    sending: "saving …",
    away: `${refusal ? refusal.split(/[;:.]/)[0]! : "server away"}: ${kept ? `${edits} kept in this window` : lost ? `${edits} in this window only, do not close it` : "keeping …"}`,
    refused: "not saved",
    foreign: "changed elsewhere",
  }[saving]
  return (
    <span
      role="status"
      data-testid="saving"
      data-saving={saving}
      data-kept={kept === true}
      title={refusal ?? undefined}
      className={`mr-1 text-dense whitespace-nowrap ${lost || !(saving === "saved" || saving === "sending") ? "font-semibold text-clay" : "text-graphite max-[900px]:sr-only"}`}
    >
      {lost && saving !== "away" ? `${words}; this window cannot keep it: do not close it` : words}
    </span>
  )
}
