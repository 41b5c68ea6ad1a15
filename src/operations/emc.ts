import { woodEquilibrium } from "../core/moisture/wood-equilibrium"
import { EmcInput, EmcOutput } from "../schema/emc"
import { operation } from "./operation"

/** Moisture that wood comes to in an air: `npm run calc emc`. */
export const emc = operation({
  name: "emc",
  summary: "wood and its water: equilibrium moisture content",
  input: EmcInput,
  output: EmcOutput,
  run: woodEquilibrium,
})
