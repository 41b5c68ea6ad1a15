import { hygrothermal } from "../core/hygrothermal/hygrothermal"
import { meshOf } from "../core/hygrothermal/mesh"
import { HygroInput, HygroOutput, type HygroSide } from "../schema/hygro"
import { operation } from "./operation"

const pointsOf = ({ temperature, relativeHumidity, absorbed, rain }: HygroSide): number =>
  Math.max(...[temperature, relativeHumidity, absorbed, rain].map((one) => (Array.isArray(one) ? one.length : 0)))

/** Coupled heat and moisture through layers in time: `npm run calc hygro`. */
export const hygro = operation({
  name: "hygro",
  summary: "coupled heat and moisture in one dimension, through time",
  input: HygroInput,
  output: HygroOutput,
  // Thirty cells through a step cost a tenth of a millisecond; each halving doubles the cells, and what changes fast asks for more steps.
  work: ({ layers, outside, inside, output, duration, maximumStep }) => {
    const steps = 300 + output.length + pointsOf(outside) + pointsOf(inside) + (maximumStep ? duration / maximumStep : 0)
    const rounds = layers.every(({ cells }) => cells !== undefined) ? 1 : 3
    return 1 + (steps * rounds * meshOf(layers, 0).widths.length) / 300
  },
  run: hygrothermal,
})
