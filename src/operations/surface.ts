import { surfaceHumidity } from "../core/moisture/surface-humidity"
import { SurfaceInput, SurfaceOutput } from "../schema/surface"
import { operation } from "./operation"

/** Mould and condensation on an inside face through the months: `npm run calc surface`. */
export const surface = operation({
  name: "surface",
  summary: "mould and condensation on the inside face",
  input: SurfaceInput,
  output: SurfaceOutput,
  run: surfaceHumidity,
})
