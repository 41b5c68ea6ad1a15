import { barOf, barThrough } from "../core/conduction/penetration"
import { PointInput, PointOutput } from "../schema/point"
import { operation } from "./operation"

/** χ of what runs through a build-up: `npm run calc point`. */
export const point = operation({
  name: "point",
  summary: "point thermal transmittance of a bar through a build-up",
  input: PointInput,
  output: PointOutput,
  run: ({ conductivity, wall, break: parted, span, uValue, rsi, rse, inner, outer, soilConductivity, ...bar }) => {
    const figures = barThrough(
      barOf({ ...bar, wall: wall ?? null }, conductivity, parted),
      span,
      uValue,
      { inside: rsi, outside: rse },
      { inner: inner ?? null, outer: outer ?? null },
      soilConductivity ?? null,
    )
    return {
      pointTransmittance: figures.pointTransmittance,
      coldestInside: figures.coldestInside,
      warmestOutside: figures.warmestOutside,
      notes: [
        { code: "fins", text: "Reckoned as fins at both ends and the run between them; what it loses sideways on the way is left out." },
      ],
    }
  },
})
