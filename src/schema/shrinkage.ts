import * as z from "./zod"
import { notes, quantity } from "./quantity"

const moisture = (meaning: string) => quantity("kg/kg", meaning, { min: 0, max: 3 })
const whole = (meaning: string) =>
  quantity("1", `shrinkage from green to oven-dry ${meaning}, of the green dimension`, { min: 0, max: 0.3 }).optional()

/** A board and the water in it, before and after. */
export const ShrinkageInput = z
  .strictObject({
    width: quantity("m", "across the board", { above: 0, max: 10 }),
    species: z
      .enum([
        ...(["douglas-fir", "sitka-spruce", "white-spruce", "eastern-white-pine", "ponderosa-pine", "loblolly-pine"] as const),
        ...(["western-hemlock", "western-larch", "western-redcedar", "white-ash", "paper-birch", "yellow-birch"] as const),
        ...(["sugar-maple", "white-oak", "northern-red-oak"] as const),
      ])
      .optional(),
    tangential: whole("along the rings"),
    radial: whole("across the rings"),
    from: moisture("water that it holds now, of its dry wood"),
    to: moisture("water that it comes to hold"),
  })
  .refine(({ species, tangential, radial }) => [species, tangential, radial].filter((given) => given !== undefined).length === 1, {
    path: ["species"],
    message: "Give a species, or a tangential or a radial shrinkage, and only one of them.",
  })
  .describe("A board whose water changes.")
export type ShrinkageInput = z.output<typeof ShrinkageInput>

/** What it does. */
export const ShrinkageOutput = z.strictObject({
  change: quantity("m", "of its width, negative when it dries"),
  widthAfter: quantity("m", "then"),
  notes,
})
export type ShrinkageOutput = z.output<typeof ShrinkageOutput>
