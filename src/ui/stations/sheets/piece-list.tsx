"use client"
import { useState } from "react"
import type { NumberedPiece } from "../../../core/takeoff/laid-layers"
import type { SheetPlan, StuffPlan } from "../../../core/takeoff/sheet-plan"
import { areaOf } from "../../../core/laying/lay-boards"
import { boundsOf } from "../../../core/shell/polygon"
import { useJobStore } from "../../job/job-store"
import { Button } from "../../primitives/button"
import { FigureTable } from "../../primitives/figure-table"
import { useWriting } from "../../writing/writing"
import { numbersWords } from "./plan-words"

/** So many rows stand there at first. */
const FIRST = 14

/** Pieces of one size on one face. */
interface PieceRow {
  numbers: number[]
  face: SheetPlan["layers"][number]["face"]
  faceName: string
  nth: number
  length: number
  width: number
  notes: string[]
}

/** The pieces of a stuff, those of one size and note on one face together. */
function pieceRows(plan: SheetPlan, found: StuffPlan): PieceRow[] {
  const rows = new Map<string, PieceRow>()
  const reused = new Map(
    found.sheets.flatMap(({ from, pieces }) => (from === null ? [] : pieces.map(({ number }) => [number, from] as const))),
  )
  const paired = new Map(found.sheets.flatMap(({ pieces }) => pieces.map(({ number, paired: other }) => [number, other] as const)))
  for (const { stuff, face, faceName, nth, pieces } of plan.layers) {
    if (stuff !== found.stuff) continue
    for (const piece of pieces) {
      const notes = notesOf(piece, reused.get(piece.number), paired.get(piece.number) ?? null)
      const key = JSON.stringify([face, nth, Math.round(piece.length * 1e4), Math.round(piece.width * 1e4), notes])
      const known = rows.get(key)
      if (known) known.numbers.push(piece.number)
      else rows.set(key, { numbers: [piece.number], face, faceName, nth, length: piece.length, width: piece.width, notes })
    }
  }
  return [...rows.values()]
}

function notesOf(piece: NumberedPiece, from: number | undefined, paired: number | null): string[] {
  const { left, right, low, high } = boundsOf(piece.rings[0]!)
  const shaped = areaOf(piece.rings) < (right - left) * (high - low) - 1e-5
  return [
    ...(paired !== null ? [`one slanted cut parts it from piece ${paired}`] : shaped ? ["not a plain rectangle: see the drawing"] : []),
    ...(piece.sliver ? ["narrow"] : []),
    ...(from === undefined ? [] : [from === 0 ? "from an offcut on hand" : `from the opening in piece ${from}`]),
  ]
}

/** Which piece goes where, and how large it is. */
export function PieceList({ plan, found, paper = false }: { plan: SheetPlan; found: StuffPlan; paper?: boolean }) {
  const { figure, unit } = useWriting()
  const store = useJobStore()
  const [every, setAll] = useState(false)
  const all = every || paper
  const rows = pieceRows(plan, found)
  const several = rows.some(({ nth }) => nth > 0)
  return (
    <section aria-label="Pieces" className="grid gap-1">
      <FigureTable
        caption="Pieces, where they go, and their size along and across the sheet"
        heads={["piece", "goes to", `size, ${unit("length")}`, "note"]}
        words={[0, 1, 3]}
        rows={rows.slice(0, all ? undefined : FIRST).map((row) => ({
          key: `${row.face} ${row.numbers[0]}`,
          look: "align-top",
          cells: [
            numbersWords(row.numbers),
            <Button key="face" look="link" onClick={() => store.choose({ face: row.face, boards: { stuff: found.stuff, nth: row.nth } })}>
              {row.faceName.toLowerCase()}
              {several ? `, layer ${row.nth + 1}` : ""}
            </Button>,
            `${figure("length", row.length)} × ${figure("length", row.width)}`,
            row.notes.join("; "),
          ],
        }))}
      />
      {rows.length > FIRST && !all ? (
        <div>
          <Button onClick={() => setAll(true)}>List {rows.length - FIRST} more</Button>
        </div>
      ) : null}
    </section>
  )
}
