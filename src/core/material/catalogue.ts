import type { Material } from "../../schema/material"
import { COVERINGS } from "./catalogue/coverings"
import { FIBRES } from "./catalogue/fibres"
import { FOAMS } from "./catalogue/foams"
import { MEMBRANES } from "./catalogue/membranes"
import { METALS } from "./catalogue/metals"
import { STONE } from "./catalogue/stone"
import { WOODS_AND_BOARDS } from "./catalogue/woods-and-boards"
import { InputError } from "../errors"

/** The generic catalogue, by the name that a job's layers use. */
export const CATALOGUE: Readonly<Record<string, Material>> = {
  ...METALS,
  ...WOODS_AND_BOARDS,
  ...STONE,
  ...FIBRES,
  ...FOAMS,
  ...MEMBRANES,
  ...COVERINGS,
}

/** @throws InputError `unknown-reference` */
export function materialOf(id: string): Material {
  const material = Object.hasOwn(CATALOGUE, id) ? CATALOGUE[id] : undefined
  if (!material) throw new InputError("unknown-reference", ["material"], `There is no material "${id}" in the catalogue.`)
  return material
}
