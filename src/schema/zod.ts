import * as z from "zod"

// Schemas would else be compiled by `eval` where that is allowed, and asking whether it is breaks the content security policy of our pages.
if ("document" in globalThis) z.config({ jitless: true })

/** The validation library as it is set up here: all schemas are made with it. */
export * from "zod"
