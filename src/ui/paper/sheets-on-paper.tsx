"use client"
import type { ReactNode } from "react"
import type { Stuff } from "../../core/takeoff/boarding"
import type { SheetPlan } from "../../core/takeoff/sheet-plan"
import { inSentence } from "../../core/in-sentence"
import { useJob } from "../job/job-store"
import { FigureTable } from "../primitives/figure-table"
import { CutSheets } from "../stations/sheets/cut-sheets"
import { PieceList } from "../stations/sheets/piece-list"
import { stuffWords } from "../stations/sheets/plan-words"
import { countWords, lineWords, noteWords, SUPPLIERS, useShoppingList } from "../stations/sheets/shopping"
import type { Sheets } from "../stations/sheets/use-sheets"
import { useWriting } from "../writing/writing"
import { MILLIMETRE, type PaperSize, printed } from "./paper-size"

interface Props {
  paper: PaperSize
  sheets: Sheets
  /** The stuff that is cut; null: the shopping list of the whole job. */
  stuff: Stuff | null
}

/** How a stuff is cut, or what is to be bought, on paper. */
export function SheetsOnPaper({ paper, sheets, stuff }: Props) {
  const { length } = useWriting()
  const { boarding, plan } = sheets
  const found = plan?.stuffs.find((one) => one.stuff === stuff?.key)
  // Two sheets beside each other.
  const half = (printed(paper).width / 2 - 3) * MILLIMETRE
  if (!plan) return <OnPaper paper={paper} title="Boards are being laid …" />
  if (!stuff)
    return (
      <OnPaper paper={paper} title="Shopping list">
        <ShoppingTable sheets={{ boarding, plan }} />
      </OnPaper>
    )
  return (
    <OnPaper
      paper={paper}
      title={found ? `${stuffWords(found.bought, stuff)} of ${inSentence(stuff.name)}, ${length(stuff.thickness)}` : stuff.name}
    >
      {found?.fault === null ? (
        <>
          <p>
            A cut takes {length(stuff.kerf)}; {stuff.edgeToEdge ? "all cuts run from edge to edge" : "cuts end where a piece does"}. Sizes
            are along and across the sheet. Measure each face again before you cut.
          </p>
          <CutSheets plan={found} stuff={stuff} paper={half} />
          <PieceList plan={plan} found={found} paper />
        </>
      ) : (
        <p>{found?.fault}</p>
      )}
    </OnPaper>
  )
}

function ShoppingTable({ sheets }: { sheets: { boarding: Sheets["boarding"]; plan: SheetPlan } }) {
  const writing = useWriting()
  const job = useJob()
  const { ticked } = job.variants[job.active]!.buying
  const lines = useShoppingList(sheets)
  return (
    <FigureTable
      caption="What is to be bought"
      heads={["", "how many", "what", "where", "in all"]}
      words={[0, 1, 2, 3]}
      rows={lines.map((line) => ({
        key: line.key,
        look: "align-top break-inside-avoid",
        cells: [
          <span key="box" aria-label={ticked.includes(line.key) ? "bought" : "to buy"}>
            {ticked.includes(line.key) ? "☑" : "☐"}
          </span>,
          countWords(line, writing),
          [lineWords(line, writing), ...noteWords(line, writing)].join("; "),
          SUPPLIERS[line.supplier],
          line.each === null ? "–" : writing.write("money", line.each * line.count),
        ],
      }))}
    />
  )
}

function OnPaper({ paper, title, children }: { paper: PaperSize; title: string; children?: ReactNode }) {
  const { name, variants, active } = useJob()
  return (
    <article
      className="box-content grid gap-3 border border-seam bg-sheet p-[10mm] print:border-0 print:p-0 [@media_screen_and_(width<700px)]:[zoom:0.44]"
      style={{ width: `${printed(paper).width}mm` }}
      data-testid="sheets-on-paper"
    >
      <header className="flex items-baseline justify-between gap-6 border-b-2 border-ink pb-2">
        <h1 className="font-display text-[20px] leading-6 font-bold">{title}</h1>
        <p className="text-right">
          {name}
          <br />
          {variants[active]!.name}
        </p>
      </header>
      {children}
    </article>
  )
}
