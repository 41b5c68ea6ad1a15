"use client"
import { Dialog } from "../primitives/dialog"

const KEYS = [
  ["1 – 5", "stations"],
  ["F · Shift F", "next and previous face"],
  ["J · K", "next and previous layer"],
  ["Shift J · Shift K", "move the layer inward and outward"],
  ["+ · −", "thickness one step, as it is sold"],
  ["← · →", "the same, on an edge of the slice"],
  ["A", "add a layer"],
  ["R", "replace the layer"],
  ["Delete", "remove the layer"],
  ["B", "other build-ups for the face: the shelf’s, and ready ones"],
  ["P", "pin this state to compare with"],
  ["V", "variants"],
  ["W", "working of the focused figure, else of the face's R"],
  ["U", "units"],
  ["/", "commands and search"],
  ["Z · Shift Z", "undo and redo"],
  ["?", "this list"],
] as const

export function KeysDialog({ onClose }: { onClose: () => void }) {
  return (
    <Dialog open onClose={onClose} title="Keys">
      <dl className="grid grid-cols-[auto_1fr] gap-x-6 gap-y-1.5">
        {KEYS.map(([key, words]) => (
          <div key={key} className="contents">
            <dt className="font-semibold">{key}</dt>
            <dd>{words}</dd>
          </div>
        ))}
      </dl>
      <p className="mt-4 text-graphite">
        Pelzhaus reckons; codes, licensed trades and makers’ sheets decide. It never declares a building compliant.
      </p>
    </Dialog>
  )
}
