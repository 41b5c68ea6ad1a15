"use client"
import { Switch } from "radix-ui"
import { useId } from "react"

/** A switch with its words behind it. */
export function Toggle({ label, on, onChange }: { label: string; on: boolean; onChange: (on: boolean) => void }) {
  const id = useId()
  return (
    <div className="flex items-end gap-2 pb-1">
      <Switch.Root
        id={id}
        checked={on}
        onCheckedChange={onChange}
        className="h-5 w-9 shrink-0 rounded-soft border border-graphite bg-sheet p-px data-[state=checked]:border-spruce data-[state=checked]:bg-spruce"
      >
        <Switch.Thumb className="moves block size-4 rounded-[3px] bg-graphite data-[state=checked]:translate-x-4 data-[state=checked]:bg-on-spruce" />
      </Switch.Root>
      <label htmlFor={id}>{label}</label>
    </div>
  )
}
