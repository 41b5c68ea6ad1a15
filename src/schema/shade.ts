import * as z from "./zod"
import { notes, quantity } from "./quantity"
import { azimuth, latitude, longitude } from "./place"
import { moment } from "./time"

const length = (meaning: string) => quantity("m", meaning, { min: 0, max: 100 })
const size = (meaning: string) => quantity("m", meaning, { above: 0, max: 100 })
const Fin = z.strictObject({ depth: length("out from the wall"), gap: length("from the opening's edge").default(0) })

/** An opening of a vertical wall, what stands before it, and a moment; left and right as seen from outside. */
export const ShadeInput = z
  .strictObject({
    latitude,
    longitude,
    time: moment,
    azimuth: azimuth.describe("of the wall's outward normal, degrees from north, clockwise"),
    opening: z.strictObject({ width: size("across"), height: size("upright") }),
    overhang: z
      .strictObject({
        depth: length("out from the wall"),
        above: length("over the opening's top edge").default(0),
        extendLeft: length("beyond its left edge").default(0),
        extendRight: length("beyond its right edge").default(0),
      })
      .optional(),
    fins: z.strictObject({ left: Fin.optional(), right: Fin.optional() }).default({}),
  })
  .describe("An opening of a vertical wall and what stands before it; left and right as seen from outside.")
export type ShadeInput = z.output<typeof ShadeInput>

/** What the beam reaches. */
export const ShadeOutput = z.strictObject({
  sunlitFraction: quantity("0..1", "share of the opening's area that the beam reaches"),
  profileAngle: quantity("degrees", "of the sun in the plane square to the wall")
    .nullable()
    .describe("degrees; null without sun on the wall"),
  notes,
})
export type ShadeOutput = z.output<typeof ShadeOutput>
