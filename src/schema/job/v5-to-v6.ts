import { changed, eachState, mapped, type Untyped } from "./parts"

/**
 * Version 6 brings its own materials along, and knows fasteners, pressed fibre, vented air spaces, filled members and what runs through
 * faces, and what saving heat is worth; older jobs had none of them.
 */
export const v5ToV6 = eachState(({ brief, shell, variant }) => ({
  materials: {},
  brief: briefOf(brief),
  shell: shellOf(shell),
  variant: variantOf(variant),
}))

/** As new jobs have it: 0.25 € a kWh over 15 years at 3 %. */
const briefOf = (brief: unknown) =>
  changed(brief, (part) => ({ ...part, worth: { energy: 0.25 / 3.6e6, years: 15, rate: 0.03, store: 0, room: 0 } }))

const shellOf = (shell: unknown) => changed(shell, (part) => ({ ...part, penetrations: {}, slabEdge: null, chassis: null }))

const variantOf = (variant: unknown) => changed(variant, (part) => ({ ...part, assemblies: mapped(part.assemblies, assemblyOf) }))

const assemblyOf = (assembly: unknown) =>
  changed(assembly, (part) => ({
    ...part,
    reason: "",
    members: mapped(part.members, adding({ fill: null })),
    layers: mapped(part.layers, adding({ loose: null, fasteners: null, vents: 0 })),
  }))

const adding = (more: Untyped) => (part: unknown) => changed(part, (known) => ({ ...known, ...more }))
