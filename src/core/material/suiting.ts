import type { Assembly } from "../../schema/job/build-up"
import type { Material } from "../../schema/material"
import type { Materials } from "./catalogue"
import { type Candidate, insulates } from "./search"

/** What a place in a build-up asks for. */
export type Role = "insulation" | "lining" | "skin" | "membrane" | "metal" | "air"

/** The roles, in words, for whoever chooses. */
export const ROLES: Record<Role, string> = {
  insulation: "insulation",
  lining: "boards and linings",
  skin: "sheets and boards for outside",
  membrane: "membranes",
  metal: "metals",
  air: "air spaces",
}

const SUITS: Record<Role, (material: Material) => boolean> = {
  insulation: insulates,
  lining: ({ class: kind, application }) => kind === "board" || kind === "covering" || (kind === "wood" && application !== "brushed"),
  skin: ({ class: kind }) => kind === "metal" || kind === "wood" || kind === "board",
  membrane: ({ class: kind }) => kind === "membrane",
  metal: ({ class: kind }) => kind === "metal",
  air: ({ class: kind }) => kind === "air",
}

/**
 * What is asked for at a place of a build-up: the like of what lies there; for a new layer boards at its inner end, a skin at its outer
 * one, insulation between.
 * @param at the layer that is replaced, or the place in the order for a new one
 */
export function roleAt({ layers, order }: Assembly, at: string | number, materials: Materials): Role {
  if (typeof at === "number") return at === 0 ? "skin" : at >= order.length ? "lining" : "insulation"
  const layer = layers[at]!
  const material = materials[layer.material]!
  if (layer.between !== null || SUITS.insulation(material)) return "insulation"
  return (["membrane", "air", "metal"] as const).find((role) => SUITS[role](material)) ?? "lining"
}

/** Candidates under a heading. */
export interface Group {
  title: string
  found: readonly Candidate[]
}

/**
 * The list as it opens: what the job has of what suits the place, what was used last, the rest of what suits it, and all others.
 * @param used materials that were taken last, the newest first
 */
export function suitingGroups(found: readonly Candidate[], role: Role, inJob: ReadonlySet<string>, used: readonly string[]): Group[] {
  const suits = found.filter(({ material }) => SUITS[role](material))
  const own = suits.filter(({ id }) => inJob.has(id))
  const last = used.flatMap((id) => found.find((one) => one.id === id && !own.includes(one)) ?? [])
  const rest = suits.filter((one) => !own.includes(one) && !last.includes(one))
  const others = found.filter((one) => !suits.includes(one) && !last.includes(one))
  return [
    { title: `${ROLES[role]} that this job has already`, found: own },
    { title: "used last", found: last },
    { title: ROLES[role], found: rest },
    { title: "everything else", found: others },
  ].filter((group) => group.found.length > 0)
}
