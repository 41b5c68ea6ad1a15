"use client"
import { memo } from "react"
import type { SurfaceFigures } from "../../core/enclosure/surface-figures"
import { membersOf } from "../../core/assembly/build-up"
import { type Place, place } from "../../core/enclosure/place"
import { boxOutlinesOn } from "../../core/shell/floor-boxes"
import type { Face, Point } from "../../core/shell/face"
import { framingOn } from "../../core/shell/framing"
import { notchOutline } from "../../core/shell/notch"
import type { FaceId, Shell } from "../../schema/job/shell"
import { DampMark } from "../primitives/damp-ring"
import { type EdgeMark, boxOf, MARK_SIZE } from "./edge-marks"
import { type FaceWords, lettering, SECOND_LINE } from "./lettering"
import { hatch } from "./hatches"
import { WET_COLOUR } from "../overlays/cold-lines"
import type { Paint, Wet } from "../overlays/overlay"
import { useWriting } from "../writing/writing"
import { outlineOn, pathText, pointsText, rectangleOn, type View } from "./pelt-view"

interface Drawing {
  figures: SurfaceFigures
  shell: Shell
  paint: Paint
  lengths: boolean
  view: View
  hatches: string
  chosen: boolean
  onChoose: (face: FaceId) => void
}

/** One face of the pelt as a button: its outline, members, openings and words. */
export const FaceDrawing = memo(function FaceDrawing({ figures, shell, paint, lengths, view, hatches, chosen, onChoose }: Drawing) {
  const { write } = useWriting()
  const { face, name } = figures
  const outline = outlineOn(face, face.outline, view)
  const holes = figures.openings.map(({ id, opening }) => ({ id, opening, corners: rectangleOn(face, opening, view) }))
  const boxes = boxOutlinesOn(face, shell).map((box) => outlineOn(face, box, view))
  const taken = [...holes.map(({ corners }) => boxOf(corners)), ...boxes.map(boxOf)]
  const { words, marks } = lettering(figures, paint, view, taken, lengths ? (length) => write("length", length) : null)
  const notches = Object.values(shell.notches).filter((notch) => notch.face === face.id)
  return (
    <g
      role="button"
      tabIndex={0}
      aria-pressed={chosen}
      aria-label={`${name}, ${paint.figure ? `${paint.figure}, ` : ""}${paint.words}`}
      data-face={figures.id}
      className="group cursor-pointer"
      onClick={() => onChoose(figures.id)}
      onKeyDown={(event) => {
        if (event.key !== "Enter" && event.key !== " ") return
        event.preventDefault()
        onChoose(figures.id)
      }}
    >
      <polygon points={pointsText(outline)} fill={paint.fill ?? "var(--sheet)"} />
      {paint.hatch ? <polygon points={pointsText(outline)} fill={hatch(hatches, paint.hatch)} /> : null}
      <Members figures={figures} shell={shell} view={view} cold={paint.cold?.places} />
      {notches.map((notch, i) => (
        <polygon
          key={i}
          points={pointsText(outlineOn(face, notchOutline(face, notch), view))}
          fill="var(--felt)"
          stroke="var(--ink)"
          strokeWidth={1}
        />
      ))}
      {boxes.map((corners, i) => (
        <polygon key={i} points={pointsText(corners)} fill="var(--felt)" stroke="var(--ink)" strokeWidth={1} strokeDasharray="5 2.5" />
      ))}
      {holes.map(({ id, opening, corners }) => {
        const wet = paint.cold?.places.get(place.threshold(id)) ?? paint.cold?.places.get(place.jamb(id))
        return (
          <g key={id} data-opening={id}>
            <polygon
              points={pointsText(corners)}
              fill="var(--felt)"
              stroke={wet ? WET_COLOUR[wet] : "var(--ink)"}
              strokeWidth={wet ? 5 : 1}
              data-cold={wet}
            />
            <path d={`M${corners[0]!.join(" ")}L${corners[2]!.join(" ")}`} stroke="var(--graphite)" strokeWidth={0.7} />
            <title>{opening.name}</title>
          </g>
        )
      })}
      <Points face={figures.face} shell={shell} view={view} cold={paint.cold?.places} />
      <polygon
        points={pointsText(outline)}
        fill="none"
        stroke={chosen ? "var(--spruce)" : "var(--ink)"}
        strokeWidth={chosen ? 3 : 1.2}
        className="group-focus-visible:stroke-spruce group-focus-visible:[stroke-dasharray:6_3] group-focus-visible:[stroke-width:3px]"
      />
      <ColdSides sides={paint.cold?.sides ?? {}} outline={outline} />
      <Measures marks={marks} />
      <Words words={words} paint={paint} chosen={chosen} />
    </g>
  )
})

function Words({ words, paint, chosen }: { words: FaceWords; paint: Paint; chosen: boolean }) {
  const { title, titleSize, second } = words
  const [x, y] = words.at
  return (
    <g transform={`translate(${x} ${y})`} textAnchor="middle" className="pointer-events-none">
      {paint.mark ? (
        <g transform={`translate(0 ${title === "" ? -8 : -(titleSize + 11.5)})`}>
          <DampMark verdict={paint.mark} />
        </g>
      ) : null}
      <text
        className="on-hatch font-display font-bold"
        fontSize={titleSize}
        fill={chosen && !paint.figure ? "var(--spruce)" : "var(--ink)"}
      >
        {title}
      </text>
      <text className="on-hatch" y={SECOND_LINE} fontSize={12.5} fill="var(--ink)">
        {second}
      </text>
    </g>
  )
}

interface Cold {
  /** Sets along which, or points on which, water or frost gathers. */
  cold: ReadonlyMap<Place, Wet> | undefined
}

/** Members where they stand: each set as one path, however many they are. */
const Members = memo(function Members({ figures, shell, view, cold }: Pick<Drawing, "figures" | "shell" | "view"> & Cold) {
  return membersOf(figures.layers).map(({ id, set }) => {
    const { members, rim } = framingOn(shell, figures.face, set)
    const sticks = members.map(({ outline }) => outlineOn(figures.face, outline, view))
    const around = rim ? [rim.outer, rim.inner].map((outline) => outlineOn(figures.face, outline, view)) : []
    const wet = cold?.get(place.member(figures.id, id))
    return (
      <g key={id} data-members={id} data-cold={wet} fill={wet ? WET_COLOUR[wet] : "var(--member)"} stroke="var(--hatch)" strokeWidth={0.6}>
        {rim ? <path d={pathText(around)} fillRule="evenodd" /> : null}
        <path d={pathText(sticks)} />
      </g>
    )
  })
})

/** What runs through a face, where it does. */
function Points({ face, shell, view, cold }: Pick<Drawing, "shell" | "view"> & Cold & { face: Face }) {
  return Object.entries(shell.penetrations)
    .filter(([, one]) => one.face === face.id)
    .map(([id, { name, x, y }]) => {
      const [at] = outlineOn(face, [[x, y]], view)
      const wet = cold?.get(place.point(id))
      return (
        <path
          key={id}
          d="M0-6L6 0L0 6L-6 0Z"
          transform={`translate(${at!.join(" ")})`}
          fill={wet ? WET_COLOUR[wet] : "var(--sheet)"}
          stroke="var(--ink)"
          data-point={id}
          data-cold={wet}
        >
          <title>{name}</title>
        </path>
      )
    })
}

/** Edges of the shell along which water or frost gathers, heavier than any outline. */
function ColdSides({ sides, outline }: { sides: Record<number, Wet>; outline: readonly Point[] }) {
  return Object.entries(sides).map(([side, wet]) => {
    const [from, to] = [outline[Number(side)]!, outline[(Number(side) + 1) % outline.length]!]
    return (
      <path
        key={side}
        d={`M${from.join(" ")}L${to.join(" ")}`}
        stroke={WET_COLOUR[wet]}
        strokeWidth={6}
        strokeLinecap="round"
        data-cold={wet}
      />
    )
  })
}

/** Lengths along a face's edges. */
function Measures({ marks }: { marks: readonly EdgeMark[] }) {
  return (
    <g fontSize={MARK_SIZE} fill="var(--graphite)" textAnchor="middle" className="pointer-events-none">
      {marks.map(({ id, text, box, upright }) => (
        <text key={id} className="on-hatch" transform={`translate(${box.x} ${box.y}) rotate(${upright ? -90 : 0})`} dy={4}>
          {text}
        </text>
      ))}
    </g>
  )
}
