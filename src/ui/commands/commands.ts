"use client"
import { useRouter } from "next/navigation"
import { useCallback, useMemo } from "react"
import { HEADLINES } from "../../core/ledger/headlines"
import { nextSold } from "../../core/material/layer-properties"
import { moveLayer, removeLayer, setThickness } from "../../edit/assembly-edits"
import { setUnits } from "../../edit/brief-edits"
import { pin, unpin } from "../../edit/variant-edits"
import { useDialogs } from "../bench/use-dialogs"
import { switchTheme } from "../bench/display"
import { useDocument, useJob, useJobStore, useSelection } from "../job/job-store"
import { useLedger } from "../job/use-ledger"
import { useMaterials } from "../materials/use-materials"
import { STATIONS } from "../stations/stations"
import { useGo } from "../stations/use-go"
import { useShowWorking } from "../working/use-show-working"

/** Something that can be done at the bench: keys, palette, help and buttons read it. */
export interface Command {
  id: string
  group: string
  name: string
  /** Keys that do it, as a keyboard names them. */
  keys: readonly string[]
  /** How they are written, where that is otherwise. */
  shown?: string
  enabled: boolean
  run: () => void
}

type Row = [id: string, name: string, keys: string, run: () => unknown, enabled?: boolean, shown?: string]

/** Commands from rows; keys are parted by spaces, and what is not said to be disabled is enabled. */
const group = (name: string, rows: readonly Row[]): Command[] =>
  rows.map(([id, words, keys, run, enabled = true, shown]) => {
    const known = { id, group: name, name: words, keys: keys.split(" ").filter(Boolean), enabled, run: () => void run() }
    return shown === undefined ? known : { ...known, shown }
  })

/** All commands of the bench as things stand. */
export function useCommands(): readonly Command[] {
  const stations = useStationCommands()
  const surfaces = useSurfaceCommands()
  const layers = useLayerCommands()
  const job = useJobCommands()
  return useMemo(() => [...stations, ...surfaces, ...layers, ...job], [stations, surfaces, layers, job])
}

function useStationCommands(): Command[] {
  const go = useGo()
  return useMemo(
    () =>
      group(
        "Stations",
        STATIONS.map((station, i): Row => [station.id, `Go to ${station.name}`, String(i + 1), () => go(station.id)]),
      ),
    [go],
  )
}

function useSurfaceCommands(): Command[] {
  const store = useJobStore()
  const { surfaces } = useLedger()
  const chosen = useSelection((view) => view.face)
  return useMemo(() => {
    const choose = (at: number) => store.choose({ face: surfaces.at(at % surfaces.length)!.id, layer: null })
    const at = surfaces.findIndex(({ id }) => id === chosen)
    return group("Faces", [
      ["next-face", "Next face", "f", () => choose(at + 1)],
      ["previous-face", "Previous face", "F", () => choose(at - 1)],
      ...surfaces.map(({ id, name }, i): Row => [`choose-${id}`, `Choose ${name}`, "", () => choose(i)]),
    ])
  }, [store, surfaces, chosen])
}

function useLayerCommands(): Command[] {
  const store = useJobStore()
  const { surfaces } = useLedger()
  const face = useSelection((view) => view.face)
  const chosen = useSelection((view) => view.layer)
  const { ask } = useDialogs()
  const materials = useMaterials()
  return useMemo(() => {
    const { layers, assembly } = surfaces.find(({ id }) => id === face) ?? surfaces[0]!
    const at = layers.findIndex(({ id }) => id === chosen)
    const layer = layers[at]
    const on = layer !== undefined
    const step = (by: 1 | -1) => {
      const to = on ? at + by : by > 0 ? 0 : layers.length - 1
      store.choose({ layer: layers[Math.max(0, Math.min(layers.length - 1, to))]!.id })
    }
    const move = (by: 1 | -1) => store.edit(moveLayer(assembly, layer!.id, at + by))
    const thicker = (by: 1 | -1) =>
      store.edit(setThickness(assembly, layer!.id, nextSold(materials[layer!.layer.material]!, layer!.layer.thickness, by)))
    const remove = () => {
      store.edit(removeLayer(assembly, layer!.id))
      store.choose({ layer: null })
    }
    const add = () => ask({ kind: "materials", picking: { kind: "add", assembly, at: (on ? at : layers.length - 1) + 1 } })
    const replace = () => ask({ kind: "materials", picking: { kind: "replace", assembly, layer: layer!.id } })
    return group("Layers", [
      ["next-layer", "Next layer inward", "j", () => step(1)],
      ["previous-layer", "Next layer outward", "k", () => step(-1)],
      ["move-in", "Move the layer inward", "J", () => move(1), on && at < layers.length - 1],
      ["move-out", "Move the layer outward", "K", () => move(-1), on && at > 0],
      ["thicker", "Thicker by a step, as it is sold", "+ =", () => thicker(1), on, "+ · → on an edge"],
      ["thinner", "Thinner by a step, as it is sold", "- −", () => thicker(-1), on, "− · ← on an edge"],
      ["add-layer", "Add a layer", "a", add],
      ["replace-layer", "Replace the layer", "r", replace, on],
      ["remove-layer", "Remove the layer", "Delete", remove, on && layers.length > 1],
    ])
  }, [store, surfaces, face, chosen, ask, materials])
}

function useJobCommands(): Command[] {
  const store = useJobStore()
  const job = useJob()
  const router = useRouter()
  const working = useFocusedWorking()
  const canUndo = useDocument((view) => view.history.undo.length > 0 || view.behind !== null)
  const canRedo = useDocument((view) => view.history.redo.length > 0)
  const { ask } = useDialogs()
  const go = useGo()
  return useMemo(
    () => [
      ...group("Job", [
        ["library", "Other build-ups for this face", "b", () => ask({ kind: "build-ups" })],
        job.pinned
          ? ["pin", "Stop comparing", "p", () => store.edit(unpin())]
          : ["pin", "Compare with this state from now on", "p", () => store.edit(pin(job.variants[job.active]!.name))],
        ["variants", "Variants", "v", () => ask({ kind: "variants" })],
        ["working", "Working of the focused figure, else of the face’s R", "w", working],
        ["units", "Switch units", "u", () => store.edit(setUnits(job.units === "metric" ? "inch-pound" : "metric"))],
        ["undo", "Undo", "z", store.undo, canUndo],
        ["redo", "Redo", "Z", store.redo, canRedo],
        ["paper", "Print: job sheet and templates", "", () => go("paper")],
        ["save-file", "Save a job file", "", () => location.assign(`/api/jobs/${store.id}/file`)],
        ["shelf", "Back to the shelf", "", () => router.push("/")],
      ]),
      ...group("Screen", [
        ["theme", "Light or dark", "", switchTheme],
        ["search", "Commands and search", "/", () => ask({ kind: "search" })],
        ["keys", "Keys", "?", () => ask({ kind: "keys" })],
      ]),
    ],
    [store, job, router, working, canUndo, canRedo, ask, go],
  )
}

/** Opens the working of the headline that has the focus, else of the chosen surface's R. */
function useFocusedWorking(): () => void {
  const { surfaces } = useLedger()
  const face = useSelection((view) => view.face)
  const show = useShowWorking()
  return useCallback(() => {
    const focused = document.activeElement?.getAttribute("data-figure")
    const headline = HEADLINES.find(({ id }) => id === focused)
    if (headline) show.headline(headline.id)
    else show.resistance(surfaces.find(({ id }) => id === face) ?? surfaces[0]!)
  }, [surfaces, face, show])
}

/** How a command's keys are written. */
export const shownKeys = ({ keys, shown }: Command): string =>
  shown ?? keys.map((key) => (/^[A-Z]$/.test(key) ? `Shift ${key}` : key.length === 1 ? key.toUpperCase() : key)).join(" · ")
