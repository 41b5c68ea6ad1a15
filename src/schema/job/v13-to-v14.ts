import { changed, eachState, mapped } from "./parts"

/** A build-up of whose boards nothing is said. */
export const withBoards = (assembly: unknown): unknown =>
  changed(assembly, (known) => ({
    ...known,
    layers: mapped(known.layers, (layer) => changed(layer, (part) => ({ ...part, boards: null }))),
  }))

/** In version 14 a layer of boards may say how they are laid, and a variant what sheets they are cut from; before, nothing was said of either. */
export const v13ToV14 = eachState(({ variant }) => ({
  variant: changed(variant, (known) => ({ ...known, stock: {}, assemblies: mapped(known.assemblies, withBoards) })),
}))
