"use client"
import { useEffect, useId, useMemo, useRef, useState } from "react"
import type { BuiltLayer } from "../../../core/assembly/build-up"
import { dayWords } from "../../../core/climate/design-day"
import type { SectionModel } from "../../../core/section/section-model"
import { hourOfYear } from "../../../core/section/section-sides"
import { FRAME, FRAMES, type SectionYears } from "../../../core/section/section-years"
import { hatch, HatchPatterns } from "../../pelt/hatches"
import { Button } from "../../primitives/button"
import { Slide } from "../../primitives/slide"
import { useSize } from "../../primitives/use-size"
import { resolvedColour, useTheme } from "../../primitives/use-theme"
import { placeOfDepth, type SliceGeometry, sliceGeometry } from "../../slice/slice-geometry"
import { useWriting } from "../../writing/writing"

const HEIGHT = 150
/** Height of the picture of all years, px. */
const MAP = 74
const PER_DAY = 24 / FRAME
const DAYS = 365
/** Of a replay: days that pass in one step of so many ms. */
const [STEP, PACE] = [2, 60] as const
/** Humidity from which the picture is inked. */
const PALE = 0.5

interface Props {
  model: SectionModel
  layers: readonly BuiltLayer[]
  told: SectionYears
}

/** The section at any day of its years: humidity and temperature through it, and the picture of all years to drag along. */
export function SectionThrough({ model, layers, told }: Props) {
  const [playing, setPlaying] = useState(false)
  const days = told.years.length * DAYS
  const [day, setDay] = useState((told.years.length - 1) * DAYS)
  const at = Math.min(day, days - 1)
  useEffect(() => {
    if (!playing) return
    const beat = setInterval(() => setDay((now) => (now + STEP < days ? now + STEP : 0)), PACE)
    return () => clearInterval(beat)
  }, [playing, days])
  const words = `${dayWords(hourOfYear(model.start, at * 24) / 24)}, year ${Math.floor(at / DAYS) + 1}`
  return (
    <div className="grid grid-cols-1 gap-1.5">
      <Profile model={model} layers={layers} told={told} frame={at * PER_DAY + PER_DAY / 2} words={words} />
      <YearsMap told={told} day={at} onDay={setDay} />
      <div className="flex items-center gap-3">
        <div className="min-w-0 grow">
          <Slide label="Day" least={0} most={days - 1} value={at} words={words} onChange={setDay} />
        </div>
        <Button onClick={() => setPlaying(!playing)}>{playing ? "Stop" : "Play"}</Button>
      </div>
    </div>
  )
}

/** Depth of the edges of cells, m, the outdoor face first. */
function edgesOf(widths: Float64Array): number[] {
  const edges = [0]
  for (const width of widths) edges.push(edges.at(-1)! + width)
  return edges
}

/** The layers with humidity through them as a filled line, temperature as another, and free water inked. */
function Profile({ model, layers, told, frame, words }: Props & { frame: number; words: string }) {
  const [ref, size] = useSize<HTMLDivElement>({ width: 516, height: HEIGHT })
  const { write } = useWriting()
  const name = useId()
  const thicknesses = model.layers.map(({ thickness }) => thickness)
  const geometry = useMemo(() => sliceGeometry(thicknesses, size.width), [thicknesses, size.width])
  const count = told.widths.length
  const edges = useMemo(() => edgesOf(told.widths), [told])
  const of = (all: Float32Array, cell: number) => all[Math.min(frame, told.years.length * FRAMES - 1) * count + cell]!
  const x = (depth: number) => placeOfDepth(depth, thicknesses, geometry)
  const humid = (value: number) => HEIGHT - 8 - Math.min(1, value) * (HEIGHT - 24)
  const middle = (cell: number) => (edges[cell]! + edges[cell + 1]!) / 2
  const temperatures = [...told.widths.keys()].map((cell) => of(told.temperature, cell))
  const [low, high] = [Math.min(...temperatures) - 1, Math.max(...temperatures) + 1]
  const warm = (value: number) => HEIGHT - 14 - ((value - low) / (high - low)) * (HEIGHT - 36)
  const line = (y: (cell: number) => number) =>
    [...told.widths.keys()].map((cell) => `${cell === 0 ? "M" : "L"}${x(middle(cell)).toFixed(1)} ${y(cell).toFixed(1)}`).join("")
  const last = count - 1
  const percent = (cell: number) => `${Math.round(100 * Math.min(1, of(told.humidity, cell)))} %`
  return (
    <div ref={ref}>
      <svg
        width={size.width}
        height={HEIGHT + 20}
        role="img"
        aria-label={`The section on ${words}: outdoor face ${write("temperature", temperatures[0]!)} and ${percent(0)} humid, inside face ${write("temperature", temperatures[last]!)} and ${percent(last)} humid`}
        data-testid="section-through"
      >
        <HatchPatterns name={name} />
        <g fontSize={12} fill="var(--graphite)">
          <text y={13}>outdoors</text>
          <text x={size.width} y={13} textAnchor="end">
            inside
          </text>
        </g>
        <g transform="translate(0 20)">
          {layers.map((layer, i) => (
            <g key={layer.id}>
              <rect x={geometry.edges[i]} width={geometry.edges[i + 1]! - geometry.edges[i]!} height={HEIGHT} fill="var(--sheet)" />
              <rect
                x={geometry.edges[i]}
                width={geometry.edges[i + 1]! - geometry.edges[i]!}
                height={HEIGHT}
                fill={hatch(name, layer.material.class)}
              />
            </g>
          ))}
          {[...told.widths.keys()].map((cell) => {
            const [from, to] = [x(edges[cell]!), x(edges[cell + 1]!)]
            const ink = Math.max(0, Math.min(1, (of(told.humidity, cell) - PALE) / (1 - PALE)))
            return <rect key={cell} x={from} width={to - from} height={HEIGHT} fill="var(--fen)" fillOpacity={0.55 * ink * ink} />
          })}
          {layers.map((layer, i) => (
            <rect
              key={layer.id}
              x={geometry.edges[i]}
              width={geometry.edges[i + 1]! - geometry.edges[i]!}
              height={HEIGHT}
              fill="none"
              stroke="var(--ink)"
              strokeWidth={0.9}
            />
          ))}
          <EightyLine geometry={geometry} width={size.width} y={humid(0.8)} />
          <path
            d={line((cell) => humid(of(told.humidity, cell)))}
            fill="none"
            stroke="var(--fen)"
            strokeWidth={2.2}
            strokeLinejoin="round"
          />
          <path
            d={line((cell) => warm(temperatures[cell]!))}
            fill="none"
            stroke="var(--ember)"
            strokeWidth={2}
            strokeDasharray="6 3"
            strokeLinejoin="round"
          />
          <g fontSize={12} className="on-hatch">
            <text x={geometry.outdoors.to - 6} y={humid(of(told.humidity, 0)) + 4} textAnchor="end" fill="var(--fen)">
              {percent(0)}
            </text>
            <text x={geometry.indoors.from + 6} y={humid(of(told.humidity, last)) + 4} fill="var(--fen)">
              {percent(last)}
            </text>
          </g>
        </g>
      </svg>
      <p className="text-dense text-graphite">
        Solid: humidity. Dashed: temperature, {write("temperature", temperatures[0]!)} at the outdoor face,{" "}
        {write("temperature", temperatures[last]!)} at the inside face, on {words}.
      </p>
    </div>
  )
}

/** Where mould can begin. */
function EightyLine({ geometry, width, y }: { geometry: SliceGeometry; width: number; y: number }) {
  return (
    <g>
      <path d={`M${geometry.outdoors.to} ${y}H${width - 34}`} stroke="var(--clay)" strokeDasharray="2 3" />
      <text x={width} y={y + 4} textAnchor="end" fontSize={11} fill="var(--clay)">
        80 %
      </text>
    </g>
  )
}

/** Humidity of all depths through all years, the outdoor face on top; a press goes to that day. */
function YearsMap({ told, day, onDay }: { told: SectionYears; day: number; onDay: (day: number) => void }) {
  const canvas = useRef<HTMLCanvasElement>(null)
  const theme = useTheme()
  const days = told.years.length * DAYS
  const rows = useMemo(() => rowsOf(told), [told])
  useEffect(() => {
    const context = canvas.current?.getContext("2d")
    if (!context) return
    const [red = 0, green = 0, blue = 0] = paint(resolvedColour("var(--fen)"))
    const count = told.widths.length
    const image = context.createImageData(days, MAP)
    for (let x = 0; x < days; x++)
      for (let y = 0; y < MAP; y++) {
        const humidity = told.humidity[x * PER_DAY * count + rows[y]!]!
        const ink = Math.max(0, Math.min(1, (humidity - PALE) / (1 - PALE)))
        image.data.set([red, green, blue, 255 * ink * ink], 4 * (y * days + x))
      }
    context.putImageData(image, 0, 0)
  }, [told, days, rows, theme])
  return (
    <figure className="grid grid-cols-1 gap-0.5">
      <div className="relative">
        <canvas
          ref={canvas}
          width={days}
          height={MAP}
          className="block h-[74px] w-full cursor-pointer border border-seam bg-sheet"
          aria-hidden
          onPointerDown={({ nativeEvent, currentTarget }) => onDay(Math.floor((nativeEvent.offsetX / currentTarget.clientWidth) * days))}
          onPointerMove={({ nativeEvent, currentTarget, buttons }) => {
            if (buttons === 1) onDay(Math.max(0, Math.min(days - 1, Math.floor((nativeEvent.offsetX / currentTarget.clientWidth) * days))))
          }}
        />
        <span
          className="pointer-events-none absolute top-0 h-full border-l-2 border-spruce"
          style={{ left: `${(100 * day) / days}%` }}
          aria-hidden
        />
      </div>
      <div className="flex text-dense text-graphite" aria-hidden>
        {told.years.map((_, year) => (
          <span key={year} className="min-w-0 grow basis-0 border-l border-seam pl-1 whitespace-nowrap">
            {year === 0 || told.years.length < 6 ? `year ${year + 1}` : year + 1}
          </span>
        ))}
      </div>
      <figcaption className="text-dense text-graphite">
        The outdoor face on top, the inside below: the stronger the ink, the damper.
      </figcaption>
    </figure>
  )
}

/** The cell that each row of the picture shows: layers to scale, and each in no less than three rows. */
function rowsOf({ widths, layers }: SectionYears): Int32Array {
  const cells = [...widths.keys()]
  const thickness = (layer: number) => cells.reduce((all, cell) => all + (layers[cell] === layer ? widths[cell]! : 0), 0)
  const last = layers.at(-1)!
  const shares = Array.from({ length: last + 1 }, (_, layer) => thickness(layer))
  const all = shares.reduce((sum, one) => sum + one, 0)
  const heights = shares.map((one) => Math.max(3, (MAP * one) / all))
  const scale = MAP / heights.reduce((sum, one) => sum + one, 0)
  const rows = new Int32Array(MAP)
  let top = 0
  heights.forEach((height, layer) => {
    const [from, to] = [top, (top += height * scale)]
    const own = cells.filter((cell) => layers[cell] === layer)
    let depth = 0
    for (const cell of own) {
      const start = from + ((to - from) * depth) / shares[layer]!
      depth += widths[cell]!
      rows.fill(cell, Math.round(start), Math.round(from + ((to - from) * depth) / shares[layer]!))
    }
  })
  return rows
}

/** Red, green and blue of a colour that the browser has resolved, 0…255. */
function paint(colour: string): number[] {
  const context = Object.assign(document.createElement("canvas"), { width: 1, height: 1 }).getContext("2d")!
  context.fillStyle = colour
  context.fillRect(0, 0, 1, 1)
  return [...context.getImageData(0, 0, 1, 1).data]
}
