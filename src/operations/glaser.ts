import { glaser as monthlyCondensation } from "../core/moisture/glaser"
import { GlaserInput, GlaserOutput } from "../schema/glaser"
import { operation } from "./operation"

/** Monthly condensation and drying by diffusion: `npm run calc glaser`. */
export const glaser = operation({
  name: "glaser",
  summary: "monthly condensation in a build-up",
  input: GlaserInput,
  output: GlaserOutput,
  run: monthlyCondensation,
})
