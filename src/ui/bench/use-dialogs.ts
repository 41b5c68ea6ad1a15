"use client"
import { createContext, useContext } from "react"

/** What a material is picked for. */
export type Picking = { kind: "add"; assembly: string; at: number } | { kind: "replace"; assembly: string; layer: string }

/** A dialog of the bench that is asked for. */
export type Asked =
  { kind: "variants" } | { kind: "search" } | { kind: "keys" } | { kind: "build-ups" } | { kind: "materials"; picking: Picking }

const Context = createContext<{ asked: Asked | null; ask: (dialog: Asked | null) => void } | null>(null)
export const DialogsProvider = Context.Provider

/** The dialog that is open, and the way to open another. */
export function useDialogs() {
  const context = useContext(Context)
  if (!context) throw new Error("There are no dialogs around this part of the screen.")
  return context
}
