import type { CurrencyCode } from "../../schema/currency"

/** A currency as prices are written in: its symbol before the figure or behind it. No price is ever converted. */
export interface Currency {
  name: string
  symbol: string
  before: boolean
}

const currency = (name: string, symbol: string, before = false): Currency => ({ name, symbol, before })

/** The currencies that a job can be priced in. */
export const CURRENCIES: Readonly<Record<CurrencyCode, Currency>> = {
  EUR: currency("euro", "€"),
  USD: currency("US dollar", "$", true),
  CAD: currency("Canadian dollar", "C$", true),
  AUD: currency("Australian dollar", "A$", true),
  NZD: currency("New Zealand dollar", "NZ$", true),
  GBP: currency("pound sterling", "£", true),
  CHF: currency("Swiss franc", "CHF", true),
  SEK: currency("Swedish krona", "kr"),
  NOK: currency("Norwegian krone", "kr"),
  DKK: currency("Danish krone", "kr"),
  PLN: currency("Polish złoty", "zł"),
  CZK: currency("Czech koruna", "Kč"),
  JPY: currency("yen", "¥", true),
  ZAR: currency("rand", "R", true),
}
