import type { BridgeInput, BridgeOutput } from "../../schema/bridge"
import { type Note, type Noted, noteIf } from "../../schema/note"
import { type Body, firstMesh, surroundings } from "./body"
import { faceTemperature, cornerTemperatures, temperatureAt } from "./temperatures"
import { type Facet, type Field, fieldOn, inSeries } from "./field"
import { halved, type Mesh } from "./mesh"

/** Cells of the largest mesh. */
const MOST = 600_000

/** A body solved: its field on the finest mesh, and whether that was fine enough. */
export interface SolvedBody {
  field: Field
  flows: number[]
  fine: boolean
}

/**
 * Steady conduction in two dimensions: heat flows, temperatures at probes and surfaces, and the temperature factor.
 * The mesh is halved until that changes no heat flow by more than the accuracy.
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
 * Solves a body on finer and finer meshes.
 * @param onMesh hears how many cells the next mesh has
 */
export function solvedBody(body: Body, onMesh?: (cells: number) => void): SolvedBody {
  let mesh = firstMesh(body)
  let field = fieldOn(body, mesh, null)
  let flows = flowsOf(body, field)
  for (;;) {
    const finer: Mesh = { x: halved(mesh.x), y: halved(mesh.y) }
    const cells = (finer.x.length - 1) * (finer.y.length - 1)
    if (cells > MOST) return { field, flows, fine: false }
    onMesh?.(cells)
    const next = fieldOn(body, finer, field)
    const now = flowsOf(body, next)
    const largest = Math.max(...now.map(Math.abs))
    const change = Math.max(...now.map((flow, b) => Math.abs(flow - flows[b]!)))
    ;[mesh, field, flows] = [finer, next, now]
    if (change <= body.accuracy * largest) return { field, flows, fine: true }
  }
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
  const facets = field.facets.filter(({ boundary }) => boundary === b)
  const points = facets.map((facet) => ({ ...facet, temperature: faceTemperature(field, facet, beyond) }))
  const length = points.reduce((sum, point) => sum + point.length, 0)
  const mean = points.reduce((sum, point) => sum + point.temperature * point.length, 0) / length
  const all = [...stretches(points).flatMap(endsOf), ...points]
  const coldest = all.reduce((least, point) => (point.temperature < least.temperature ? point : least))
  return {
    minimum: coldest.temperature,
    maximum: Math.max(...all.map(({ temperature }) => temperature)),
    mean,
    minimumAt: { x: coldest.x, y: coldest.y },
  }
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
      "The largest mesh was reached before the heat flows settled to the accuracy asked for. Where two fixed temperatures meet they have no finite value; temperatures away from there stand.",
    ),
    ...noteIf(!field.converged, "not-converged", "The balance of the cells did not settle to the last digit."),
    ...noteIf(
      body.blocks.some(({ airspace }) => airspace),
      "voids",
      "Voids are taken as unventilated, at 10 °C and 5 K.",
    ),
  ]
}
