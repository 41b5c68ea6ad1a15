"use client"
import { type KeyboardEvent, useDeferredValue, useId, useState } from "react"
import { v4 as newId } from "uuid"
import { CATALOGUE } from "../../core/material/catalogue"
import { type Candidate, findMaterials, parseWanted } from "../../core/material/search"
import { addLayer, replaceLayer } from "../../edit/assembly-edits"
import { useJob, useJobStore } from "../job/job-store"
import { Compare } from "../materials/compare"
import { COLUMNS } from "../materials/figures"
import { HatchPatterns, Swatch } from "../pelt/hatches"
import { Button } from "../primitives/button"
import { Dialog } from "../primitives/dialog"

export type Picking = { kind: "add"; assembly: string; at: number } | { kind: "replace"; assembly: string; layer: string }

const EXAMPLES = {
  metric: "wool · RSI 0.9, under 30 mm · vapour-open, needs no cover · foam, bears 200 kPa",
  "inch-pound": 'wool · R-5, under 1" · vapor-open, needs no cover · foam, bears 200 kPa',
}

/** More than this many stand no longer beside each other. */
const BESIDE = 4

/** The catalogue, searched by name and by property, to add a layer from or to replace one with. */
export function MaterialPicker({ picking, onClose }: { picking: Picking; onClose: () => void }) {
  const job = useJob()
  const store = useJobStore()
  const [text, setText] = useState("")
  const [beside, setBeside] = useState<readonly Candidate[]>([])
  const { units } = job
  const old = picking.kind === "replace" ? job.variants[job.active]!.assemblies[picking.assembly]!.layers[picking.layer] : undefined
  const search = (asked: string) => findMaterials(CATALOGUE, parseWanted(asked, units), old?.thickness)
  const found = search(useDeferredValue(text))
  const take = ({ id: material, thickness }: Candidate) => {
    if (picking.kind === "replace") store.edit(replaceLayer(picking.assembly, picking.layer, material, thickness))
    else {
      const id = `l-${newId().slice(0, 8)}`
      store.edit(addLayer(picking.assembly, id, material, picking.at, thickness))
      store.choose({ layer: id })
    }
    onClose()
  }
  const takeFirst = () => {
    const [first] = search(text)
    if (text.trim() !== "" && first) take(first)
  }
  const compare = (candidate: Candidate, on: boolean) =>
    setBeside((known) => (on ? [...known, candidate] : known.filter(({ id }) => id !== candidate.id)))
  return (
    <Dialog open onClose={onClose} place="wide" title={picking.kind === "add" ? "Add a layer" : "Replace the layer"}>
      <div className="grid gap-3">
        <Search text={text} onText={setText} onFirst={takeFirst} />
        {beside.length > 0 ? (
          <Compare layers={beside} onTake={take} onAway={(id) => setBeside(beside.filter((one) => one.id !== id))} />
        ) : null}
        <p role="status" className="text-dense text-graphite">
          {found.length === 0
            ? "Nothing in the catalogue is all of that: leave out a word or widen a bound."
            : `${found.length} of ${Object.keys(CATALOGUE).length} materials, each at a thickness that it is sold in`}
        </p>
        <Found found={found} beside={beside} onTake={take} onCompare={compare} />
      </div>
    </Dialog>
  )
}

/** One line to ask in: Enter takes the first, the arrow goes into the list. */
function Search({ text, onText, onFirst }: { text: string; onText: (text: string) => void; onFirst: () => void }) {
  const { units } = useJob()
  const id = useId()
  const onKey = (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key === "Enter") onFirst()
    if (event.key !== "ArrowDown") return
    event.preventDefault()
    event.currentTarget.closest("[role=dialog]")?.querySelector<HTMLElement>("[data-take]")?.focus()
  }
  return (
    <div>
      <label htmlFor={id} className="block text-dense text-graphite">
        A name, a kind, or what it must do
      </label>
      <input
        id={id}
        type="search"
        autoFocus
        autoComplete="off"
        value={text}
        placeholder={EXAMPLES[units]}
        className="h-9 w-full rounded-soft border border-seam bg-felt px-3"
        onChange={(event) => onText(event.target.value)}
        onKeyDown={onKey}
      />
    </div>
  )
}

interface FoundProps {
  found: readonly Candidate[]
  beside: readonly Candidate[]
  onTake: (layer: Candidate) => void
  onCompare: (layer: Candidate, on: boolean) => void
}

const NUMBER = "py-[3px] pl-3 text-right whitespace-nowrap tabular-nums"

function Found({ found, beside, onTake, onCompare }: FoundProps) {
  const { units } = useJob()
  const hatches = useId().replace(/\W/g, "")
  return (
    <div className="max-h-[52vh] overflow-y-auto" onKeyDown={walk}>
      <svg width={0} height={0} aria-hidden className="absolute">
        <HatchPatterns name={hatches} />
      </svg>
      <table className="w-full border-collapse text-dense">
        <caption className="sr-only">Materials</caption>
        <thead className="sticky top-0 bg-sheet text-graphite">
          <tr className="border-b border-seam">
            <th className="py-1 text-left font-normal">material</th>
            {COLUMNS.map(({ name }) => (
              <th key={name(units)} className={`${NUMBER} font-normal`}>
                {name(units)}
              </th>
            ))}
            <th className="pl-3 text-left font-normal">fire</th>
            <th className="pl-3 text-left font-normal">beside</th>
          </tr>
        </thead>
        <tbody>
          {found.map((layer) => {
            const on = beside.some(({ id }) => id === layer.id)
            const { name, fire, class: kind } = layer.material
            return (
              <tr key={layer.id} data-material={layer.id} className="border-b border-seam hover:bg-chosen">
                <td>
                  <Button look="link" data-take className="flex items-center gap-2 text-left" onClick={() => onTake(layer)}>
                    <Swatch kind={kind} hatches={hatches} />
                    {name}
                  </Button>
                </td>
                {COLUMNS.map(({ name: column, of }) => (
                  <td key={column(units)} className={NUMBER}>
                    {of(layer, units)}
                  </td>
                ))}
                <td className="pl-3">{fire.reaction}</td>
                <td className="pl-3">
                  <input
                    type="checkbox"
                    aria-label={`Set ${name} beside others`}
                    className="size-4 accent-spruce"
                    checked={on}
                    disabled={!on && beside.length === BESIDE}
                    onChange={(event) => onCompare(layer, event.target.checked)}
                  />
                </td>
              </tr>
            )
          })}
        </tbody>
      </table>
    </div>
  )
}

/** Up and down the list with the arrow keys. */
function walk(event: KeyboardEvent<HTMLElement>) {
  if (event.key !== "ArrowDown" && event.key !== "ArrowUp") return
  const names = [...event.currentTarget.querySelectorAll<HTMLElement>("[data-take]")]
  const at = names.indexOf(document.activeElement as HTMLElement)
  const next = names[at + (event.key === "ArrowDown" ? 1 : -1)]
  if (at === -1 || !next) return
  event.preventDefault()
  next.focus()
}
