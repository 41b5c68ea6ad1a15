import { cutBars } from "../core/cutting/cut-bars"
import { CutInput, CutOutput } from "../schema/cut"
import { operation } from "./operation"

/** Lengths out of bars: `npm run calc cut`. */
export const cut = operation({
  name: "cut",
  summary: "lengths out of bars at least cost",
  input: CutInput,
  output: CutOutput,
  work: ({ pieces, stock, offcuts }) => Math.ceil(((stock.length + offcuts.length) * pieces.length ** 2) / 20),
  run: cutBars,
})
