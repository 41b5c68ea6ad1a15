import { woodEquilibrium } from "../core/moisture/wood-equilibrium"
import { EmcInput, EmcOutput } from "../schema/emc"
import { operation } from "./operation"

export const emc = operation({
  name: "emc",
  summary: "wood and its water: equilibrium moisture content",
  input: EmcInput,
  output: EmcOutput,
  run: woodEquilibrium,
})
