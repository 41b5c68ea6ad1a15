"use client"
import { shownKeys, useCommands } from "../commands/commands"
import { Dialog } from "../primitives/dialog"

/** What each key does. */
export function KeysDialog({ onClose }: { onClose: () => void }) {
  return (
    <Dialog open onClose={onClose} title="Keys">
      <dl className="columns-2 gap-x-8 narrow:columns-1">
        {useCommands()
          .filter(({ keys }) => keys.length > 0)
          .map((command) => (
            <div key={command.id} className="flex gap-3 py-0.5">
              <dt className="w-18 shrink-0 font-semibold">{shownKeys(command)}</dt>
              <dd>{command.name}</dd>
            </div>
          ))}
      </dl>
      <p className="mt-4 text-graphite">
        Pelzhaus calculates; codes, licensed trades and makers’ sheets decide. It never declares a building compliant.
      </p>
    </Dialog>
  )
}
