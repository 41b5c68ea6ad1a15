import type { FaceFigures } from "../../core/ledger/face-figures"
import { rankedBridges } from "../../core/ledger/bridge-ranking"
import type { Ledger } from "../../core/ledger/ledger"
import { sideOf } from "../../core/shell/edges"
import { printQuantity, printWholeDegrees, printWithUnit } from "../../core/quantity/measure"
import type { UnitSystem } from "../../core/quantity/unit-system"
import { compassPoint } from "../../core/shell/face-name"
import { sum } from "../../core/numeric/sum"
import type { DampVerdict } from "../../core/moisture/damp-verdict"
import type { MaterialClass } from "../../schema/material"

/** What the pelt shows: the ink changes from station to station, the pelt stays. */
export type InkName = "directions" | "measures" | "materials" | "built-r" | "loss" | "skin" | "damp" | "cold-lines"

export const INK_WORDS: Record<InkName, string> = {
  directions: "which way it faces",
  measures: "how large it is",
  materials: "what it is made of",
  "built-r": "built R",
  loss: "where heat is lost",
  skin: "what a gun would read",
  damp: "does it stay dry",
  "cold-lines": "where it comes to dew",
}

/** What gathers along a line: its colour says which. */
export type Wet = "sweats" | "frost"
export const WET_COLOUR: Record<Wet, string> = { sweats: "var(--fen)", frost: "var(--frost)" }

/** How one face is inked. */
export interface FaceInk {
  /** Text under the face's name. */
  words: string
  /** Large text in place of the name. */
  figure?: string
  hatch?: MaterialClass
  fill?: string
  mark?: DampVerdict
  /** Sets of members, sides of the outline, openings, and what runs through, on which water or frost gathers. */
  cold?: { sets: Record<string, Wet>; sides: Record<number, Wet>; openings: Record<string, Wet>; points: Record<string, Wet> }
}

/** The ink of a face. */
export function inkOf(ink: InkName, figures: FaceFigures, ledger: Ledger, system: UnitSystem): FaceInk {
  const thickness = printWithUnit("length", figures.winter.thickness, system)
  switch (ink) {
    case "directions":
      return { words: figures.face.tilt === 180 ? "below" : figures.face.tilt === 0 ? "above" : compassPoint(figures.face.azimuth) }
    case "measures":
      return { words: printWithUnit("area", figures.face.area, system) }
    case "materials":
      return { words: `${resistanceWords(figures, system)} built · ${thickness}`, hatch: mainClass(figures) }
    case "built-r":
      return {
        words: `label ${resistance(figures.label, system)} · centre ${resistance(figures.centre, system)}`,
        figure: resistance(figures.whole, system),
      }
    case "loss": {
      const heat = ledger.loss.parts.find((part) => part.kind === "face" && part.id === figures.id)!.heat
      const greatest = Math.max(...ledger.faces.map((face) => flux(face, ledger)))
      return {
        words: `${printWithUnit("heatFlux", flux(figures, ledger), system)}`,
        figure: printWithUnit("power", heat, system),
        fill: ramp(flux(figures, ledger) / (greatest || 1)),
      }
    }
    case "skin": {
      const hour = ledger.gain.atPeak[figures.id]!
      return {
        words: `${printWithUnit("power", hour.heat, system)} in`,
        figure: printWholeDegrees(hour.skin, system),
        fill: ramp((hour.skin - 40) / 40),
      }
    }
    case "cold-lines":
      return coldInk(figures, ledger, system)
    case "damp":
      return {
        words: figures.damp.verdict.short,
        mark: figures.damp.verdict,
        ...(figures.damp.verdict.state === "dry" ? {} : { fill: "color-mix(in oklab, var(--fen) 10%, var(--sheet))" }),
      }
  }
}

function coldInk(figures: FaceFigures, ledger: Ledger, system: UnitSystem): FaceInk {
  const outlines = ledger.faces.map(({ face }) => face)
  const hip = outlines.some(({ id }) => id === "roof-front")
  const cold: NonNullable<FaceInk["cold"]> = { sets: {}, sides: {}, openings: {}, points: {} }
  const temperatures: number[] = []
  let waiting = false
  for (const { set, between, opening, point, face, surface, method } of rankedBridges(ledger)) {
    const touches = between ? between.includes(figures.id) : face.id === figures.id
    if (!touches) continue
    waiting ||= method === "pending"
    if (!surface?.wet) continue
    temperatures.push(surface.temperature)
    if (set) cold.sets[set.id] = surface.wet
    else if (opening) cold.openings[opening] = surface.wet
    else if (point) cold.points[point.id] = surface.wet
    else if (between) {
      const place = sideOf(between, outlines, hip)
      if (place.face === figures.id) cold.sides[place.side] = surface.wet
    }
  }
  if (temperatures.length > 0) return { words: `down to ${printWithUnit("temperature", Math.min(...temperatures), system)}`, cold }
  return { words: waiting ? "being calculated" : "no line comes to dew", cold }
}

/** Built R in words: R in the inch-pound system, RSI left bare in the metric one. */
export function resistanceWords(figures: FaceFigures, system: UnitSystem): string {
  return `R ${resistance(figures.whole, system)}`
}

const resistance = (value: number, system: UnitSystem) => printQuantity("resistance", value, system).text

const flux = (figures: FaceFigures, ledger: Ledger): number => {
  const heat = sum(ledger.loss.parts.filter((part) => part.id === figures.id).map((part) => part.heat))
  return heat / (figures.netArea || 1)
}

/** The temperature ramp, evenly to the eye: frost at −1, bench at 0, ember at 1. */
export function ramp(position: number): string {
  const share = Math.round(Math.min(1, Math.abs(position)) * 100)
  return `color-mix(in oklab, var(--${position < 0 ? "frost" : "ember"}) ${share * 0.72}%, var(--sheet))`
}

/** Class of the layer that insulates most: what the pelt is hatched with. */
export function mainClass(figures: FaceFigures): MaterialClass {
  return figures.layers.reduce((best, layer) => ((layer.label ?? 0) > (best.label ?? 0) ? layer : best)).material.class
}
