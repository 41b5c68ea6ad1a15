import { DRY, HARMED_WORDS, STEP_WORDS, stepWords } from "../../core/moisture/damp-verdict"
import { DampRing } from "../primitives/damp-ring"
import type { Overlay } from "./overlay"

const RINGS = [
  { ...DRY, words: STEP_WORDS.dry },
  { ...DRY, filling: "weeks", words: STEP_WORDS.weeks },
  { ...DRY, filling: "months", words: STEP_WORDS.months },
  { ...DRY, filling: "gathers", words: `${STEP_WORDS.gathers}, or ${HARMED_WORDS}` },
  { ...DRY, soFar: true, words: "by the months so far" },
  { ...DRY, filling: "unjudged", words: STEP_WORDS.unjudged },
  { ...DRY, freezes: true, words: "freezes" },
  { ...DRY, moulds: true, words: "mould or rot" },
] as const

function RingsLegend() {
  return (
    <ul className="flex flex-wrap gap-x-3">
      {RINGS.map((ring) => (
        <li key={ring.words} className="flex items-center gap-1">
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
    const { verdict, awaited } = moisture[id]!
    const fill = verdict.filling === "dry" && !verdict.moulds ? {} : { fill: "color-mix(in oklab, var(--fen) 10%, var(--sheet))" }
    return { words: stepWords(verdict), mark: { ...verdict, soFar: awaited.length > 0 }, ...fill }
  },
  Legend: RingsLegend,
}
