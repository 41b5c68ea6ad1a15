import type { Detail, DetailFigures } from "../../core/conduction/detail"
import { type TemperaturePicture, temperaturePicture } from "../../core/conduction/picture"
import { solveDetail } from "../../core/conduction/solved-detail"

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
  const { figures, solved } = solveDetail(detail, (cells) => say({ cells }))
  say({ solved: { figures, picture: picture ? temperaturePicture(detail.body, solved) : null } })
})
