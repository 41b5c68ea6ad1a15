import { shrinkage as boardShrinkage } from "../core/moisture/shrinkage"
import { ShrinkageInput, ShrinkageOutput } from "../schema/shrinkage"
import { operation } from "./operation"

/** What a board does as its water changes: `npm run calc shrinkage`. */
export const shrinkage = operation({
  name: "shrinkage",
  summary: "what a board does as its water changes",
  input: ShrinkageInput,
  output: ShrinkageOutput,
  run: boardShrinkage,
})
