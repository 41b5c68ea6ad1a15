import { DRY, type DampVerdict, type Filling, stepWords } from "../moisture/damp-verdict"
import type { Judgement } from "../moisture/build-rules"

/**
 * What a rule that asks for a change fears, and which judge follows that very thing: water within the build-up the years, dew on a face the
 * spots, what happens outside a vented space, on a slab or under it none.
 */
const FEARS: Readonly<Record<string, { step: Filling; answeredBy: "years" | "spot" | null }>> = {
  trapped: { step: "gathers", answeredBy: "years" },
  "wrong-side": { step: "gathers", answeredBy: "years" },
  "outer-share": { step: "months", answeredBy: "years" },
  "wet-room": { step: "months", answeredBy: "years" },
  "holed-foil": { step: "weeks", answeredBy: "years" },
  "bare-metal": { step: "weeks", answeredBy: "spot" },
  "frost-heave": { step: "gathers", answeredBy: null },
  channel: { step: "weeks", answeredBy: null },
  "free-area": { step: "weeks", answeredBy: null },
  slab: { step: "weeks", answeredBy: null },
}

/** Whether another judge has followed what a rule fears. @param followed the years are known and rest on what is known */
export const isAnswered = ({ rule }: Judgement, followed: boolean): boolean => {
  const by = FEARS[rule]?.answeredBy
  return by === "spot" || (by === "years" && followed)
}

/** A rule that asks for a change, as a verdict. */
export function ruleVerdict({ rule, title, reason }: Judgement): DampVerdict {
  const filling = FEARS[rule]?.step ?? "weeks"
  const harmed = rule === "frost-heave"
  return {
    ...DRY,
    filling,
    harmed,
    harms: harmed,
    where: title,
    words: `${stepWords({ filling, harmed })}: ${harmed ? "frost heave" : "by a rule"}`,
    sentence: `${title} ${reason}`,
  }
}
