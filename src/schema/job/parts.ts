/** A part of a document whose shape is not checked yet. */
export type Untyped = Record<string, unknown>

/** A step takes a document of version n to version n + 1; it must bear one that was never valid, which the schema refuses afterwards. */
export type Step = (document: Untyped) => Untyped

/** The part changed; what is no object stays as it is, for the schema to name. */
export function changed(value: unknown, change: (part: Untyped) => Untyped): unknown {
  return typeof value === "object" && value !== null && !Array.isArray(value) ? change(value as Untyped) : value
}

/** Each entry of a record changed. */
export function mapped(parts: unknown, change: (part: unknown) => unknown): unknown {
  return changed(parts, (known) => Object.fromEntries(Object.entries(known).map(([id, part]) => [id, change(part)])))
}

/** The parts of a state: what is worked on in each variant, and what is pinned. */
export interface StateParts {
  brief: unknown
  shell: unknown
  variant: unknown
  materials: unknown
}

/**
 * A step that changes every state of a job alike: each variant with what all of them share, and what is pinned.
 * @param change gives the parts that it changes; what all variants share must not depend on one of them
 */
export const eachState =
  (change: (state: StateParts) => Partial<StateParts>): Step =>
  ({ variants, pinned, ...job }) => {
    const { brief, shell, materials } = job
    const { variant: _, ...shared } = change({ brief, shell, materials, variant: undefined })
    const variantOf = (variant: unknown) => ({ variant, ...change({ brief, shell, materials, variant }) }).variant
    const pinnedOf = (known: Untyped) => ({ ...known, ...change(known as unknown as StateParts) })
    return { ...job, ...shared, variants: mapped(variants, variantOf), pinned: changed(pinned, pinnedOf) }
  }
