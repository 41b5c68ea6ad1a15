"use client"
import { useState } from "react"
import { boxProfile } from "../../core/shell/floor-boxes"
import type { Job } from "../../schema/job/job"
import type { FaceId } from "../../schema/job/shell"
import { useJob } from "../job/job-store"
import { useLedger } from "../job/use-ledger"
import type { Drawing } from "../../core/takeoff/drawing"
import { Button } from "../primitives/button"
import { DRAWING_UNITS, dxfOf, svgOf } from "../primitives/drawing-file"
import { choicesOf, SelectField } from "../primitives/fields"
import { saveFile } from "../primitives/save-file"
import { useSheets, useSheetsMade } from "../stations/sheets/use-sheets"
import { useGo } from "../stations/use-go"
import { useWriting } from "../writing/writing"
import { JobSheet } from "./job-sheet"
import { SheetsOnPaper } from "./sheets-on-paper"
import { MARGIN, type PaperId, PAPERS } from "./paper-size"
import { faceTemplate, Template, type TemplateDrawing } from "./template"

/** What can be put on paper: the job as a sheet, what is to be bought, how a stuff is cut, or a face or a wheel box as a template at full size. */
type Printed =
  { kind: "sheet" } | { kind: "shopping" } | { kind: "cut"; id: string } | { kind: "face"; id: FaceId } | { kind: "box"; id: string }

const PAPER_NAMES: Record<PaperId, string> = { a4: PAPERS.a4.name, letter: PAPERS.letter.name }

/** The job as it is printed, or saved as a PDF, from the browser: black on white, to the size of the paper. */
export function Paper() {
  const job = useJob()
  const ledger = useLedger()
  const go = useGo()
  const { units, length } = useWriting()
  const sheets = useSheets()
  const [id, setId] = useState<PaperId>(units === "metric" ? "a4" : "letter")
  const [printed, setPrinted] = useState<Printed>({ kind: "sheet" })
  const paper = PAPERS[id]
  const cut = printed.kind === "cut" ? (sheets.boarding.stuffs.find(({ key }) => key === printed.id) ?? null) : null
  const made = useSheetsMade(sheets, cut)
  const waiting =
    printed.kind === "sheet" ? ledger.awaited.length > 0 : printed.kind === "cut" ? !made : printed.kind === "shopping" && !sheets.fresh
  const choices = [
    { value: "sheet", name: "job sheet" },
    { value: "shopping", name: "shopping list" },
    ...sheets.boarding.stuffs.map(({ key, name, thickness }) => ({
      value: `cut ${key}`,
      name: `cutting drawing: ${name}, ${length(thickness)}`,
    })),
    ...ledger.surfaces
      .filter(({ box }) => box === null)
      .map(({ id: face, name }) => ({ value: `face ${face}`, name: `template at full size: ${name}` })),
    ...Object.entries(job.shell.boxes).map(([box, { name }]) => ({ value: `box ${box}`, name: `template at full size: ${name}` })),
  ]
  const choose = (value: string) => {
    const [kind, ...of] = value.split(" ") as [Printed["kind"], ...string[]]
    setPrinted({ kind, id: of.join(" ") } as Printed)
  }
  const drawing = drawingOf(printed, job, ledger.surfaces)
  return (
    <div className="h-dvh overflow-y-auto bg-felt print:h-auto print:overflow-visible">
      <style>{`@page { size: ${paper.page}; margin: ${MARGIN}mm }`}</style>
      <header className="sticky top-0 z-10 flex flex-wrap items-end gap-x-4 gap-y-2 border-b border-ink bg-sheet px-4 py-3 print:hidden">
        <Button onClick={() => go("build-ups")}>Back to the bench</Button>
        <div className="w-80 max-w-full">
          <SelectField
            label="On paper"
            value={"id" in printed && printed.id !== "" ? `${printed.kind} ${printed.id}` : printed.kind}
            options={choices}
            onChange={choose}
          />
        </div>
        <div className="w-28">
          <SelectField label="Paper" value={id} options={choicesOf(PAPER_NAMES)} onChange={setId} />
        </div>
        <Button look="strong" className="h-8" disabled={waiting} onClick={() => window.print()}>
          Print, or save as PDF
        </Button>
        {drawing ? <SaveTemplate drawing={drawing} /> : null}
        <p role="status" className="basis-full text-dense text-graphite">
          {waiting
            ? printed.kind === "sheet"
              ? "Bridges are still being calculated; the figures are not final yet."
              : "Boards are still being laid and cut."
            : drawing
              ? "Print at 100 %, without fitting to the page: then measure the bar on the first sheet."
              : "Your browser’s print window saves a PDF as well."}
        </p>
      </header>
      <div className="paper mx-auto my-6 w-fit print:m-0">
        {drawing ? (
          <Template drawing={drawing} paper={paper} />
        ) : printed.kind === "sheet" ? (
          <JobSheet paper={paper} />
        ) : (
          <SheetsOnPaper paper={paper} sheets={sheets} stuff={cut} />
        )}
      </div>
    </div>
  )
}

/** The template for other programs and machines. */
function SaveTemplate({ drawing }: { drawing: TemplateDrawing }) {
  const { units } = useWriting()
  const { name: job } = useJob()
  const { name, outline, holes, sticks } = drawing
  const title = `${job}, ${name}`
  const told: Drawing = {
    name: title,
    outlines: [
      { layer: "OUTLINE", points: outline },
      ...holes.map((points) => ({ layer: "OPENING" as const, points })),
      ...sticks.map((points) => ({ layer: "MEMBER" as const, points })),
    ],
    words: [],
  }
  return (
    <>
      <Button onClick={() => void saveFile(title, "dxf", () => dxfOf(told, DRAWING_UNITS[units]))}>Save as DXF</Button>
      <Button onClick={() => void saveFile(title, "svg", () => svgOf(told))}>Save as SVG</Button>
    </>
  )
}

function drawingOf(printed: Printed, { shell }: Job, surfaces: ReturnType<typeof useLedger>["surfaces"]): TemplateDrawing | null {
  if (printed.kind !== "face" && printed.kind !== "box") return null
  if (printed.kind === "face") {
    const figures = surfaces.find(({ id }) => id === printed.id)
    return figures ? faceTemplate(figures, shell) : null
  }
  const box = shell.boxes[printed.id]
  return box ? { name: box.name, outline: boxProfile(box), holes: [], sticks: [] } : null
}
