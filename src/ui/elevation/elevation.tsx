"use client"
import { useMemo } from "react"
import { membersOf } from "../../core/assembly/build-up"
import type { SurfaceFigures } from "../../core/enclosure/surface-figures"
import type { Point } from "../../core/shell/face"
import { boxOutlinesOn } from "../../core/shell/floor-boxes"
import { framingOn } from "../../core/shell/framing"
import { notchOutline } from "../../core/shell/notch"
import { boundsOf, rectangleCorners } from "../../core/shell/polygon"
import { rectanglesOn } from "../../core/shell/zones"
import type { MemberSet } from "../../schema/job/build-up"
import { useJob, useJobStore, useSelection } from "../job/job-store"
import { isChosen } from "../job/selection"
import { pathText, pointsText } from "../pelt/pelt-view"
import { sizeDoubt } from "../fields/size-doubt"
import { QuantityField } from "../primitives/fields"
import { useSize } from "../primitives/use-size"
import { type DimensionLine, placeLines } from "./dimension-lines"
import { type FaceLength, faceLengths } from "./face-lengths"
import { useWriting } from "../writing/writing"

const TOP = 12
const RIGHT = 14
/** From one row of lines to the next, level or upright, px. */
const ROW = 25
/** A figure's height, which is an upright one's width, px. */
const THICK = 19
const HIGHEST = 280
/** More columns than this take no more room from the drawing. */
const MOST_ROWS = 8

/** The chosen face as one sees it from inside, with dimension lines that can be typed into. */
export function Elevation({ figures }: { figures: SurfaceFigures }) {
  const { figure, write } = useWriting()
  const [ref, size] = useSize<HTMLDivElement>({ width: 516, height: 300 })
  const job = useJob()
  const store = useJobStore()
  const part = useSelection((view) => view.part)
  const { shell } = job
  const { face } = figures
  const lengths = useMemo(() => faceLengths(figures, shell, part), [figures, shell, part])
  const text = useMemo(() => {
    const longest = Math.max(...lengths.map(({ from, to }) => figure("length", to - from).length))
    return Math.max(34, longest * 6.3 + 8)
  }, [lengths, figure])
  const sheet = useMemo(() => {
    const past = { below: furthest(figures, "up"), beside: furthest(figures, "along") }
    return sheetOf(lengths, boundsOf(figures.face.outline), past, size.width, text)
  }, [lengths, figures, size.width, text])
  const sets = membersOf(figures.layers)
  const { at, scale, lines, height } = sheet
  const drawn = (outline: readonly Point[]) => outline.map(at)
  return (
    <div ref={ref} className="relative" style={{ height }} data-testid="elevation">
      <svg
        width={size.width}
        height={height}
        role="img"
        aria-label={`${figures.name} seen from inside, to scale`}
        className="absolute inset-0"
      >
        <polygon points={pointsText(drawn(face.outline))} fill="var(--sheet)" />
        {sets.map(({ id, set }) => {
          const { members, rim } = framingOn(shell, figures, set)
          return (
            <g key={id} fill="var(--member)" stroke="var(--hatch)" strokeWidth={0.8}>
              {rim ? <path d={pathText([drawn(rim.outer), drawn(rim.inner)])} fillRule="evenodd" /> : null}
              <path d={pathText(members.map(({ outline }) => drawn(outline)))} />
              <RunningOut set={set} positions={members.flatMap(({ position }) => position ?? [])} at={at} scale={scale} />
            </g>
          )
        })}
        {Object.values(shell.notches)
          .filter((notch) => notch.face === face.id)
          .map((notch, i) => (
            <polygon key={i} points={pointsText(drawn(notchOutline(face, notch)))} fill="var(--felt)" stroke="var(--ink)" />
          ))}
        {boxOutlinesOn(face, shell).map((box, i) => (
          <polygon key={i} points={pointsText(drawn(box))} fill="var(--felt)" stroke="var(--ink)" strokeDasharray="5 2.5" />
        ))}
        {rectanglesOn(face, shell.zones).map(([id, zone]) => (
          <g key={id} onClick={() => store.choose({ face: id, layer: null, part: { list: "zones", id } })} className="cursor-pointer">
            <polygon
              points={pointsText(drawn(rectangleCorners(zone)))}
              fill={id === figures.id ? "transparent" : "var(--sheet)"}
              stroke={id === figures.id ? "var(--spruce)" : "var(--ink)"}
              strokeWidth={id === figures.id ? 2.4 : 1}
              strokeDasharray="9 3"
            />
            <title>{zone.name}</title>
          </g>
        ))}
        {figures.openings.map(({ id, opening }) => {
          const corners = drawn(rectangleCorners(opening))
          return (
            <g key={id} onClick={() => store.choose({ part: { list: "openings", id } })} className="cursor-pointer">
              <polygon
                points={pointsText(corners)}
                fill="var(--felt)"
                stroke={isChosen(part, "openings", id) ? "var(--spruce)" : "var(--ink)"}
                strokeWidth={isChosen(part, "openings", id) ? 2.4 : 1}
              />
              <title>{opening.name}</title>
            </g>
          )
        })}
        <polygon
          points={pointsText(drawn(face.outline))}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={1.4}
          data-testid="elevation-outline"
        />
        <g stroke="var(--graphite)" strokeWidth={0.9} fill="none">
          {lines.map(({ id, axis, start, end }) => (
            <path key={id} d={axis === "x" ? `M${start}h${end}` : `M${start}v${end}`} />
          ))}
          {lines.map(({ id, ticks }) => (
            <path key={id} d={ticks} />
          ))}
        </g>
      </svg>
      <Figures lines={lines} width={text} />
      <p className="sr-only">
        {figures.name}: {write("area", figures.area)}
      </p>
    </div>
  )
}

/** The figures on the dimension lines; those that can be typed are fields. */
function Figures({ lines, width }: { lines: ReturnType<typeof sheetOf>["lines"]; width: number }) {
  const { figure, length: written } = useWriting()
  const store = useJobStore()
  const { kind } = useJob().brief
  return (
    <>
      {lines.map(({ id, axis, length, left, top }) => (
        <div key={id} className="absolute" style={axis === "x" ? { left, top, width } : { left, top, height: width, width: THICK }}>
          {length.edit ? (
            <QuantityField
              bare={axis === "x" ? "level" : "upright"}
              label={length.label}
              kind="length"
              value={length.to - length.from}
              doubt={length.measure ? sizeDoubt(kind, length.measure, written) : undefined}
              onCommit={(value) => store.edit(length.edit!(value))}
            />
          ) : (
            <span
              className={`block bg-felt text-center text-[12px] leading-[19px] text-graphite ${axis === "x" ? "" : "h-full rotate-180 [writing-mode:vertical-rl]"}`}
              title={length.label}
            >
              {figure("length", length.to - length.from)}
            </span>
          )}
        </div>
      ))}
    </>
  )
}

/** How far members of one direction run out past the face, m. */
const furthest = (figures: SurfaceFigures, direction: MemberSet["direction"]): number =>
  Math.max(0, ...membersOf(figures.layers).map(({ set }) => (set.direction === direction ? set.overhang : 0)))

/** Ends of members that run outdoors past the face: dashed, as they lie beyond it. */
function RunningOut({ set, positions, at, scale }: { set: MemberSet; positions: number[]; at: (point: Point) => Point; scale: number }) {
  if (set.overhang === 0) return null
  const reach = set.overhang * scale
  const ends = positions.map((position) => at(set.direction === "up" ? [position, 0] : [0, position]))
  return (
    <path
      data-running-out={set.name}
      d={ends.map(([x, y]) => (set.direction === "up" ? `M${x} ${y}v${reach}` : `M${x} ${y}h${-reach}`)).join("")}
      fill="none"
      stroke="var(--graphite)"
      strokeDasharray="3 2"
    />
  )
}

interface SheetLine {
  id: string
  axis: "x" | "y"
  length: FaceLength
  /** Path of the line: where it starts, and how far it runs. */
  start: string
  end: number
  ticks: string
  left: number
  top: number
}

interface Sheet {
  at: (point: Point) => Point
  scale: number
  height: number
  lines: SheetLine[]
}

/**
 * Lays a face, what runs out past it (m) and its dimension lines on a sheet of a width;
 * rows and columns take room from the drawing until all stand apart.
 */
function sheetOf(
  lengths: readonly FaceLength[],
  bounds: ReturnType<typeof boundsOf>,
  past: { below: number; beside: number },
  width: number,
  text: number,
): Sheet {
  const [run, rise] = [bounds.right - bounds.left, bounds.high - bounds.low]
  const of = (axis: "x" | "y", scale: number): DimensionLine[] =>
    lengths
      .filter((length) => length.axis === axis)
      .map(({ id, from, to }) => {
        // Heights are counted from the drawing's top, as the screen's are.
        const [a, b] = axis === "x" ? [from - bounds.left, to - bounds.left] : [bounds.high - to, bounds.high - from]
        return { id, from: a * scale, to: b * scale, text }
      })
  let columns = 1
  for (;;) {
    const scale = Math.max(4, Math.min((width - columns * ROW - RIGHT) / (run + past.beside), HIGHEST / (rise + past.below)))
    const left = columns * ROW + past.beside * scale
    const upright = placeLines(of("y", scale), rise * scale)
    const needed = Math.max(0, ...upright.map(({ tier }) => tier + 1))
    if (needed > columns && columns < MOST_ROWS) {
      columns = needed
      continue
    }
    const level = placeLines(of("x", scale), width - left)
    const foot = TOP + rise * scale
    const rows = Math.max(0, ...level.map(({ tier }) => tier + 1))
    const known = new Map(lengths.map((length) => [length.id, length]))
    const lines: SheetLine[] = [
      ...level.map(({ id, from, to, tier, middle }): SheetLine => {
        const y = foot + past.below * scale + 14 + tier * ROW
        return {
          id,
          axis: "x",
          length: known.get(id)!,
          start: `${left + from} ${y}`,
          end: to - from,
          ticks: `M${left + from} ${y - 4}v8M${left + to} ${y - 4}v8`,
          left: left + middle - text / 2,
          top: y - 10,
        }
      }),
      ...upright.map(({ id, from, to, tier, middle }): SheetLine => {
        const x = columns * ROW - 12 - tier * ROW
        return {
          id,
          axis: "y",
          length: known.get(id)!,
          start: `${x} ${TOP + from}`,
          end: to - from,
          ticks: `M${x - 4} ${TOP + from}h8M${x - 4} ${TOP + to}h8`,
          left: x - THICK / 2,
          top: TOP + middle - text / 2,
        }
      }),
    ]
    return {
      at: ([u, v]) => [left + (u - bounds.left) * scale, foot - (v - bounds.low) * scale],
      scale,
      height: foot + past.below * scale + 14 + rows * ROW,
      lines,
    }
  }
}
