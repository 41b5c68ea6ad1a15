import { changed, eachState, mapped } from "./parts"

/**
 * Version 2 knows more forms, boxes on the floor, and members measured one by one; a job of version 1 has none of them.
 * What was pinned is a state of the job too and is taken along. What is no object stays as it is, for the schema to name.
 */
export const v1ToV2 = eachState(({ shell, variant }) => ({ shell: withBoxes(shell), variant: withPositions(variant) }))

const withBoxes = (shell: unknown) => changed(shell, (part) => ({ ...part, boxes: {} }))

const withPositions = (variant: unknown) => changed(variant, (part) => ({ ...part, assemblies: mapped(part.assemblies, withFramedLayers) }))

const withFramedLayers = (assembly: unknown) => changed(assembly, (part) => ({ ...part, layers: mapped(part.layers, withMeasuredMembers) }))

const withMeasuredMembers = (layer: unknown) =>
  changed(layer, (part) => ({ ...part, framing: changed(part.framing, (framing) => ({ ...framing, positions: null })) }))
