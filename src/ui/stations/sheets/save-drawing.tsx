"use client"
import type { Stuff } from "../../../core/takeoff/boarding"
import { cuttingDrawing, sheetName } from "../../../core/takeoff/drawing"
import type { SheetPlan, StuffPlan } from "../../../core/takeoff/sheet-plan"
import { useJob } from "../../job/job-store"
import { Button } from "../../primitives/button"
import { DRAWING_UNITS, dxfOf, svgOf } from "../../primitives/drawing-file"
import { saveFile } from "../../primitives/save-file"
import { useWriting } from "../../writing/writing"

/** The cutting drawing at true size for other programs and machines, and the pieces as a list. */
export function SaveDrawing({ found, stuff, plan }: { found: StuffPlan; stuff: Stuff; plan: SheetPlan }) {
  const { length, units } = useWriting()
  const { name } = useJob()
  if (found.sheets.length === 0) return null
  const unit = DRAWING_UNITS[units]
  const title = `${name}, ${stuff.name} ${length(stuff.thickness)}, cutting drawing`
  const drawing = () => cuttingDrawing(found, title)
  return (
    <div className="flex flex-wrap gap-2">
      <Button onClick={() => void saveFile(title, "dxf", () => dxfOf(drawing(), unit))}>Save as DXF</Button>
      <Button onClick={() => void saveFile(title, "svg", () => svgOf(drawing()))}>Save as SVG</Button>
      <Button onClick={() => void saveFile(`${name}, ${stuff.name}, pieces`, "csv", () => pieceTable(found, plan, unit))}>
        Save the pieces
      </Button>
    </div>
  )
}

/** A line for each piece: its sheet, its size, and where it goes. */
async function pieceTable(found: StuffPlan, plan: SheetPlan, { sign, size }: { sign: string; size: number }): Promise<string> {
  const { unparse } = (await import("papaparse")).default
  const told = (value: number) => Math.round((value / size) * 1e4) / 1e4
  const places = new Map(
    plan.layers
      .filter(({ stuff }) => stuff === found.stuff)
      .flatMap(({ faceName, nth, pieces }) => pieces.map((piece) => [piece.number, { ...piece, faceName, nth }] as const)),
  )
  const rows = found.sheets.flatMap(({ pieces, from }, i) =>
    pieces.map(({ number, x, y }) => {
      const piece = places.get(number)!
      return {
        piece: number,
        sheet: sheetName(i, from),
        [`length, ${sign}`]: told(piece.length),
        [`width, ${sign}`]: told(piece.width),
        [`on the sheet from the left, ${sign}`]: told(x),
        [`on the sheet from below, ${sign}`]: told(y),
        face: piece.faceName,
        layer: piece.nth + 1,
        [`on the face from the left, ${sign}`]: told(piece.cell[0]),
        [`on the face from below, ${sign}`]: told(piece.cell[1]),
      }
    }),
  )
  return unparse(
    rows.sort((a, b) => a.piece - b.piece),
    { escapeFormulae: true },
  )
}
