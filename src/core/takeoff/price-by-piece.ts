import { parseQuantity, type Kind, type Style } from "../quantity/measure"
import { InputError } from "../../schema/outcome"
import type { Material } from "../../schema/material"

/** The kind of figure of a price, by what it is for. */
export const PRICE_KIND: Record<Material["price"]["per"], Kind> = { "m³": "boardPrice", "m²": "arealMoney", kg: "massPrice" }

const PIECE = /^(.+?) ?(?:\/|\b(?:an?|per|the)\b) ?(?:sheet|board|panel|roll|batt|bag|piece)(?: of (.+))?$/i

/**
 * Reads a price in its own unit (`1.20 $/bd ft`), or as one pays it for a piece: `38 a sheet of 2"`, `$45 a roll`, `16 a bag of 30 lb`.
 * @returns money for a unit of what the material is priced for
 * @throws InputError as `parseQuantity`; `no-piece` where the piece's size is not known
 */
export function parsePrice(text: string, material: Pick<Material, "price" | "sold">, style: Style): number {
  const [, money, size] = PIECE.exec(text.trim()) ?? []
  if (money === undefined) return parseQuantity(PRICE_KIND[material.price.per], text, style)
  return parseQuantity("money", money, style) / amountInPiece(size, material, style)
}

/** What a piece holds, in the unit of the price: m³, m² or kg. */
function amountInPiece(size: string | undefined, { price: { per }, sold }: Pick<Material, "price" | "sold">, style: Style): number {
  if (per === "kg") {
    if (size === undefined) throw new InputError("no-piece", [], "Say what it weighs, such as 16 a bag of 30 lb.")
    return parseQuantity("mass", size, style)
  }
  if (sold.width === null || sold.length === null)
    throw new InputError("no-piece", [], "Say first how wide and how long a sheet or roll is.")
  const area = sold.width * sold.length
  if (per === "m²") return area
  const [only, ...others] = sold.thicknesses
  if (size === undefined && others.length > 0) throw new InputError("no-piece", [], 'Say how thick it is, such as 38 a sheet of 2".')
  return area * (size === undefined ? only! : parseQuantity("length", size, style))
}
