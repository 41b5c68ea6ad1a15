import { periodicFigures } from "../core/assembly/periodic"
import { PeriodicInput, PeriodicOutput } from "../schema/periodic"
import { operation } from "./operation"

/** A build-up under temperatures that swing as a sine: `npm run calc periodic`. */
export const periodic = operation({
  name: "periodic",
  summary: "dynamic thermal characteristics of a build-up",
  input: PeriodicInput,
  output: PeriodicOutput,
  run: ({ layers, period, rsi, rse }) => ({ ...periodicFigures(layers, period, rsi, rse), notes: [] }),
})
