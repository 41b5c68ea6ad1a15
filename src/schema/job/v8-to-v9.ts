import type { Step } from "./parts"

/** In version 9 a job says which currency its prices are in; before, all were in euros. */
export const v8ToV9: Step = (job) => ({ ...job, currency: "EUR" })
