"use client"
import { useRouter } from "next/navigation"
import { useMemo } from "react"
import { activeState } from "../../core/enclosure/job-state"
import { resistanceWorking } from "../../core/enclosure/resistance.working"
import { HEADLINES } from "../../core/ledger/headlines"
import { nextSold } from "../../core/material/layer-properties"
import { whatIf } from "../../core/trials/what-if"
import { moveLayer, removeLayer, setThickness } from "../../edit/assembly-edits"
import { setUnits } from "../../edit/brief-edits"
import { pin } from "../../edit/variant-edits"
import { useDialogs } from "../bench/dialogs"
import { switchTheme } from "../bench/display"
import { useJob, useJobStore, useJobView } from "../job/job-store"
import { useLedger } from "../job/use-ledger"
import { STATIONS, useStation } from "../stations/stations"
import { useWorking } from "../working/working"

/** Something that can be done at the bench: keys, palette, help and buttons read it. */
export interface Command {
  id: string
  group: "Stations" | "Faces" | "Layers" | "Job" | "Screen"
  name: string
  /** Keys that do it, as a keyboard names them; `shown` where they are written otherwise. */
  keys?: readonly string[]
  shown?: string
  enabled: boolean
  run: () => void
}

const always = { enabled: true } as const

/** All commands of the bench as things stand. */
export function useCommands(): readonly Command[] {
  const stations = useStationCommands()
  const surfaces = useSurfaceCommands()
  const layers = useLayerCommands()
  const job = useJobCommands()
  return useMemo(() => [...stations, ...surfaces, ...layers, ...job], [stations, surfaces, layers, job])
}

function useStationCommands(): Command[] {
  const { go } = useStation()
  return useMemo(
    () =>
      STATIONS.map((station, i) => {
        return {
          id: station.id,
          group: "Stations",
          name: `Go to ${station.name}`,
          keys: [String(i + 1)],
          ...always,
          run: () => go(station),
        }
      }),
    [go],
  )
}

function useSurfaceCommands(): Command[] {
  const store = useJobStore()
  const { surfaces } = useLedger()
  const chosen = useJobView((view) => view.face)
  return useMemo(() => {
    const choose = (at: number) => store.choose({ face: surfaces.at(at % surfaces.length)!.id, layer: null })
    const at = surfaces.findIndex(({ id }) => id === chosen)
    return [
      { id: "next-face", group: "Faces", name: "Next face", keys: ["f"], ...always, run: () => choose(at + 1) },
      { id: "previous-face", group: "Faces", name: "Previous face", keys: ["F"], ...always, run: () => choose(at - 1) },
      ...surfaces.map(({ id, name }, i): Command => {
        return { id: `choose-${id}`, group: "Faces", name: `Choose ${name}`, ...always, run: () => choose(i) }
      }),
    ]
  }, [store, surfaces, chosen])
}

function useLayerCommands(): Command[] {
  const store = useJobStore()
  const { surfaces } = useLedger()
  const face = useJobView((view) => view.face)
  const chosen = useJobView((view) => view.layer)
  const { ask } = useDialogs()
  return useMemo(() => {
    const { layers, assembly } = surfaces.find(({ id }) => id === face) ?? surfaces[0]!
    const at = layers.findIndex(({ id }) => id === chosen)
    const layer = layers[at]
    const enabled = layer !== undefined
    const step = (by: 1 | -1) => {
      const to = enabled ? at + by : by > 0 ? 0 : layers.length - 1
      store.choose({ layer: layers[Math.max(0, Math.min(layers.length - 1, to))]!.id })
    }
    const thicker = (by: 1 | -1) =>
      void store.edit(setThickness(assembly, layer!.id, nextSold(layer!.material, layer!.layer.thickness, by)))
    const group = "Layers"
    return [
      { id: "next-layer", group, name: "Next layer inward", keys: ["j"], ...always, run: () => step(1) },
      { id: "previous-layer", group, name: "Next layer outward", keys: ["k"], ...always, run: () => step(-1) },
      {
        id: "move-in",
        group,
        name: "Move the layer inward",
        keys: ["J"],
        enabled,
        run: () => void store.edit(moveLayer(assembly, layer!.id, at + 1)),
      },
      {
        id: "move-out",
        group,
        name: "Move the layer outward",
        keys: ["K"],
        enabled,
        run: () => void store.edit(moveLayer(assembly, layer!.id, at - 1)),
      },
      {
        id: "thicker",
        group,
        name: "Thicker by a step, as it is sold",
        keys: ["+", "="],
        shown: "+, or → on an edge of the slice",
        enabled,
        run: () => thicker(1),
      },
      {
        id: "thinner",
        group,
        name: "Thinner by a step, as it is sold",
        keys: ["-", "−"],
        shown: "−, or ← on an edge of the slice",
        enabled,
        run: () => thicker(-1),
      },
      {
        id: "add-layer",
        group,
        name: "Add a layer",
        keys: ["a"],
        ...always,
        run: () => ask({ kind: "materials", picking: { kind: "add", assembly, at: (enabled ? at : layers.length - 1) + 1 } }),
      },
      {
        id: "replace-layer",
        group,
        name: "Replace the layer",
        keys: ["r"],
        enabled,
        run: () => ask({ kind: "materials", picking: { kind: "replace", assembly, layer: layer!.id } }),
      },
      {
        id: "remove-layer",
        group,
        name: "Remove the layer",
        keys: ["Delete"],
        enabled,
        run: () => {
          store.edit(removeLayer(assembly, layer!.id))
          store.choose({ layer: null })
        },
      },
    ]
  }, [store, surfaces, face, chosen, ask])
}

function useJobCommands(): Command[] {
  const store = useJobStore()
  const job = useJob()
  const router = useRouter()
  const working = useFocusedWorking()
  const canUndo = useJobView((view) => view.history.undo.length > 0 || view.behind !== null)
  const canRedo = useJobView((view) => view.history.redo.length > 0)
  const { ask } = useDialogs()
  return useMemo(() => {
    const group = "Job"
    return [
      { id: "library", group, name: "Other build-ups for this face", keys: ["b"], ...always, run: () => ask({ kind: "library" }) },
      {
        id: "pin",
        group,
        name: "Pin this state to compare with",
        keys: ["p"],
        ...always,
        run: () => void store.edit(pin(job.variants[job.active]!.name)),
      },
      { id: "variants", group, name: "Variants", keys: ["v"], ...always, run: () => ask({ kind: "variants" }) },
      { id: "working", group, name: "Working of the focused figure, else of the face’s R", keys: ["w"], ...always, run: working },
      {
        id: "units",
        group,
        name: "Switch units",
        keys: ["u"],
        ...always,
        run: () => void store.edit(setUnits(job.units === "metric" ? "inch-pound" : "metric")),
      },
      { id: "undo", group, name: "Undo", keys: ["z"], enabled: canUndo, run: store.undo },
      { id: "redo", group, name: "Redo", keys: ["Z"], enabled: canRedo, run: store.redo },
      { id: "save-file", group, name: "Save a job file", ...always, run: () => location.assign(`/api/jobs/${store.getState().id}/file`) },
      { id: "shelf", group, name: "Back to the shelf", ...always, run: () => router.push("/") },
      { id: "theme", group: "Screen", name: "Light or dark", ...always, run: switchTheme },
      { id: "search", group: "Screen", name: "Commands and search", keys: ["/"], ...always, run: () => ask({ kind: "search" }) },
      { id: "keys", group: "Screen", name: "Keys", keys: ["?"], ...always, run: () => ask({ kind: "keys" }) },
    ]
  }, [store, job, router, working, canUndo, canRedo, ask])
}

/** Opens the working of the headline that has the focus, else of the chosen surface's R. */
function useFocusedWorking(): () => void {
  const job = useJob()
  const ledger = useLedger()
  const face = useJobView((view) => view.face)
  const { open } = useWorking()
  return useMemo(
    () => () => {
      const focused = document.activeElement?.getAttribute("data-figure")
      const headline = HEADLINES.find(({ id }) => id === focused)
      if (headline) open(headline.working(ledger, job.shell), whatIf(activeState(job), ledger, headline.of))
      else open(resistanceWorking(ledger.surfaces.find(({ id }) => id === face) ?? ledger.surfaces[0]!))
    },
    [job, ledger, face, open],
  )
}

/** How a command's keys are written. */
export const shownKeys = ({ keys = [], shown }: Command): string =>
  shown ?? keys.map((key) => (/^[A-Z]$/.test(key) ? `Shift ${key}` : key.length === 1 ? key.toUpperCase() : key)).join(" · ")
