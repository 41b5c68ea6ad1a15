"use client"
import { useMemo, useState } from "react"
import { v4 as newId } from "uuid"
import { activeState, type JobState } from "../../../core/enclosure/job-state"
import type { SurfaceId } from "../../../core/enclosure/surface"
import type { Ledger } from "../../../core/ledger/ledger"
import { SECTION } from "../../../core/results/section-result"
import { sectionModel } from "../../../core/section/section-model"
import { sectionVerdict } from "../../../core/section/section-verdict"
import { type Cure, type CureStep, curedLedger, dampCures } from "../../../core/trials/damp-cures"
import { tryCure } from "../../../edit/try-step"
import { useAskedInTurn } from "../../calculations/use-asked"
import { useJob, useJobStore } from "../../job/job-store"
import { useLedgerLater } from "../../job/use-ledger"
import { Button } from "../../primitives/button"
import { DampRing } from "../../primitives/damp-ring"
import { Rough } from "../../primitives/figure"
import { FigureTable } from "../../primitives/figure-table"
import { Refusal } from "../../primitives/refusal"
import { useChosenFace } from "../use-figures"
import { useWriting } from "../../writing/writing"

/** More rows are no help in choosing. */
const MOST = 4

/** Small changes that turn the verdict on the chosen face, the cheapest that does first; each can be tried in a variant. */
export function Cures() {
  const { write, length } = useWriting()
  const store = useJobStore()
  const ledger = useLedgerLater()
  const state = activeState(useJob())
  const { id } = useChosenFace()
  const { harms } = ledger.moisture[id].verdict
  const found = useMemo(() => dampCures(state, ledger, id).slice(0, MOST), [state, ledger, id])
  const [refusal, setRefusal] = useState<string | null>(null)
  const years = useCureYears(state, ledger, id, found)
  if (!harms) return null
  const tryIt = ({ step, short }: Cure) => setRefusal(store.edit(tryCure(step, `v-${newId().slice(0, 8)}`, short))?.message ?? null)
  const turns = found.filter(({ verdict }) => !verdict.harms).length
  return (
    <section aria-label="What would help" className="grid gap-2 border-t border-seam pt-3" data-testid="cures">
      <h2 className="font-display text-[15px] font-semibold">What one change would do</h2>
      <p className="text-graphite">
        {found.length === 0
          ? "None of the small changes that were tried betters it: another way to build this face may."
          : turns > 0
            ? "The cheapest that lets it stand comes first."
            : "None of them alone lets it stand; these better it."}
      </p>
      {found.length > 0 ? (
        <FigureTable
          caption="Small changes and what the face comes to by them"
          heads={["change", "the face then", "costs", "height", ""]}
          words={[0, 1]}
          rows={found.map((cure, i) => ({
            key: cure.name,
            look: "align-top",
            below: years.words(i),
            cells: [
              cure.name,
              <span key="ring" className="flex items-start gap-1.5">
                <DampRing verdict={cure.verdict} size={14} />
                <span>
                  {ledger.pending.length > 0 ? <Rough /> : null}
                  {cure.verdict.words}
                  {cure.verdict.harms ? `, ${write("percent", cure.share)} of what may lie there` : ""}
                </span>
              </span>,
              Math.abs(cure.money) > 0.5 ? write("money", cure.money) : "–",
              Math.abs(cure.height) > 5e-4 ? length(-cure.height) : "–",
              cure.step.relativeHumidity !== undefined ? (
                "in the brief"
              ) : (
                <Button key="try" look="link" aria-label={`Try in a variant: ${cure.name}`} onClick={() => tryIt(cure)}>
                  try it
                </Button>
              ),
            ],
          }))}
        />
      ) : null}
      {found.length > 0 && !years.complete ? (
        <div>
          {years.running ? (
            <p role="status" className="flex items-center gap-3">
              Following them through the years …<Button onClick={years.stop}>Stop</Button>
            </p>
          ) : (
            <Button onClick={years.follow}>Follow these through the years</Button>
          )}
        </div>
      ) : null}
      <Refusal>{refusal}</Refusal>
    </section>
  )
}

/** What each cure comes to hour by hour, once that is asked for. */
function useCureYears(state: JobState, ledger: Ledger, face: SurfaceId, cures: readonly Cure[]) {
  // Details that are solved meanwhile bring other figures of the same variant.
  const { variant } = state
  const [of, setOf] = useState<{ face: SurfaceId; variant: JobState["variant"] } | null>(null)
  const follows = of?.face === face && of.variant === variant
  const sections = useMemo(
    () => (follows ? cures.map(({ step }) => curedSection(state, ledger, face, step)) : []),
    [follows, cures, state, ledger, face],
  )
  const { results, running, failed } = useAskedInTurn(
    SECTION,
    useMemo(() => sections.map(({ model }) => ({ model, builtIn: "usual" as const })), [sections]),
  )
  const words = (i: number) => {
    const section = sections[i]
    if (!section) return undefined
    const told = results[i]
    if (!told) return failed[i] ? "Through the years: no balance was found." : i === running ? "Through the years …" : undefined
    const verdict = sectionVerdict(section.model, told, section.layers, "")
    return (
      <span className="flex items-center gap-1.5 text-graphite">
        Through the years: <DampRing verdict={verdict} size={14} />
        {verdict.words}
      </span>
    )
  }
  const complete = follows && running === null
  return { words, complete, running: running !== null, follow: () => setOf({ face, variant }), stop: () => setOf(null) }
}

/** A face after a change as it is followed through the years. */
function curedSection(state: JobState, ledger: Ledger, face: SurfaceId, step: CureStep) {
  const then = curedLedger(state, ledger, step)
  const surface = then.surfaces.find(({ id }) => id === face)!
  const model = sectionModel(surface, then.moisture[face].water, then, state.brief)
  return { model, layers: surface.layers.slice(-model.layers.length) }
}
