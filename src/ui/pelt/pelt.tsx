"use client"
import { useId } from "react"
import { memberPositions } from "../../core/assembly/member"
import { printWithUnit } from "../../core/quantity/measure"
import type { FaceFigures } from "../../core/ledger/face-figures"
import { type Face, onPelt, type Point } from "../../core/shell/face"
import { boxesOn } from "../../core/shell/floor-boxes"
import { type Box, labelPlace, peltBounds } from "../../core/shell/pelt-layout"
import type { FaceId } from "../../schema/job/shell"
import { ledgerFor, useJob, useJobStore, useJobView, useLedger } from "../job/job-store"
import { DampMark } from "../primitives/damp-ring"
import { useSize } from "../primitives/use-size"
import { hatch, HatchPatterns } from "./hatches"
import { type FaceInk, type InkName, inkOf } from "./ink"

/** Screen from pelt: to scale, the front to the right, left side up. */
interface View {
  scale: number
  at: (point: Point) => Point
}

/** The shell unfolded to scale; every face is a button that selects it everywhere. */
export function Pelt({ ink }: { ink: InkName }) {
  const [ref, size] = useSize<HTMLDivElement>({ width: 716, height: 560 })
  const job = useJob()
  const ledger = useLedger()
  const chosen = useJobView((view) => view.face)
  const store = useJobStore()
  const name = useId()
  const view = fit(
    ledger.faces.map((figures) => figures.face),
    size,
  )
  // The chosen face is drawn last, so that its outline lies over its neighbours'.
  const ordered = [...ledger.faces].sort((a, b) => Number(a.id === chosen) - Number(b.id === chosen))
  return (
    <div ref={ref} className="relative min-h-0 grow overflow-hidden">
      <svg width={size.width} height={size.height} role="group" aria-label={`The pelt of ${job.name}: its faces folded flat`}>
        <HatchPatterns name={name} />
        {ordered.map((figures) => (
          <FaceDrawing
            key={figures.id}
            figures={figures}
            ink={inkOf(ink, figures, ledgerFor(job), job.units)}
            measures={ink === "measures"}
            system={job.units}
            view={view}
            hatches={name}
            chosen={figures.id === chosen}
            onChoose={(face) => store.choose({ face, layer: null })}
          />
        ))}
        <ScaleBar view={view} size={size} metric={job.units === "metric"} />
      </svg>
    </div>
  )
}

interface Drawing {
  figures: FaceFigures
  ink: FaceInk
  measures: boolean
  system: "metric" | "inch-pound"
  view: View
  hatches: string
  chosen: boolean
  onChoose: (face: FaceId) => void
}

function FaceDrawing({ figures, ink, measures, system, view, hatches, chosen, onChoose }: Drawing) {
  const { face, name } = figures
  const outline = face.outline.map((corner) => view.at(onPelt(face.place, corner)))
  const holes = figures.openings.map(({ id, opening }) => ({ id, opening, corners: corners(face, opening, view) }))
  const within = boxOf(outline)
  const boxes = boxesOn(face, useJob().shell).map((box) => corners(face, box, view))
  const titled = ink.figure ?? name
  // What does not fit a small face is left to the pane beside and to the face's spoken name.
  const roomy = [ink.figure ? `${name} · ${ink.words}` : ink.words, ink.words].find((words) => words.length * 5.9 < within.width)
  const second = within.height < 40 ? undefined : roomy
  const titleSize = Math.min(ink.figure ? 20 : 14.5, (within.width / titled.length) * 1.7)
  const [x, y] = labelPlace(
    within,
    [...holes.map((hole) => boxOf(hole.corners)), ...boxes.map(boxOf)],
    labelSize(titled, second ?? "", ink),
  )
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
      <polygon points={points(outline)} fill={ink.fill ?? "var(--sheet)"} />
      {ink.hatch ? <polygon points={points(outline)} fill={hatch(hatches, ink.hatch)} /> : null}
      <Members figures={figures} view={view} />
      {boxes.map((corners, i) => (
        <polygon key={i} points={points(corners)} fill="var(--felt)" stroke="var(--ink)" strokeWidth={1} strokeDasharray="5 2.5" />
      ))}
      {holes.map(({ id, opening, corners: hole }) => (
        <g key={id} data-opening={id}>
          <polygon points={points(hole)} fill="var(--felt)" stroke="var(--ink)" strokeWidth={1} />
          <path d={`M${hole[0]!.join(" ")}L${hole[2]!.join(" ")}`} stroke="var(--graphite)" strokeWidth={0.7} />
          <title>{opening.name}</title>
        </g>
      ))}
      <polygon
        points={points(outline)}
        fill="none"
        stroke={chosen ? "var(--spruce)" : "var(--ink)"}
        strokeWidth={chosen ? 3 : 1.2}
        className="group-focus-visible:stroke-spruce group-focus-visible:[stroke-dasharray:6_3] group-focus-visible:[stroke-width:3px]"
      />
      {measures ? <Measures within={within} face={face} view={view} system={system} /> : null}
      <g transform={`translate(${x} ${y})`} textAnchor="middle" className="pointer-events-none">
        {ink.mark ? (
          <g transform="translate(0 -26)">
            <DampMark verdict={ink.mark} />
          </g>
        ) : null}
        <text
          className="on-hatch font-display font-bold"
          fontSize={titleSize}
          fill={chosen && !ink.figure ? "var(--spruce)" : "var(--ink)"}
        >
          {titled}
        </text>
        <text className="on-hatch" y={17} fontSize={12.5} fill="var(--ink)">
          {second}
        </text>
      </g>
    </g>
  )
}

/** Members where they stand, from the face's lower edge up. */
function Members({ figures, view }: { figures: FaceFigures; view: View }) {
  const framing = figures.layers.find(({ layer }) => layer.framing)?.layer.framing
  if (!framing) return null
  const positions = memberPositions(framing, figures.face.outline[1]![0])
  return (
    <g stroke="var(--hatch)" strokeWidth={Math.max(1, Math.min(5, framing.width * view.scale * 0.6))}>
      {positions.map((u, i) => {
        const [low, high] = [onPelt(figures.face.place, [u, 0]), onPelt(figures.face.place, [u, heightAt(figures.face.outline, u)])]
        return <path key={i} d={`M${view.at(low).join(" ")}L${view.at(high).join(" ")}`} />
      })}
    </g>
  )
}

/** Height of a convex outline over a point of its lower edge. */
function heightAt(outline: readonly Point[], u: number): number {
  return Math.max(
    ...outline.map(([ax, ay], i) => {
      const [bx, by] = outline[(i + 1) % outline.length]!
      if (ax === bx || (ax - u) * (bx - u) > 0) return 0
      return ay + ((u - ax) / (bx - ax)) * (by - ay)
    }),
  )
}

interface MeasuresProps {
  face: Face
  within: Box
  view: View
  system: Drawing["system"]
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

function ScaleBar({ view, size, metric }: { view: View; size: { width: number; height: number }; metric: boolean }) {
  const unit = metric ? 1 : 0.3048
  const count = [1, 2, 4, 10].find((units) => units * unit * view.scale > 60) ?? 10
  const width = count * unit * view.scale
  const [x, y] = [size.width - width - 30, size.height - 16]
  return (
    <g stroke="var(--graphite)" aria-hidden>
      <path d={`M${x} ${y}h${width}M${x} ${y - 4}v8M${x + width} ${y - 4}v8`} fill="none" />
      <text x={x + width / 2} y={y - 8} textAnchor="middle" fontSize={12} fill="var(--graphite)" stroke="none">
        {metric ? `${count} m` : `${count} ft`}
      </text>
    </g>
  )
}

/** Largest scale at which the pelt fits with room for the words around it. */
export function fit(faces: readonly Face[], { width, height }: { width: number; height: number }, margin = 26): View {
  const bounds = peltBounds(faces)
  const [across, up] = [bounds.right - bounds.left, bounds.high - bounds.low]
  const scale = Math.max(1, Math.min((width - 2 * margin) / across, (height - 2 * margin) / up))
  const [left, top] = [(width - across * scale) / 2, (height - up * scale) / 2]
  return { scale, at: ([x, y]) => [left + (x - bounds.left) * scale, top + (bounds.high - y) * scale] }
}

function corners(face: Face, { x, y, width, height }: { x: number; y: number; width: number; height: number }, view: View): Point[] {
  const own: Point[] = [
    [x, y],
    [x + width, y],
    [x + width, y + height],
    [x, y + height],
  ]
  return own.map((corner) => view.at(onPelt(face.place, corner)))
}

function boxOf(outline: readonly Point[]): Box {
  const [xs, ys] = [outline.map(([x]) => x), outline.map(([, y]) => y)]
  const [left, right, low, high] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)]
  return { x: (left + right) / 2, y: (low + high) / 2, width: right - left, height: high - low }
}

/** Letters are about 0.55 of their size wide; near enough to keep a label off an opening. */
function labelSize(title: string, second: string, ink: FaceInk): { width: number; height: number } {
  return { width: Math.max(title.length * (ink.figure ? 11 : 8), second.length * 6.1), height: ink.mark ? 72 : 44 }
}

const points = (outline: readonly Point[]) => outline.map((point) => point.join(",")).join(" ")
