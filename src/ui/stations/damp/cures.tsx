"use client"
import { useMemo, useState } from "react"
import { v4 as newId } from "uuid"
import { activeState, type JobState } from "../../../core/enclosure/job-state"
import type { SurfaceId } from "../../../core/enclosure/surface"
import type { Ledger } from "../../../core/ledger/ledger"
import type { Kind } from "../../../core/quantity/measure"
import { SECTION } from "../../../core/results/section-result"
import { sectionModel } from "../../../core/section/section-model"
import { sectionVerdict } from "../../../core/section/section-verdict"
import { type Cure, type CureRank, type CureStep, curedLedger, dampCures, rankedCures } from "../../../core/trials/damp-cures"
import { tryCure } from "../../../edit/try-step"
import { useAskedInTurn } from "../../calculations/use-asked"
import { useJobStore } from "../../job/job-store"
import { useJobLater, useLedgerLater } from "../../job/use-ledger"
import { Button } from "../../primitives/button"
import { DampRing } from "../../primitives/damp-ring"
import { Rough } from "../../primitives/figure"
import { FigureTable } from "../../primitives/figure-table"
import { Refusal } from "../../primitives/refusal"
import { Tabs } from "../../primitives/tabs"
import { useChosenFaceLater } from "../use-figures"
import { useWriting } from "../../writing/writing"

/** More rows are no help in choosing. */
const MOST = 4

const RANKS: readonly { value: CureRank; name: string; first: string }[] = [
  { value: "money", name: "cheapest", first: "The cheapest that lets it stand comes first; what has no price here comes after." },
  { value: "height", name: "least room", first: "What takes least room and lets it stand comes first." },
  { value: "weight", name: "lightest", first: "The lightest that lets it stand comes first." },
]

/** Small changes that turn the verdict on the chosen face, those first that take least money, height or weight; each can be tried in a variant. */
export function Cures() {
  const { write } = useWriting()
  const store = useJobStore()
  const ledger = useLedgerLater()
  const state = activeState(useJobLater())
  const { id } = useChosenFaceLater()
  const { harms } = ledger.moisture[id]!.verdict
  const cures = useMemo(() => dampCures(state, ledger, id), [state, ledger, id])
  const [by, setBy] = useState<CureRank>("money")
  const found = useMemo(() => rankedCures(cures, by).slice(0, MOST), [cures, by])
  const [refusal, setRefusal] = useState<string | null>(null)
  const years = useCureYears(state, ledger, id, found)
  if (!harms) return null
  const tryIt = ({ step, short }: Cure) => setRefusal(store.edit(tryCure(step, `v-${newId().slice(0, 8)}`, short))?.message ?? null)
  const turns = cures.filter(({ verdict }) => !verdict.harms).length
  /** More or less of something; next to nothing is a dash. */
  const more = (kind: Kind, value: number, least: number) =>
    Math.abs(value) < least ? "–" : `${value > 0 ? "+" : "−"}${write(kind, Math.abs(value))}`
  const fanWords = ({ name, step, heat }: Cure) =>
    `${name}: ${write("airFlow", step.always! - state.variant.ventilation.always)} (${write("power", heat)} more lost on the coldest night)`
  return (
    <section aria-label="What would help" className="grid gap-2 border-t border-seam pt-3" data-testid="cures">
      <h2 className="font-display text-[15px] font-semibold">What one change would do</h2>
      <p className="text-graphite">
        {found.length === 0
          ? "None of the small changes that were tried betters it: another way to build this face may."
          : turns > 0
            ? RANKS.find(({ value }) => value === by)!.first
            : "None of them alone lets it stand; these better it."}
      </p>
      {turns > 1 ? <Tabs label="Which first" value={by} options={RANKS} onChange={setBy} /> : null}
      {found.length > 0 ? (
        <FigureTable
          caption="Small changes and what the face comes to by them"
          heads={["change", "the face then", "material", "room taken", "weight", ""]}
          words={[0, 1]}
          rows={found.map((cure, i) => ({
            key: cure.name,
            look: "align-top",
            below: years.words(i),
            cells: [
              cure.step.always === undefined ? cure.name : fanWords(cure),
              <span key="ring" className="flex items-start gap-1.5">
                <DampRing verdict={cure.verdict} size={14} />
                <span>
                  {ledger.pending.length > 0 ? <Rough /> : null}
                  {cure.verdict.words}
                  {cure.verdict.harms ? `, ${write("percent", cure.share)} of what may lie there` : ""}
                </span>
              </span>,
              cure.money === null ? "no price" : more("money", cure.money, 0.5),
              more("length", cure.height, 5e-4),
              more("mass", cure.weight, 0.05),
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
  const { at: surface, water } = then.moisture[face]!
  const model = sectionModel(surface, water, then, state.brief)
  return { model, layers: surface.layers.slice(-model.layers.length) }
}
