import type { Step } from "./migrate"
import { changed, mapped, type Part } from "./parts"

/**
 * Version 6 brings its own materials along, and knows fasteners, pressed fibre, vented air spaces, filled members and what runs through
 * faces; older jobs had none of them.
 */
export const v5ToV6: Step = (job) => ({
  ...job,
  materials: {},
  shell: shellOf(job.shell),
  variants: mapped(job.variants, variantOf),
  pinned: changed(job.pinned, (pinned) => ({
    ...pinned,
    shell: shellOf(pinned.shell),
    variant: variantOf(pinned.variant),
    materials: {},
  })),
})

const shellOf = (shell: unknown) => changed(shell, (part) => ({ ...part, penetrations: {}, slabEdge: null }))

const variantOf = (variant: unknown) => changed(variant, (part) => ({ ...part, assemblies: mapped(part.assemblies, assemblyOf) }))

const assemblyOf = (assembly: unknown) =>
  changed(assembly, (part) => ({
    ...part,
    reason: "",
    members: mapped(part.members, adding({ fill: null })),
    layers: mapped(part.layers, adding({ loose: null, fasteners: null, vents: 0 })),
  }))

const adding = (more: Part) => (part: unknown) => changed(part, (known) => ({ ...known, ...more }))
