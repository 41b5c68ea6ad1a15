import { changed, eachState, mapped } from "./parts"

/** A build-up of whose boards nothing is said. */
export const withBoards = (assembly: unknown): unknown =>
  changed(assembly, (known) => ({
    ...known,
    layers: mapped(known.layers, (layer) => changed(layer, (part) => ({ ...part, boards: null }))),
  }))

const BUYING = { ticked: [], prices: {}, screws: { edge: 0.15, field: 0.3, waste: 0.05 }, tape: 0.1, axles: null }

/** In version 14 a layer of boards may say how they are laid, and a variant what sheets they are cut from and what is bought; before, nothing was said of them. */
export const v13ToV14 = eachState(({ variant }) => ({
  variant: changed(variant, (known) => ({ ...known, stock: {}, buying: BUYING, assemblies: mapped(known.assemblies, withBoards) })),
}))
