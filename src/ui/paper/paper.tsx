"use client"
import { useState } from "react"
import { boxProfile } from "../../core/shell/floor-boxes"
import type { Job } from "../../schema/job/job"
import type { FaceId } from "../../schema/job/shell"
import { useJob } from "../job/job-store"
import { useLedger } from "../job/use-ledger"
import { Button } from "../primitives/button"
import { choicesOf, SelectField } from "../primitives/fields"
import { useGo } from "../stations/use-go"
import { useWriting } from "../writing/writing"
import { JobSheet } from "./job-sheet"
import { MARGIN, type PaperId, PAPERS } from "./paper-size"
import { faceTemplate, Template, type TemplateDrawing } from "./template"

/** What can be put on paper: the job as a sheet, or a face or a wheel box as a template at full size. */
type Printed = { kind: "sheet" } | { kind: "face"; id: FaceId } | { kind: "box"; id: string }

const PAPER_NAMES: Record<PaperId, string> = { a4: PAPERS.a4.name, letter: PAPERS.letter.name }

/** The job as it is printed, or saved as a PDF, from the browser: black on white, to the size of the paper. */
export function Paper() {
  const job = useJob()
  const ledger = useLedger()
  const go = useGo()
  const { units } = useWriting()
  const [id, setId] = useState<PaperId>(units === "metric" ? "a4" : "letter")
  const [printed, setPrinted] = useState<Printed>({ kind: "sheet" })
  const paper = PAPERS[id]
  const waiting = ledger.awaited.length > 0
  const choices = [
    { value: "sheet", name: "job sheet" },
    ...ledger.surfaces.map(({ id: face, name }) => ({ value: `face ${face}`, name: `template at full size: ${name}` })),
    ...Object.entries(job.shell.boxes).map(([box, { name }]) => ({ value: `box ${box}`, name: `template at full size: ${name}` })),
  ]
  const choose = (value: string) => {
    const [kind, of] = value.split(" ") as ["sheet" | "face" | "box", string]
    setPrinted(kind === "sheet" ? { kind } : ({ kind, id: of } as Printed))
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
            value={printed.kind === "sheet" ? "sheet" : `${printed.kind} ${printed.id}`}
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
        <p role="status" className="basis-full text-dense text-graphite">
          {waiting
            ? "Bridges are still being calculated; the figures are not final yet."
            : drawing
              ? "Print at 100 %, without fitting to the page: then measure the bar on the first sheet."
              : "Your browser’s print window saves a PDF as well."}
        </p>
      </header>
      <div className="paper mx-auto my-6 w-fit print:m-0">
        {drawing ? <Template drawing={drawing} paper={paper} /> : <JobSheet paper={paper} />}
      </div>
    </div>
  )
}

function drawingOf(printed: Printed, { shell }: Job, surfaces: ReturnType<typeof useLedger>["surfaces"]): TemplateDrawing | null {
  if (printed.kind === "sheet") return null
  if (printed.kind === "face") {
    const figures = surfaces.find(({ id }) => id === printed.id)
    return figures ? faceTemplate(figures, shell) : null
  }
  const box = shell.boxes[printed.id]
  return box ? { name: box.name, outline: boxProfile(box), holes: [], sticks: [] } : null
}
