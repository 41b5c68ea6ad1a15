import type { BuiltLayer } from "../assembly/build-up"
import { inSentence } from "../in-sentence"
import { type Judged, judgements } from "../moisture/build-rules"
import { dampRank, DRY, type DampVerdict, FILLINGS, STEP_WORDS, worstVerdict } from "../moisture/damp-verdict"
import type { MoistureCheck } from "../moisture/surface-verdict"
import { isBorrowed, judgedModel, withoutBorrowed } from "../section/design-build"
import { type SectionPlace, type SectionModel, sectionModel } from "../section/section-model"
import { sectionVerdict } from "../section/section-verdict"
import type { YearsOutcome } from "../section/section-years"
import type { Brief } from "../../schema/job/job"
import { standsInRain, unknownBasis } from "./known-basis"
import { isAnswered, ruleVerdict } from "./rule-steps"

/** Who says something of a face. */
export const JUDGES = ["years", "months", "spot", "rule"] as const
/** One of them. */
export type Judge = (typeof JUDGES)[number]

/** The one verdict on a face. */
export interface FaceVerdict {
  /** The worst of those that are not set aside. */
  verdict: DampVerdict
  /** Whose it is; null where nobody can judge. */
  decidedBy: Judge | null
  /** What each of them says; null while the years are not followed yet. */
  said: Readonly<Record<Exclude<Judge, "years">, DampVerdict> & { years: DampVerdict | null }>
  setAside: readonly { judge: Judge; why: string }[]
  /** What is still to be followed before it stands. */
  awaited: readonly SectionModel[]
}

/** What years came to: null where no balance was found, undefined while they are not followed. */
export type FollowedYears = (model: SectionModel) => YearsOutcome | null | undefined

/** What a verdict rests on beside the check of the months. */
export interface VerdictBasis {
  place: SectionPlace
  brief: Brief
  years: FollowedYears
  sweats: Judged["sweats"]
}

/** A face as its years are followed for the verdict, and those of its layers that are followed. */
export function judgedSection({ at, water }: Pick<MoistureCheck, "at" | "water">, { place, brief }: Pick<VerdictBasis, "place" | "brief">) {
  const model = judgedModel(sectionModel(at, water, place, brief))
  return { model, layers: at.layers.slice(-model.layers.length) }
}

/** What all judges together say of a face. */
export function faceVerdict(check: MoistureCheck, basis: VerdictBasis): FaceVerdict {
  const { model, layers } = judgedSection(check, basis)
  const of = inSentence(check.at.name)
  const years = judgedYears(model, layers, of, basis.years)
  const months = judgedMonths(check.months, model, layers)
  const warned = judgements({ kind: basis.brief.kind, surface: check.at, water: check.water, sweats: basis.sweats }).filter(
    ({ warns }) => warns,
  )
  // What the years will follow is not feared before they have.
  const open = warned.filter((one) => !isAnswered(one, years.decides || years.awaited.length > 0))
  const rulesAside = warned.length > 0 && open.length === 0
  const rule = worstVerdict([NO_RULE_WARNS, ...(rulesAside ? warned : open).map(ruleVerdict)])
  const said = { years: years.verdict, months, spot: check.spot, rule }
  const monthsAside = years.decides && dampRank(months) > dampRank(years.verdict!)
  const blind = step(months) === UNJUDGED && years.verdict !== null && step(years.verdict) === UNJUDGED
  const setAside = [
    ...(monthsAside ? [{ judge: "months" as const, why: FOLLOWED }] : []),
    ...(rulesAside ? [{ judge: "rule" as const, why: years.verdict ? ANSWERED : BEING_FOLLOWED }] : []),
    ...(blind
      ? [{ judge: "spot" as const, why: ON_FACES }, ...(warned.length === 0 ? [{ judge: "rule" as const, why: NO_RULE }] : [])]
      : []),
  ]
  const counted: [Judge, DampVerdict][] = [
    ...(years.verdict ? [["years", years.verdict] as [Judge, DampVerdict]] : []),
    ...(monthsAside ? [] : [["months", months] as [Judge, DampVerdict]]),
    ...(blind ? [] : [["spot", check.spot] as [Judge, DampVerdict]]),
    ...(rulesAside || (blind && warned.length === 0) ? [] : [["rule", rule] as [Judge, DampVerdict]]),
  ]
  const known = counted.filter(([, { filling }]) => filling !== "unjudged")
  const [decidedBy, verdict] = worstOf(known.length > 0 ? known : counted)
  return { verdict, decidedBy: known.length > 0 ? decidedBy : null, said, setAside, awaited: years.awaited }
}

const UNJUDGED = FILLINGS.indexOf("unjudged")
const step = ({ filling }: Pick<DampVerdict, "filling">): number => FILLINGS.indexOf(filling)

const FOLLOWED =
  "The months know no sun, no suction and nothing that stuffs take up; it was followed by the hour, with what is known of these stuffs."
const ANSWERED = "What this rule fears was followed by the hour, for a build on the bad side of usual."
const BEING_FOLLOWED = "What this rule fears is being followed by the hour."
const NO_RULE_WARNS: DampVerdict = { ...DRY, sentence: "No rule of building asks for a change." }
const ON_FACES = "Cold spots say nothing of what happens within."
const NO_RULE = "That no rule asks for a change says nothing of what happens within."

/** The worst; of equals the first. */
const worstOf = (counted: readonly [Judge, DampVerdict][]): [Judge, DampVerdict] => {
  const worst = worstVerdict(counted.map(([, verdict]) => verdict))
  return counted.find(([, verdict]) => verdict === worst)!
}

/** What nothing that judges it knows enough for. */
const unjudged = (why: string): DampVerdict => ({ ...DRY, filling: "unjudged", words: STEP_WORDS.unjudged, sentence: why })

/** Months cannot call dry what rain wets and they do not see. */
function judgedMonths(months: DampVerdict, model: SectionModel, layers: readonly BuiltLayer[]): DampVerdict {
  if (months.filling !== "dry" || !standsInRain(model, layers)) return months
  return unjudged(`The months know no rain, and the ${inSentence(layers[0]!.material.name)} outside stands in it.`)
}

interface JudgedYears {
  verdict: DampVerdict | null
  /** All that they rest on is known, and nothing that is borrowed turns them. */
  decides: boolean
  awaited: SectionModel[]
}

function judgedYears(model: SectionModel, layers: readonly BuiltLayer[], of: string, years: FollowedYears): JudgedYears {
  const told = years(model)
  if (told === undefined) return { verdict: null, decides: false, awaited: [model] }
  if (told === null) return { verdict: unjudged("Followed by the hour it came to no balance."), decides: false, awaited: [] }
  const verdict = sectionVerdict(model, told, layers, of)
  const unknown = unknownBasis(model, layers)
  if (unknown.length > 0) {
    const why = `It is not known ${unknown.join(", nor ")}.`
    const said = verdict.filling === "dry" ? unjudged(why) : { ...verdict, sentence: `${verdict.sentence} ${why}` }
    return { verdict: said, decides: false, awaited: [] }
  }
  if (!isBorrowed(model)) return { verdict, decides: true, awaited: [] }
  const bare = withoutBorrowed(model)
  const then = years(bare)
  if (then === undefined) return { verdict, decides: false, awaited: [bare] }
  const without = then && sectionVerdict(bare, then, layers, of)
  return { verdict, decides: without !== null && step(without) === step(verdict), awaited: [] }
}
