"use client"
import { type ComponentType, useEffect, useMemo, useState } from "react"
import { nextSold } from "../../core/material/layer-properties"
import { FACES } from "../../schema/job/references"
import { moveLayer, removeLayer, setThickness } from "../../edit/assembly-edits"
import { setUnits } from "../../edit/brief-edits"
import { pin } from "../../edit/variant-edits"
import type { OpenJob } from "../../schema/change"
import { useSolved, useSolving } from "../bridge/bench-solutions"
import { createJobStore, JobProvider, ledgerFor, useJob, useJobStore, useJobView, useLedger, usePinnedLedger } from "../job/job-store"
import { later } from "../primitives/later"
import { LedgerStrip } from "../ledger/ledger-strip"
import { PeltPane } from "../pelt/pelt-pane"
import { loadWorkingPanel, useWorking, WorkingProvider } from "../working/working"
import { resistanceWorking } from "../../core/ledger/resistance.working"
import { CELLS } from "../ledger/cells"
import { whatIf } from "../../core/ledger/what-if"
import { activeState } from "../../core/ledger/state"
import { ConflictBar } from "./conflict-bar"
import type { Picking } from "./material-picker"
import { Tape } from "./tape"
import { type StationId, STATIONS, useStation } from "./use-station"

/** One open job: tape, pelt, slice and ledger, from the document that the server gave. */
export function Workbench({ open }: { open: OpenJob }) {
  const [store] = useState(() => createJobStore(open))
  useEffect(() => store.start(), [store])
  return (
    <JobProvider value={store}>
      <WorkingProvider>
        <Bench />
      </WorkingProvider>
    </JobProvider>
  )
}

const LOADS = {
  brief: () => import("../stations/brief/brief-station").then((module) => module.BriefStation),
  shell: () => import("../stations/shell/shell-station").then((module) => module.ShellStation),
  "build-ups": () => import("../stations/build-ups/build-ups-station").then((module) => module.BuildUpsStation),
  heat: () => import("../stations/heat/heat-station").then((module) => module.HeatStation),
  damp: () => import("../stations/damp/damp-station").then((module) => module.DampStation),
  variants: () => import("./variants-dialog").then((module) => module.VariantsDialog),
  keys: () => import("./keys-dialog").then((module) => module.KeysDialog),
  search: () => import("./command-palette").then((module) => module.CommandPalette),
  materials: () => import("./material-picker").then((module) => module.MaterialPicker),
  otherBuildUps: () => import("../library/library-dialog").then((module) => module.BuildUpsDialog),
  working: loadWorkingPanel,
}

/** Each station comes when it is first gone to; what is on screen answers at once, so none is drawn before it can. */
const PANES: Record<StationId, ComponentType<{ onPick: (picking: Picking) => void; onLibrary: () => void }>> = {
  brief: later(LOADS.brief),
  shell: later(LOADS.shell),
  "build-ups": later(LOADS["build-ups"]),
  heat: later(LOADS.heat),
  damp: later(LOADS.damp),
}
const VariantsDialog = later(LOADS.variants)
const KeysDialog = later(LOADS.keys)
const CommandPalette = later(LOADS.search)
const MaterialPicker = later(LOADS.materials)
const BuildUpsDialog = later(LOADS.otherBuildUps)

/** Once the first screen stands the rest is fetched too, so that it opens at once, and without the server. */
const AFTER = 2000

function useTheRest(): void {
  useEffect(() => {
    const fetchAll = () => Object.values(LOADS).forEach((load) => void (load() as Promise<unknown>).catch(() => null))
    const timer = setTimeout(fetchAll, AFTER)
    return () => clearTimeout(timer)
  }, [])
}

/** Details of what is on the bench, and of what is pinned beside it; a drag waits until it is let go. */
function useBenchSolving(): void {
  useSolved()
  const document = useJobView((view) => view.history.document)
  const ledger = ledgerFor(document)
  const pinned = usePinnedLedger()
  useSolving(useMemo(() => (pinned ? [ledger, pinned] : [ledger]), [ledger, pinned]))
}

type Opened = "variants" | "search" | "keys" | "library" | null

function Bench() {
  const { station } = useStation()
  const [opened, setOpened] = useState<Opened>(null)
  const [picking, setPicking] = useState<Picking | null>(null)
  const close = () => setOpened(null)
  const Pane = PANES[station]
  useTheRest()
  useBenchSolving()
  useKeys(opened !== null || picking !== null, setOpened, setPicking)
  return (
    <div className="flex h-dvh min-h-0 flex-col">
      <Tape onVariants={() => setOpened("variants")} onSearch={() => setOpened("search")} onHelp={() => setOpened("keys")} />
      <ConflictBar />
      <main className="flex min-h-0 grow max-[900px]:flex-col">
        <PeltPane station={station} />
        <section
          aria-label={STATIONS.find(({ id }) => id === station)!.name}
          className="min-h-0 w-[44%] print:hidden shrink-0 overflow-y-auto border-l border-ink px-6 py-4 max-[900px]:w-full max-[900px]:shrink max-[900px]:grow max-[900px]:border-t max-[900px]:border-l-0 max-[900px]:px-4"
        >
          <Pane onPick={setPicking} onLibrary={() => setOpened("library")} />
        </section>
      </main>
      <LedgerStrip />
      {opened === "variants" ? <VariantsDialog onClose={close} /> : null}
      {opened === "search" ? <CommandPalette onClose={close} onOpen={setOpened} /> : null}
      {opened === "keys" ? <KeysDialog onClose={close} /> : null}
      {opened === "library" ? <BuildUpsDialog onClose={close} /> : null}
      {picking ? <MaterialPicker picking={picking} onClose={() => setPicking(null)} /> : null}
    </div>
  )
}

/** The keys of the bench; none of them acts while something is being typed, or a dialog is open or on its way. */
function useKeys(busy: boolean, open: (opened: Opened) => void, pick: (picking: Picking) => void): void {
  const store = useJobStore()
  const job = useJob()
  const ledger = useLedger()
  const face = useJobView((view) => view.face)
  const layerId = useJobView((view) => view.layer)
  const { go } = useStation()
  const working = useWorking()
  const keys = useMemo<Record<string, () => void>>(() => {
    const figures = ledger.faces.find(({ id }) => id === face) ?? ledger.faces[0]!
    const layer = figures.layers.find(({ id }) => id === layerId)
    const order = FACES[job.shell.form.kind]
    const stepFace = (step: number) =>
      store.choose({ face: order[(order.indexOf(figures.id) + step + order.length) % order.length]!, layer: null })
    const stepLayer = (step: number) => {
      const ids = figures.layers.map(({ id }) => id)
      const at = layerId ? ids.indexOf(layerId) + step : step > 0 ? 0 : ids.length - 1
      store.choose({ layer: ids[Math.max(0, Math.min(ids.length - 1, at))]! })
    }
    const thicker = (step: 1 | -1) => {
      if (layer) store.edit(setThickness(figures.assembly, layer.id, nextSold(layer.material, layer.layer.thickness, step)))
    }
    const place = layer ? figures.layers.indexOf(layer) : figures.layers.length - 1
    return {
      f: () => stepFace(1),
      F: () => stepFace(-1),
      j: () => stepLayer(1),
      k: () => stepLayer(-1),
      J: () => layer && store.edit(moveLayer(figures.assembly, layer.id, place + 1)),
      K: () => layer && store.edit(moveLayer(figures.assembly, layer.id, place - 1)),
      "+": () => thicker(1),
      "=": () => thicker(1),
      "-": () => thicker(-1),
      "−": () => thicker(-1),
      a: () => pick({ kind: "add", assembly: figures.assembly, at: place + 1 }),
      r: () => layer && pick({ kind: "replace", assembly: figures.assembly, layer: layer.id }),
      Delete: () => {
        if (!layer) return
        store.edit(removeLayer(figures.assembly, layer.id))
        store.choose({ layer: null })
      },
      p: () => store.edit(pin(job.variants[job.active]!.name)),
      v: () => open("variants"),
      b: () => open("library"),
      w: () => {
        const focused = document.activeElement?.getAttribute("data-figure")
        const cell = CELLS.find(({ name }) => name === focused)
        if (cell) working.open(cell.working(ledger, job), whatIf(activeState(job), ledger, cell.figure))
        else working.open(resistanceWorking(figures))
      },
      u: () => store.edit(setUnits(job.units === "metric" ? "inch-pound" : "metric")),
      "/": () => open("search"),
      "?": () => open("keys"),
      z: store.undo,
      Z: store.redo,
      ...Object.fromEntries(STATIONS.map(({ id }, i) => [String(i + 1), () => go(id)])),
    }
  }, [store, job, ledger, face, layerId, go, open, pick, working])
  useEffect(() => {
    if (busy) return
    const onKey = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement
      if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return
      if (target.closest("input, textarea, select, [role=dialog], [contenteditable]")) return
      const action = keys[event.key]
      if (!action) return
      event.preventDefault()
      action()
    }
    document.addEventListener("keydown", onKey)
    return () => document.removeEventListener("keydown", onKey)
  }, [busy, keys])
}
