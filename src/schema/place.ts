import * as z from "./zod"

/** A place on the Earth, degrees: north and east positive. */
export const latitude = z.number().min(-90).max(90).describe("degrees, north positive")
export const longitude = z.number().min(-180).max(180).describe("degrees, east positive")
/** A direction on the ground. */
export const azimuth = z.number().min(-360).max(360).describe("degrees from north, clockwise")
