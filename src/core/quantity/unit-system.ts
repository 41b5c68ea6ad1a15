import type { CurrencyCode } from "../../schema/currency"

/** Units in which a job is shown; stored values are SI either way. */
export type UnitSystem = "metric" | "inch-pound"
/** The unit systems, in the order in which they are offered. */
export const UNIT_SYSTEMS: readonly UnitSystem[] = ["metric", "inch-pound"]

/** The currency that new jobs are priced in. */
export const currencyFor = (system: UnitSystem): CurrencyCode => (system === "metric" ? "EUR" : "USD")

/** The length that figures "per length" are for, in words. */
export const perLength = (system: UnitSystem): string => (system === "metric" ? "metre" : "foot")
