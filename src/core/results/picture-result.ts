import type { Detail, DetailFigures } from "../conduction/detail"
import type { TemperaturePicture } from "../conduction/picture"
import type { Calculation } from "./calculation"

/** A solved detail with its temperatures to be looked at. */
export interface DetailPicture {
  figures: DetailFigures
  picture: TemperaturePicture
}

/** A detail solved and drawn; its progress is the number of cells that it is at. */
export const PICTURE: Calculation<Detail, DetailPicture> = { kind: "picture", key: ({ key }) => key, heavy: true }
