"use client"
import { fireWords } from "../../core/material/layer-properties"
import { Fragment, type KeyboardEvent, useId } from "react"
import type { Candidate } from "../../core/material/search"
import type { Group } from "../../core/material/suiting"
import type { OwnMaterials } from "../../schema/job/job"
import { HatchPatterns, Swatch } from "../pelt/hatches"
import { Button } from "../primitives/button"
import { COLUMNS, inBrief } from "./figures"
import { useWriting } from "../writing/writing"

/** More than this many stand no longer beside each other. */
const BESIDE = 4

interface FoundProps {
  groups: readonly Group[]
  beside: readonly Candidate[]
  own: OwnMaterials
  onWrite: (id: string) => void
  onDrop: (id: string) => void
  onTake: (layer: Candidate) => void
  onCompare: (layer: Candidate, on: boolean) => void
}

/** In one column the figures stand under the names. */
const BESIDE_NAME = "pl-3 compact:pl-1.5 narrow:hidden"
const NUMBER = `${BESIDE_NAME} py-[3px] text-right whitespace-nowrap tabular-nums`

/** What was found, to be taken or set beside others; one's own can be changed and dropped. */
export function Found({ groups, beside, own, onTake, onCompare, onWrite, onDrop }: FoundProps) {
  const writing = useWriting()
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
              <th key={name(writing)} className={`${NUMBER} font-normal`}>
                {name(writing)}
              </th>
            ))}
            <th className={`${BESIDE_NAME} text-left font-normal`}>fire</th>
            <th className="pl-3 compact:pl-1.5 text-left font-normal">compare</th>
          </tr>
        </thead>
        <tbody>
          {groups.map(({ title, found }) => (
            <Fragment key={title}>
              {title === "" ? null : (
                <tr>
                  <th colSpan={COLUMNS.length + 3} scope="rowgroup" className="pt-3 pb-1 text-left font-display text-[14px] font-semibold">
                    {title}
                  </th>
                </tr>
              )}
              {found.map((layer) => {
                const on = beside.some(({ id }) => id === layer.id)
                const { name, class: kind } = layer.material
                return (
                  <tr key={layer.id} data-material={layer.id} className="border-b border-seam hover:bg-chosen">
                    <td>
                      <Button
                        look="link"
                        data-take
                        className="flex items-center gap-2 text-left narrow:!whitespace-normal"
                        onClick={() => onTake(layer)}
                      >
                        <Swatch kind={kind} hatches={hatches} />
                        {name}
                      </Button>
                      <p className="ml-7 hidden text-graphite narrow:block">{inBrief(layer, writing)}</p>
                      {own[layer.id] ? (
                        <span className="ml-7 flex gap-3 text-graphite">
                          own
                          <Button look="link" aria-label={`Change ${name}`} onClick={() => onWrite(layer.id)}>
                            change
                          </Button>
                          <Button look="link" aria-label={`Drop ${name}`} onClick={() => onDrop(layer.id)}>
                            drop
                          </Button>
                        </span>
                      ) : null}
                    </td>
                    {COLUMNS.map(({ name: column, of }) => (
                      <td key={column(writing)} className={NUMBER}>
                        {of(layer, writing)}
                      </td>
                    ))}
                    <td className={BESIDE_NAME}>{fireWords(layer.material)}</td>
                    <td className="pl-3 compact:pl-1.5">
                      <input
                        type="checkbox"
                        aria-label={`Compare ${name}`}
                        className="size-4 accent-spruce"
                        checked={on}
                        disabled={!on && beside.length === BESIDE}
                        onChange={(event) => onCompare(layer, event.target.checked)}
                      />
                    </td>
                  </tr>
                )
              })}
            </Fragment>
          ))}
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
