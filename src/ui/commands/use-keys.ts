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
      if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return
      if (target.closest("input, textarea, select, [role=dialog], [contenteditable]")) return
      const command = byKey.get(event.key)
      if (!command) return
      event.preventDefault()
      if (command.enabled) command.run()
    }
    document.addEventListener("keydown", onKey)
    return () => document.removeEventListener("keydown", onKey)
  }, [asked, byKey])
}
