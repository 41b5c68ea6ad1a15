/** Where something is bought, by kind. */
export type Supplier = "timber" | "insulation" | "builders" | "metal" | "linings" | "fixings"

/** In what it is counted. */
export type Measure = "sheets" | "batts" | "rolls" | "packs" | "length" | "mass" | "volume" | "area" | "pieces" | "cartridges"

/** A line of the shopping list. */
export interface ShoppingLine {
  /** Names it as long as it is the same thing. */
  key: string
  supplier: Supplier
  /** The material's name, or that of a fixing. */
  what: string
  /** m; null where it has none to speak of */
  thickness: number | null
  size: { length: number; width: number } | null
  measure: Measure
  /** So many, or so much, SI. */
  count: number
  /** € of one, as typed or by the price of its material; null: not known */
  each: number | null
  /** What it is reckoned from, or what to mind. */
  note: string
  /** The layers that are of it, where it is what layers are of. */
  stuff?: { material: string; thickness: number }
  /** In what a bag, a tin or a kit of it is measured, where it comes in such. */
  packIn?: "mass" | "volume"
  /** How deep it is blown so that it lies as thick as it must, m. */
  blown?: number
  /** In how many lifts it is sprayed. */
  passes?: number
}

/** A lap of membranes, m. */
export const LAP = 0.1
