import { sum } from "../numeric/sum"
import type { BuiltLayer, BuiltMembers } from "./build-up"

/** What a set of members crosses, from outdoors to indoors. */
export interface Crossing {
  members: BuiltMembers
  outside: BuiltLayer[]
  between: BuiltLayer[]
  inside: BuiltLayer[]
  /** Thickness of the layers between, m. */
  depth: number
  /** How much deeper the members are than those layers; negative where the layers are thicker, 0 where no depth is given, m. */
  projection: number
}

/** Finds what a set crosses in a build-up; null where no layer lies between its members. */
export function crossingOf(layers: readonly BuiltLayer[], set: string): Crossing | null {
  const at = layers.flatMap(({ members }, i) => (members.some(({ id }) => id === set) ? [i] : []))
  if (at.length === 0) return null
  const between = layers.slice(at[0], at.at(-1)! + 1)
  const depth = sum(between.map(({ layer }) => layer.thickness))
  const members = between[0]!.members.find(({ id }) => id === set)!
  const given = members.set.depth
  return {
    members,
    outside: layers.slice(0, at[0]),
    between,
    inside: layers.slice(at.at(-1)! + 1),
    depth,
    projection: given === null ? 0 : given - depth,
  }
}
