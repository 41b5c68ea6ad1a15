import { prepare } from "cholesky-solve"
import { type Body, firstMesh } from "../src/core/conduction/body"
import type { Detail } from "../src/core/conduction/detail"
import { solvedDetail } from "../src/core/conduction/solved-detail"
import { fieldOn } from "../src/core/conduction/field"
import { halved, type Mesh } from "../src/core/conduction/mesh"
import { ledgerOf } from "../src/core/ledger/ledger"
import { activeState } from "../src/core/enclosure/job-state"
import { demoJobs } from "../src/edit/start/demo-jobs"
import type { Grid } from "../src/core/numeric/grid"
import { medianTime, row, type Row } from "./measure"

/** The details of a van, and how the solver's cost grows with the cells. */
export async function benchBridges(): Promise<Row[]> {
  const details = detailsOf("Larkspur")
  const all = await medianTime(3, () => details.forEach((detail) => solvedDetail(detail)))
  const rib = details[0]!.body
  const small = meshOf(rib, 30_000)
  const large = meshOf(rib, 500_000)
  const [few, many] = [cellsOf(small), cellsOf(large)]
  const [quick, slow] = [await medianTime(5, () => fieldOn(rib, small, null)), await medianTime(3, () => fieldOn(rib, large, null))]
  const { grid } = fieldOn(rib, small, null)
  const direct = await medianTime(1, () => prepare(upperTriangle(grid), few)(Array.from(grid.sink)))
  return [
    row(`a detail on ${few} cells, against a public sparse Cholesky solver on the same balances`, quick / direct, "times", 1),
    row(`all ${details.length} details of a van in two dimensions`, all, "ms", 2000),
    row(`time for a cell of ${many} against one of ${few}`, slow / many / (quick / few), "times", 1.5),
  ]
}

function detailsOf(name: string): Detail[] {
  return ledgerOf(activeState(demoJobs().find((job) => job.name === name)!)).pending.map(({ input }) => input as Detail)
}

function upperTriangle({ columns, diagonal, right, up }: Grid): [number, number, number][] {
  return Array.from(diagonal).flatMap((value, i): [number, number, number][] => [
    [i, i, value],
    ...(right[i]! > 0 ? [[i, i + 1, -right[i]!] as [number, number, number]] : []),
    ...(up[i]! > 0 ? [[i, i + columns, -up[i]!] as [number, number, number]] : []),
  ])
}

const cellsOf = ({ x, y }: Mesh) => (x.length - 1) * (y.length - 1)

/** The finest mesh of no more cells. */
function meshOf(body: Body, most: number): Mesh {
  let mesh = firstMesh(body)
  while (4 * cellsOf(mesh) <= most) mesh = { x: halved(mesh.x), y: halved(mesh.y) }
  return mesh
}
