import { changed, eachState, mapped, type Untyped } from "./parts"

/**
 * Version 3 knows members as things of the build-up that its layers lie between, spaces beyond faces, what the shell stands on,
 * and what was measured from where. What version 2 had is kept with its figures: the share of members at a spacing becomes a
 * typed one; those measured one by one are counted from the drawing from now on, which leaves the openings out.
 */
export const v2ToV3 = eachState(({ brief, shell, variant }) => ({ shell: shellOf(shell, kindOf(brief)), variant: variantOf(variant) }))

/** Faces of each form, as version 3 had them. */
const FACES: Record<string, readonly string[]> = {
  box: ["floor", "left", "roof", "right", "front", "back"],
  gable: ["floor", "left", "roof-left", "right", "roof-right", "front", "back"],
  shed: ["floor", "left", "roof", "right", "front", "back"],
  hip: ["floor", "left", "roof-left", "right", "roof-right", "front", "roof-front", "back", "roof-back"],
  arch: ["floor", "left", "roof", "right", "front", "back"],
  van: ["floor", "left", "roof", "right", "front", "back"],
}

const kindOf = (brief: unknown) => (brief as { kind?: unknown } | undefined)?.kind

const STANDS_ON: Record<string, string> = { van: "wheels", cabin: "frame" }

const shellOf = (shell: unknown, kind: unknown) =>
  changed(shell, ({ setting, floor, ...part }) => {
    const faces = FACES[(part.form as { kind: string } | undefined)?.kind ?? "box"] ?? []
    const sheltered = setting === "indoors" ? faces.filter((face) => face !== "floor" || floor === "air") : []
    return {
      ...part,
      floor: floor === "ground" ? "slab" : (STANDS_ON[String(kind)] ?? "skids"),
      overhang: { eaves: 0, ends: 0 },
      openings: mapped(part.openings, (opening) =>
        changed(opening, (one) => ({ ...one, swing: one.kind === "door" ? "out" : "fixed", leaf: 0.04, jamb: 0 })),
      ),
      boxes: mapped(part.boxes, (box) => changed(box, (one) => ({ ...one, outline: null }))),
      notches: {},
      spaces: sheltered.length > 0 ? { around: { kind: "open", name: "Building around it" } } : {},
      against: Object.fromEntries(sheltered.map((face) => [face, "around"])),
      readings: {},
      levels: {},
      fits: {},
    }
  })

const variantOf = (variant: unknown) =>
  changed(variant, (part) => ({
    ...part,
    assemblies: changed(part.assemblies, (assemblies) =>
      Object.fromEntries(
        Object.entries(assemblies).map(([id, assembly]) => [
          id,
          assemblyOf(
            assembly,
            Object.entries((part.wears ?? {}) as Untyped)
              .filter(([, worn]) => worn === id)
              .map(([face]) => face),
          ),
        ]),
      ),
    ),
  }))

const assemblyOf = (assembly: unknown, wornBy: readonly string[]) =>
  changed(assembly, (part) => {
    const members: Untyped = {}
    const layers = changed(part.layers, (known) =>
      Object.fromEntries(
        Object.entries(known).map(([id, layer]) => [
          id,
          changed(layer, ({ framing, ...rest }) => {
            if (typeof framing !== "object" || framing === null) return { ...rest, between: null }
            members[`m-${id}`.slice(0, 40)] = setOf(framing as Untyped, wornBy)
            return { ...rest, between: `m-${id}`.slice(0, 40) }
          }),
        ]),
      ),
    )
    return { ...part, members, layers }
  })

function setOf({ material, width, wall, spacing, positions, plates, ...unknown }: Untyped, wornBy: readonly string[]): Untyped {
  const counted = 1 - (1 - Math.min(1, Number(width) / Number(spacing))) * (1 - Number(plates))
  return {
    ...unknown,
    name: "Members",
    material,
    width,
    depth: null,
    shape: wall === null ? "solid" : "hat",
    wall,
    direction: "up",
    spacing,
    spaced: "centres",
    first: null,
    positions: Array.isArray(positions) ? Object.fromEntries(wornBy.map((face) => [face, positions])) : {},
    ends: false,
    plates: { low: 0, high: 0 },
    doubled: false,
    cross: [],
    overhang: 0,
    share: Array.isArray(positions) ? null : counted,
  }
}
