"use client"
import { inSentence } from "../../core/in-sentence"
import { activeState } from "../../core/enclosure/job-state"
import { ledgerOf } from "../../core/ledger/ledger"
import { place } from "../../core/enclosure/place"
import { type KeyboardEvent, type PointerEvent, useState } from "react"
import { floorOf, type SurfaceFigures } from "../../core/enclosure/surface-figures"
import type { Point } from "../../core/shell/face"
import { boxesOn } from "../../core/shell/floor-boxes"
import { gripsOf } from "../../core/shell/grips"
import { STEPS } from "../../core/shell/snapping"
import type { Edit } from "../../edit/edit"
import { measureOf } from "../../schema/job/form"
import type { Shell } from "../../schema/job/shell"
import { DIMENSIONS } from "../dimensions"
import { useJob, useJobStore, useSelection } from "../job/job-store"
import { isChosen } from "../job/selection"
import { useLedger } from "../job/use-ledger"
import { useDrag } from "../drawings/use-drag"
import { type Held, movedPart } from "./moved-parts"
import { pointsText, rectangleOn, type View } from "./pelt-view"
import { useWriting, type Writing } from "../writing/writing"

/** On a smaller floor the grips would hide the pelt, px; it can be brought nearer. */
const ROOMY = 70

/** Parts of the pelt that the hand or the arrow keys move: openings, boxes on the floor, and the measures of the form. */
export function Handles({ view }: { view: View }) {
  const { write } = useWriting()
  const { shell } = useJob()
  const { length } = useWriting()
  const { surfaces } = useLedger()
  const part = useSelection((state) => state.part)
  const { onHold, refusal } = useHold(view)
  const roomy = Math.min(shell.form.length, shell.form.width) * view.scale > ROOMY
  const grips = roomy
    ? gripsOf(
        shell.form,
        surfaces.map(({ face }) => face),
      )
    : []
  return (
    <g>
      {surfaces.flatMap((figures) =>
        figures.openings.map(({ id, opening }) => (
          <Handle
            key={place.opening(id)}
            name={opening.name}
            words={placeWords(figures, opening, length)}
            outline={rectangleOn(figures.face, opening, view)}
            chosen={isChosen(part, "openings", id)}
            {...onHold({ kind: "opening", id })}
          />
        )),
      )}
      {surfaces
        .flatMap((figures) => (figures.region.own && figures.box === null ? zoneHandles(figures, view) : []))
        .map(({ kind, id, name, words, outline }) => (
          <Handle
            key={`${kind} ${id}`}
            name={name}
            words={words(length)}
            outline={outline}
            chosen={isChosen(part, "zones", id)}
            {...onHold({ kind, id })}
          />
        ))}
      {boxHandles(surfaces, shell, view).map(({ id, name, x, outline }) => (
        <Handle
          key={id}
          name={name}
          words={`${write("length", x)} from the back`}
          outline={outline}
          chosen={isChosen(part, "boxes", id)}
          {...onHold({ kind: "box", id })}
        />
      ))}
      {grips.map(({ dimension, at, way }) => {
        const [x, y] = view.at(at)
        const label = DIMENSIONS[shell.form.kind].find((one) => one.dimension === dimension)!.label
        return (
          <g
            key={dimension}
            role="slider"
            tabIndex={0}
            aria-label={`${label}, on the pelt`}
            aria-valuemin={50}
            aria-valuemax={200_000}
            aria-valuenow={Math.round(measureOf(shell.form, dimension)! * 1000)}
            aria-valuetext={write("length", measureOf(shell.form, dimension)!)}
            data-grip={dimension}
            transform={`translate(${x} ${y}) rotate(${way[0] !== 0 ? 90 : 0})`}
            className={`group touch-none ${way[0] !== 0 ? "cursor-ew-resize" : "cursor-ns-resize"}`}
            {...onHold({ kind: "measure", dimension })}
          >
            <rect x={-17} y={-12} width={34} height={24} fill="transparent" />
            <rect
              x={-13}
              y={-4}
              width={26}
              height={8}
              rx={3}
              fill="var(--sheet)"
              stroke="var(--spruce)"
              strokeWidth={1.4}
              className="group-focus-visible:fill-chosen group-focus-visible:[stroke-width:3px]"
            />
            <path d="M-7 -1.2h14M-7 1.2h14" stroke="var(--spruce)" strokeWidth={0.9} />
          </g>
        )
      })}
      {refusal ? (
        <foreignObject x={8} y={4} width={420} height={60}>
          <p role="alert" className="inline-block rounded-soft border border-clay bg-sheet px-2 py-1 text-dense text-clay">
            {refusal}
          </p>
        </foreignObject>
      ) : null}
    </g>
  )
}

interface HandleProps {
  name: string
  words: string
  outline: Point[]
  chosen: boolean
  onPointerDown: (event: PointerEvent<SVGGElement>) => void
}

function Handle({ name, words, outline, chosen, ...events }: HandleProps) {
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={`${name}, ${words}`}
      aria-pressed={chosen}
      className="group cursor-move touch-none"
      {...events}
    >
      <polygon
        points={pointsText(outline)}
        fill="transparent"
        stroke={chosen ? "var(--spruce)" : "transparent"}
        strokeWidth={2.6}
        className="group-hover:stroke-spruce group-focus-visible:stroke-spruce group-focus-visible:[stroke-dasharray:6_3]"
      />
    </g>
  )
}

/** How large the corner is that a zone is made larger by, px. */
const GRIP = 14

/** A zone is moved by itself, and made larger by its upper right corner. */
function zoneHandles(figures: SurfaceFigures, view: View) {
  const { id, name, face } = figures
  const own = figures.region.own!
  const size = Math.min(GRIP / view.scale, own.width / 2, own.height / 2)
  const corner = { x: own.x + own.width - size, y: own.y + own.height - size, width: size, height: size }
  return [
    {
      kind: "zone",
      id,
      name,
      words: (length: Writing["length"]) => placeWords(figures, own, length),
      outline: rectangleOn(face, own, view),
    },
    {
      kind: "corner",
      id,
      name: `Corner of ${inSentence(name)}`,
      words: (length: Writing["length"]) => `${length(own.width)} × ${length(own.height)}`,
      outline: rectangleOn(face, corner, view),
    },
  ] as const
}

/** Boxes are taken hold of on the floor, where they stand. */
function boxHandles(surfaces: readonly SurfaceFigures[], shell: Shell, view: View) {
  const floor = floorOf(surfaces).face
  const places = boxesOn(floor, shell)
  return Object.entries(shell.boxes).map(([id, { name, x }], i) => ({ id, name, x, outline: rectangleOn(floor, places[i]!, view) }))
}

function placeWords({ name }: SurfaceFigures, { x, y }: { x: number; y: number }, length: Writing["length"]): string {
  return `${inSentence(name)}, ${length(x)} from the left, ${length(y)} up`
}

const LISTS = { opening: "openings", box: "boxes", zone: "zones", corner: "zones" } as const

const WAYS: Record<string, Point> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }

/** The hand and the arrow keys: what moves shows at once and becomes one edit when it is let go. */
function useHold(view: View) {
  const store = useJobStore()
  const [refusal, setRefusal] = useState<string | null>(null)
  const editFor = (held: Held, moved: Point, free: boolean): Edit | null => {
    const { document } = store.document.getState().history
    return movedPart(document, ledgerOf(activeState(document)).surfaces, held, moved, view.scale, free)
  }
  const commit = (edit: Edit | null) => setRefusal(edit ? (store.edit(edit)?.message ?? null) : null)
  const choose = (held: Held) => {
    if (held.kind === "measure") return
    const part = { list: LISTS[held.kind], id: held.id } as const
    const { openings } = store.document.getState().history.document.shell
    const face = held.kind === "opening" ? openings[held.id]!.face : held.kind === "box" ? null : held.id
    store.choose({ part, ...(face !== null && { face, layer: null }) })
  }
  const { handlers } = useDrag<Held>({
    onMove: (held, moved, free) => store.show(editFor(held, moved, free)),
    onDrop: (held, moved, free) => {
      choose(held)
      commit(editFor(held, moved, free))
    },
    onTap: choose,
    onCancel: () => store.show(null),
  })
  const onHold = (held: Held) => ({
    ...handlers(held),
    onKeyDown: (event: KeyboardEvent<SVGGElement>) => {
      const way = WAYS[event.key]
      if (event.key === "Enter" || event.key === " ") choose(held)
      else if (!way) return
      event.preventDefault()
      event.stopPropagation()
      // A whole step of the hand, from wherever it stands: no line holds it back.
      const step = STEPS[store.document.getState().history.document.units].hand * view.scale
      if (way) commit(editFor(held, [way[0] * step, way[1] * step], true))
    },
  })
  return { onHold, refusal }
}
