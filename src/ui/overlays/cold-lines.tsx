import type { Place } from "../../core/enclosure/place"
import type { SurfaceFigures } from "../../core/enclosure/surface-figures"
import { rankedBridges } from "../../core/ledger/bridge-ranking"
import type { Ledger } from "../../core/ledger/ledger"
import type { Writing } from "../writing/writing"
import type { ColdLine, Overlay, Paint, Wet } from "./overlay"

/** The colour of a line says what gathers along it. */
export const WET_COLOUR: Record<Wet, string> = { sweats: "var(--fen)", frost: "var(--frost)", mould: "var(--ochre)" }

const WET_WORDS: Record<Wet, string> = { sweats: "sweats", frost: "frost", mould: "can mould" }

function paint({ id }: SurfaceFigures, ledger: Ledger, { write }: Writing): Paint {
  const places = new Map<Place, Wet>()
  const lines: ColdLine[] = []
  const temperatures: number[] = []
  let waiting = false
  for (const { place, between, runs, face: on, surface, method } of rankedBridges(ledger)) {
    if (between ? !between.some((one) => one.id === id) : on.id !== id) continue
    waiting ||= method === "pending"
    const wet: Wet | null = surface?.wet ?? (surface && surface.moulds.length > 0 ? "mould" : null)
    if (!surface || !wet) continue
    temperatures.push(surface.temperature)
    places.set(place, wet)
    lines.push(...runs.flatMap((run) => (run.on === id ? [{ from: run.from, to: run.to, wet }] : [])))
  }
  if (temperatures.length > 0) return { words: `down to ${write("temperature", Math.min(...temperatures))}`, cold: { places, lines } }
  return { words: waiting ? "being calculated" : "no line sweats or moulds", cold: { places, lines } }
}

function ColdLegend() {
  return (
    <ul className="flex flex-wrap gap-x-3">
      {(["mould", "sweats", "frost"] as const).map((wet) => (
        <li key={wet} className="flex items-center gap-1.5">
          <span aria-hidden className="h-1.5 w-6 rounded-full" style={{ background: WET_COLOUR[wet] }} />
          {WET_WORDS[wet]}
        </li>
      ))}
    </ul>
  )
}

export const COLD_LINES: Overlay = { id: "cold-lines", title: "where it sweats or freezes", paint, Legend: ColdLegend }
