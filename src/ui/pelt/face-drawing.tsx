"use client"
import { memo } from "react"
import type { FaceFigures } from "../../core/ledger/face-figures"
import { printWithUnit } from "../../core/quantity/measure"
import type { UnitSystem } from "../../core/quantity/unit-system"
import { type Face, onPelt, type Point } from "../../core/shell/face"
import { boxOutlinesOn } from "../../core/shell/floor-boxes"
import { framingOn } from "../../core/shell/framing"
import { notchOutline } from "../../core/shell/notch"
import { type Box, labelPlace } from "../../core/shell/pelt-layout"
import { boundsOf } from "../../core/shell/polygon"
import type { FaceId, Shell } from "../../schema/job/shell"
import { DampMark } from "../primitives/damp-ring"
import { hatch } from "./hatches"
import type { FaceInk } from "./ink"
import { outlineOn, pathText, pointsText, rectangleOn, type View } from "./pelt-view"

interface Drawing {
  figures: FaceFigures
  shell: Shell
  ink: FaceInk
  measures: boolean
  system: UnitSystem
  view: View
  hatches: string
  chosen: boolean
  onChoose: (face: FaceId) => void
}

/** One face of the pelt as a button: its outline, members, openings and words. */
export const FaceDrawing = memo(function FaceDrawing({ figures, shell, ink, measures, system, view, hatches, chosen, onChoose }: Drawing) {
  const { face, name } = figures
  const outline = outlineOn(face, face.outline, view)
  const holes = figures.openings.map(({ id, opening }) => ({ id, opening, corners: rectangleOn(face, opening, view) }))
  const boxes = boxOutlinesOn(face, shell).map((box) => outlineOn(face, box, view))
  const notches = Object.values(shell.notches).filter((notch) => notch.face === face.id)
  return (
    <g
      role="button"
      tabIndex={0}
      aria-pressed={chosen}
      aria-label={`${name}, ${ink.figure ? `${ink.figure}, ` : ""}${ink.words}`}
      data-face={figures.id}
      className="group cursor-pointer"
      onClick={() => onChoose(figures.id)}
      onKeyDown={(event) => {
        if (event.key !== "Enter" && event.key !== " ") return
        event.preventDefault()
        onChoose(figures.id)
      }}
    >
      <polygon points={pointsText(outline)} fill={ink.fill ?? "var(--sheet)"} />
      {ink.hatch ? <polygon points={pointsText(outline)} fill={hatch(hatches, ink.hatch)} /> : null}
      <Members figures={figures} shell={shell} view={view} />
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
      {holes.map(({ id, opening, corners }) => (
        <g key={id} data-opening={id}>
          <polygon points={pointsText(corners)} fill="var(--felt)" stroke="var(--ink)" strokeWidth={1} />
          <path d={`M${corners[0]!.join(" ")}L${corners[2]!.join(" ")}`} stroke="var(--graphite)" strokeWidth={0.7} />
          <title>{opening.name}</title>
        </g>
      ))}
      <polygon
        points={pointsText(outline)}
        fill="none"
        stroke={chosen ? "var(--spruce)" : "var(--ink)"}
        strokeWidth={chosen ? 3 : 1.2}
        className="group-focus-visible:stroke-spruce group-focus-visible:[stroke-dasharray:6_3] group-focus-visible:[stroke-width:3px]"
      />
      {measures ? <Measures within={boxOf(outline)} face={face} view={view} system={system} /> : null}
      <Words
        name={name}
        ink={ink}
        within={boxOf(outline)}
        taken={[...holes.map((hole) => boxOf(hole.corners)), ...boxes.map(boxOf)]}
        chosen={chosen}
      />
    </g>
  )
})

/** The words of a face, beside its openings; what does not fit a small face is left to the pane beside and to its spoken name. */
function Words({ name, ink, within, taken, chosen }: { name: string; ink: FaceInk; within: Box; taken: Box[]; chosen: boolean }) {
  const titled = ink.figure ?? name
  const roomy = [ink.figure ? `${name} · ${ink.words}` : ink.words, ink.words].find((words) => words.length * 5.9 < within.width)
  const second = within.height < 40 ? undefined : roomy
  const titleSize = Math.min(ink.figure ? 20 : 14.5, (within.width / titled.length) * 1.7)
  const [x, y] = labelPlace(within, taken, labelSize(titled, second ?? "", ink))
  return (
    <g transform={`translate(${x} ${y})`} textAnchor="middle" className="pointer-events-none">
      {ink.mark ? (
        <g transform="translate(0 -26)">
          <DampMark verdict={ink.mark} />
        </g>
      ) : null}
      <text className="on-hatch font-display font-bold" fontSize={titleSize} fill={chosen && !ink.figure ? "var(--spruce)" : "var(--ink)"}>
        {titled}
      </text>
      <text className="on-hatch" y={17} fontSize={12.5} fill="var(--ink)">
        {second}
      </text>
    </g>
  )
}

/** Members where they stand: each set as one path, however many they are. */
const Members = memo(function Members({ figures, shell, view }: Pick<Drawing, "figures" | "shell" | "view">) {
  const sets = new Map(figures.layers.flatMap(({ layer, set }) => (set && layer.between ? [[layer.between, set] as const] : [])))
  return [...sets].map(([id, set]) => {
    const { members, rim } = framingOn(shell, figures.face, set)
    const sticks = members.map(({ outline }) => outlineOn(figures.face, outline, view))
    const around = rim ? [rim.outer, rim.inner].map((outline) => outlineOn(figures.face, outline, view)) : []
    return (
      <g key={id} data-members={id} fill="var(--member)" stroke="var(--hatch)" strokeWidth={0.6}>
        {rim ? <path d={pathText(around)} fillRule="evenodd" /> : null}
        <path d={pathText(sticks)} />
      </g>
    )
  })
})

interface MeasuresProps {
  face: Face
  within: Box
  view: View
  system: UnitSystem
}

/** Measures along a face's edges; an edge that two faces share is measured once, on the one nearer to the floor. */
function Measures({ face, within, view, system }: MeasuresProps) {
  const width = face.outline[1]![0]
  const height = face.outline.at(-1)![1]
  // They stand just inside the edges that they belong to.
  const inward = ([x, y]: Point): Point => {
    const [dx, dy] = [within.x - x, within.y - y]
    const distance = Math.hypot(dx, dy) || 1
    return [x + (dx * 12) / distance, y + (dy * 12) / distance]
  }
  const edges = [
    ...(face.id === "floor" ? [{ middle: [width / 2, 0] as Point, along: face.place.u, length: width }] : []),
    {
      middle: [face.outline.at(-1)![0] / 2, height / 2] as Point,
      along: face.place.v,
      length: Math.hypot(face.outline.at(-1)![0], height),
    },
  ]
  return (
    <g fontSize={11.5} fill="var(--graphite)" textAnchor="middle" className="pointer-events-none">
      {edges.map(({ middle, along, length }, i) => {
        const [x, y] = inward(view.at(onPelt(face.place, middle)))
        return (
          <text key={i} className="on-hatch" transform={`translate(${x} ${y}) rotate(${Math.abs(along[0]) > 0.5 ? 0 : -90})`} dy={4}>
            {printWithUnit("length", length, system)}
          </text>
        )
      })}
    </g>
  )
}

function boxOf(outline: readonly Point[]): Box {
  const { left, right, low, high } = boundsOf(outline)
  return { x: (left + right) / 2, y: (low + high) / 2, width: right - left, height: high - low }
}

/** Letters are about 0.55 of their size wide; near enough to keep a label off an opening. */
function labelSize(title: string, second: string, ink: FaceInk): { width: number; height: number } {
  return { width: Math.max(title.length * (ink.figure ? 11 : 8), second.length * 6.1), height: ink.mark ? 72 : 44 }
}
