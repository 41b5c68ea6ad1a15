import { changed, eachState, mapped } from "./parts"

/** A build-up all of whose layers are even, and whose members stand in rows. */
export const withEvenLayers = (assembly: unknown): unknown =>
  changed(assembly, (known) => ({
    ...known,
    members: mapped(known.members, (set) => changed(set, (part) => ({ ...part, around: false }))),
    layers: mapped(known.layers, (layer) => changed(layer, (part) => ({ ...part, taper: 0 }))),
  }))

/** In version 15 a face may be divided into zones, a layer may taper, members may stand round openings alone, and packs are counted; before, each face was of one piece and each layer even. */
export const v14ToV15 = eachState(({ shell, variant }) => ({
  shell: changed(shell, (known) => ({ ...known, zones: {} })),
  variant: changed(variant, (known) => ({
    ...known,
    assemblies: mapped(known.assemblies, withEvenLayers),
    buying: changed(known.buying, (said) => ({ ...said, packs: {}, blown: { waste: 0.05, settling: 0.1, lift: 0.05 } })),
  })),
}))
