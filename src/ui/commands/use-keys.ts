"use client"
import { useEffect, useMemo } from "react"
import { useDialogs } from "../bench/use-dialogs"
import { useCommands } from "./commands"

/** The keys of the bench; none of them acts while something is being typed, or a dialog is open or on its way. */
export function useKeys(): void {
  const commands = useCommands()
  const { asked } = useDialogs()
  const byKey = useMemo(() => new Map(commands.flatMap((command) => command.keys.map((key) => [key, command] as const))), [commands])
  useEffect(() => {
    if (asked) return
    const onKey = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement
      if (event.altKey || event.defaultPrevented || target.closest("[role=dialog]")) return
      const control = event.ctrlKey || event.metaKey
      const undoes = event.key.toLowerCase() === "z"
      if (control && !undoes) return
      // A field in which nothing was typed has nothing of its own to undo, and no figure begins with a letter.
      const field = target.closest<HTMLElement>("input, textarea, select, [contenteditable]")
      const untouched = field?.dataset.untouched
      if (field && !(undoes && untouched && (control || untouched === "figure"))) return
      const command = byKey.get(control ? (event.shiftKey ? "Z" : "z") : event.key)
      if (!command) return
      event.preventDefault()
      if (command.enabled) command.run()
    }
    document.addEventListener("keydown", onKey)
    return () => document.removeEventListener("keydown", onKey)
  }, [asked, byKey])
}
