import type { FaceId, Shell, Space } from "../../schema/job/shell"
import type { AirState } from "../../schema/quantity"
import { vapourPressureAt } from "../air/moist-air"
import { saturationPressure } from "../air/saturation-pressure"

/** What lies on the other side of a face. */
export type Beyond =
  /** A floor on skids, wheels or a frame has outdoor air and wind below it, but no sun. */
  { kind: "outdoors"; sun: boolean } | { kind: "ground" } | { kind: "space"; id: string; space: Space }

/** What a face stands against: a space that was named, else the outdoors, or the ground under a slab. */
export function beyond(shell: Shell, face: FaceId): Beyond {
  const id = shell.against[face]
  if (id !== undefined) return { kind: "space", id, space: shell.spaces[id]! }
  if (face !== "floor") return { kind: "outdoors", sun: true }
  return shell.floor === "slab" ? { kind: "ground" } : { kind: "outdoors", sun: false }
}

/** Whether two faces have one air beyond them. */
export const sameAir = (a: Beyond, b: Beyond): boolean => a.kind === b.kind && (a.kind !== "space" || b.kind !== "space" || a.id === b.id)

/** Whether any face stands in wind. */
export const isExposed = (shell: Shell, faces: readonly FaceId[]): boolean => faces.some((face) => beyond(shell, face).kind === "outdoors")

/** The two ends of the year that a face is looked at in. */
export type Season = "winter" | "summer"

/**
 * Temperature beyond a face. An unheated space finds the one at which it passes on what it takes up.
 * @param fromInside conductance from the inside into the space, W/K
 * @returns °C
 * @see ISO 13789:2017, 8.4 (unconditioned spaces): b = Hue/(Hiu + Hue)
 */
export function temperatureBeyond(far: Beyond, season: Season, fromInside: number, inside: number, outdoors: number): number {
  if (far.kind !== "space" || far.space.kind === "open") return outdoors
  if (far.space.kind === "held") return far.space[season].temperature
  const { conductance } = far.space
  return (fromInside * inside + conductance * outdoors) / (fromInside + conductance)
}

/** Air beyond a face; an unheated space has the water of the outdoor air that blows through it. */
export function airBeyond(far: Beyond, season: Season, fromInside: number, inside: AirState, outdoors: AirState): AirState {
  if (far.kind !== "space" || far.space.kind === "open") return outdoors
  if (far.space.kind === "held") return far.space[season]
  const temperature = temperatureBeyond(far, season, fromInside, inside.temperature, outdoors.temperature)
  const pressure = vapourPressureAt(outdoors.temperature, outdoors.relativeHumidity)
  return { temperature, relativeHumidity: Math.min(1, pressure / saturationPressure(temperature)) }
}

/**
 * Temperature beyond a face before any heat flow is known: what conductivities are taken at. An unheated space lies half way, soil is as
 * the year's mean.
 * @returns °C
 */
export function roughBeyond(far: Beyond, season: Season, inside: number, outdoors: number, annualMean: number): number {
  if (far.kind === "ground") return annualMean
  return temperatureBeyond(far, season, far.kind === "space" && far.space.kind === "unheated" ? far.space.conductance : 1, inside, outdoors)
}
