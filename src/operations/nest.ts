import { nestSheets } from "../core/cutting/nest-sheets"
import { sum } from "../core/numeric/sum"
import { NestInput, NestOutput } from "../schema/nest"
import { operation } from "./operation"

/** Rectangles out of sheets: `npm run calc nest`. */
export const nest = operation({
  name: "nest",
  summary: "rectangles out of sheets at least cost",
  input: NestInput,
  output: NestOutput,
  // Plans get fewer as pieces get more, and each takes longer by the square of them.
  work: ({ pieces, time, guillotine }) =>
    Math.ceil((sum(pieces.map(({ quantity }) => quantity)) * (time + 100)) / (guillotine ? 800 : 250)),
  run: nestSheets,
})
