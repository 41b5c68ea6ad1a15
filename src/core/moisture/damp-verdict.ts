import type { BuiltLayer } from "../assembly/build-up"
import { type DampAssessment, TRACE, type CondensationPlane } from "./damp-assessment"

/** How a build-up stands at the two design conditions, drying through the year not reckoned; `convection`: only air that leaks wets it. */
export type DampState = "dry" | "convection" | "wets" | "wets-in-both"

/** How a face stands with damp over the seasons. */
export interface DampVerdict {
  state: DampState
  freezes: boolean
  /** A few words for the ledger. */
  words: string
  /** Fewer, for a drawing. */
  short: string
}

/** The verdict on a build-up from its winter and its summer look. */
export function dampVerdict(winter: DampAssessment, summer: DampAssessment): DampVerdict {
  const wet = (look: DampAssessment) => look.faceSweats || wetsByDiffusion(look)
  const { freezes } = winter
  if (wet(winter) && wet(summer)) return { state: "wets-in-both", freezes, words: "wets in both seasons", short: "wets in both" }
  if (wet(winter))
    return { state: "wets", freezes, words: freezes ? "wets and freezes, worst night" : "wets on the worst night", short: "wets in winter" }
  if (wet(summer)) return { state: "wets", freezes: false, words: "wets on the worst afternoon", short: "wets in summer" }
  if (winter.exfiltrationWets || summer.exfiltrationWets)
    return { state: "convection", freezes, words: "dry while it is airtight", short: "dry if airtight" }
  return { state: "dry", freezes: false, words: "stays dry", short: "stays dry" }
}

/** Whether diffusion brings more than a trace. */
export const wetsByDiffusion = (look: DampAssessment): boolean => look.wet !== null && look.wet.rate > TRACE

/** Rank of a verdict; the worst face speaks for the job. */
export function dampRank({ state, freezes }: DampVerdict): number {
  return ["dry", "convection", "wets", "wets-in-both"].indexOf(state) * 2 + (freezes ? 1 : 0)
}

/** One plain sentence or two on a season's look. */
export function dampSentence(look: DampAssessment, layers: readonly BuiltLayer[]): string {
  if (look.wetSide === "neither") return "Both airs hold the same water: no vapour passes."
  const inward = look.wetSide === "outside"
  const warm =
    look.warmSide === look.wetSide
      ? `${inward ? "Outside" : "Inside"} is the warm, wet side`
      : `${inward ? "Outside" : "Inside"} is the wet side`
  return `${warm}: vapour goes ${inward ? "inward" : "outward"}. ${outcome(look, layers)}`
}

function outcome(look: DampAssessment, layers: readonly BuiltLayer[]): string {
  const face = look.wetSide === "inside" ? "inside" : "outdoor"
  const ice = (plane: CondensationPlane) => (plane.temperature < 0 ? "freezes" : "turns to water")
  if (look.faceSweats) return `The ${face} face is colder than the dew point there and sweats.`
  if (look.wet && wetsByDiffusion(look)) return `On its way it ${ice(look.wet)} ${place(look.wet, layers)}.`
  if (look.exfiltrationWets)
    return `${look.wet ? "Diffusion brings no more than a trace" : "By diffusion it stays dry"}; air that leaks past the tight layer ${ice(look.exfiltrationWets)} ${place(look.exfiltrationWets, layers)}.`
  if (look.wet) return `Diffusion brings no more than a trace ${place(look.wet, layers)}.`
  return "Nothing on its way is colder than the dew point."
}

function place(plane: CondensationPlane, layers: readonly BuiltLayer[]): string {
  const name = (i: number) => layers[i]?.material.name.toLowerCase()
  const start = layers.slice(0, plane.layer).reduce((depth, { layer }) => depth + layer.thickness, 0)
  if (plane.depth - start > 1e-9) return `within the ${name(plane.layer)}`
  return `between the ${name(plane.layer - 1)} and the ${name(plane.layer)}`
}
