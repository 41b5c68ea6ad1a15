import type { Shell, Space } from "../../schema/job/shell"
import type { AirState, Season } from "../../schema/quantity"
import { vapourPressureAt } from "../air/moist-air"
import { saturationPressure } from "../air/saturation-pressure"
import { memoised } from "../memoised"
import { partsOfFaces, type Surface } from "./surface"

/** The environment adjacent to a surface. @see ISO 13789:2017, 3 */
export type Adjacent =
  /** A floor on skids, wheels or a frame has outdoor air and wind below it, but no sun. */
  { kind: "outdoors"; sun: boolean } | { kind: "ground" } | { kind: "space"; id: string; space: Space }

const SUNNY: Adjacent = { kind: "outdoors", sun: true }
const UNDERNEATH: Adjacent = { kind: "outdoors", sun: false }
const GROUND: Adjacent = { kind: "ground" }

/** What a surface stands against: a space that was named for it or for its face, else the outdoors, or the ground under a slab. */
export function adjacentTo(shell: Shell, { id, face, box }: Pick<Surface, "id" | "face" | "box">): Adjacent {
  const space = shell.against[id] ?? shell.against[face.id]
  if (space !== undefined) return spaceBeside(shell.spaces[space]!, space)
  // Behind a box is what is beneath the floor: a wheel, the underside of a step.
  if (box !== null) return UNDERNEATH
  if (face.part !== "floor") return SUNNY
  return shell.floor === "slab" ? GROUND : UNDERNEATH
}

const spaceBeside = memoised((space: Space, id: string): Adjacent => ({ kind: "space", id, space }))

/** Whether two surfaces have one air beyond them. */
export const sameAir = (a: Adjacent, b: Adjacent): boolean =>
  a.kind === b.kind && (a.kind !== "space" || b.kind !== "space" || a.id === b.id)

/** Whether the air beyond is, or follows, that of the weather: a room that is held does not. */
export const isInWeather = (adjacent: Adjacent): boolean => adjacent.kind !== "space" || adjacent.space.kind !== "held"

/** Whether any surface but the floor's stands in wind. */
export const isExposed = memoised((shell: Shell): boolean =>
  partsOfFaces(shell).some((surface) => surface.face.part !== "floor" && adjacentTo(shell, surface).kind === "outdoors"),
)

/**
 * Temperature of the adjacent environment. An unheated space finds the one at which it passes on what it takes up.
 * @param transferFromInside H_iu, conductance from the inside into the space, W/K
 * @returns °C
 * @see ISO 13789:2017, 8.4 (unconditioned spaces): b = Hue/(Hiu + Hue)
 */
export function adjacentTemperature(
  adjacent: Adjacent,
  season: Season,
  transferFromInside: number,
  inside: number,
  outdoors: number,
): number {
  if (adjacent.kind !== "space" || adjacent.space.kind === "open") return outdoors
  if (adjacent.space.kind === "held") return adjacent.space[season].temperature
  const { conductance } = adjacent.space
  return (transferFromInside * inside + conductance * outdoors) / (transferFromInside + conductance)
}

/** Air of the adjacent environment; an unheated space has the water of the outdoor air that blows through it. */
export function adjacentAir(
  adjacent: Adjacent,
  season: Season,
  transferFromInside: number,
  inside: AirState,
  outdoors: AirState,
): AirState {
  if (adjacent.kind !== "space" || adjacent.space.kind === "open") return outdoors
  if (adjacent.space.kind === "held") return adjacent.space[season]
  const temperature = adjacentTemperature(adjacent, season, transferFromInside, inside.temperature, outdoors.temperature)
  const pressure = vapourPressureAt(outdoors.temperature, outdoors.relativeHumidity)
  return { temperature, relativeHumidity: Math.min(1, pressure / saturationPressure(temperature)) }
}

/**
 * Temperature of the adjacent environment before any heat flow is known: what conductivities are taken at. An unheated space lies half way,
 * soil is as the year's mean.
 * @returns °C
 */
export function roughAdjacentTemperature(adjacent: Adjacent, season: Season, inside: number, outdoors: number, annualMean: number): number {
  if (adjacent.kind === "ground") return annualMean
  const half = adjacent.kind === "space" && adjacent.space.kind === "unheated" ? adjacent.space.conductance : 1
  return adjacentTemperature(adjacent, season, half, inside, outdoors)
}
