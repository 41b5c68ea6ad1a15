"use client"
import { useEffect, useState } from "react"
import { airChangesOf, type LeakPart, partArea, type Tightness } from "../../core/airflow/leak-parts"
import type { Ledger } from "../../core/ledger/ledger"
import { sum } from "../../core/numeric/sum"
import { useLedger } from "../job/use-ledger"
import { ReadField, SelectField } from "../primitives/fields"
import { plainNumber } from "../../core/quantity/number"
import { useWriting } from "../writing/writing"

type Row = LeakPart & { name: string; words: Readonly<Record<Tightness, string>> }

/** Air changes from joints, openings and what runs through: what the shell has of each, and how well it is closed. */
export function FromParts({ onFound }: { onFound: (airChanges: number) => void }) {
  const ledger = useLedger()
  const { figure, length } = useWriting()
  const [rows, setRows] = useState(() => rowsOf(ledger))
  const { volume } = ledger.leaks
  const found = Math.round(100 * airChangesOf(rows, volume)) / 100
  useEffect(() => onFound(found), [onFound, found])
  const change = (at: number, part: Partial<Row>) => setRows(rows.map((row, i) => (i === at ? { ...row, ...part } : row)))
  const whole = sum(rows.map(partArea))
  return (
    <div className="grid gap-2">
      <table className="w-full text-dense">
        <caption className="sr-only">What leaks</caption>
        <thead className="text-graphite">
          <tr className="border-b border-seam">
            <th className="py-1 text-left font-normal">what leaks</th>
            <th className="font-normal">how much</th>
            <th className="text-left font-normal">how it is closed</th>
            <th className="text-right font-normal">of all leaks</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row, i) => (
            <tr key={row.name}>
              <th className="text-left font-normal">{row.name}</th>
              <td className="w-24 px-2">
                {row.kind === "joint" || row.kind === "window" ? (
                  <span className="block text-right">{length(row.amount)}</span>
                ) : (
                  <ReadField
                    bare="level"
                    label={`How many: ${row.name}`}
                    shown={String(row.amount)}
                    read={countOf}
                    onCommit={(amount) => {
                      change(i, { amount })
                      return null
                    }}
                  />
                )}
              </td>
              <td className="py-0.5">
                <SelectField<Tightness>
                  bare
                  label={`${row.name}: how it is closed`}
                  value={row.tightness}
                  options={(["tight", "usual", "open"] as const).map((value) => ({ value, name: row.words[value] }))}
                  onChange={(tightness) => change(i, { tightness })}
                />
              </td>
              <td className="text-right">{whole > 0 ? `${Math.round((100 * partArea(row)) / whole)} %` : "–"}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p>
        Together about <span className="font-semibold">{figure("airChanges", found)}</span> air changes an hour at 50 Pa.
      </p>
      <p className="text-dense text-graphite">
        By usual leaks of such joints (ASHRAE Fundamentals 2001, chapter 26): half or twice as much is no surprise. A fan test tells.
      </p>
    </div>
  )
}

/** @throws InputError */
function countOf(text: string): number {
  const count = plainNumber(text)
  return Math.max(0, Math.min(500, Math.round(count)))
}

/** What the shell has that leaks. */
function rowsOf({ lines, points, surfaces }: Ledger): Row[] {
  const openings = surfaces.flatMap(({ openings }) => openings.map(({ opening }) => opening)).filter(({ kind }) => kind !== "passage")
  const isDoor = (kind: string) => kind === "door" || kind === "sliding-door" || kind === "double-door"
  const windows = openings.filter(({ kind }) => !isDoor(kind))
  const doors = openings.filter(({ kind }) => isDoor(kind))
  const sealed = { tight: "new seal all around, closes hard", usual: "with a seal", open: "without a seal" }
  return [
    {
      kind: "joint",
      name: "Joints between floor, walls and roof",
      amount: sum(lines.map((line) => (line.kind === "edge" ? line.length : 0))),
      tightness: "usual",
      words: { tight: "taped or bonded all along", usual: "caulked", open: "only butted" },
    },
    {
      kind: "window",
      name: "Edges of windows and hatches",
      amount: sum(windows.map(({ width, height }) => 2 * (width + height))),
      tightness: "usual",
      words: sealed,
    },
    {
      kind: "door",
      name: "Door leaves",
      amount: sum(doors.map(({ kind }) => (kind === "double-door" ? 2 : 1))),
      tightness: "usual",
      words: sealed,
    },
    {
      kind: "penetration",
      name: "Pipes, cables and bolts through it",
      amount: sum(points.map(({ penetration }) => penetration.count)),
      tightness: "usual",
      words: { tight: "sleeve and sealant", usual: "caulked", open: "left open around" },
    },
    {
      kind: "vent",
      name: "Vents and fans",
      amount: 0,
      tightness: "usual",
      words: { tight: "with a tight flap", usual: "flap closed", open: "stands open" },
    },
  ]
}
