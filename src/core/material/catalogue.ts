import type { Material } from "../../schema/material"
import coverings from "./catalogue/coverings.json" with { type: "json" }
import fibres from "./catalogue/fibres.json" with { type: "json" }
import foams from "./catalogue/foams.json" with { type: "json" }
import northAmerica from "./catalogue/north-america.json" with { type: "json" }
import membranes from "./catalogue/membranes.json" with { type: "json" }
import metals from "./catalogue/metals.json" with { type: "json" }
import stockInInches from "./catalogue/stock-in-inches.json" with { type: "json" }
import stone from "./catalogue/stone.json" with { type: "json" }
import woodsAndBoards from "./catalogue/woods-and-boards.json" with { type: "json" }
import type { OwnMaterials } from "../../schema/job/job"
import { InputError } from "../../schema/outcome"
import { memoised } from "../memoised"
import { INCH } from "../quantity/length"
import type { UnitSystem } from "../quantity/unit-system"

/**
 * The generic catalogue, by the name that a job's layers use; prices are invented, no record is a brand's.
 * The records are data files; a test holds each against its schema and the physical ranges of its class.
 */
export const CATALOGUE = {
  ...metals,
  ...woodsAndBoards,
  ...stone,
  ...fibres,
  ...foams,
  ...membranes,
  ...coverings,
  ...northAmerica,
} as unknown as Readonly<Record<string, Material>>

/** Materials by the names that layers use: the catalogue, and what a job brings along. */
export type Materials = Readonly<Record<string, Material>>

/** What a material is sold as where boards are measured in inches: thicknesses, width and length in inches. */
const IN_INCHES: Readonly<Record<string, { inches: number[]; width: number | null; length: number | null }>> = stockInInches

/**
 * The catalogue as it is sold where people build in a system of units: boards of whole millimetres here, of inches and dressed lumber
 * there. What a market does not have is known, so that a job goes on with it, but is sold in no thickness.
 */
const CATALOGUES: Readonly<Record<UnitSystem, Materials>> = {
  metric: Object.fromEntries(Object.entries(CATALOGUE).map(([id, material]) => [id, id in northAmerica ? unsold(material) : material])),
  "inch-pound": Object.fromEntries(
    Object.entries(CATALOGUE).map(([id, material]) => {
      const stock = IN_INCHES[id]
      if (!stock) return [id, id in northAmerica ? material : unsold(material)]
      const metres = (inches: number | null) => inches && inches * INCH
      const sold = { thicknesses: stock.inches.map((inches) => inches * INCH), width: metres(stock.width), length: metres(stock.length) }
      return [id, { ...material, sold: { ...material.sold, ...sold } }]
    }),
  ),
}

function unsold(material: Material): Material {
  return { ...material, sold: { ...material.sold, thicknesses: [] } }
}

/** The catalogue as it is sold in a market, with a job's own materials. */
export const materialsSold = memoised((own: OwnMaterials, units: UnitSystem): Materials => ({ ...CATALOGUES[units], ...own }))

/** The catalogue with a job's own materials, for all but what they are sold as. */
export const withOwnMaterials = memoised((own: OwnMaterials): Materials => ({ ...CATALOGUE, ...own }))

/** @throws InputError `unknown-reference` */
export function materialOf(id: string, materials: Materials = CATALOGUE): Material {
  const material = Object.hasOwn(materials, id) ? materials[id] : undefined
  if (!material) throw new InputError("unknown-reference", ["material"], `There is no material "${id}" here.`)
  return material
}
