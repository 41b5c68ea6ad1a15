import { type Emblem, emblemOf } from "../../core/enclosure/emblem"
import { activeState } from "../../core/enclosure/job-state"
import { ledgerOf } from "../../core/ledger/ledger"
import type { JobKind } from "../../schema/job/job"
import { KITS, startJob } from "./start-job"

/** A kind of job as the shelf offers it. */
export interface KitEmblem {
  kind: JobKind
  label: string
  emblem: Emblem
}

/** All kinds of job, each with the pelt that it begins with. */
export const KIT_EMBLEMS: readonly KitEmblem[] = (Object.keys(KITS) as JobKind[]).map((kind) => {
  const { label, form, station } = KITS[kind]
  const job = startJob({ kind, name: kind, units: "metric", form, station, school: "" })
  return { kind, label, emblem: emblemOf(ledgerOf(activeState(job)).surfaces) }
})
