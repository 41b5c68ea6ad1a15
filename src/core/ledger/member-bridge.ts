import type { AssemblyOutput } from "../../schema/assembly"
import type { MemberSet } from "../../schema/job/build-up"
import { type BuiltLayer, memberSets, setsOf, transmittanceLayers } from "../assembly/build-up"
import { heatFlowDirection, INDOOR_RESISTANCE, OUTDOOR_RESISTANCE } from "../assembly/surface-resistance"
import { METAL, thermalTransmittance, WIDEST_RATIO } from "../assembly/thermal-transmittance"
import { filmOutside } from "../assembly/ventilated"
import type { Detail, Films } from "../conduction/detail"
import { memberDetail } from "../conduction/member-detail"
import type { Beyond, Season } from "../heat/beyond"
import type { Conditions } from "../heat/conditions"
import { pitchOf } from "../shell/members"
import { type Bridge, bridgeAt, type Solutions } from "./solutions"

/** Where a build-up is and what is beyond it. */
export interface Standing {
  tilt: number
  beyond: Beyond
  /** Share of its outermost layer that counts: less than 1 behind a vented air space. */
  counted: number
}

/** Members of one set on a face, solved in two dimensions. */
export interface MemberBridge extends Bridge {
  id: string
  set: MemberSet
  /** Share of the face that they take. */
  fraction: number
}

/** The season in which most heat goes through what has such air beyond it; an unheated space follows the outdoors. */
export function drivingSeason({ winter, summer }: Conditions, beyond: Beyond): Season {
  const difference = (season: Season) => {
    const { inside, outside } = season === "winter" ? winter : summer
    const far = beyond.kind === "space" && beyond.space.kind === "held" ? beyond.space[season].temperature : outside.temperature
    return inside.temperature - far
  }
  return Math.abs(difference("summer")) > Math.abs(difference("winter")) ? "summer" : "winter"
}

/** Films on both sides of a build-up in the season that drives most heat through it. */
function drivingFilms({ tilt, beyond, counted }: Standing, conditions: Conditions): Films {
  const season = drivingSeason(conditions, beyond)
  const { inside, outside } = conditions[season]
  const far = beyond.kind === "space" && beyond.space.kind === "held" ? beyond.space[season].temperature : outside.temperature
  const direction = heatFlowDirection(tilt, inside.temperature >= far)
  return {
    inside: INDOOR_RESISTANCE[direction],
    outside: filmOutside(counted, beyond.kind === "space" ? INDOOR_RESISTANCE[direction] : OUTDOOR_RESISTANCE, direction),
    direction,
  }
}

/**
 * Sets of a build-up that the combined method does not hold for: those that conduct like metal, and any where its limits lie far apart.
 * @see ISO 6946:2017, 6.7.2.1
 */
export function setsBeyondCombined(layers: readonly BuiltLayer[], { resistanceUpper, resistanceLower }: AssemblyOutput): string[] {
  const apart = resistanceUpper / resistanceLower > WIDEST_RATIO
  return memberSets(layers).flatMap(([id, , { stuff }]) => (apart || stuff.conductivity.declared >= METAL ? [id] : []))
}

/** The stretch of a build-up around one member of a set, and its ψ by the combined method; null where none can be drawn. */
export function memberDetailOf(
  layers: readonly BuiltLayer[],
  set: string,
  standing: Standing,
  conditions: Conditions,
): { detail: Detail; estimate: number } | null {
  const members = layers.find(({ layer }) => layer.between === set)?.set
  if (!members || standing.beyond.kind === "ground") return null
  const films = drivingFilms(standing, conditions)
  const pitch = Math.max(pitchOf(members), members.width)
  const detail = memberDetail(layers, set, pitch, films)
  if (!detail) return null
  // The same stretch: this set at its pitch, and no other.
  const stretch = layers.map((layer) =>
    layer.layer.between === set ? { ...layer, fraction: members.width / pitch } : { ...layer, set: null, stuffs: null, fraction: 0 },
  )
  const input = { direction: films.direction, layers: transmittanceLayers(stretch), rsi: films.inside, rse: films.outside }
  const { resistanceTotal } = thermalTransmittance(input, setsOf(stretch))
  return { detail, estimate: pitch / resistanceTotal - detail.plain }
}

/** ψ of the sets for which the combined method does not hold. */
export function memberBridges(
  face: string,
  layers: readonly BuiltLayer[],
  sets: readonly string[],
  standing: Standing,
  conditions: Conditions,
  solutions: Solutions,
): MemberBridge[] {
  return sets.flatMap((id) => {
    const found = memberDetailOf(layers, id, standing, conditions)
    if (!found) return []
    const { set, fraction } = layers.find(({ layer }) => layer.between === id)!
    return [{ ...bridgeAt(`${face} ${id}`, found.detail, found.estimate, solutions), id, set: set!, fraction }]
  })
}

/** Layers without the members of some sets: what lies between them fills their place. */
export const withoutSets = (layers: readonly BuiltLayer[], sets: readonly string[]): BuiltLayer[] =>
  layers.map((layer) =>
    layer.layer.between !== null && sets.includes(layer.layer.between) ? { ...layer, set: null, stuffs: null, fraction: 0 } : layer,
  )
