"use client"
import { useMemo, useState } from "react"
import { v4 as newId } from "uuid"
import { activeState } from "../../../core/enclosure/job-state"
import type { Kind } from "../../../core/quantity/measure"
import { type Cure, type CureRank, dampCures, rankedCures } from "../../../core/trials/damp-cures"
import { tryCure } from "../../../edit/try-step"
import { useWorkedOut } from "../../calculations/calculations"
import { useJobStore } from "../../job/job-store"
import { useJobLater, useLedgerLater } from "../../job/use-ledger"
import { Button } from "../../primitives/button"
import { DampRing } from "../../primitives/damp-ring"
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
  const tries = useMemo(() => dampCures(state, ledger, id), [state, ledger, id])
  const { cures, judging, tried, judged } = tries
  useWorkedOut(
    "cures",
    useMemo(() => [{ pending: [], awaited: [], judging }], [judging]),
  )
  const [by, setBy] = useState<CureRank>("money")
  const found = useMemo(() => rankedCures(cures, by).slice(0, MOST), [cures, by])
  const [refusal, setRefusal] = useState<string | null>(null)
  if (!harms || tried === 0) return null
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
          ? judged < tried
            ? "Small changes are being tried, each followed by the hour as the face itself."
            : "None of the small changes that were tried betters it: another way to build this face may."
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
          rows={found.map((cure) => ({
            key: cure.name,
            look: "align-top",
            cells: [
              cure.step.always === undefined ? cure.name : fanWords(cure),
              <span key="ring" className="flex items-start gap-1.5">
                <DampRing verdict={cure.verdict} size={14} />
                <span>{cure.verdict.words}</span>
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
      {judged < tried ? (
        <p role="status" className="text-graphite">
          {judged} of {tried} tried …
        </p>
      ) : null}
      <Refusal>{refusal}</Refusal>
    </section>
  )
}
