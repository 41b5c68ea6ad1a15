import type { JobKind, Limits } from "../../schema/job/job"
import type { Season } from "../../schema/quantity"
import type { Shell } from "../../schema/job/shell"
import type { SurfaceFigures } from "../enclosure/surface-figures"
import { dampMargin } from "../moisture/damp-margin"
import type { DampVerdict } from "../moisture/damp-verdict"
import type { Kind } from "../quantity/measure"
import type { Working } from "../working"
import type { Task } from "../results/calculation"
import type { Ledger } from "./ledger"

/** Names a headline. */
export type HeadlineId = "loss" | "gain" | "year" | "height" | "weight" | "money" | "damp"

/** A headline figure: what it is called, where it comes from, which way is better, and what of the brief limits it. */
export interface Headline {
  id: HeadlineId
  name: string
  kind: Kind
  of: (ledger: Ledger) => number
  /** The sum written out; it is fetched when it is first asked for. */
  working: () => Promise<(ledger: Ledger, shell: Shell) => Working>
  better: "more" | "less"
  limit: keyof Limits | null
  /** What the limit is held against, where that is not the figure itself. */
  bound?: (ledger: Ledger) => number
  /** What it rests on that is still to be worked out beside the work; null: nothing ever. */
  awaits: ((ledger: Ledger) => readonly Task[]) | null
  /** Nothing comes near the figure until more is worked out. */
  unknown?: (ledger: Ledger) => boolean
  /** What is shown in place of the figure: a verdict, and where it stands. */
  verdict?: (ledger: Ledger) => { surface: SurfaceFigures; verdict: DampVerdict }
}

const solved = ({ pending }: Ledger) => pending
const heat = { better: "less", awaits: solved } as const
const room = { better: "more", awaits: null } as const
const build = { better: "less", awaits: null } as const

/** The headline figures in the order in which they are shown. */
export const HEADLINES: readonly Headline[] = [
  {
    id: "loss",
    name: "loss, worst night",
    kind: "power",
    of: ({ loss }) => loss.total,
    working: async () => (await import("../steady/heat-loss.working")).heatLossWorking,
    limit: "loss",
    ...heat,
  },
  {
    id: "gain",
    name: "gain, hottest hour",
    kind: "power",
    of: ({ gain }) => gain.total,
    working: async () => (await import("../steady/heat-gain.working")).heatGainWorking,
    limit: "gain",
    bound: ({ gain }) => gain.asked,
    ...heat,
  },
  {
    id: "year",
    name: "a year of energy",
    kind: "energy",
    of: ({ year }) => year.total,
    working: async () => (await import("../hourly/year.working")).yearWorking,
    limit: null,
    better: "less",
    awaits: ({ awaited }) => awaited,
    // Means of months without sun and people are a third off.
    unknown: ({ year, solved: { yearBefore } }) => year.figures === null && yearBefore?.() === undefined,
  },
  {
    id: "height",
    name: "height left",
    kind: "length",
    of: ({ clear }) => clear.standing,
    working: async () => (await import("../enclosure/height.working")).heightWorking,
    limit: "height",
    ...room,
  },
  {
    id: "weight",
    name: "weight added",
    kind: "mass",
    of: ({ weight }) => weight,
    working: async () => (await import("../takeoff/takeoff.working")).weightWorking,
    limit: "weight",
    ...build,
  },
  {
    id: "money",
    name: "money",
    kind: "money",
    of: ({ money }) => money,
    working: async () => (await import("../takeoff/takeoff.working")).moneyWorking,
    limit: "money",
    ...build,
  },
  {
    id: "damp",
    name: "damp",
    kind: "temperatureDifference",
    of: dampMargin,
    working: async () => (await import("../moisture/damp.working")).dampWorking,
    limit: null,
    better: "more",
    awaits: ({ pending, judging }) => [...pending, ...judging],
    verdict: ({ wettest, moisture }) => ({ surface: wettest, verdict: moisture[wettest.id]!.verdict }),
  },
]

/** The season that an enclosure is built for: what is kept cold is tried by the worst afternoon. */
export const drivingSeason = (kind: JobKind): Season => (kind === "cold-room" ? "summer" : "winter")

/** The season in which a face is looked at first: that of its verdict, where one of the two decides it. */
export const seasonOf = ({ season }: Pick<DampVerdict, "season">, kind: JobKind): Season =>
  season === "winter" || season === "summer" ? season : drivingSeason(kind)

/** The headlines as an enclosure's ledger shows them: that of its driving season first. */
export function headlinesOf(kind: JobKind): readonly Headline[] {
  const first = drivingSeason(kind) === "summer" ? "gain" : "loss"
  return [...HEADLINES].sort((a, b) => Number(b.id === first) - Number(a.id === first))
}

/** Whether a headline is only about until more is worked out. */
export const isAbout = ({ awaits }: Headline, ledger: Ledger): boolean => awaits !== null && awaits(ledger).length > 0

/** What a headline may come to, SI: heater and cooler give what they can at the design hours; null where nothing limits it. */
export function limitOf({ limit }: Pick<Headline, "limit">, { output }: Ledger, limits: Limits): number | null {
  if (limit === "loss" || limit === "gain") return output[limit]
  return limit && limits[limit]
}

/** By how much a headline breaks its limit, SI; null where it keeps it or has none. */
export function overLimit(headline: Headline, ledger: Ledger, limits: Limits): number | null {
  const { better, of, bound = of } = headline
  const allowed = limitOf(headline, ledger, limits)
  if (allowed === null) return null
  const by = better === "more" ? allowed - bound(ledger) : bound(ledger) - allowed
  return by > 0 ? by : null
}
