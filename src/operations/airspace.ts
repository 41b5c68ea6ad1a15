import { airSpace } from "../core/assembly/air-space"
import { AirspaceInput, AirspaceOutput } from "../schema/airspace"
import { operation } from "./operation"

/** Resistance of an air space: `npm run calc airspace`. */
export const airspace = operation({
  name: "airspace",
  summary: "resistance of an unventilated air space",
  input: AirspaceInput,
  output: AirspaceOutput,
  run: airSpace,
})
