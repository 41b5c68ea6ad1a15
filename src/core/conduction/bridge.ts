import type { BridgeInput, BridgeOutput } from "../../schema/bridge"
import { firstMesh } from "./body"
import { faceTemperature, cornerTemperatures, temperatureAt } from "./temperatures"
import { type Facet, type Field, fieldOn, inSeries } from "./field"
import { halved, type Mesh } from "./mesh"

/** Cells of the largest mesh. */
const MOST = 400_000

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
export const bridge = (body: BridgeInput): BridgeOutput => bridgeFigures(body, solvedBody(body))

/** What is said of a solved body. */
export function bridgeFigures(body: BridgeInput, { field, flows, fine }: SolvedBody): BridgeOutput {
  const { boundaries } = body
  const largest = Math.max(...flows.map(Math.abs))
  const beyond = boundaries.map(({ temperature }) => temperature)
  const corners = cornerTemperatures(field, beyond)
  const surface = Object.fromEntries(boundaries.map(({ id }, b) => [id, surfaceOf(field, b, beyond[b]!)]))
  return {
    heatFlow: Object.fromEntries(boundaries.map(({ id }, b) => [id, flows[b]!])),
    probes: Object.fromEntries((body.probes ?? []).map(({ id, x, y }) => [id, temperatureAt(field.mesh, corners, x, y)])),
    surface,
    imbalance: largest === 0 ? 0 : Math.abs(flows.reduce((sum, flow) => sum + flow, 0)) / largest,
    cells: field.temperature.length,
    fRsi: temperatureFactor(boundaries, surface),
    notes: notesOf(body, field, fine),
  }
}

/**
 * Solves a body on finer and finer meshes.
 * @param onMesh hears how many cells the next mesh has
 */
export function solvedBody(body: BridgeInput, onMesh?: (cells: number) => void): SolvedBody {
  let mesh = firstMesh(body)
  let field = fieldOn(body, mesh, null)
  let flows = flowsOf(body, field)
  for (;;) {
    const finer: Mesh = { x: halved(mesh.x), y: halved(mesh.y) }
    const cells = (finer.x.length - 1) * (finer.y.length - 1)
    if (cells > MOST) return { field, flows, fine: false }
    onMesh?.(cells)
    const next = fieldOn(body, finer, spread(field))
    const now = flowsOf(body, next)
    const largest = Math.max(...now.map(Math.abs))
    const change = Math.max(...now.map((flow, b) => Math.abs(flow - flows[b]!)))
    ;[mesh, field, flows] = [finer, next, now]
    if (change <= body.accuracy * largest) return { field, flows, fine: true }
  }
}

/** Temperatures of a mesh as a first guess on the one with its cells cut in four. */
function spread({ mesh, temperature }: Field): Float64Array {
  const [columns, rows] = [mesh.x.length - 1, mesh.y.length - 1]
  const finer = new Float64Array(4 * temperature.length)
  for (let row = 0; row < 2 * rows; row++)
    for (let column = 0; column < 2 * columns; column++)
      finer[row * 2 * columns + column] = temperature[(row >> 1) * columns + (column >> 1)]!
  return finer
}

/** Heat into the body through each boundary, W a metre of depth. */
function flowsOf({ boundaries }: BridgeInput, { facets, temperature }: Field): number[] {
  const flows = boundaries.map(() => 0)
  for (const { boundary, cell, inner, outer } of facets)
    flows[boundary]! += inSeries(inner, outer) * (boundaries[boundary]!.temperature - temperature[cell]!)
  return flows
}

function surfaceOf(field: Field, b: number, beyond: number): BridgeOutput["surface"][string] {
  const facets = field.facets.filter(({ boundary }) => boundary === b)
  const points = facets.map((facet) => ({ ...facet, temperature: faceTemperature(field, facet, beyond) }))
  const length = points.reduce((sum, point) => sum + point.length, 0)
  const mean = points.reduce((sum, point) => sum + point.temperature * point.length, 0) / length
  const all = [...endsOf(points), ...points]
  const coldest = all.reduce((least, point) => (point.temperature < least.temperature ? point : least))
  return {
    minimum: coldest.temperature,
    maximum: Math.max(...all.map(({ temperature }) => temperature)),
    mean,
    minimumAt: { x: coldest.x, y: coldest.y },
  }
}

type SurfacePoint = Facet & { temperature: number }

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
function temperatureFactor(boundaries: BridgeInput["boundaries"], surface: BridgeOutput["surface"]): number | null {
  const temperatures = [...new Set(boundaries.map(({ temperature }) => temperature))]
  if (temperatures.length !== 2) return null
  const [low, high] = [Math.min(...temperatures), Math.max(...temperatures)]
  const coldest = Math.min(...boundaries.filter(({ temperature }) => temperature === high).map(({ id }) => surface[id]!.minimum))
  return (coldest - low) / (high - low)
}

function notesOf(body: BridgeInput, field: Field, fine: boolean): string[] {
  return [
    ...(fine
      ? []
      : [
          "The largest mesh was reached before the heat flows settled to the accuracy asked for. Where two fixed temperatures meet they have no finite value; temperatures away from there stand.",
        ]),
    ...(field.converged ? [] : ["The balance of the cells did not settle to the last digit."]),
    ...(body.blocks.some(({ airspace }) => airspace) ? ["Voids are taken as unventilated, at 10 °C and 5 K."] : []),
  ]
}
