import type { Place } from "../../core/enclosure/place"
import type { SurfaceFigures } from "../../core/enclosure/surface-figures"
import { rankedBridges } from "../../core/ledger/bridge-ranking"
import type { Ledger } from "../../core/ledger/ledger"
import { sideOf } from "../../core/shell/edges"
import type { Writing } from "../writing/writing"
import type { Overlay, Paint, Wet } from "./overlay"

/** The colour of a line says what gathers along it. */
export const WET_COLOUR: Record<Wet, string> = { sweats: "var(--fen)", frost: "var(--frost)", mould: "var(--ochre)" }

const WET_WORDS: Record<Wet, string> = { sweats: "sweats", frost: "frost", mould: "can mould" }

function paint({ id, face }: SurfaceFigures, ledger: Ledger, { write }: Writing): Paint {
  const outlines = ledger.surfaces.map((surface) => surface.face)
  const hip = outlines.some((outline) => outline.id === "roof-front")
  const places = new Map<Place, Wet>()
  const sides: Record<number, Wet> = {}
  const temperatures: number[] = []
  let waiting = false
  for (const { place, between, face: on, surface, method } of rankedBridges(ledger)) {
    if (between ? !between.includes(face.id) : on.id !== id) continue
    waiting ||= method === "pending"
    const wet = surface?.wet ?? (surface && surface.moulds.length > 0 ? "mould" : null)
    if (!surface || !wet) continue
    temperatures.push(surface.temperature)
    places.set(place, wet)
    const side = between && sideOf(between, outlines, hip)
    if (side?.face === face.id) sides[side.side] = wet
  }
  if (temperatures.length > 0) return { words: `down to ${write("temperature", Math.min(...temperatures))}`, cold: { places, sides } }
  return { words: waiting ? "being calculated" : "no line sweats or moulds", cold: { places, sides } }
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
