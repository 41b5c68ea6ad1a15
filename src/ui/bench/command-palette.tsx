"use client"
import { Command } from "cmdk"
import { shownKeys, useCommands } from "../commands/commands"
import { Dialog } from "../primitives/dialog"

/** Everything that can be gone to or done, by name. */
export function CommandPalette({ onClose }: { onClose: () => void }) {
  const commands = useCommands().filter(({ enabled }) => enabled)
  const groups = [...new Set(commands.map(({ group }) => group))]
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
          {groups.map((group) => (
            <Command.Group key={group} heading={group} className="text-dense text-graphite">
              {commands
                .filter((command) => command.group === group)
                .map((command) => (
                  <Command.Item
                    key={command.id}
                    value={command.name}
                    className="flex justify-between rounded-soft px-2 py-1 text-base text-ink data-[selected=true]:bg-chosen"
                    onSelect={() => {
                      onClose()
                      command.run()
                    }}
                  >
                    {command.name}
                    <span className="text-dense text-graphite">{shownKeys(command)}</span>
                  </Command.Item>
                ))}
            </Command.Group>
          ))}
        </Command.List>
      </Command>
    </Dialog>
  )
}
