"use client"
import { useMemo, useState } from "react"
import { activeState } from "../../../core/enclosure/job-state"
import { sum } from "../../../core/numeric/sum"
import type { Boarding } from "../../../core/takeoff/boarding"
import type { SheetPlan } from "../../../core/takeoff/sheet-plan"
import { USUAL_SCREWS } from "../../../core/takeoff/fixing-lines"
import { shoppingList } from "../../../core/takeoff/shopping"
import type { Measure, ShoppingLine, Supplier } from "../../../core/takeoff/shopping-line"
import { setBuying, setPack, setPrice, tickOff } from "../../../edit/sheet-edits"
import { useJob, useJobStore } from "../../job/job-store"
import { useJobLater, useLedgerLater } from "../../job/use-ledger"
import { Button } from "../../primitives/button"
import { QuantityField } from "../../primitives/fields"
import { saveFile } from "../../primitives/save-file"
import { Unfolding } from "../../primitives/unfolding"
import { useWriting, type Writing } from "../../writing/writing"
import { Substitutes } from "./substitutes"

interface Props {
  boarding: Boarding
  plan: SheetPlan
}

/** All that is to be bought, by the kind of supplier, with prices, ticks and the rules behind it. */
export function Shopping(props: Props) {
  return (
    <div className="border-t border-seam pt-3">
      <Unfolding words="Shopping list of the whole job">{() => <List {...props} />}</Unfolding>
    </div>
  )
}

/** Suppliers as they are called. */
export const SUPPLIERS: Record<Supplier, string> = {
  timber: "Timber yard",
  insulation: "Insulation merchant",
  builders: "Builders’ merchant",
  metal: "Metal stockist",
  linings: "Floor coverings, plastics and glass",
  fixings: "Fixings and sealants",
}

/** All that is to be bought for the open job. */
export function useShoppingList({ boarding, plan }: Props): ShoppingLine[] {
  const { surfaces, bill } = useLedgerLater()
  const state = activeState(useJobLater())
  return useMemo(() => shoppingList(state, surfaces, bill, boarding, plan), [state, surfaces, bill, boarding, plan])
}

function List(props: Props) {
  const writing = useWriting()
  const job = useJob()
  const lines = useShoppingList(props)
  const { money } = useLedgerLater()
  const known = sum(lines.map(({ count, each }) => count * (each ?? 0)))
  const unknown = lines.filter(({ each }) => each === null).length
  return (
    <div className="grid grid-cols-1 gap-3 pt-2" data-testid="shopping">
      <p>
        {writing.write("money", known)} in all: whole sheets and rolls, what is left over, and fixings. What is built in of it is worth{" "}
        {writing.write("money", money)}, as the ledger says
        {unknown > 0 ? `; ${unknown} ${unknown === 1 ? "line has" : "lines have"} no price yet` : ""}. Prices are invented until you type
        yours; they stay with the job.
      </p>
      {(Object.keys(SUPPLIERS) as Supplier[]).map((supplier) => {
        const own = lines.filter((line) => line.supplier === supplier)
        return own.length > 0 ? <Part key={supplier} name={SUPPLIERS[supplier]} lines={own} /> : null
      })}
      <Rules />
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => void saveFile(`${job.name}, shopping list`, "csv", () => listTable(lines, writing))}>
          Save the shopping list
        </Button>
      </div>
    </div>
  )
}

function Part({ name, lines }: { name: string; lines: readonly ShoppingLine[] }) {
  const writing = useWriting()
  const store = useJobStore()
  const job = useJob()
  const { ticked, prices, packs } = job.variants[job.active]!.buying
  const [missing, setMissing] = useState<string | null>(null)
  return (
    <section aria-label={name}>
      <div className="grid grid-cols-[1fr_6.5rem_5rem] gap-x-2 border-b border-seam text-dense text-graphite narrow:grid-cols-[1fr_5.5rem]">
        <h2 className="text-[14px] font-semibold text-ink">{name}</h2>
        <span>price of one</span>
        <span className="text-right narrow:hidden">in all</span>
      </div>
      <ul>
        {lines.map((line) => {
          const bought = ticked.includes(line.key)
          const words = lineWords(line, writing)
          return (
            <li
              key={line.key}
              className="grid grid-cols-[auto_1fr_6.5rem_5rem] items-center gap-x-2 border-b border-seam py-1 narrow:grid-cols-[auto_1fr_5.5rem]"
            >
              <input
                type="checkbox"
                className="size-5 accent-spruce"
                checked={bought}
                aria-label={`Bought: ${words}`}
                onChange={(event) => store.edit(tickOff(line.key, event.target.checked))}
              />
              <span className={bought ? "text-graphite line-through" : ""}>
                <b className="tabular-nums">{countWords(line, writing)}</b> {words}
                {noteWords(line, writing).map((note) => (
                  <span key={note} className="block text-dense text-graphite">
                    {note}
                  </span>
                ))}
                {line.stuff ? (
                  <span className="block">
                    <Button
                      look="link"
                      aria-expanded={missing === line.key}
                      onClick={() => setMissing(missing === line.key ? null : line.key)}
                    >
                      Not to be had?
                    </Button>
                  </span>
                ) : null}
              </span>
              <div className="rounded-soft border border-seam bg-sheet">
                <QuantityField
                  label={`Price of ${oneWords(line.measure, writing)}, ${words}`}
                  bare="level"
                  kind={PRICE_KINDS[line.measure] ?? "price"}
                  value={line.each}
                  empty={null}
                  onCommit={(price) => store.edit(setPrice(line.key, price))}
                  placeholder={prices[line.key] === undefined ? "price" : ""}
                />
              </div>
              <span className="text-right tabular-nums narrow:hidden">
                {line.each === null ? "–" : writing.write("money", line.each * line.count)}
              </span>
              {line.packIn ? (
                <div className="col-start-2 w-44">
                  <QuantityField
                    label="One pack holds"
                    kind={line.packIn}
                    value={packs[line.key] ?? null}
                    empty={null}
                    placeholder="as its label says"
                    onCommit={(holds) => store.edit(setPack(line.key, holds))}
                  />
                </div>
              ) : null}
              {missing === line.key && line.stuff ? (
                <div className="col-span-full pb-2">
                  <Substitutes stuff={line.stuff} />
                </div>
              ) : null}
            </li>
          )
        })}
      </ul>
    </section>
  )
}

/** What is sold by its measure has its price by that. */
const PRICE_KINDS: Partial<Record<Measure, "volumePrice" | "massPrice" | "arealMoney">> = {
  volume: "volumePrice",
  mass: "massPrice",
  area: "arealMoney",
}

const COUNTED = { packs: "pack", sheets: "sheet", batts: "batt", rolls: "roll", pieces: "piece", cartridges: "cartridge" } as const

/** How many, or how much, and of what. */
export function countWords({ measure, count }: ShoppingLine, { write, units }: Writing): string {
  if (measure === "length") return units === "metric" ? `${Math.ceil(count)} m` : `${Math.ceil(count / 0.3048)} ft`
  if (measure === "mass" || measure === "volume" || measure === "area") return write(measure, count)
  const one = COUNTED[measure]
  return `${count} ${count === 1 ? one : `${one}s`}`
}

const oneWords = (measure: Measure, { units }: Writing): string =>
  measure === "length"
    ? units === "metric"
      ? "a metre"
      : "3.28 feet"
    : measure in COUNTED
      ? `one ${COUNTED[measure as keyof typeof COUNTED]}`
      : "it"

/** What is to be minded of a line. */
export const noteWords = ({ note, blown, passes }: ShoppingLine, { length }: Writing): string[] => [
  ...(note ? [note] : []),
  ...(blown === undefined ? [] : [`where it lies open, blown ${length(blown)} deep: it settles`]),
  ...(passes === undefined ? [] : [passes === 1 ? "in one lift" : `in ${passes} lifts`]),
]

/** What it is, with its sizes. */
export function lineWords({ what, thickness, size, measure }: ShoppingLine, { length }: Writing): string {
  const sizes = size
    ? `, ${measure === "pieces" ? `${length(size.width)} × ${length(size.length)}` : `${length(size.length)} × ${length(size.width)}`}`
    : ""
  return `${what}${thickness !== null && measure !== "pieces" ? `, ${length(thickness)}` : ""}${sizes}`
}

/** The rules that fixings are counted by. */
function Rules() {
  const { write, length, figure, units } = useWriting()
  const store = useJobStore()
  const job = useJob()
  const { screws, tape, blown } = job.variants[job.active]!.buying
  const range = (
    value: number,
    least: number,
    most: number,
    take: () => ReturnType<typeof store.edit>,
    words: (value: number) => string,
  ) =>
    value >= least && value <= most
      ? take()
      : { code: "out-of-range" as const, path: [], message: `Between ${words(least)} and ${words(most)}.` }
  const usual = USUAL_SCREWS[units]
  const spacing = (side: "edge" | "field") => (value: number | null) => {
    const take = () => store.edit(setBuying({ screws: { ...screws, [side]: value } }))
    return value === null ? take() : range(value, 0.02, 2, take, length)
  }
  const percent = (value: number) => write("percent", value)
  return (
    <fieldset className="grid grid-cols-2 items-end gap-x-4 gap-y-2">
      <legend className="pb-1 font-semibold">Rules that the list is counted by</legend>
      <QuantityField
        label="Screws along a board’s ends, every"
        kind="length"
        value={screws.edge}
        empty={null}
        placeholder={figure("length", usual.edge)}
        onCommit={spacing("edge")}
      />
      <QuantityField
        label="and on the members between, every"
        kind="length"
        value={screws.field}
        empty={null}
        placeholder={figure("length", usual.field)}
        onCommit={spacing("field")}
      />
      <QuantityField
        label="Screws bought beside"
        kind="percent"
        value={screws.waste}
        onCommit={(waste) => range(waste, 0, 1, () => store.edit(setBuying({ screws: { ...screws, waste } })), percent)}
      />
      <QuantityField
        label="Tape, sheet, glue and sealant bought beside"
        kind="percent"
        value={tape}
        onCommit={(share) => range(share, 0, 1, () => store.edit(setBuying({ tape: share })), percent)}
      />
      <QuantityField
        label="Blown, sprayed and brushed stuff bought beside"
        kind="percent"
        value={blown.waste}
        onCommit={(waste) => range(waste, 0, 1, () => store.edit(setBuying({ blown: { ...blown, waste } })), percent)}
      />
      <QuantityField
        label="Blown fibre settles by"
        kind="percent"
        value={blown.settling}
        onCommit={(settling) => range(settling, 0, 0.5, () => store.edit(setBuying({ blown: { ...blown, settling } })), percent)}
      />
      <QuantityField
        label="Sprayed foam, most in one lift"
        kind="length"
        value={blown.lift}
        onCommit={(lift) => range(lift, 0.005, 0.3, () => store.edit(setBuying({ blown: { ...blown, lift } })), length)}
      />
    </fieldset>
  )
}

/** The list for a table. */
async function listTable(lines: readonly ShoppingLine[], writing: Writing): Promise<string> {
  const { unparse } = (await import("papaparse")).default
  const { figure } = writing
  return unparse(
    lines.map((line) => ({
      supplier: SUPPLIERS[line.supplier],
      what: lineWords(line, writing),
      "how many or how much": countWords(line, writing),
      [`price of one, ${writing.currency}`]: line.each === null ? "" : Math.round(line.each * 100) / 100,
      [`in all, ${writing.currency}`]: line.each === null ? "" : figure("money", line.each * line.count),
      note: noteWords(line, writing).join("; "),
    })),
    { escapeFormulae: true },
  )
}
