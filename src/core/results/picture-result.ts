import type { Detail, DetailFigures } from "../conduction/detail"
import { type TemperaturePicture, temperaturePicture } from "../conduction/picture"
import { solveDetail } from "../conduction/solved-detail"
import type { Calculation } from "./calculation"

/** A solved detail with its temperatures to be looked at. */
export interface DetailPicture {
  figures: DetailFigures
  picture: TemperaturePicture
}

/** A detail solved and drawn; its progress is the number of cells that it is at. */
export const PICTURE: Calculation<Detail, DetailPicture> = {
  kind: "picture",
  key: ({ key }) => key,
  run: (detail, onProgress) => {
    const { figures, solved } = solveDetail(detail, onProgress)
    return { figures, picture: temperaturePicture(detail.body, solved) }
  },
}
