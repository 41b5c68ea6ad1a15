import { bridgeFigures, type SolvedBody, solvedBody } from "./bridge"
import { type Detail, type DetailFigures, detailFigures } from "./detail"

/**
 * Solves a detail here and now.
 * @param onCells hears how large the mesh is that it is at
 * @returns its figures, and the body as drawn with its temperatures
 */
export function solveDetail(detail: Detail, onCells?: (cells: number) => void): { figures: DetailFigures; solved: SolvedBody } {
  const solved = solvedBody(detail.body, onCells, "facing")
  const drawn = bridgeFigures(detail.body, solved)
  const { body: couplingBody } = detail.couplingBody ?? {}
  return {
    figures: detailFigures(detail, drawn, couplingBody ? bridgeFigures(couplingBody, solvedBody(couplingBody, onCells, "flows")) : drawn),
    solved,
  }
}

/** The figures of a detail, solved here and now. */
export const solvedDetail = (detail: Detail, onCells?: (cells: number) => void): DetailFigures => solveDetail(detail, onCells).figures
