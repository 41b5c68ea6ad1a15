import { CATALOGUE } from "../core/material/catalogue"
import type { Kind } from "../core/quantity/measure"
import type { Revision } from "../schema/change"
import { Job } from "../schema/job/job"
import type * as z from "../schema/zod"
import { inSentence } from "../core/in-sentence"
import { isPartList, type Part, type Parts } from "./shell-edits"

type Path = Revision["patches"][number]["path"]

/** Kinds of figure by the unit that a quantity's schema names. */
const KINDS: Record<string, Kind> = {
  m: "length",
  "°C": "temperature",
  "0..1": "percent",
  W: "power",
  kg: "mass",
  "€": "money",
  "€/J": "energyPrice",
  "€/m³": "volumePrice",
  "1/h": "airChanges",
  "m³/s": "airFlow",
  "W/K": "conductance",
  "W/(m²·K)": "transmittance",
  "kg/m³": "density",
}

/**
 * What a revision did, in words: its label, the figure that it set where it set one, and what that belongs to.
 * @param job before or after it
 * @param write a quantity in the job's units
 */
export function revisionWords({ label, patches }: Revision, job: Job, write: (kind: Kind, value: number) => string): string {
  const [patch, ...more] = patches
  const alone = patch && more.length === 0 ? patch : null
  const kind = alone && KINDS[unitAt(alone.path)]
  const figure = !kind ? "" : typeof alone.value === "number" ? ` ${write(kind, alone.value)}` : alone.value === null ? ": none" : ""
  const name = alone && nameAt(alone.path, job)
  return `${label}${figure}${name && !label.includes(name) ? `, ${name}` : ""}`
}

/** Where on the bench something of a job is changed. */
export interface ChangePlace {
  station: "brief" | "shell" | "build-ups"
  face?: string
  layer?: string
  part?: { list: keyof Parts; id: string }
}

/** Where what a revision changed is seen; null for what is no part of the enclosure. @param job as it is now */
export function revisionPlace({ patches }: Revision, { shell, variants, active }: Job): ChangePlace | null {
  const [top, ...rest] = (patches[0]?.path ?? []).map(String)
  if (top === "brief") return { station: "brief" }
  if (top === "shell") {
    const [list, id = ""] = rest
    const part = isPartList(list) ? (shell[list] as Partial<Record<string, Part<keyof Parts>>>)[id] : undefined
    if (!isPartList(list) || !part) return { station: "shell" }
    const on = list === "zones" ? { face: id } : "face" in part ? { face: part.face } : {}
    return { station: "shell", part: { list, id }, ...on }
  }
  const [, within, id, list, layer] = rest
  if (top !== "variants" || rest[0] !== active) return null
  const { wears, assemblies } = variants[active]!
  const face = within === "wears" ? id : Object.keys(wears).find((key) => wears[key] === id)
  const there = within === "assemblies" && list === "layers" && assemblies[id!]?.layers[layer!] ? { layer: layer! } : {}
  return { station: "build-ups", ...(face && { face }), ...there }
}

/** The layer or the part of the shell that a path leads into, by its name; empty where it has none. */
function nameAt(path: Path, { shell, variants, materials }: Job): string {
  const [top, a, b, c, d, layer] = path.map(String)
  if (top === "shell") return (isPartList(a) && (shell[a] as Partial<Record<string, { name?: string }>>)[b!]?.name) || ""
  if (top !== "variants" || b !== "assemblies" || d !== "layers") return ""
  const material = variants[a!]?.assemblies[c!]?.layers[layer!]?.material ?? ""
  const name = (CATALOGUE[material] ?? materials[material])?.name
  return name ? inSentence(name) : ""
}

/** The unit at the end of what the schema says of a path; empty where it says none. */
function unitAt(path: Path): string {
  let nodes: z.ZodType[] = [Job]
  for (const step of path) nodes = nodes.flatMap((node) => within(node, String(step)))
  const said = nodes.flatMap((node) => described(node))
  return said[0]?.split(", ").at(-1) ?? ""
}

/** A part of a schema; several where it has alternatives. */
function within(node: z.ZodType, key: string): z.ZodType[] {
  const { def } = node as unknown as { def: Definition }
  switch (def.type) {
    case "object":
      return def.shape[key] ? [def.shape[key]] : []
    case "record":
      return [def.valueType]
    case "array":
      return [def.element]
    case "union":
      return def.options.flatMap((option) => within(option, key))
    case "nullable":
    case "optional":
      return within(def.innerType, key)
    default:
      return []
  }
}

const described = (node: z.ZodType): string[] => {
  if (node.description !== undefined) return [node.description]
  const { def } = node as unknown as { def: Definition }
  return def.type === "nullable" || def.type === "optional" ? described(def.innerType) : []
}

/** Schemas as far as they are walked. */
type Definition =
  | { type: "object"; shape: Record<string, z.ZodType> }
  | { type: "record"; valueType: z.ZodType }
  | { type: "array"; element: z.ZodType }
  | { type: "union"; options: z.ZodType[] }
  | { type: "nullable" | "optional"; innerType: z.ZodType }
  | { type: "other" }
