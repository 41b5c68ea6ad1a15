import type { Material } from "../../schema/material"
import coverings from "./catalogue/coverings.json" with { type: "json" }
import fibres from "./catalogue/fibres.json" with { type: "json" }
import foams from "./catalogue/foams.json" with { type: "json" }
import membranes from "./catalogue/membranes.json" with { type: "json" }
import metals from "./catalogue/metals.json" with { type: "json" }
import stone from "./catalogue/stone.json" with { type: "json" }
import woodsAndBoards from "./catalogue/woods-and-boards.json" with { type: "json" }
import type { OwnMaterials } from "../../schema/job/job"
import { InputError } from "../../schema/outcome"
import { memoised } from "../memoised"

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
} as unknown as Readonly<Record<string, Material>>

/** Materials by the names that layers use: the catalogue, and what a job brings along. */
export type Materials = Readonly<Record<string, Material>>

/** The catalogue with a job's own materials. */
export const withOwnMaterials = memoised((own: OwnMaterials): Materials => ({ ...CATALOGUE, ...own }))

/** @throws InputError `unknown-reference` */
export function materialOf(id: string, materials: Materials = CATALOGUE): Material {
  const material = Object.hasOwn(materials, id) ? materials[id] : undefined
  if (!material) throw new InputError("unknown-reference", ["material"], `There is no material "${id}" here.`)
  return material
}
