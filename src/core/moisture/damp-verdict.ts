import { inSentence } from "../in-sentence"
import type { BuiltLayer } from "../assembly/build-up"
import { MONTHS } from "../climate/design-day"
import { sum } from "../numeric/sum"
import type { Season } from "../../schema/quantity"
import type { DampAssessment, CondensationPlane } from "./damp-assessment"
import type { MonthlyWater, WaterPlane } from "./monthly-water"

/**
 * The one scale of damp, the better first: how long something is wet in a year. `gathers`: it is wetter from year to year, or takes harm
 * (mould, rot, frost in a wet skin); `unjudged`: nothing that judges it knows enough.
 */
export const FILLINGS = ["dry", "unjudged", "weeks", "months", "gathers"] as const
/** One of them. */
export type Filling = (typeof FILLINGS)[number]

/** What each step is called, wherever it is said. */
export const STEP_WORDS: Readonly<Record<Filling, string>> = {
  dry: "stays dry",
  unjudged: "cannot be judged",
  weeks: "wet for weeks",
  months: "wet for months",
  gathers: "wetter each year",
}
/** The last step where it is harm that comes each year. */
export const HARMED_WORDS = "harmed each year"

/** The words of a step, and of what makes it. */
export const stepWords = ({ filling, harmed }: Pick<DampVerdict, "filling" | "harmed">): string =>
  filling === "gathers" && harmed ? HARMED_WORDS : STEP_WORDS[filling]

/** How a surface stands with damp through the year, with all that lies on it. */
export interface DampVerdict {
  filling: Filling
  /** It gathers because harm is done to it, not because it is wetter each year. */
  harmed: boolean
  freezes: boolean
  /** Mould can grow, or wood can rot. */
  moulds: boolean
  /** It must not stay so: more water than what it lies on bears, a face that sweats or moulds. */
  harms: boolean
  /** What of it: the surface, a member, an edge, a reveal or a joint; null where nothing gathers. */
  where: string | null
  /** Months in which it is so, 0…11; none where only the worst hours are. */
  months: readonly number[]
  season: Season | "both" | null
  /** A few words for the ledger: its step, and what makes it. */
  words: string
  /** What gathers where and when, in one plain sentence. */
  sentence: string
}

/** What a ring shows of a verdict. */
export type Ring = Pick<DampVerdict, "filling" | "freezes" | "moulds"> & {
  /** By the months so far: its years are still to be followed. */
  soFar?: boolean
}

/** Rank of a verdict; the worst face speaks for the job. */
export const dampRank = ({ filling, freezes, moulds, harms }: Ring & Pick<DampVerdict, "harms">): number =>
  8 * FILLINGS.indexOf(filling) + 4 * Number(harms) + 2 * Number(freezes) + Number(moulds)

/** The worst of some verdicts; of equals the first. */
export const worstVerdict = (verdicts: readonly DampVerdict[]): DampVerdict =>
  verdicts.reduce((worst, one) => (dampRank(one) > dampRank(worst) ? one : worst))

/** When a face is colder than the dew point. */
export type SweatingTime = Season | "clear"

const WHEN: Record<SweatingTime, string> = { winter: "on the worst night", summer: "on the worst afternoon", clear: "on clear nights" }

/** Nothing gathers anywhere. */
export const DRY: DampVerdict = {
  ...{ filling: "dry", harmed: false, freezes: false, moulds: false, harms: false },
  ...{ where: null, months: [], season: null, words: STEP_WORDS.dry },
  sentence: "Nothing to speak of gathers on it or in it.",
}

/** More months than this are no weeks. */
const WEEKS = 2

/** How long some months are. */
export const fillingOf = (months: readonly number[]): Filling => (months.length > WEEKS ? "months" : months.length > 0 ? "weeks" : "dry")

/** Months of a row round the year, as one says it. */
export function monthWords(months: readonly number[]): string {
  if (months.length === 12) return "all year"
  const is = new Set(months)
  const first = months.find((month) => !is.has((month + 11) % 12))
  if (first === undefined) return ""
  let last = first
  while (is.has((last + 1) % 12)) last = (last + 1) % 12
  const name = (month: number) => MONTHS[month]!
  return first === last ? `in ${name(first)}` : `from ${name(first)} to ${name(last)}`
}

/**
 * A face of the room or of the outdoors on which water gathers.
 * @param where the surface itself, or what lies on it, as one says it in a sentence
 * @param name of what lies on it; null: it is the surface itself
 * @param months in whose mean it does; none: only in the worst hours
 */
export function sweating(where: string, name: string | null, time: SweatingTime, frost: boolean, months: readonly number[]): DampVerdict {
  const what = frost ? "Frost" : "Dew"
  const lasting = months.length > 0
  const when = lasting ? monthWords(months) : WHEN[time]
  const sky = time === "clear" && !lasting ? "the sky makes it colder than the air outdoors, and " : ""
  const filling = lasting ? fillingOf(months) : "weeks"
  return {
    ...DRY,
    ...{ filling, freezes: frost, harms: true, where, months, season: time === "clear" ? "winter" : time },
    words: `${STEP_WORDS[filling]}: ${inSentence(what)} ${name === null ? when : `on ${name}`}`,
    sentence: `${what} gathers on the ${where} ${when}: ${sky}that face is colder than the dew point of the air before it${lasting ? " in the mean of the month" : ""}.`,
  }
}

/**
 * An inside face that passes 80 % humidity in the mean of some months: damp enough for mould, and with time enough that it comes to be seen.
 * @param seen it does
 * @see ISO 13788:2012, 5.3 (80 %)
 */
export function moulding(where: string, name: string | null, months: readonly number[], seen: boolean): DampVerdict {
  const filling = seen ? "gathers" : fillingOf(months)
  const spot = name === null ? "inside" : `on ${name}`
  return {
    ...DRY,
    ...{ filling, harmed: seen, moulds: true, harms: true, where, months, season: "winter" },
    words: `${stepWords({ filling, harmed: seen })}: ${seen ? "mould" : "damp enough for mould"} ${spot}`,
    sentence: `Mould ${seen ? "comes to be seen" : "can begin"} on the ${where}: its inside face passes 80 % humidity ${monthWords(months)}, in the mean of ${months.length > 1 ? "those months" : "the month"}.`,
  }
}

/** Less than this share of what a joint bears is nothing to speak of. */
const LITTLE = 0.1
/** What is not too much in so many years does not gather. */
export const LIFETIME = 30

/** Joints within a build-up where mould comes to be seen though nothing drips. */
export function jointMouldVerdict({ mould }: Pick<MonthlyWater, "mould">, layers: readonly BuiltLayer[], of: string): DampVerdict {
  const [first] = mould
  if (!first) return DRY
  const place = placeWords(first, layers)
  return {
    ...DRY,
    ...{ filling: "gathers", harmed: true, moulds: true, harms: true, where: place, months: first.months, season: "both" },
    words: `${HARMED_WORDS}: mould within`,
    sentence: `Mould comes to be seen in the ${of} ${place}: the air there is damp enough for it ${monthWords(first.months)}, though no drop falls.`,
  }
}

/** Where most lies beside what may, through the year. */
export interface WorstPlane {
  plane: number
  /** kg/m² at the end of each month, and what diffusion alone would have brought by then. */
  lying: number[]
  byDiffusion: number[]
  /** Most that lies there in the year, and what is left of it, as shares of what it lies on bears. */
  share: number
  left: number
  /** After how many years like the first more lies there than what it lies on bears. */
  years: number
}

/** The plane that decides; null where nothing gathers. */
export function worstPlane(water: MonthlyWater): WorstPlane | null {
  const { leaking } = water
  const { first } = leaking
  if (first === null) return null
  const { planes, diffusion } = water
  const before = leaking.months[(first + 11) % 12]!.water
  const told = planes.map(({ bearable }, plane) => {
    let most = 0
    for (const month of leaking.months) most = Math.max(most, month!.water[plane]!)
    const [share, left] = [most / bearable, before[plane]! / bearable]
    return { plane, share, left, years: yearsUntil(share, left) }
  })
  const soonest = told.reduce((least, one) => (one.years < least.years ? one : least))
  const worst = soonest.years <= LIFETIME ? soonest : told.reduce((most, one) => (one.share > most.share ? one : most))
  return {
    ...worst,
    lying: leaking.months.map((month) => month!.water[worst.plane]!),
    byDiffusion: diffusion.months.map((month) => month?.water[worst.plane] ?? 0),
  }
}

/** The verdict on layers through the months. @param of the surface in small letters */
export function layersVerdict(water: MonthlyWater, layers: readonly BuiltLayer[], of: string): DampVerdict {
  const worst = worstPlane(water)
  if (!worst) return DRY
  const { lying, byDiffusion, share, left, years } = worst
  const plane = water.planes[worst.plane]!
  const gathers = years <= LIFETIME
  // Most of it came with air, where diffusion alone would bring less than half of it.
  const leaks = Math.max(...byDiffusion) < 0.5 * Math.max(...lying)
  const place = placeWords(plane, layers)
  if (share < LITTLE && !gathers)
    return {
      ...DRY,
      sentence: `What vapour gathers in the ${of} ${place} is less than a tenth of what may lie there, and dries each year.`,
    }
  const least = 0.5 * Math.min(LITTLE * plane.bearable, Math.max(...lying))
  const wet = lying.flatMap((one, month) => (one > least ? [month] : []))
  const at = water.temperatures.map((month) => month[worst.plane + 1]!)
  const freezes = wet.some((month) => at[month]! < 0)
  const harms = gathers || share > 1
  const rots = plane.rots && harms
  const filling = gathers || rots ? "gathers" : fillingOf(wet)
  const season = seasonOf(wet, at)
  const when = monthWords(wet)
  const way = leaks ? "air that leaks past the tight layer wets" : "vapour wets"
  const step = stepWords({ filling, harmed: rots && !gathers })
  return {
    ...{ filling, harmed: rots && !gathers, freezes, moulds: rots, harms, where: place, months: wet, season },
    words: `${step}: ${leaks ? "by leaks" : "by vapour"}${gathers ? "" : ` ${when}`}`,
    sentence: `${capital(when)} ${way} the ${of} ${place}${freezes ? " and freezes there" : ""}: ${amount(share)} what may lie there, ${
      gathers
        ? `${left > 0.9 * share ? "none" : "not all"} of it dries within the year${share > 1 ? "" : `, and after about ${years} years it is more than that`}`
        : `and ${left > 0 ? "nearly all" : "all"} of it dries within the year`
    }${rots ? "; the wood can mould and rot" : ""}.`,
  }
}

/** Words as a sentence begins with them. */
export const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1)

/** How much water is of what may lie there. */
export function amount(share: number): string {
  if (share > 1.5) return `${share < 10 ? share.toFixed(1).replace(/\.0$/, "") : Math.round(share)} times`
  if (share > 1) return "more than"
  return `${Math.max(1, Math.round(share * 100))} % of`
}

/** After how many years like the first more lies there than what it lies on bears; Infinity where all of it dries. */
const yearsUntil = (share: number, left: number): number => (left <= 0 ? Infinity : share > 1 ? 1 : Math.ceil((1 - share) / left) + 1)

/** The season in whose look it is seen. @param at °C of the plane in each month */
function seasonOf(wet: readonly number[], at: readonly number[]): Season | "both" {
  if (wet.length === 12) return "both"
  const mean = (months: readonly number[]) => sum(months.map((month) => at[month]!)) / Math.max(1, months.length)
  return mean(wet) <= sum(at) / 12 ? "winter" : "summer"
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
  if (look.wet) return `On its way some ${ice(look.wet)} ${lookPlace(look.wet, layers)}.`
  if (look.exfiltrationWets)
    return `By diffusion it stays dry; air that leaks past the tight layer ${ice(look.exfiltrationWets)} ${lookPlace(look.exfiltrationWets, layers)}.`
  return "Nothing on its way is colder than the dew point."
}

function lookPlace({ depth, layer }: CondensationPlane, layers: readonly BuiltLayer[]): string {
  const start = layers.slice(0, layer).reduce((all, one) => all + one.layer.thickness, 0)
  return placeWords({ outer: depth - start > 1e-9 ? layer : layer - 1, inner: layer }, layers)
}

/** Where a plane lies. */
export function placeWords({ outer, inner }: Pick<WaterPlane, "outer" | "inner">, layers: readonly BuiltLayer[]): string {
  const name = (i: number) => layers[i] && inSentence(layers[i].material.name)
  return outer === inner ? `within the ${name(outer)}` : `between the ${name(outer)} and the ${name(inner)}`
}
