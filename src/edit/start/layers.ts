import type { Assembly, Layer, MemberSet } from "../../schema/job/build-up"
import { freshLayer } from "../assembly-edits"

/** A layer of a ready build-up: material, thickness in m, and what is special about it; `between` names the members in place of their id. */
export type LayerSketch = readonly [material: string, thickness: number, special?: Special]

type Special = Partial<Omit<Layer, "material" | "thickness" | "between">> & { between?: MemberSet }

/** What can stand in the words of a stack: a material or a thickness, members, something special, or layers of their own. */
type InStack = string | number | MemberSet | Special | readonly LayerSketch[]

const metres = (millimetres: unknown) => Number(`${millimetres as string}e-3`)

/**
 * Layers outside to inside in words, thickness in mm: `larch 22, air 25 vented, stone-wool 120 between ${studs}, ${LINING}`.
 * @throws TypeError for a word that it does not know
 */
export function stack(texts: TemplateStringsArray, ...parts: readonly InStack[]): LayerSketch[] {
  const words = texts.flatMap((text, i) => [...(text.match(/[^\s,]+|,/g) ?? []), ...parts.slice(i, i + 1)])
  const layers: LayerSketch[] = []
  for (const rest = [...words, ","]; rest.length > 0;) {
    const [material, thickness, ...more] = rest.splice(0, rest.indexOf(",") + 1).slice(0, -1)
    if (Array.isArray(material)) layers.push(...(material as readonly LayerSketch[]))
    else layers.push([material as string, metres(thickness), specialOf(more)])
  }
  return layers
}

function specialOf([word, ...rest]: readonly InStack[]): Special {
  if (word === undefined) return {}
  if (typeof word === "object") return { ...word, ...specialOf(rest) }
  const [figure, ...after] = rest
  switch (word) {
    case "there":
      return { existing: true, ...specialOf(rest) }
    case "vented":
      // Open along eaves and ridge, or foot and head.
      return { vents: 0.02, ...specialOf(rest) }
    case "between":
      return { between: figure as MemberSet, ...specialOf(after) }
    case "loose":
      return { loose: metres(figure), ...specialOf(after) }
    case "voids":
      return { voids: Number(figure) as Layer["voids"], ...specialOf(after) }
    default:
      throw new TypeError(`A layer knows nothing of “${word}”.`)
  }
}

/** A build-up from its sketch, layers outside to inside; layers between the same members share them. */
export function sketch(name: string, layers: readonly LayerSketch[], absorptance: number | null = null, reason = ""): Assembly {
  const sets = [...new Set(layers.flatMap(([, , special]) => special?.between ?? []))]
  const idOf = (set: MemberSet | undefined) => (set ? `m${sets.indexOf(set) + 1}` : null)
  const entries = layers.map(([material, thickness, { between, ...special } = {}], i) => {
    return [`l${i + 1}`, { ...freshLayer(material, thickness), ...special, between: idOf(between) }] as const
  })
  return {
    name,
    reason,
    absorptance,
    members: Object.fromEntries(sets.map((set, i) => [`m${i + 1}`, set])),
    layers: Object.fromEntries(entries),
    order: entries.map(([id]) => id),
    edge: null,
  }
}

/** Members of solid wood in a frame: plates at both ends, one along each edge, doubled at openings. */
export const timber = (name: string, width: number, spacing: number, special: Partial<MemberSet> = {}): MemberSet => ({
  name,
  material: "spruce",
  width,
  depth: null,
  shape: "solid",
  wall: null,
  direction: "up",
  spacing,
  spaced: "centres",
  first: null,
  positions: {},
  ends: true,
  plates: { low: 1, high: 1 },
  around: false,
  doubled: true,
  cross: [],
  overhang: 0,
  share: null,
  fill: null,
  existing: false,
  ...special,
})

/** Members that run level across a frame and carry sheets: no plates, nothing doubled. */
export const level = (name: string, width: number, spacing: number, special: Partial<MemberSet> = {}): MemberSet =>
  timber(name, width, spacing, { direction: "along", plates: { low: 0, high: 0 }, doubled: false, ...special })

/** Pressed ribs of a van: hats of 1.2 mm steel, 50 mm wide. */
export const RIBS: MemberSet = timber("Ribs", 0.05, 0.6, {
  material: "steel-bare",
  shape: "hat",
  wall: 0.0012,
  ends: false,
  plates: { low: 0, high: 0 },
  doubled: false,
  existing: true,
})
