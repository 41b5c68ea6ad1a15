import { bridgeFigures, solvedBody } from "../../core/conduction/bridge"
import { type Detail, type DetailFigures, detailFigures } from "../../core/conduction/detail"
import { type TemperaturePicture, temperaturePicture } from "../../core/conduction/picture"

/** What is asked of the worker. */
export interface Question {
  detail: Detail
  /** Its temperatures are to be seen too. */
  picture: boolean
}

/** A solved detail: its figures, and its temperatures where they were asked for. */
export interface SolvedDetail {
  figures: DetailFigures
  picture: TemperaturePicture | null
}

/** What the worker says: how large the mesh is that it is at, then the result. */
export type Saying = { cells: number } | { solved: SolvedDetail }

const say = (saying: Saying) => postMessage(saying)

addEventListener("message", ({ data: { detail, picture } }: MessageEvent<Question>) => {
  const { body } = detail
  const solved = solvedBody(body, (cells) => say({ cells }))
  say({
    solved: { figures: detailFigures(detail, bridgeFigures(body, solved)), picture: picture ? temperaturePicture(body, solved) : null },
  })
})
