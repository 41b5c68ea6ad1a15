import { inSentence } from "../in-sentence"
import type { BuiltLayer } from "../assembly/build-up"
import type { Season } from "../../schema/quantity"
import type { DampAssessment, CondensationPlane } from "./damp-assessment"
import { LITTLE } from "./leak-water"
import type { LastingLook, MoistureLooks } from "./moisture-check"

/**
 * How something stands at the design conditions, drying through the year not reckoned, the better first. `convection`: only air that leaks
 * would wet it, and the job is tight; `mould`: an inside face is damp in the mean of a month; `leaks`: air that leaks wets it; `sweats`: an
 * inside face is below the dew point; `wets`: more gathers within it than it bears, `wets-in-both` in both seasons.
 */
export type DampState = "dry" | "convection" | "mould" | "leaks" | "sweats" | "wets" | "wets-in-both"

const RANKS: readonly DampState[] = ["dry", "convection", "mould", "leaks", "sweats", "wets", "wets-in-both"]

/** How a surface stands with damp over the seasons, with all that lies on it. */
export interface DampVerdict {
  state: DampState
  freezes: boolean
  /** What of it: the surface, a member, an edge, a reveal or a joint; null where nothing gathers. */
  where: string | null
  season: Season | "both" | null
  /** A few words for the ledger. */
  words: string
  /** Fewer, for a drawing. */
  short: string
  /** What gathers where and when, in one plain sentence. */
  sentence: string
}

/** Rank of a verdict; the worst face speaks for the job. */
export const dampRank = ({ state, freezes }: Pick<DampVerdict, "state" | "freezes">): number => RANKS.indexOf(state) * 2 + (freezes ? 1 : 0)

/** Whether a verdict lets a job stand. */
export const isDry = ({ state }: Pick<DampVerdict, "state">): boolean => state === "dry" || state === "convection"

/** The worst of some verdicts; of equals the first. */
export const worstVerdict = (verdicts: readonly DampVerdict[]): DampVerdict =>
  verdicts.reduce((worst, one) => (dampRank(one) > dampRank(worst) ? one : worst))

/** When a face is colder than the dew point. */
export type SweatingTime = Season | "clear"

const WHEN: Record<SweatingTime, string> = { winter: "on the worst night", summer: "on the worst afternoon", clear: "on clear nights" }

/** Nothing gathers anywhere. */
export const DRY: DampVerdict = {
  ...{ state: "dry", freezes: false, where: null, season: null, words: "stays dry", short: "stays dry" },
  sentence: "Nothing to speak of gathers on it or in it at the design conditions.",
}

/**
 * A face of the room or of the outdoors on which water gathers.
 * @param where the surface itself, or what lies on it, as one says it in a sentence
 * @param name of what lies on it; null: it is the surface itself
 */
export function sweating(where: string, name: string | null, time: SweatingTime, frost: boolean): DampVerdict {
  const what = frost ? "Frost" : "Dew"
  return {
    ...{ state: "sweats", freezes: frost, where, season: time === "clear" ? "winter" : time, short: frost ? "frost" : "dew" },
    words: name === null ? `${frost ? "frosts" : "sweats"} ${WHEN[time]}` : `${inSentence(what)} on ${name}`,
    sentence: `${what} gathers on the ${where} ${WHEN[time]}: ${time === "clear" ? "the sky makes it colder than the air outdoors, and " : ""}that face is colder than the dew point of the air before it.`,
  }
}

/** An inside face that passes 80 % humidity in the mean of the coldest month. */
export const moulding = (where: string, name: string | null): DampVerdict => ({
  ...{ state: "mould", freezes: false, where, season: "winter", short: "can mould" },
  words: name === null ? "can mould inside" : `can mould: ${name}`,
  sentence: `Mould can grow on the ${where}: its inside face passes 80 % humidity in the mean of the coldest month.`,
})

/** Layers as a surface has them, at both design conditions and while seasons last. @see moisture-check */
interface Layered extends MoistureLooks {
  layers: readonly BuiltLayer[]
  /** The surface in small letters. */
  of: string
}

/** The verdict on layers: their faces at the design conditions, and what diffusion brings while a season lasts. */
export function diffusionVerdict({ winter, summer, lasting, layers, of }: Layered): DampVerdict {
  const seasons = (["winter", "summer"] as const).filter((season) => gathers(lasting[season]))
  if (seasons.length === 0) {
    if (winter.faceSweats) return sweating(of, null, "winter", faceFreezes(winter))
    if (summer.faceSweats) return sweating(of, null, "summer", false)
    const borne = lasting.winter.look.wet ?? lasting.summer.look.wet
    if (!borne) return DRY
    return {
      ...DRY,
      sentence: `What vapour gathers in the ${of} ${placeWords(borne, layers)} in a season is less than what it lies on bears.`,
    }
  }
  const [season] = seasons
  const { wet } = lasting[season!].look
  const both = seasons.length === 2
  const freezes = season === "winter" && wet!.temperature < 0
  return {
    ...{ state: both ? "wets-in-both" : "wets", freezes, where: placeWords(wet!, layers), season: both ? "both" : season! },
    words: both ? "wets in both seasons" : freezes ? "wets and freezes in winter" : `wets in ${season!}`,
    short: both ? "wets in both" : `wets in ${season!}`,
    sentence: `Vapour turns to ${freezes ? "ice" : "water"} in the ${of} ${placeWords(wet!, layers)} ${both ? "in both seasons" : `in ${season!}`}: more than what it lies on bears.`,
  }
}

/**
 * The verdict on what leaking air does to layers.
 * @param water that leaks bring, beside what it lies on bears
 */
export function leakVerdict({ layers, of, lasting }: Layered, season: Season, water: number): DampVerdict {
  const joint = lasting[season].look.exfiltrationWets
  if (!joint || water < LITTLE) return DRY
  const where = placeWords(joint, layers)
  const freezes = joint.temperature < 0
  if (water <= 1)
    return {
      ...{ state: "convection", freezes, where, season, words: "dry while it is airtight", short: "dry if airtight" },
      sentence: `The ${of} stays dry while it is as airtight as said: air that leaks past its tight layer wets it ${where}.`,
    }
  return {
    ...{ state: "leaks", freezes, where, season, short: "leaks wet it" },
    words: freezes ? "leaks wet it, and freeze" : "leaks wet it",
    sentence: `Air that leaks wets the ${of} ${where}: this job leaks more than it bears there.`,
  }
}

/** Whether diffusion brings more while a condition lasts than what it lies on bears. */
const gathers = ({ look: { wet }, seasons }: LastingLook): boolean => wet !== null && wet.rate * seasons > wet.bearable

const faceFreezes = ({ interfaces, wetSide }: DampAssessment): boolean => interfaces.at(wetSide === "inside" ? -1 : 0)!.temperature < 0

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
  if (look.wet) return `On its way some ${ice(look.wet)} ${placeWords(look.wet, layers)}.`
  if (look.exfiltrationWets)
    return `By diffusion it stays dry; air that leaks past the tight layer ${ice(look.exfiltrationWets)} ${placeWords(look.exfiltrationWets, layers)}.`
  return "Nothing on its way is colder than the dew point."
}

function placeWords(plane: CondensationPlane, layers: readonly BuiltLayer[]): string {
  const name = (i: number) => layers[i] && inSentence(layers[i].material.name)
  const start = layers.slice(0, plane.layer).reduce((depth, { layer }) => depth + layer.thickness, 0)
  if (plane.depth - start > 1e-9) return `within the ${name(plane.layer)}`
  return `between the ${name(plane.layer - 1)} and the ${name(plane.layer)}`
}
