"use client"
import { memo } from "react"
import type { SurfaceFigures } from "../../core/enclosure/surface-figures"
import { membersOf } from "../../core/assembly/build-up"
import { type Place, place } from "../../core/enclosure/place"
import { boxOutlinesOn } from "../../core/shell/floor-boxes"
import type { Face, Point } from "../../core/shell/face"
import { framingOn } from "../../core/shell/framing"
import { clipConvex, rectangleCorners } from "../../core/shell/polygon"
import { isWithin } from "../../core/shell/zones"
import { notchOutline } from "../../core/shell/notch"
import type { SurfaceId } from "../../core/enclosure/surface"
import type { Shell } from "../../schema/job/shell"
import { DampMark } from "../primitives/damp-ring"
import { type EdgeMark, boxOf, MARK_SIZE } from "./edge-marks"
import { type FaceWords, lettering, SECOND_LINE } from "./lettering"
import { faceButton } from "./face-button"
import { hatch } from "./hatches"
import { WET_COLOUR } from "../overlays/cold-lines"
import type { ColdLine, Paint, Wet } from "../overlays/overlay"
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
  onChoose: (surface: SurfaceId) => void
}

/** One face of the pelt as a button: its outline, members, openings and words. */
export const FaceDrawing = memo(function FaceDrawing({ figures, shell, paint, lengths, view, hatches, chosen, onChoose }: Drawing) {
  const { write } = useWriting()
  const { face, name, region, zone } = figures
  const isZone = zone !== null
  const outline = outlineOn(face, region.outline, view)
  const holes = figures.openings.map(({ id, opening }) => ({ id, opening, corners: rectangleOn(face, opening, view) }))
  // Openings that a zone covers in part are seen through it.
  const through = isZone ? openingsThrough(figures, shell).map((corners) => outlineOn(face, corners, view)) : []
  const boxes = isZone ? [] : boxOutlinesOn(face, shell).map((box) => outlineOn(face, box, view))
  const zones = region.over.map((other) => rectangleOn(face, other, view))
  const taken = [...holes.map(({ corners }) => corners), ...through, ...boxes, ...zones].map(boxOf)
  const drawn = { face: { ...face, outline: region.outline }, name: zone ?? name }
  const { words, marks } = lettering(drawn, paint, view, taken, lengths && !isZone ? (length) => write("length", length) : null)
  const notches = isZone ? [] : Object.values(shell.notches).filter((notch) => notch.face === face.id)
  return (
    <g {...faceButton(figures, paint, chosen, onChoose)}>
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
      {through.map((corners, i) => (
        <polygon key={i} points={pointsText(corners)} fill="var(--felt)" stroke="var(--ink)" strokeWidth={1} />
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
      <Points figures={figures} shell={shell} view={view} cold={paint.cold?.places} />
      <polygon
        points={pointsText(outline)}
        fill="none"
        stroke={chosen ? "var(--spruce)" : "var(--ink)"}
        strokeWidth={chosen ? 3 : 1.2}
        strokeDasharray={isZone ? "9 3" : undefined}
        className="group-focus-visible:stroke-spruce group-focus-visible:[stroke-dasharray:6_3] group-focus-visible:[stroke-width:3px]"
      />
      <ColdLines lines={paint.cold?.lines ?? []} face={face} view={view} />
      <Measures marks={marks} />
      <Words words={words} paint={paint} chosen={chosen} />
    </g>
  )
})

/** What a zone covers of openings that have their middle elsewhere on the face. */
const openingsThrough = ({ face, region, openings }: SurfaceFigures, shell: Shell): Point[][] =>
  Object.entries(shell.openings).flatMap(([id, opening]) => {
    if (opening.face !== face.id || openings.some((own) => own.id === id)) return []
    const seen = clipConvex(rectangleCorners(opening), region.outline)
    return seen.length > 2 ? [seen] : []
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
    const { members, rim } = framingOn(shell, figures, set)
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
function Points({ figures: { face, region }, shell, view, cold }: Pick<Drawing, "figures" | "shell" | "view"> & Cold) {
  return Object.entries(shell.penetrations)
    .filter(([, one]) => one.face === face.id && isWithin(region, [one.x, one.y]))
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

/** Edges and borders along which water or frost gathers, heavier than any outline. */
function ColdLines({ lines, face, view }: { lines: readonly ColdLine[]; face: Face; view: View }) {
  return lines.map(({ wet, ...line }, i) => {
    const [from, to] = outlineOn(face, [line.from, line.to], view) as [Point, Point]
    return (
      <path
        key={i}
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
