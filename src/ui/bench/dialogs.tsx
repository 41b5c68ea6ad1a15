"use client"
import { type ComponentType, type ReactNode, useEffect, useMemo, useState } from "react"
import { later } from "../primitives/later"
import { type Asked, DialogsProvider } from "./use-dialogs"

/** The dialogs, each fetched when it is first asked for. */
export const DIALOG_LOADS = {
  variants: () => import("./variants-dialog").then((module) => module.VariantsDialog),
  keys: () => import("./keys-dialog").then((module) => module.KeysDialog),
  search: () => import("./command-palette").then((module) => module.CommandPalette),
  "build-ups": () => import("../library/library-dialog").then((module) => module.BuildUpsDialog),
  materials: () => import("./material-picker").then((module) => module.MaterialPicker),
}

const DIALOGS: Record<Exclude<Asked["kind"], "materials">, ComponentType<{ onClose: () => void }>> = {
  variants: later(DIALOG_LOADS.variants),
  keys: later(DIALOG_LOADS.keys),
  search: later(DIALOG_LOADS.search),
  "build-ups": later(DIALOG_LOADS["build-ups"]),
}
const MaterialPicker = later(DIALOG_LOADS.materials)

/** One dialog at a time over the bench, asked for from anywhere in it. */
export function Dialogs({ children }: { children: ReactNode }) {
  const [asked, ask] = useState<Asked | null>(null)
  const context = useMemo(() => ({ asked, ask }), [asked])
  const close = () => ask(null)
  // After a start, and after a dialog that was opened by a key, the focus is where the work goes on.
  useEffect(() => {
    if (asked) return
    const timer = setTimeout(() => {
      if (document.activeElement !== document.body) return
      const chosen = document.querySelector<HTMLElement>("[data-layer-row] [aria-pressed=true]")
      ;(chosen ?? document.querySelector<HTMLElement>("[data-station]"))?.focus({ preventScroll: true })
    })
    return () => clearTimeout(timer)
  }, [asked])
  const Dialog = asked && asked.kind !== "materials" ? DIALOGS[asked.kind] : null
  return (
    <DialogsProvider value={context}>
      {children}
      {Dialog ? <Dialog onClose={close} /> : null}
      {asked?.kind === "materials" ? <MaterialPicker picking={asked.picking} onClose={close} /> : null}
    </DialogsProvider>
  )
}
