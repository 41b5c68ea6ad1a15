import { DampRing } from "../primitives/damp-ring"
import type { Overlay } from "./overlay"

const RINGS = [
  { state: "dry", freezes: false, words: "stays dry" },
  { state: "convection", freezes: false, words: "dry while airtight" },
  { state: "mould", freezes: false, words: "can mould" },
  { state: "wets", freezes: true, words: "wets, and freezes" },
  { state: "wets-in-both", freezes: false, words: "wets in both seasons" },
] as const

function RingsLegend() {
  return (
    <ul className="flex flex-wrap gap-x-3">
      {RINGS.map((ring) => (
        <li key={ring.state} className="flex items-center gap-1">
          <DampRing verdict={ring} size={15} />
          {ring.words}
        </li>
      ))}
    </ul>
  )
}

export const DAMP: Overlay = {
  id: "damp",
  title: "does it stay dry",
  paint: ({ id }, { moisture }) => {
    const { verdict } = moisture[id]
    const fill = verdict.state === "dry" ? {} : { fill: "color-mix(in oklab, var(--fen) 10%, var(--sheet))" }
    return { words: verdict.short, mark: verdict, ...fill }
  },
  Legend: RingsLegend,
}
