"use client"
import { Command } from "cmdk"
import { useRouter } from "next/navigation"
import { setUnits } from "../../edit/brief-edits"
import { pin } from "../../edit/variant-edits"
import { useJob, useJobStore, useLedger } from "../job/job-store"
import { Dialog } from "../primitives/dialog"
import { switchTheme } from "./display"
import { STATIONS, useStation } from "./use-station"

interface Props {
  onClose: () => void
  onOpen: (opened: "variants" | "keys" | "library") => void
}

/** Everything that can be gone to or done, by name. */
export function CommandPalette({ onClose, onOpen }: Props) {
  const job = useJob()
  const ledger = useLedger()
  const store = useJobStore()
  const router = useRouter()
  const { go } = useStation()
  const commands: [group: string, name: string, run: () => void][] = [
    ...STATIONS.map(({ id, name }): [string, string, () => void] => ["Stations", `Go to ${name}`, () => go(id)]),
    ...ledger.faces.map(({ id, name }): [string, string, () => void] => [
      "Faces",
      `Choose ${name}`,
      () => store.choose({ face: id, layer: null }),
    ]),
    ["Job", "Pin this state", () => store.edit(pin(job.variants[job.active]!.name))],
    ["Job", "Switch units", () => store.edit(setUnits(job.units === "metric" ? "inch-pound" : "metric"))],
    ["Job", "Variants", () => onOpen("variants")],
    ["Job", "Other build-ups for this face", () => onOpen("library")],
    ["Job", "Undo", store.undo],
    ["Job", "Redo", store.redo],
    ["Job", "Save a job file", () => location.assign(`/api/jobs/${store.getState().id}/file`)],
    ["Job", "Back to the shelf", () => router.push("/")],
    ["Screen", "Light or dark", switchTheme],
    ["Screen", "Keys", () => onOpen("keys")],
  ]
  const take = (run: () => void) => {
    onClose()
    run()
  }
  return (
    <Dialog open onClose={onClose} title="Commands and search">
      <Command label="Commands" className="grid gap-2">
        <Command.Input
          autoFocus
          placeholder="a station, a face, a command …"
          className="h-9 w-full rounded-soft border border-seam bg-felt px-3"
        />
        <Command.List className="max-h-[46vh] overflow-y-auto">
          <Command.Empty className="py-3 text-graphite">Nothing has that name.</Command.Empty>
          {["Stations", "Faces", "Job", "Screen"].map((group) => (
            <Command.Group key={group} heading={group} className="text-dense text-graphite">
              {commands
                .filter(([in_]) => in_ === group)
                .map(([, name, run]) => (
                  <Command.Item
                    key={name}
                    value={name}
                    className="rounded-soft px-2 py-1 text-base text-ink data-[selected=true]:bg-chosen"
                    onSelect={() => take(run)}
                  >
                    {name}
                  </Command.Item>
                ))}
            </Command.Group>
          ))}
        </Command.List>
      </Command>
    </Dialog>
  )
}
