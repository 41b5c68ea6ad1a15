import type { Detail, DetailFigures } from "../conduction/detail"
import type { Calculation } from "./calculation"

/** A detail solved in two dimensions; its progress is the number of cells that it is at. */
export const DETAIL: Calculation<Detail, DetailFigures> = { kind: "detail", key: ({ key }) => key }
