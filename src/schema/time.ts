import * as z from "./zod"

/** A moment, with its offset from UTC: without one nobody knows which it is. */
export const moment = z.iso
  .datetime({ offset: true, error: "A time is written as 2026-06-21T12:00:00Z, or with its offset: 2026-06-21T14:00:00+02:00." })
  .describe("ISO 8601, with Z or an offset")
