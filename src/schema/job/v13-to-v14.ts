import { changed, eachState, mapped } from "./parts"

/** A build-up of whose boards nothing is said, with one set of members in a layer, none of them there already. */
export const withBoards = (assembly: unknown): unknown =>
  changed(assembly, (known) => ({
    ...known,
    members: mapped(known.members, (set) => changed(set, (part) => ({ ...part, existing: false }))),
    layers: mapped(known.layers, (layer) => changed(layer, (part) => ({ ...part, also: [], boards: null }))),
  }))

const BUYING = { ticked: [], prices: {}, screws: { edge: null, field: null, waste: 0.05 }, tape: 0.1, axles: null }

/** In version 14 a layer may have several sets of members and say how its boards are laid, and a variant what sheets they are cut from and what is bought; before, nothing was said of them. */
export const v13ToV14 = eachState(({ variant }) => ({
  variant: changed(variant, (known) => ({ ...known, stock: {}, buying: BUYING, assemblies: mapped(known.assemblies, withBoards) })),
}))
