"use client"
import { createContext, type ComponentType, type ReactNode, useContext, useMemo, useState } from "react"
import { later } from "../primitives/later"
import type { Picking } from "./material-picker"

/** A dialog of the bench that is asked for. */
export type Asked =
  { kind: "variants" } | { kind: "search" } | { kind: "keys" } | { kind: "library" } | { kind: "materials"; picking: Picking }

/** The dialogs, each fetched when it is first asked for. */
export const DIALOG_LOADS = {
  variants: () => import("./variants-dialog").then((module) => module.VariantsDialog),
  keys: () => import("./keys-dialog").then((module) => module.KeysDialog),
  search: () => import("./command-palette").then((module) => module.CommandPalette),
  library: () => import("../library/library-dialog").then((module) => module.BuildUpsDialog),
  materials: () => import("./material-picker").then((module) => module.MaterialPicker),
}

const DIALOGS: Record<Exclude<Asked["kind"], "materials">, ComponentType<{ onClose: () => void }>> = {
  variants: later(DIALOG_LOADS.variants),
  keys: later(DIALOG_LOADS.keys),
  search: later(DIALOG_LOADS.search),
  library: later(DIALOG_LOADS.library),
}
const MaterialPicker = later(DIALOG_LOADS.materials)

const Context = createContext<{ asked: Asked | null; ask: (dialog: Asked | null) => void } | null>(null)

/** The dialog that is open, and the way to open another. */
export function useDialogs() {
  const context = useContext(Context)
  if (!context) throw new Error("There are no dialogs around this part of the screen.")
  return context
}

/** One dialog at a time over the bench, asked for from anywhere in it. */
export function Dialogs({ children }: { children: ReactNode }) {
  const [asked, ask] = useState<Asked | null>(null)
  const context = useMemo(() => ({ asked, ask }), [asked])
  const close = () => ask(null)
  const Dialog = asked && asked.kind !== "materials" ? DIALOGS[asked.kind] : null
  return (
    <Context.Provider value={context}>
      {children}
      {Dialog ? <Dialog onClose={close} /> : null}
      {asked?.kind === "materials" ? <MaterialPicker picking={asked.picking} onClose={close} /> : null}
    </Context.Provider>
  )
}
