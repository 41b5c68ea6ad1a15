import type { BridgeInput, BridgeOutput } from "../../schema/bridge"
import { type Note, type Noted, noteIf } from "../../schema/note"
import { type Body, endsOfStuffs, firstMesh, surroundings } from "./body"
import { faceTemperature, cornerTemperatures, temperatureAt } from "./temperatures"
import { type Facet, type Field, fieldOn, inSeries } from "./field"
import { cutNear, halved, type Mesh } from "./mesh"

/** Cells of the largest mesh, and of one that leaves room to be cut about many points. */
const [MOST, ROOMY] = [600_000, 40_000] as const

/** A body solved: its field on the finest mesh, and whether that was fine enough. */
export interface SolvedBody {
  field: Field
  /** The same on a mesh that was halved all over: what the flows and a picture are taken from. */
  drawn: Field
  flows: number[]
  fine: boolean
}

/**
 * Steady conduction in two dimensions: heat flows, temperatures at probes and surfaces, and the temperature factor.
 * The mesh is halved until that changes no heat flow by more than the accuracy, and no coldest or warmest point of a surface by more than
 * 0.1 K or 0.005 of the greatest difference.
 * @see ISO 10211:2017
 */
export const bridge = (body: BridgeInput): Noted<BridgeOutput> => bridgeFigures(body, solvedBody(body))

/** What is said of a solved body. */
export function bridgeFigures(body: Body, { field, flows, fine }: SolvedBody): Noted<BridgeOutput> {
  const around = surroundings(body)
  const largest = Math.max(...flows.map(Math.abs))
  const corners = body.probes ? cornerTemperatures(body, field) : null
  const surface = Object.fromEntries(around.map(({ id, temperature }, b) => [id, surfaceOf(field, b, temperature)]))
  return {
    heatFlow: Object.fromEntries(around.map(({ id }, b) => [id, flows[b]!])),
    probes: Object.fromEntries((body.probes ?? []).map(({ id, x, y }) => [id, temperatureAt(field.mesh, corners!, x, y)])),
    surface,
    imbalance: largest === 0 ? 0 : Math.abs(flows.reduce((sum, flow) => sum + flow, 0)) / largest,
    cells: field.temperature.length,
    fRsi: temperatureFactor(around, surface),
    notes: notesOf(body, field, fine),
  }
}

/**
 * Solves a body on finer and finer meshes: halved until the heat flows settle, then finer about its coldest and warmest points until those do.
 * @param onMesh hears how many cells the next mesh has
 * @param settled which points of the surfaces must settle beside the flows
 */
export function solvedBody(body: Body, onMesh?: (cells: number) => void, settled: Settled = "all"): SolvedBody {
  let field = fieldOn(body, firstMesh(body), null)
  let flows = flowsOf(body, field)
  let roomy = field
  for (;;) {
    const finer: Mesh = { x: halved(field.mesh.x), y: halved(field.mesh.y) }
    if (cellsOf(finer) > MOST) return { ...pointed(body, null, field, roomy, settled, onMesh), drawn: field, flows, fine: false }
    onMesh?.(cellsOf(finer))
    const next = fieldOn(body, finer, field)
    const now = flowsOf(body, next)
    const largest = Math.max(...now.map(Math.abs))
    const change = Math.max(...now.map((flow, b) => Math.abs(flow - flows[b]!)))
    if (cellsOf(finer) <= ROOMY) roomy = next
    if (change <= body.accuracy * largest) return { ...pointed(body, field, next, roomy, settled, onMesh), drawn: next, flows: now }
    ;[field, flows] = [next, now]
  }
}

/** Of how far cutting the cells near a point in four may move it, what halving all may: where a field bends like √r, it leaves 2.4 times that. */
const HALVING = 0.4

/**
 * A field whose coldest and warmest points are settled too: the mesh is cut about those that still move. One that was halved all over until it
 * is large has no room for that: then it begins with the last that has, and cuts that about all ends of stuffs first, where the field bends most.
 * @param coarse null where flows did not settle
 * @param halved the field on a mesh of half the cells' sizes
 * @param roomy the last that leaves room
 */
function pointed(body: Body, coarse: Field | null, halved: Field, roomy: Field, settled: Settled, onMesh?: (cells: number) => void) {
  if (settled === "flows") return { field: halved, fine: true }
  const settles = extremesSettle(body)
  const movedBeyond = (before: SurfacePoint[], now: SurfacePoint[], most: number) =>
    now.filter(({ temperature }, i) => Math.abs(temperature - before[i]!.temperature) > most)
  let field = halved
  let extremes = extremesOf(body, field, settled)
  let moving = coarse ? movedBeyond(extremesOf(body, coarse, settled), extremes, HALVING * settles) : extremes
  if (moving.length > 0 && halved !== roomy) {
    field = aboutEnds(body, roomy)
    extremes = extremesOf(body, field, settled)
    moving = extremes
  }
  while (moving.length > 0) {
    const near = (lines: Float64Array, axis: "x" | "y") =>
      cutNear(
        lines,
        moving.map((point) => point[axis]),
      )
    const mesh: Mesh = { x: near(field.mesh.x, "x"), y: near(field.mesh.y, "y") }
    if (cellsOf(mesh) > MOST) return { field, fine: false }
    onMesh?.(cellsOf(mesh))
    field = fieldOn(body, mesh, field)
    const found = extremesOf(body, field, settled)
    moving = movedBeyond(extremes, found, settles)
    extremes = found
  }
  return { field, fine: true }
}

/** How often a mesh is cut about the ends of stuffs, each time in four. */
const CUTS = 2

/** A field on a mesh that is finer about all ends of stuffs and of boundaries, as far as there is room. */
function aboutEnds(body: Body, roomy: Field): Field {
  const { x, y } = endsOfStuffs(body)
  let { mesh } = roomy
  for (let cut = 0; cut < CUTS; cut++) {
    const finer = { x: cutNear(mesh.x, x), y: cutNear(mesh.y, y) }
    if (cellsOf(finer) > MOST / 4) break
    mesh = finer
  }
  return mesh === roomy.mesh ? roomy : fieldOn(body, mesh, roomy)
}

const cellsOf = ({ x, y }: Mesh): number => (x.length - 1) * (y.length - 1)

/** How far a finer mesh may still move the coldest and the warmest points, K: what is left of their error is about as much. */
function extremesSettle(body: Body): number {
  const temperatures = surroundings(body).map(({ temperature }) => temperature)
  return Math.min(0.1, 0.005 * (Math.max(...temperatures) - Math.min(...temperatures))) / 2
}

/** Which points of the surfaces are held: none, the coldest of the warm side and the warmest of the cold side, or both of each. */
type Settled = "flows" | "facing" | "all"

/** Coldest and warmest point of each surface, as far as they are held. */
function extremesOf(body: Body, field: Field, settled: Settled): SurfacePoint[] {
  const around = surroundings(body)
  const temperatures = around.map(({ temperature }) => temperature)
  const [low, high] = [Math.min(...temperatures), Math.max(...temperatures)]
  return around.flatMap(({ temperature }, b) => {
    const { coldest, warmest } = surfacePoints(field, b, temperature)
    if (!coldest || !warmest) return []
    if (settled === "all") return [coldest, warmest]
    return temperature === high ? [coldest] : temperature === low ? [warmest] : []
  })
}

/** Heat into the body through each boundary, W a metre of depth. */
function flowsOf(body: Body, { facets, temperature }: Field): number[] {
  const around = surroundings(body)
  const flows = around.map(() => 0)
  for (const { boundary, cell, inner, outer } of facets)
    flows[boundary]! += inSeries(inner, outer) * (around[boundary]!.temperature - temperature[cell]!)
  return flows
}

function surfaceOf(field: Field, b: number, beyond: number): BridgeOutput["surface"][string] {
  const { points, coldest, warmest } = surfacePoints(field, b, beyond)
  const length = points.reduce((sum, point) => sum + point.length, 0)
  const mean = points.reduce((sum, point) => sum + point.temperature * point.length, 0) / length
  const { temperature: minimum, x, y } = coldest!
  return { minimum, maximum: warmest!.temperature, mean, minimumAt: { x, y } }
}

/** The faces of a surface, and its coldest and warmest points, ends included. */
function surfacePoints(field: Field, b: number, beyond: number) {
  const facets = field.facets.filter(({ boundary }) => boundary === b)
  const points = facets.map((facet): SurfacePoint => ({ ...facet, temperature: faceTemperature(field, facet, beyond) }))
  const all = [...stretches(points).flatMap(endsOf), ...points]
  const [coldest, warmest] = [1, -1].map((sign) =>
    all.reduce<SurfacePoint | undefined>(
      (best, point) => (best && sign * point.temperature >= sign * best.temperature ? best : point),
      undefined,
    ),
  )
  return { points, coldest, warmest }
}

type SurfacePoint = Facet & { temperature: number }

/** Faces in a row on one straight line; those around an air make several. */
function stretches(points: readonly SurfacePoint[]): SurfacePoint[][] {
  const rows: SurfacePoint[][] = []
  for (const point of points) {
    const last = rows.at(-1)?.at(-1)
    const joined =
      last && last.edge === point.edge && Math.abs(point.along - last.along - (point.length + last.length) / 2) < 1e-6 * point.length
    if (joined) rows.at(-1)!.push(point)
    else rows.push([point])
  }
  return rows
}

/** The two ends of a stretch, on the straight line through the two nearest faces. */
function endsOf(points: readonly SurfacePoint[]): SurfacePoint[] {
  if (points.length < 2) return []
  const end = (last: SurfacePoint, before: SurfacePoint): SurfacePoint => {
    const way = Math.sign(last.along - before.along)
    const along = last.along + (way * last.length) / 2
    const slope = (last.temperature - before.temperature) / (last.along - before.along)
    const place = last.edge === "bottom" || last.edge === "top" ? { x: along } : { y: along }
    return { ...last, ...place, along, temperature: last.temperature + slope * (along - last.along) }
  }
  return [end(points[0]!, points[1]!), end(points.at(-1)!, points.at(-2)!)]
}

/** @see ISO 10211:2017, 3.1 (temperature factor at the internal surface) */
function temperatureFactor(around: ReturnType<typeof surroundings>, surface: BridgeOutput["surface"]): number | null {
  const temperatures = [...new Set(around.map(({ temperature }) => temperature))]
  if (temperatures.length !== 2) return null
  const [low, high] = [Math.min(...temperatures), Math.max(...temperatures)]
  const coldest = Math.min(...around.filter(({ temperature }) => temperature === high).map(({ id }) => surface[id]!.minimum))
  return (coldest - low) / (high - low)
}

function notesOf(body: Body, field: Field, fine: boolean): Note[] {
  return [
    ...noteIf(
      !fine,
      "largest-mesh",
      "The largest mesh was reached before heat flows and coldest points settled to the accuracy asked for. Where two fixed temperatures meet they have no finite value; temperatures away from there stand.",
    ),
    ...noteIf(!field.converged, "not-converged", "The balance of the cells did not settle to the last digit."),
    ...noteIf(
      body.blocks.some(({ airspace }) => airspace),
      "voids",
      "Voids are taken as unventilated, at 10 °C and 5 K.",
    ),
  ]
}
