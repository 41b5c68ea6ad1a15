import * as z from "./zod"

/** A currency that prices can be written in, by its code. @see ISO 4217 */
export const CurrencyCode = z.enum(["EUR", "USD", "CAD", "AUD", "NZD", "GBP", "CHF", "SEK", "NOK", "DKK", "PLN", "CZK", "JPY", "ZAR"])
export type CurrencyCode = z.output<typeof CurrencyCode>
