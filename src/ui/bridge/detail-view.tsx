"use client"
import type { ReactNode } from "react"
import type { Detail, DetailFigures } from "../../core/conduction/detail"
import { coldSurface } from "../../core/moisture/cold-surface"
import type { SurfaceFigures } from "../../core/enclosure/surface-figures"
import { useLedger } from "../job/use-ledger"
import { later } from "../primitives/later"
import { Remark } from "../primitives/remark"
import { SolveButton } from "./solve-button"
import { usePicture } from "./use-picture"
import { useWriting } from "../writing/writing"

/** Drawn on demand only, so it comes on demand. */
const TemperaturePicture = later(() => import("./temperature-picture").then((module) => module.TemperaturePicture))

interface Props {
  /** Words of the button that begins. */
  action: string
  face: SurfaceFigures
  detail: Detail
  testId: string
  /** What the picture shows. */
  label: string
  /** What is left out of it. */
  left: string
  /** What a metre costs, in words. */
  cost: (solved: DetailFigures) => ReactNode
  /** What can be done once it is solved. */
  children?: ReactNode
}

/** A detail before, while and after its picture is calculated: temperatures, what it costs, how cold it gets. */
export function DetailView({ action, detail, children, ...words }: Props) {
  const { write } = useWriting()
  const { figures: solved, picture, ...solving } = usePicture(detail)
  const ledger = useLedger()
  if (!picture || !solved) return <SolveButton {...solving} action={action} />
  const surface = coldSurface(words.face, solved, ledger)
  const degrees = (value: number) => write("temperature", value)
  const indoors = surface.side === "inside"
  return (
    <>
      <div className="grid gap-1 text-dense" data-testid={words.testId}>
        <TemperaturePicture detail={detail} picture={picture} surface={surface} coldestAt={solved.coldestAt} label={words.label} />
        <p>{words.cost(solved)}</p>
        <p>
          {indoors ? "In the worst night the inside face" : "On the worst afternoon the outside face"} comes down to{" "}
          {degrees(surface.temperature)}
          {indoors ? ", at the dot" : ""} (how warm that stays, 0 to 1: fRsi {solved.coldestInside.toFixed(2)})
          {surface.dewPoint === null ? "" : `; the air before it sweats below ${degrees(surface.dewPoint)}`}.
        </p>
        {surface.wet ? (
          <Remark kind="damp">
            The {surface.side} face {surface.wet === "frost" ? "freezes" : "sweats"} along it: a break across it
            {indoors ? ", or a warmer inside face," : ""} keeps it dry.
          </Remark>
        ) : null}
        <p className="text-graphite">
          ISO 10211; {words.left} {solved.notes.map(({ text }) => text).join(" ")}
        </p>
      </div>
      {children}
    </>
  )
}
