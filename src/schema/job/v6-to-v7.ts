import { changed, eachState, mapped, type Untyped } from "./parts"

/**
 * In version 7 a variant says what parts frames and bars, and a build-up what lies along the edge of a slab: both are ways to build, and
 * stood in the shell, which all variants share. Every variant takes over what the shell had.
 */
export const v6ToV7 = eachState(({ shell, variant }) => ({ shell: changed(shell, shellOf), variant: variantOf(variant, shell) }))

function shellOf({ slabEdge: _, ...shell }: Untyped): Untyped {
  return {
    ...shell,
    openings: mapped(shell.openings, (one) => changed(one, (opening) => ({ ...opening, frame: changed(opening.frame, unbroken) }))),
    penetrations: mapped(shell.penetrations, (one) => changed(one, unbroken)),
  }
}

const unbroken = ({ break: _, ...part }: Untyped): Untyped => part

function variantOf(variant: unknown, shell: unknown): unknown {
  const { slabEdge = null, openings, penetrations } = partOf(shell)
  return changed(variant, (part) => {
    const floor = partOf(part.wears).floor
    return {
      ...part,
      assemblies: changed(part.assemblies, (known) =>
        Object.fromEntries(
          Object.entries(known).map(([id, assembly]) => [
            id,
            changed(assembly, (layers) => ({ ...layers, edge: id === floor ? slabEdge : null })),
          ]),
        ),
      ),
      breaks: {
        openings: breaksOf(openings, (opening) => partOf(opening.frame).break),
        penetrations: breaksOf(penetrations, (bar) => bar.break),
      },
    }
  })
}

/** The breaks that there are; 0 was none. */
const breaksOf = (parts: unknown, found: (part: Untyped) => unknown): Untyped =>
  Object.fromEntries(
    Object.entries(partOf(parts))
      .map(([id, part]) => [id, found(partOf(part))] as const)
      .filter(([, thickness]) => thickness),
  )

/** A part to look into; what is none has nothing in it. */
const partOf = (value: unknown): Untyped => (typeof value === "object" && value !== null ? (value as Untyped) : {})
