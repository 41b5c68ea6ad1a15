"use client"
import { useId, useMemo } from "react"
import { membersOf } from "../../core/assembly/build-up"
import type { SurfaceFigures } from "../../core/enclosure/surface-figures"
import type { Point } from "../../core/shell/face"
import { framingOn } from "../../core/shell/framing"
import { holesOf } from "../../core/takeoff/boarding"
import { rectangleCorners } from "../../core/shell/polygon"
import { type Tile, tilesOf } from "../../core/shell/tiles"
import type { Shell } from "../../schema/job/shell"
import { useJob } from "../job/job-store"
import { pathText } from "../pelt/pelt-view"
import { useWriting } from "../writing/writing"
import { type PaperSize, printed } from "./paper-size"

/** What is drawn at full size, in its own coordinates, m. */
export interface TemplateDrawing {
  name: string
  outline: readonly Point[]
  /** Openings, boxes and cut-outs. */
  holes: readonly (readonly Point[])[]
  /** Members behind it. */
  sticks: readonly (readonly Point[])[]
}

/** By how much sheets lie over each other, mm. */
const OVERLAP = 10
/** More sheets than this are hardly joined; the screen says how many there are. */
const MANY = 40

/** A face as one sees it from inside. */
export function faceTemplate({ face, region, name, layers }: SurfaceFigures, shell: Shell): TemplateDrawing {
  return {
    name: `${name}, seen from inside`,
    outline: region.outline,
    holes: [...holesOf(shell, face), ...region.over.map((zone) => [...rectangleCorners(zone)])],
    sticks: membersOf(layers).flatMap(({ set }) => framingOn(shell, { face, region }, set).members.map(({ outline }) => outline)),
  }
}

/** A drawing at full size over as many sheets as it takes, with marks to join them. */
export function Template({ drawing, paper }: { drawing: TemplateDrawing; paper: PaperSize }) {
  const { name: job } = useJob()
  const { units } = useWriting()
  const room = printed(paper)
  const clip = useId()
  const { columns, rows, tiles } = useMemo(
    () => tilesOf(drawing.outline, { width: room.width / 1000, height: room.height / 1000 }, OVERLAP / 1000),
    [drawing, room.width, room.height],
  )
  const bar = units === "metric" ? { length: 100, words: "this bar is 100 mm long" } : { length: 101.6, words: "this bar is 4 inches long" }
  return (
    <div data-testid="template">
      <p className="mb-3 print:hidden">
        {tiles.length} {tiles.length === 1 ? "sheet" : `sheets, ${columns} across and ${rows} down`}
        {tiles.length > MANY ? ": many to join; a smaller part, or the figures of the job sheet, may serve better" : ""}
      </p>
      {tiles.map((tile) => {
        const label = sheetLabel(tile)
        return (
          <svg
            key={label}
            width={`${room.width}mm`}
            height={`${room.height}mm`}
            viewBox={`0 0 ${room.width} ${room.height}`}
            role="img"
            aria-label={`${drawing.name}, sheet ${label}`}
            className="mb-6 block break-after-page border border-seam bg-sheet last:break-after-auto print:m-0 print:border-0"
            data-sheet={label}
          >
            <defs>
              <clipPath id={`${clip}${label}`}>
                <rect width={room.width} height={room.height} />
              </clipPath>
            </defs>
            <g clipPath={`url(#${clip}${label})`} fill="none" stroke="#000">
              <path d={pathText(drawing.sticks.map((stick) => onSheet(stick, tile)))} strokeWidth={0.2} strokeDasharray="2 1.5" />
              <path d={pathText(drawing.holes.map((hole) => onSheet(hole, tile)))} strokeWidth={0.3} />
              <path d={pathText([onSheet(drawing.outline, tile)])} strokeWidth={0.5} />
            </g>
            <JoinMarks tile={tile} columns={columns} rows={rows} room={room} />
            <g fontSize={3.6} fill="#000" stroke="none">
              <text x={OVERLAP + 3} y={OVERLAP + 6}>
                {job} · {drawing.name} · sheet {label} of {columns * rows}
              </text>
              {tile.column === 0 && tile.row === 0 ? (
                <g transform={`translate(${OVERLAP + 3} ${OVERLAP + 12})`}>
                  <path
                    d={`M0 0v3M0 1.5h${bar.length}M${bar.length} 0v3`}
                    stroke="#000"
                    strokeWidth={0.3}
                    fill="none"
                    data-bar={bar.length}
                  />
                  <text y={7.5}>{bar.words}: if it is not, print again at 100 %</text>
                </g>
              ) : null}
            </g>
          </svg>
        )
      })}
    </div>
  )
}

/** An outline on a sheet, mm from its upper left corner. */
const onSheet = (outline: readonly Point[], { left, high }: Tile): Point[] =>
  outline.map(([x, y]): Point => [(x - left) * 1000, (high - y) * 1000])

/** Sheets are called by letter along and number down. */
const sheetLabel = ({ column, row }: Pick<Tile, "column" | "row">): string => `${lettersOf(column)}${row + 1}`

const lettersOf = (column: number): string =>
  (column >= 26 ? lettersOf(Math.floor(column / 26) - 1) : "") + String.fromCharCode(65 + (column % 26))

interface MarksProps {
  tile: Tile
  columns: number
  rows: number
  room: { width: number; height: number }
}

/** Lines to cut along and crosses that must meet, where a sheet has a neighbour; each says which. */
function JoinMarks({ tile: { column, row }, columns, rows, room: { width, height } }: MarksProps) {
  const middle = OVERLAP / 2
  const upright = [
    column > 0 ? { x: middle, next: column - 1 } : null,
    column < columns - 1 ? { x: width - middle, next: column + 1 } : null,
  ]
  const level = [row > 0 ? { y: middle, next: row - 1 } : null, row < rows - 1 ? { y: height - middle, next: row + 1 } : null]
  const cross = (x: number, y: number) => `M${x - 4} ${y}h8M${x} ${y - 4}v8`
  return (
    <g stroke="#000" strokeWidth={0.25} fill="none" fontSize={3.2}>
      {upright.map((mark) =>
        mark ? (
          <g key={mark.x}>
            <path d={`M${mark.x} 0v${height}`} strokeDasharray="4 2" strokeWidth={0.15} />
            <path d={cross(mark.x, height * 0.25) + cross(mark.x, height * 0.75)} />
            <text x={mark.x + 2} y={height / 2} stroke="none" fill="#000" transform={`rotate(-90 ${mark.x + 2} ${height / 2})`}>
              joins {sheetLabel({ column: mark.next, row })}
            </text>
          </g>
        ) : null,
      )}
      {level.map((mark) =>
        mark ? (
          <g key={mark.y}>
            <path d={`M0 ${mark.y}h${width}`} strokeDasharray="4 2" strokeWidth={0.15} />
            <path d={cross(width * 0.25, mark.y) + cross(width * 0.75, mark.y)} />
            <text x={width / 2} y={mark.y - 1} stroke="none" fill="#000">
              joins {sheetLabel({ column, row: mark.next })}
            </text>
          </g>
        ) : null,
      )}
    </g>
  )
}
