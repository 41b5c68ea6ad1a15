"use client"
import { useMemo } from "react"
import { isotherm, roundLevels, type Segment, type TemperaturePicture as Picture } from "../../core/conduction/picture"
import type { Body } from "../../core/conduction/body"
import { temperatureAt } from "../../core/conduction/temperatures"
import type { ColdSurface } from "../../core/ledger/cold-surface"
import { degrees, printWholeDegrees } from "../../core/quantity/measure"
import type { UnitSystem } from "../../core/quantity/unit-system"

interface Props {
  body: Body
  /** Between outdoors, 0, and indoors, 1. */
  picture: Picture
  /** The airs on both sides and the dew point of the warm one. */
  surface: ColdSurface
  coldestAt: { x: number; y: number }
  /** Width of the member in the body's middle, m. */
  member: number
  system: UnitSystem
  label: string
}

const WIDTH = 514
/** Of the body's height that is shown on either side of the member. */
const BESIDE = 1.2

/** A detail cut across, outdoors below: stuffs in outline, temperatures in bands with their isotherms, the dew point dashed. */
export function TemperaturePicture({ body, picture, surface, coldestAt, member, system, label }: Props) {
  const { inside, beyond, dewPoint, side } = surface
  const drawn = useMemo(() => {
    const scaled = { ...picture, temperature: picture.temperature.map((share) => beyond + share * (inside - beyond)) }
    return draw(body, scaled, member, dewPoint, system)
  }, [body, picture, member, dewPoint, system, inside, beyond])
  const { height, at } = drawn
  return (
    <svg viewBox={`0 -16 ${WIDTH} ${height + 32}`} width="100%" role="img" aria-label={label} className="max-w-[514px]">
      <svg width={WIDTH} height={height} viewBox={`0 0 ${WIDTH} ${height}`}>
        {drawn.bands.map(({ level, fill, path }) => (
          <path key={level} d={path} fill={fill} stroke={fill} strokeWidth={0.3} />
        ))}
        {drawn.outlines.map((path, i) => (
          <path key={i} d={path} fill="none" stroke="var(--ink)" strokeWidth={0.9} />
        ))}
        <g fill="none" stroke="var(--graphite)" strokeWidth={0.8}>
          {drawn.isotherms.map(({ level, path }) => (
            <path key={level} d={path} data-isotherm={level} />
          ))}
        </g>
        {drawn.dew ? (
          <path d={drawn.dew} fill="none" stroke="var(--fen)" strokeWidth={2.2} strokeDasharray="4 3" data-line="dew-point" />
        ) : null}
        <g fontSize={11.5} fill="var(--ink)">
          {drawn.labels.map(({ text, y }) => (
            <text key={text} x={6} y={y + 4} className="on-hatch">
              {text}
            </text>
          ))}
        </g>
        {side === "inside" ? (
          <circle cx={at(coldestAt.x, 0)[0]} cy={at(0, coldestAt.y)[1] + 4} r={3.5} fill="var(--frost)" stroke="var(--sheet)" />
        ) : null}
      </svg>
      <g fontSize={12} fill="var(--graphite)">
        <text x={0} y={-5}>
          indoors
        </text>
        <text x={0} y={height + 13}>
          outdoors
        </text>
      </g>
    </svg>
  )
}

function draw(body: Body, picture: Picture, member: number, dewPoint: number | null, system: UnitSystem) {
  const shown = Math.min(body.width, member + 2 * BESIDE * body.height)
  const scale = WIDTH / shown
  const left = (body.width - shown) / 2
  const at = (x: number, y: number): [number, number] => [(x - left) * scale, (body.height - y) * scale]
  const path = (segments: readonly Segment[]) => segments.map(([x1, y1, x2, y2]) => `M${point(at(x1, y1))}L${point(at(x2, y2))}`).join("")
  const { shown: onScale, stored } = degrees(system)
  const [low, high] = picture.temperature.reduce(([least, most], t) => [Math.min(least, t), Math.max(most, t)], [Infinity, -Infinity] as [
    number,
    number,
  ])
  const levels = roundLevels(onScale(low), onScale(high)).map(stored)
  const isotherms = levels.map((level) => ({ level, segments: isotherm(picture, level) }))
  return {
    at,
    height: body.height * scale,
    bands: bandsOf(picture, levels, { left, scale, height: body.height * scale }),
    outlines: body.blocks.map(({ x, y, width, height }) => {
      const [px, py] = at(x, y + height)
      return `M${point([px, py])}h${round(width * scale)}v${round(height * scale)}h${round(-width * scale)}z`
    }),
    isotherms: isotherms.map(({ level, segments }) => ({ level, path: path(segments) })),
    labels: labelsOf(isotherms, left + 0.02 * shown, (y) => at(0, y)[1], system).filter(({ y }) => y > 8 && y < body.height * scale - 8),
    dew: dewPoint === null || dewPoint <= low || dewPoint >= high ? null : path(isotherm(picture, dewPoint)),
  }
}

const round = (value: number) => Math.round(value * 100) / 100
const point = ([x, y]: readonly [number, number]) => `${round(x)} ${round(y)}`

/** Of a sample of a band, px. */
const GRAIN = 2

/** Bands between the isotherms, from samples row by row in runs. */
function bandsOf(picture: Picture, levels: readonly number[], { left, scale, height }: { left: number; scale: number; height: number }) {
  const paths = Array.from({ length: levels.length + 1 }, () => "")
  const columns = Math.ceil(WIDTH / GRAIN)
  for (let py = 0; py < height; py += GRAIN) {
    const y = (height - Math.min(height, py + GRAIN / 2)) / scale
    let [band, from] = [-1, 0]
    for (let column = 0; column <= columns; column++) {
      const t = column < columns ? temperatureAt(picture, picture.temperature, left + ((column + 0.5) * GRAIN) / scale, y) : NaN
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

/** Degrees beside the isotherms where they enter at the left, no two over each other. */
function labelsOf(
  isotherms: readonly { level: number; segments: readonly Segment[] }[],
  x: number,
  down: (y: number) => number,
  system: UnitSystem,
): { text: string; y: number }[] {
  const labels: { text: string; y: number }[] = []
  for (const { level, segments } of isotherms) {
    const crossing = segments.find(([x1, , x2]) => Math.min(x1, x2) <= x && Math.max(x1, x2) >= x)
    if (!crossing) continue
    const y = down((crossing[1] + crossing[3]) / 2)
    if (labels.every((other) => Math.abs(other.y - y) >= 13)) labels.push({ text: printWholeDegrees(level, system), y })
  }
  return labels
}
