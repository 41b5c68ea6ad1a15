/** A part of a document whose shape is not checked yet. */
export type Part = Record<string, unknown>

/** A step takes a document of version n to version n + 1; it must bear one that was never valid, which the schema refuses afterwards. */
export type Step = (document: Part) => Part

/** The part changed; what is no object stays as it is, for the schema to name. */
export function changed(value: unknown, change: (part: Part) => Part): unknown {
  return typeof value === "object" && value !== null && !Array.isArray(value) ? change(value as Part) : value
}

/** Each entry of a record changed. */
export function mapped(parts: unknown, change: (part: unknown) => unknown): unknown {
  return changed(parts, (known) => Object.fromEntries(Object.entries(known).map(([id, part]) => [id, change(part)])))
}
