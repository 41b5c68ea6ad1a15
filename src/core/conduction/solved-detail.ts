import { bridgeFigures, solvedBody } from "./bridge"
import { type Detail, type DetailFigures, detailFigures } from "./detail"

/** Solves a detail here and now. */
export const solvedDetail = (detail: Detail): DetailFigures => detailFigures(detail, bridgeFigures(detail.body, solvedBody(detail.body)))
