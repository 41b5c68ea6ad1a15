import * as z from "./zod"

/** A moment, with its offset from UTC: without one nobody knows which it is. */
export const moment = z.iso
  .datetime({ offset: true, error: "A time is written as 2026-06-21T12:00:00Z, or with its offset: 2026-06-21T14:00:00+02:00." })
  .describe("ISO 8601, with Z or an offset")

/** A place on the Earth, degrees: north and east positive. */
export const latitude = z.number().min(-90).max(90).describe("degrees, north positive")
export const longitude = z.number().min(-180).max(180).describe("degrees, east positive")
/** A direction on the ground. */
export const azimuth = z.number().min(-360).max(360).describe("degrees from north, clockwise")
