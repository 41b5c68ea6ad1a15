"use client"
import { inSentence } from "../../core/in-sentence"
import { type ComponentProps, useId } from "react"
import { degrees } from "../../core/quantity/measure"
import { dewPoint } from "../../core/air/dew-point"
import type { BuiltLayer, BuiltMembers } from "../../core/assembly/build-up"
import { nextSold } from "../../core/material/layer-properties"
import type { SurfaceFigures } from "../../core/enclosure/surface-figures"
import type { Point } from "../../core/shell/face"
import { setThickness } from "../../edit/assembly-edits"
import type { DampAssessment } from "../../core/moisture/damp-assessment"
import type { AirState, Season } from "../../schema/quantity"
import { useJobStore, useSelection } from "../job/job-store"
import { useLedger } from "../job/use-ledger"
import { hatch, HatchPatterns } from "../pelt/hatches"
import { useWriting, type Writing } from "../writing/writing"
import type { Material } from "../../schema/material"
import { useMaterials } from "../materials/use-materials"
import { useSize } from "../primitives/use-size"
import { useDrag } from "../drawings/use-drag"
import { draggedThickness } from "./dragged-thickness"
import {
  figurePlace,
  type Lines,
  placeOfDepth,
  profileLines,
  scaleMarks,
  type SliceGeometry,
  sliceGeometry,
  soldPlaces,
} from "./slice-geometry"

const HEIGHT = 196
/** Height of a line of words over the drawing, and breadth of a letter in it, px. */
const [LINE, LETTER] = [15, 6.2]

/** A layer's inner edge under the hand; the scale is held so that the edge stays under the finger. */
interface HeldEdge {
  layer: BuiltLayer
  scale: number
}

/** The chosen face cut through: layers to scale, outdoors left, with temperature and dew point through it. */
export function Slice({ figures, season, still = false }: { figures: SurfaceFigures; season: Season; still?: boolean }) {
  const [ref, size] = useSize<HTMLDivElement>({ width: 516, height: 290 })
  const store = useJobStore()
  const chosen = useSelection((view) => view.layer)
  const { moisture } = useLedger()
  const name = useId()
  // Where layers taper it is cut at the end that is worse for damp.
  const { layers } = moisture[figures.id]!.at
  const thicknesses = layers.map(({ layer }) => layer.thickness)
  const materials = useMaterials()
  const writing = useWriting()
  const { units } = writing
  const stock = ({ layer }: BuiltLayer) => materials[layer.material]!
  const thicknessAt = ({ layer, scale }: HeldEdge, [right]: Point, free: boolean) =>
    setThickness(figures.assembly, layer.id, draggedThickness(layer.layer.thickness + right / scale, stock(layer), scale, free, units))
  const { dragged, handlers } = useDrag<HeldEdge>({
    onMove: (held, moved, free) => store.show(thicknessAt(held, moved, free)),
    onDrop: (held, moved, free) => void store.edit(thicknessAt(held, moved, free)),
    onCancel: () => store.show(null),
  })
  const geometry = sliceGeometry(thicknesses, size.width, dragged?.scale)
  const look = moisture[figures.id]![season]
  const airs = airsOf(figures, look, size.width, writing)
  const top = 7 + LINE * airs.outside.length
  // The edge of a film lies on that of the board beside it: thick layers, and the chosen one above all, get the hand.
  const even = new Set(figures.layers.flatMap(({ id, layer }) => (layer.taper === 0 ? [id] : [])))
  const reachable = layers
    .filter(({ id }) => even.has(id))
    .sort((a, b) => Number(a.id === chosen) - Number(b.id === chosen) || a.layer.thickness - b.layer.thickness)
  const selected = layers.find(({ id }) => id === chosen)
  return (
    <div ref={ref}>
      <svg
        width={size.width}
        height={top + HEIGHT + (selected && !still ? 42 : 6)}
        role="group"
        aria-label={`${figures.name} cut through, outdoors left`}
      >
        <HatchPatterns name={name} />
        <AirWords airs={airs} width={size.width} />
        <g transform={`translate(0 ${top})`}>
          <rect x={0} width={geometry.outdoors.to} height={HEIGHT} fill="color-mix(in oklab, var(--frost) 14%, var(--felt))" />
          <rect
            x={geometry.indoors.from}
            width={Math.max(0, size.width - geometry.indoors.from)}
            height={HEIGHT}
            fill="color-mix(in oklab, var(--ember) 14%, var(--felt))"
          />
          {layers.map((layer, i) => (
            <LayerDrawing
              key={layer.id}
              layer={layer}
              from={geometry.edges[i]!}
              to={geometry.edges[i + 1]!}
              hatches={name}
              chosen={layer.id === chosen}
              onChoose={() => store.choose({ layer: layer.id })}
            />
          ))}
          <Profile look={look} layers={layers} geometry={geometry} width={size.width} />
          {still
            ? null
            : reachable.map((layer) => (
                <Edge
                  key={layer.id}
                  layer={layer}
                  x={geometry.edges[layers.indexOf(layer) + 1]!}
                  reach={reachOf(geometry.edges, layers.indexOf(layer) + 1)}
                  chosen={layer.id === chosen}
                  onFocus={() => store.choose({ layer: layer.id })}
                  {...handlers({ layer, scale: geometry.scale })}
                  onStep={(step) => {
                    store.choose({ layer: layer.id })
                    store.edit(setThickness(figures.assembly, layer.id, nextSold(stock(layer), layer.layer.thickness, step)))
                  }}
                />
              ))}
        </g>
        {selected && !still ? (
          <Sold
            layer={selected}
            stock={stock(selected)}
            top={top + HEIGHT + 8}
            start={geometry.edges[layers.indexOf(selected)]!}
            scale={geometry.scale}
            width={size.width}
          />
        ) : null}
      </svg>
    </div>
  )
}

interface ProfileProps {
  look: DampAssessment
  layers: readonly BuiltLayer[]
  geometry: SliceGeometry
  width: number
}

/** Temperature and dew point through the layers, with their scale, and where it gets wet. */
function Profile({ look, layers, geometry, width }: ProfileProps) {
  const lines = profileLines(look, layers, geometry, dewPoint, HEIGHT)
  const thicknesses = layers.map(({ layer }) => layer.thickness)
  const worst = look.wet ?? look.exfiltrationWets
  return (
    <>
      <path d={lines.dewPoint} fill="none" stroke="var(--fen)" strokeWidth={2} strokeDasharray="3 3" data-line="dew-point" />
      <path d={lines.temperature} fill="none" stroke="var(--ember)" strokeWidth={2.4} strokeLinejoin="round" data-line="temperature" />
      <TemperatureScale lines={lines} x={width} />
      {worst ? (
        <g transform={`translate(${placeOfDepth(worst.depth, thicknesses, geometry)} ${lines.y(worst.temperature)})`}>
          <circle r={6.5} fill="var(--sheet)" stroke="var(--fen)" strokeWidth={2.4} strokeDasharray={look.wet ? undefined : "3 2"} />
          <circle r={2.2} fill="var(--fen)" />
        </g>
      ) : null}
    </>
  )
}

/** A thermometer's scale along the inside of the drawing. */
function TemperatureScale({ lines, x }: { lines: Lines; x: number }) {
  const { units, unit } = useWriting()
  const { shown, stored } = degrees(units)
  const marks = scaleMarks(lines.from, lines.to, shown)
  return (
    <g fontSize={11} fill="var(--graphite)" stroke="none" textAnchor="end" data-testid="temperature-scale">
      {marks.map((mark) => (
        <g key={mark} transform={`translate(${x} ${lines.y(stored(mark))})`}>
          <path d="M-5 0h5" stroke="var(--graphite)" strokeWidth={0.8} />
          <text x={-7} dy={4 + figurePlace(lines.y(stored(mark)), lines.ends)} className="on-hatch">
            {mark < 0 ? `−${-mark}` : mark}
            {mark === marks.at(-1) ? ` ${unit("temperature")}` : ""}
          </text>
        </g>
      ))}
    </g>
  )
}

/** The airs on both sides, in words over the drawing; where a window is too narrow for them side by side, on two lines. */
interface Airs {
  outside: string[]
  inside: string[]
}

function airsOf({ ground, adjacent }: SurfaceFigures, look: DampAssessment, width: number, { write }: Writing): Airs {
  const air = ({ temperature, relativeHumidity }: AirState) =>
    `${write("temperature", temperature)} · ${Math.round(relativeHumidity * 100)} % humid`
  const beyond = ground ? "soil" : adjacent.kind === "space" ? inSentence(adjacent.space.name) : "outdoors"
  const [outside, inside] = [
    [beyond, air(look.outside)],
    ["inside", air(look.inside)],
  ]
  const inLine = [...outside, ...inside].join(", ").length * LETTER < width
  if (inLine) return { outside: [outside.join(", ")], inside: [inside.join(", ")] }
  const room = Math.floor(width / LETTER) - "inside".length - 2
  return { outside: [beyond.length > room ? `${beyond.slice(0, room - 1)}…` : beyond, air(look.outside)], inside }
}

function AirWords({ airs, width }: { airs: Airs; width: number }) {
  return (
    <g fontSize={12} fill="var(--graphite)">
      {airs.outside.map((words, line) => (
        <text key={line} y={13 + line * LINE}>
          {words}
        </text>
      ))}
      {airs.inside.map((words, line) => (
        <text key={line} x={width} y={13 + line * LINE} textAnchor="end">
          {words}
        </text>
      ))}
    </g>
  )
}

function LayerDrawing({
  layer,
  from,
  to,
  hatches,
  chosen,
  onChoose,
}: {
  layer: BuiltLayer
  from: number
  to: number
  hatches: string
  chosen: boolean
  onChoose: () => void
}) {
  const { material, members } = layer
  return (
    <g onClick={onChoose} data-layer={layer.id} className="cursor-pointer">
      <rect x={from} width={to - from} height={HEIGHT} fill="var(--sheet)" />
      <rect x={from} width={to - from} height={HEIGHT} fill={hatch(hatches, material.class)} />
      {to - from > 8
        ? members
            .slice(0, MOST_MEMBERS)
            .map((member, i) => (
              <MemberDrawing key={member.id} member={member} from={from} to={to} y={HEIGHT - 62 - 48 * i} hatches={hatches} />
            ))
        : null}
      <rect
        x={from}
        width={to - from}
        height={HEIGHT}
        fill="none"
        stroke={chosen ? "var(--spruce)" : "var(--ink)"}
        strokeWidth={chosen ? 2.4 : 0.9}
      />
    </g>
  )
}

/** So many sets have room one above the other. */
const MOST_MEMBERS = 3

interface MemberProps {
  member: BuiltMembers
  from: number
  to: number
  y: number
  hatches: string
}

/** Members in their layer, with their share where there is room for it. */
function MemberDrawing({ member: { set, stuffs, fraction }, from, to, y, hatches }: MemberProps) {
  return (
    <g>
      <rect x={from} y={y} width={to - from} height={38} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={0.8} />
      <rect x={from} y={y} width={to - from} height={38} fill={hatch(hatches, stuffs.stuff.class)} />
      {to - from > 84 ? (
        <text x={(from + to) / 2} y={y + 23} textAnchor="middle" fontSize={12} fill="var(--ink)" className="on-hatch">
          {inSentence(set.name)}, {Math.round(fraction * 100)} %
        </text>
      ) : null}
    </g>
  )
}

/** A finger's breadth around an edge, 24 px where its neighbours leave it. */
function reachOf(edges: readonly number[], at: number): { before: number; after: number } {
  const room = (other: number | undefined) => (other === undefined ? 12 : Math.min(12, Math.max(6, Math.abs(other - edges[at]!) / 2)))
  return { before: room(edges[at - 1]), after: room(edges[at + 1]) }
}

interface EdgeProps extends Omit<ComponentProps<"g">, "x"> {
  layer: BuiltLayer
  x: number
  /** How far off the edge a finger may be, px. */
  reach: { before: number; after: number }
  chosen: boolean
  onStep: (step: 1 | -1) => void
}

/** The inner edge of a layer: drag it, or step it with the arrow keys. */
function Edge({ layer, x, reach, chosen, onStep, ...events }: EdgeProps) {
  const { length } = useWriting()
  const { thickness } = layer.layer
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={`Thickness of ${layer.material.name}`}
      aria-valuenow={Math.round(thickness * 100000) / 100}
      aria-valuemin={0}
      aria-valuemax={2000}
      aria-valuetext={length(thickness)}
      data-edge={layer.id}
      className="group cursor-ew-resize touch-none"
      {...events}
      onKeyDown={(event) => {
        const step = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key] as 1 | -1 | undefined
        if (!step) return
        event.preventDefault()
        event.stopPropagation()
        onStep(step)
      }}
    >
      <rect x={x - reach.before} width={reach.before + reach.after} height={HEIGHT} fill="transparent" />
      <g className={chosen ? "" : "opacity-0 group-hover:opacity-100 group-focus-visible:opacity-100"}>
        <rect x={x - 6} y={44} width={12} height={30} rx={3} fill="var(--spruce)" />
        <path d={`M${x - 2} 52v14M${x + 2} 52v14`} stroke="var(--on-spruce)" strokeWidth={1.4} />
      </g>
    </g>
  )
}

interface SoldProps {
  layer: BuiltLayer
  stock: Material
  /** Of the drawing, the start of the layer and the slice's breadth, px. */
  top: number
  start: number
  scale: number
  width: number
}

/** The thicknesses that a layer is sold in, under it, to the slice's scale. */
function Sold({ layer, stock, top: y, start, scale, width }: SoldProps) {
  const { figure } = useWriting()
  const places = soldPlaces(layer, stock, start, scale, width)
  return (
    <g fontSize={12} fill="var(--graphite)" textAnchor="middle" aria-hidden>
      <text x={start - 6} y={y + 22} textAnchor="end">
        sold in
      </text>
      <path d={`M${start} ${y}H${places.at(-1)?.x ?? start}`} stroke="var(--graphite)" />
      {places.map(({ thickness, x, worn, labelled }) => (
        <g key={thickness}>
          <path d={`M${x} ${y}v6`} stroke={worn ? "var(--spruce)" : "var(--graphite)"} strokeWidth={worn ? 2 : 1} />
          {labelled ? (
            <text x={x} y={y + 22} fontWeight={worn ? 700 : 400} fill={worn ? "var(--spruce)" : undefined}>
              {figure("length", thickness)}
            </text>
          ) : null}
        </g>
      ))}
    </g>
  )
}
