"use client"
import { useMemo } from "react"
import { isotherm, roundLevels, type Segment, type TemperaturePicture as Picture } from "../../core/conduction/picture"
import { type Detail, INDOORS } from "../../core/conduction/detail"
import { temperatureAt } from "../../core/conduction/temperatures"
import type { ColdSurface } from "../../core/moisture/cold-surface"
import { degrees } from "../../core/quantity/measure"
import { useWriting, type Writing } from "../writing/writing"

interface Props {
  detail: Detail
  /** Between outdoors, 0, and indoors, 1. */
  picture: Picture
  /** The airs on both sides and the dew point of the warm one. */
  surface: ColdSurface
  coldestAt: { x: number; y: number }
  label: string
}

const WIDTH = 514

/** A detail cut across: stuffs in outline, temperatures in bands with their isotherms, the dew point dashed, airs named. */
export function TemperaturePicture({ detail, picture, surface, coldestAt, label }: Props) {
  const writing = useWriting()
  const { inside, beyond, dewPoint, side } = surface
  const drawn = useMemo(() => {
    const scaled = { ...picture, temperature: picture.temperature.map((share) => beyond + share * (inside - beyond)) }
    return draw(detail, scaled, dewPoint, writing)
  }, [detail, picture, dewPoint, writing, inside, beyond])
  const { height, at } = drawn
  const edges = detail.body.boundaries.map(({ edge }) => edge)
  const [cx, cy] = at(coldestAt.x, coldestAt.y)
  return (
    <svg viewBox={`0 -16 ${WIDTH} ${height + 32}`} width="100%" role="img" aria-label={label} className="max-w-[514px]">
      <svg width={WIDTH} height={height} viewBox={`0 0 ${WIDTH} ${height}`}>
        {drawn.bands.map(({ level, fill, path }) => (
          <path key={level} d={path} fill={fill} stroke={fill} strokeWidth={0.3} />
        ))}
        <g fill="none" stroke="var(--graphite)" strokeWidth={0.8}>
          {drawn.isotherms.map(({ level, path }) => (
            <path key={level} d={path} data-isotherm={level} />
          ))}
        </g>
        {drawn.dew ? (
          <path d={drawn.dew} fill="none" stroke="var(--fen)" strokeWidth={2.2} strokeDasharray="4 3" data-line="dew-point" />
        ) : null}
        {drawn.airs.map(({ id, name, box, words }) => (
          <g key={id}>
            <rect {...box} fill="var(--sheet)" shapeRendering="crispEdges" />
            {words ? (
              <text x={words[0]} y={words[1]} textAnchor="middle" fontSize={12} fill="var(--graphite)">
                {name}
              </text>
            ) : null}
          </g>
        ))}
        <path d={drawn.borders} fill="none" stroke="var(--ink)" strokeWidth={0.9} />
        <g fontSize={11.5} fill="var(--ink)">
          {drawn.labels.map(({ text, y, far }) => (
            <text key={text} x={far ? WIDTH - 6 : 6} y={y + 4} textAnchor={far ? "end" : "start"} className="on-hatch">
              {text}
            </text>
          ))}
        </g>
        {side === "inside" ? <circle cx={cx} cy={Math.max(4, cy)} r={3.5} fill="var(--frost)" stroke="var(--sheet)" /> : null}
      </svg>
      <g fontSize={12} fill="var(--graphite)">
        {edges.includes("top") ? (
          <text x={0} y={-5}>
            indoors
          </text>
        ) : null}
        {edges.includes("bottom") ? (
          <text x={0} y={height + 13}>
            outdoors
          </text>
        ) : null}
      </g>
    </svg>
  )
}

function draw({ body, focus }: Detail, picture: Picture, dewPoint: number | null, writing: Writing) {
  const scale = WIDTH / focus.width
  const height = focus.height * scale
  const at = (x: number, y: number): [number, number] => [(x - focus.x) * scale, (focus.y + focus.height - y) * scale]
  const path = (segments: readonly Segment[]) => segments.map(([x1, y1, x2, y2]) => `M${point(at(x1, y1))}L${point(at(x2, y2))}`).join("")
  const { shown: onScale, stored } = degrees(writing.units)
  const [low, high] = picture.temperature.reduce(([least, most], t) => [Math.min(least, t), Math.max(most, t)], [Infinity, -Infinity] as [
    number,
    number,
  ])
  const levels = roundLevels(onScale(low), onScale(high)).map(stored)
  const isotherms = levels.map((level) => ({ level, segments: isotherm(picture, level) }))
  return {
    at,
    height,
    bands: bandsOf(picture, levels, focus, scale),
    borders: path(bordersOf(body)),
    isotherms: isotherms.map(({ level, segments }) => ({ level, path: path(segments) })),
    labels: labelsOf(isotherms, focus, (y) => at(0, y)[1], writing).filter(({ y }) => y > 8 && y < height - 8),
    dew: dewPoint === null || dewPoint <= low || dewPoint >= high ? null : path(isotherm(picture, dewPoint)),
    airs: (body.airs ?? []).map((air) => {
      const box = boxOn(air, at, scale)
      return { id: air.id, name: air.temperature === INDOORS ? "indoors" : "outdoors", box, words: middleOf(box, height) }
    }),
  }
}

/** Where one stuff ends and another begins, or air; airs of one temperature are one. */
function bordersOf({ width, height, blocks, airs = [], background }: Detail["body"]): Segment[] {
  const pieces = [...blocks, ...airs]
  const lines = (most: number, ends: readonly number[]) =>
    [...new Set([0, most, ...ends])].filter((place) => place >= 0 && place <= most).sort((a, b) => a - b)
  const x = lines(
    width,
    pieces.flatMap((piece) => [piece.x, piece.x + piece.width]),
  )
  const y = lines(
    height,
    pieces.flatMap((piece) => [piece.y, piece.y + piece.height]),
  )
  const stuffAt = (column: number, row: number) => {
    const [px, py] = [(x[column]! + x[column + 1]!) / 2, (y[row]! + y[row + 1]!) / 2]
    const holds = (piece: Box) => px > piece.x && px < piece.x + piece.width && py > piece.y && py < piece.y + piece.height
    const air = airs.find(holds)
    if (air) return `air at ${air.temperature}`
    const found = blocks.findLast(holds)
    return found ? (found.conductivity ?? "void") : background.conductivity
  }
  const segments: Segment[] = []
  for (let row = 0; row + 1 < y.length; row++)
    for (let column = 0; column + 1 < x.length; column++) {
      const own = stuffAt(column, row)
      if (column + 2 < x.length && stuffAt(column + 1, row) !== own) segments.push([x[column + 1]!, y[row]!, x[column + 1]!, y[row + 1]!])
      if (row + 2 < y.length && stuffAt(column, row + 1) !== own) segments.push([x[column]!, y[row + 1]!, x[column + 1]!, y[row + 1]!])
    }
  return segments
}

interface Box {
  x: number
  y: number
  width: number
  height: number
}

/** A rectangle of the drawing in the picture, px. */
function boxOn({ x, y, width, height }: Box, at: (x: number, y: number) => [number, number], scale: number): Box {
  const [left, top] = at(x, y + height)
  return { x: left, y: top, width: width * scale, height: height * scale }
}

/** Where words find room in what of a box is seen; null where they do not. */
function middleOf({ x, y, width, height }: Box, high: number): [number, number] | null {
  const [left, right] = [Math.max(0, x), Math.min(WIDTH, x + width)]
  const [top, foot] = [Math.max(0, y), Math.min(high, y + height)]
  return right - left > 56 && foot - top > 14 ? [(left + right) / 2, (top + foot) / 2 + 4] : null
}

const round = (value: number) => Math.round(value * 100) / 100
const point = ([x, y]: readonly [number, number]) => `${round(x)} ${round(y)}`

/** Of a sample of a band, px. */
const GRAIN = 2

/** Bands between the isotherms, from samples row by row in runs. */
function bandsOf(picture: Picture, levels: readonly number[], focus: Box, scale: number) {
  const paths = Array.from({ length: levels.length + 1 }, () => "")
  const columns = Math.ceil(WIDTH / GRAIN)
  const height = focus.height * scale
  for (let py = 0; py < height; py += GRAIN) {
    const y = focus.y + (height - Math.min(height, py + GRAIN / 2)) / scale
    let [band, from] = [-1, 0]
    for (let column = 0; column <= columns; column++) {
      const t = column < columns ? temperatureAt(picture, picture.temperature, focus.x + ((column + 0.5) * GRAIN) / scale, y) : NaN
      const next = column < columns ? levels.filter((level) => level <= t).length : -1
      if (next === band) continue
      if (band >= 0) paths[band] += `M${from} ${py}H${column * GRAIN}v${GRAIN}H${from}z`
      ;[band, from] = [next, column * GRAIN]
    }
  }
  return paths.map((path, band) => ({ level: band, path, fill: tint(levels.length === 0 ? 0.5 : band / levels.length) }))
}

/** From frost over plain paper to ember. */
function tint(share: number): string {
  const [colour, strength] = share < 0.5 ? ["--frost", 1 - 2 * share] : ["--ember", 2 * share - 1]
  return `color-mix(in oklab, var(${colour}) ${Math.round(48 * strength)}%, var(--sheet))`
}

interface Label {
  text: string
  y: number
  /** At the right edge, for a line that never meets the left one. */
  far: boolean
}

/** Degrees beside the isotherms where they enter at the left or else leave at the right, no two over each other. */
function labelsOf(
  isotherms: readonly { level: number; segments: readonly Segment[] }[],
  { x, width }: Box,
  down: (y: number) => number,
  writing: Writing,
): Label[] {
  const labels: Label[] = []
  for (const { level, segments } of isotherms) {
    const place = [0.02, 0.98].flatMap((share) => {
      const at = x + share * width
      const crossing = segments.find(([x1, , x2]) => Math.min(x1, x2) <= at && Math.max(x1, x2) >= at)
      return crossing ? [{ y: down((crossing[1] + crossing[3]) / 2), far: share > 0.5 }] : []
    })[0]
    const free = place && labels.every((other) => other.far !== place.far || Math.abs(other.y - place.y) >= 13)
    if (free) labels.push({ text: writing.wholeDegrees(level), ...place })
  }
  return labels
}
