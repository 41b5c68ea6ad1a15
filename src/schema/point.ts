import * as z from "./zod"
import { conductivity, filmResistance, fraction, notes, quantity, thickness } from "./quantity"

const Spreader = (meaning: string) =>
  z.strictObject({ conductivity: conductivity(), thickness: thickness() }).describe(`layer at the ${meaning} face, which spreads its heat`)

/** A bar that runs through a build-up. */
export const PointInput = z
  .strictObject({
    conductivity: conductivity("of the bar's material"),
    shape: z.enum(["round", "square"]).default("round").describe("its section"),
    width: quantity("m", "across it", { above: 0, max: 2 }),
    wall: quantity("m", "wall thickness of a pipe or tube, less than half of the width; left out: solid", { above: 0, max: 1 }).optional(),
    outdoors: quantity("m", "length that stands out of the outdoor face", { min: 0, max: 50 }).default(0),
    indoors: quantity("m", "length that stands out of the indoor face", { min: 0, max: 50 }).default(0),
    break: quantity("m", "length of plastic (0.3 W/(m·K)) set into its run", { min: 0, max: 1 }).default(0),
    span: thickness("of the build-up that it runs through"),
    uValue: quantity("W/(m²·K)", "transmittance of that build-up without it", { min: 0, max: 100 }),
    rsi: filmResistance("surface resistance indoors").default(0.13),
    rse: filmResistance("surface resistance outdoors").default(0.04),
    inner: Spreader("indoor").optional(),
    outer: Spreader("outdoor").optional(),
    soilConductivity: conductivity("of the ground that its outdoor end stands in; left out: outdoor air").optional(),
  })
  .refine(({ wall, width }) => wall === undefined || 2 * wall < width, {
    path: ["wall"],
    message: "The wall must be less than half of the width.",
  })
  .refine(({ rsi, rse }) => rsi > 0 && rse > 0, { path: ["rsi"], message: "Both surface resistances must be above 0." })
  .describe("A bar that runs through a build-up: a beam, a pipe, a bolt.")
export type PointInput = z.output<typeof PointInput>

/** χ of the bar, W/K, and how cold it is where it comes in. */
export const PointOutput = z.strictObject({
  pointTransmittance: quantity("W/K", "χ"),
  coldestInside: fraction("where it meets the indoor face, between outdoors and indoors: fRsi"),
  warmestOutside: fraction("where it meets the outdoor face, between outdoors and indoors"),
  notes,
})
export type PointOutput = z.output<typeof PointOutput>
