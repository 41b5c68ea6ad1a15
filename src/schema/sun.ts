import * as z from "./zod"
import { notes, quantity } from "./quantity"
import { azimuth, latitude, longitude } from "./place"
import { moment } from "./time"

/** A moment at a place, and a surface that the sun may meet there. */
export const SunInput = z
  .strictObject({
    latitude,
    longitude,
    time: moment,
    surface: z
      .strictObject({ tilt: quantity("degrees", "0 faces up, 90 is a wall, 180 faces down", { min: 0, max: 180 }), azimuth })
      .optional(),
  })
  .describe("A moment at a place, and a surface that the sun may meet there.")
export type SunInput = z.output<typeof SunInput>

/** Where the sun stands. */
export const SunOutput = z.strictObject({
  altitude: quantity("degrees", "over the horizon, without refraction; below it negative"),
  azimuth: quantity("degrees", "from north, clockwise"),
  declination: quantity("degrees", "of the sun"),
  equationOfTime: quantity("s", "apparent minus mean solar time"),
  incidence: quantity("degrees", "between the sun and the surface's outward normal").optional(),
  notes,
})
export type SunOutput = z.output<typeof SunOutput>
