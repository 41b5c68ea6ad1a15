import type { CutInput, CutOutput } from "../../schema/cut"
import { memoised } from "../memoised"
import type { Calculation } from "./calculation"

/** Lengths cut out of bars. */
export const CUT: Calculation<CutInput, Omit<CutOutput, "notes">> = {
  kind: "cut",
  key: memoised((input: CutInput) => JSON.stringify(input)),
}
