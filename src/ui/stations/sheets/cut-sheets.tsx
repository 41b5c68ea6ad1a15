"use client"
import { useId, useState } from "react"
import type { Stuff } from "../../../core/takeoff/boarding"
import { sheetName } from "../../../core/takeoff/drawing"
import type { Cut } from "../../../core/cutting/cut-count"
import { type CutSheet, orderedCuts, type StuffCut } from "../../../core/takeoff/cut-stuff"
import type { Point } from "../../../core/shell/face"
import { boundsOf } from "../../../core/shell/polygon"
import { useMaterials } from "../../materials/use-materials"
import { HatchPatterns, hatch } from "../../pelt/hatches"
import { insidePoint } from "../../pelt/inside-point"
import { Button } from "../../primitives/button"
import { useWriting } from "../../writing/writing"
import { numbersWords } from "./plan-words"

/** So many drawings stand there at first. */
const FIRST = 12
/** px of the longest sheet. */
const WIDTH = 156
/** Radius of the ring about a cut's number, px. */
const RING = 6.5

/** Sheets that are cut alike, drawn once. */
interface Alike {
  sheet: CutSheet
  /** Their places in the plan, from 0. */
  places: number[]
  /** Pieces that they are cut out of. */
  from: number[]
  /** Pieces that lie at the same place on each of them. */
  numbers: number[][]
}

function alike(sheets: readonly CutSheet[]): Alike[] {
  const groups = new Map<string, Alike>()
  for (const [i, sheet] of sheets.entries()) {
    const look = [
      sheet.length,
      sheet.width,
      sheet.from === null ? "new" : sheet.from === 0 ? "on hand" : "cut out",
      sheet.pieces.map(({ rings }) => rings),
    ]
    const key = JSON.stringify(look, (_, value: unknown) => (typeof value === "number" ? Math.round(value * 1e4) : value))
    const known = groups.get(key)
    if (!known) groups.set(key, { sheet, places: [i], from: [sheet.from ?? 0], numbers: sheet.pieces.map(({ number }) => [number]) })
    else {
      known.places.push(i)
      known.from.push(sheet.from ?? 0)
      for (const [at, { number }] of sheet.pieces.entries()) known.numbers[at]!.push(number)
    }
  }
  return [...groups.values()]
}

interface CutProps {
  plan: StuffCut
  stuff: Stuff
  /** On paper: px of the longest sheet; all of them stand there, and each piece has its size beside its number. */
  paper?: number
}

/** The cutting drawings: each kind of sheet once, with its pieces by their numbers and what is left of it. */
export function CutSheets({ plan, stuff, paper }: CutProps) {
  const [every, setAll] = useState(false)
  const all = every || paper !== undefined
  const groups = alike(plan.sheets)
  const longest = Math.max(...plan.sheets.map(({ length }) => length))
  return (
    <section aria-label="Cutting drawing" className="grid gap-2" data-testid="cut-sheets">
      <div className="flex flex-wrap gap-x-4 gap-y-3">
        {groups.slice(0, all ? undefined : FIRST).map((group) => (
          <SheetDrawing key={group.places[0]} group={group} stuff={stuff} scale={(paper ?? WIDTH) / longest} sizes={paper !== undefined} />
        ))}
      </div>
      {paper === undefined ? null : (
        <p className="text-dense">Numbers in rings are the cuts in their order, each from edge to edge of what is then in one piece.</p>
      )}
      {groups.length > FIRST && !all ? (
        <div>
          <Button onClick={() => setAll(true)}>Draw {groups.length - FIRST} more</Button>
        </div>
      ) : null}
    </section>
  )
}

interface DrawingProps {
  group: Alike
  stuff: Stuff
  scale: number
  sizes: boolean
}

function SheetDrawing({ group, stuff, scale, sizes }: DrawingProps) {
  const { length, figure } = useWriting()
  const patterns = useId()
  const kind = useMaterials()[stuff.material]?.class
  const { sheet, places, numbers } = group
  const [width, height] = [sheet.length * scale, sheet.width * scale]
  const at = ([x, y]: Point): Point => [x * scale, height - y * scale]
  const path = (rings: readonly (readonly Point[])[]) =>
    rings.map((ring) => `M${ring.map((point) => at(point).join(" ")).join("L")}Z`).join("")
  const name = sheetName(places[0]!, sheet.from)
  const words =
    places.length === 1
      ? name
      : sheet.from === null || sheet.from === 0
        ? `${sheet.from === 0 ? "offcuts on hand" : "sheets"} ${numbersWords(places.map((place) => place + 1))}`
        : `cut out of pieces ${numbersWords(group.from)}`
  return (
    <figure className="m-0 break-inside-avoid">
      <figcaption className="text-dense text-graphite">
        {words}
        {places.length > 2 ? ` (${places.length} alike)` : ""}
        {sheet.from === null && !sizes ? "" : `, ${length(sheet.length)} × ${length(sheet.width)}`}
      </figcaption>
      <svg
        width={width + 2}
        height={height + 2}
        viewBox={`-1 -1 ${width + 2} ${height + 2}`}
        role="img"
        aria-label={`${words}, ${length(sheet.length)} by ${length(sheet.width)}: pieces ${numbersWords(numbers.flat())}`}
      >
        <HatchPatterns name={patterns} {...(kind ? { of: [kind] } : {})} />
        <rect width={width} height={height} fill="var(--felt)" stroke="var(--ink)" strokeWidth={0.8} />
        {sheet.rests.map((rest) => (
          <path
            key={`${rest.x} ${rest.y}`}
            d={path([
              [
                [rest.x, rest.y],
                [rest.x + rest.width, rest.y],
                [rest.x + rest.width, rest.y + rest.height],
                [rest.x, rest.y + rest.height],
              ],
            ])}
            fill="none"
            stroke="var(--graphite)"
            strokeWidth={0.7}
            strokeDasharray="3 3"
          />
        ))}
        {sheet.pieces.map((piece, i) => {
          const [x, y] = insidePoint(piece.rings.map((ring) => ring.map(at))).at
          const text = numbersWords(numbers[i]!)
          const bounds = boundsOf(piece.rings[0]!)
          const [wide, high] = [bounds.right - bounds.left, bounds.high - bounds.low]
          const size = Math.min(13, (wide * scale) / Math.max(2, text.length * 0.62), (high * scale) / 1.3)
          return (
            <g key={piece.number}>
              <path d={path(piece.rings)} fill="var(--sheet)" fillRule="evenodd" />
              {kind && kind !== "air" ? <path d={path(piece.rings)} fill={hatch(patterns, kind)} fillRule="evenodd" /> : null}
              <path d={path(piece.rings)} fill="none" stroke="var(--ink)" strokeWidth={1} />
              {size >= 7 ? (
                <text x={x} y={y} dy={size * 0.35} textAnchor="middle" fontSize={size} className="on-hatch font-semibold" fill="var(--ink)">
                  {text}
                </text>
              ) : null}
              {sizes && wide * scale > 60 && high * scale > 30 ? (
                <text x={x} y={y + size * 0.9 + 6} textAnchor="middle" fontSize={9.5} className="on-hatch" fill="var(--ink)">
                  {figure("length", wide)} × {figure("length", high)}
                </text>
              ) : null}
              <title>{`piece ${text}`}</title>
            </g>
          )
        })}
        {sizes ? <CutOrder cuts={orderedCuts(sheet)} at={at} width={width} height={height} /> : null}
      </svg>
    </figure>
  )
}

/** The cuts by their order, each with its number where it begins. */
function CutOrder({ cuts, at, width, height }: { cuts: readonly Cut[]; at: (point: Point) => Point; width: number; height: number }) {
  const within = (place: number, most: number) => Math.min(most - RING, Math.max(RING, place))
  return cuts.map(({ from, to }, i) => {
    const [[x, y], [toX, toY]] = [at(from), at(to)]
    const long = Math.hypot(toX - x, toY - y)
    // A little way along it, so that rings of cuts that begin at one place lie apart.
    const share = Math.min(0.5, (RING * 1.6) / long)
    return (
      <g key={i} transform={`translate(${within(x + (toX - x) * share, width)} ${within(y + (toY - y) * share, height)})`}>
        <circle r={RING} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={0.7} />
        <text textAnchor="middle" dy={3} fontSize={8.5} fill="var(--ink)">
          {i + 1}
        </text>
      </g>
    )
  })
}
