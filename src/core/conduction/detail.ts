import type { BridgeOutput } from "../../schema/bridge"
import type { Note, Noted } from "../../schema/note"
import { type Body, surroundings } from "./body"

/** What a detail looks like. */
export interface Drawing {
  body: Body
  /** What of it is worth seeing, m. */
  focus: Place
  /** What ψ is taken from where that is not the body as drawn, and why. */
  couplingBody?: { body: Body; why: string } | undefined
}

/** A drawing before it is known how finely it is solved. */
interface Draft {
  body: Omit<Body, "accuracy">
  focus: Place
  counted?: { body: Omit<Body, "accuracy">; why: string } | undefined
}

/**
 * A stretch of an enclosure cut across, set up for the calculation in two dimensions: indoors is at 1 and outdoors at 0, so that one
 * solution serves any weather. It is drawn when that is first asked for: most that a ledger names are solved already.
 */
export interface Detail extends Readonly<Drawing> {
  /** What the stretch would pass by its transmittances alone, W/(m·K). */
  oneDimensional: number
  /** Tells details apart by all that they are drawn from. */
  key: string
}

/** A rectangle of a drawing, m. */
export interface Place {
  x: number
  y: number
  width: number
  height: number
}

/** Temperatures of a detail's airs. */
export const [INDOORS, OUTDOORS] = [1, 0] as const

/** An air of a body that takes room; none where nothing is left of it. */
export const air = (id: string, temperature: number, resistance: number, place: Place): NonNullable<Body["airs"]> =>
  place.width > 1e-9 && place.height > 1e-9 ? [{ id, temperature, resistance, ...place }] : []

/** How far two heat flows on finer and finer meshes may differ; ISO 10211 allows 0.01. What is left is a third of it. */
const ACCURACY = 0.005

/**
 * A detail.
 * @param from all that the drawing and `plain` depend on, the kind first
 */
export function detailOf(from: readonly [kind: string, ...unknown[]], plain: number, draw: () => Draft): Detail {
  let drawn: Drawing | null = null
  const drawing = () => (drawn ??= cutTo(draw()))
  return {
    oneDimensional: plain,
    key: JSON.stringify(from),
    get body() {
      return drawing().body
    },
    get focus() {
      return drawing().focus
    },
    get couplingBody() {
      return drawing().couplingBody
    },
  }
}

/** What is worth seeing, within the body. */
function cutTo({ body, focus, counted }: Draft): Drawing {
  const [left, low] = [Math.max(0, focus.x), Math.max(0, focus.y)]
  const [right, high] = [Math.min(body.width, focus.x + focus.width), Math.min(body.height, focus.y + focus.height)]
  return {
    body: { ...body, accuracy: ACCURACY },
    focus: { x: left, y: low, width: right - left, height: high - low },
    couplingBody: counted && { ...counted, body: { ...counted.body, accuracy: ACCURACY } },
  }
}

/** What a solved detail says. */
export interface DetailFigures {
  /** Linear thermal transmittance ψ, W/(m·K). */
  linearTransmittance: number
  /** Where its surfaces stand between outdoors, 0, and indoors, 1: the coldest of the inside (fRsi), the warmest of the outside. */
  coldestInside: number
  warmestOutside: number
  coldestAt: { x: number; y: number }
  notes: Note[]
}

/**
 * @param solved the body as drawn, which tells the surfaces
 * @param counted what ψ is taken from
 * @see ISO 10211:2017, 10 (ψ = L2D − Σ U·l)
 */
export function detailFigures(detail: Detail, solved: Noted<BridgeOutput>, counted: Noted<BridgeOutput>): DetailFigures {
  const of = (temperature: number) => surroundings(detail.body).filter((one) => one.temperature === temperature)
  const inside = of(INDOORS).map(({ id }) => solved.surface[id]!)
  const coldest = inside.reduce((least, one) => (one.minimum < least.minimum ? one : least))
  return {
    linearTransmittance: of(INDOORS).reduce((sum, { id }) => sum + counted.heatFlow[id]!, 0) - detail.oneDimensional,
    coldestInside: coldest.minimum,
    warmestOutside: Math.max(...of(OUTDOORS).map(({ id }) => solved.surface[id]!.maximum)),
    coldestAt: coldest.minimumAt,
    notes: detail.couplingBody ? [...solved.notes, { code: "counted-without", text: detail.couplingBody.why }] : solved.notes,
  }
}
