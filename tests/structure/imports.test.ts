import { describe, expect, test } from "@jest/globals"
import { existsSync, readdirSync, readFileSync } from "node:fs"
import { dirname, join } from "node:path"
import ts from "typescript"

/** Folders of the core, lowest first. */
const CORE =
  "numeric cutting air material assembly ground sun climate conduction airflow inside plant dynamic hygrothermal shell laying enclosure moisture steady hourly section verdict takeoff results ledger trials sizing"
    .split(" ")
    .map((folder) => `core/${folder}`)
/** Layers, lowest first: each may import itself and those before it. "core" is what lies loose in it. */
const LAYERS = ["schema", "core/quantity", "core", ...CORE, "edit", "operations", "store", "server", "cli", "ui", "app"]
/** Beyond the order of the list: the screens never reach for what belongs to the server. */
const APART: Readonly<Record<string, readonly string[]>> = { ui: ["store", "server", "cli"], cli: ["store", "server"], app: ["cli"] }

/** The layer of a file below src, by the longest name that fits; none for what lies loose in src. */
const layerOf = (file: string): string | undefined =>
  LAYERS.filter((layer) => file.startsWith(`src/${layer}/`)).sort((a, b) => b.length - a.length)[0]

/** Why a file may not import another; null where it may. */
function refused(file: string, other: string): string | null {
  const [from, to] = [layerOf(file), layerOf(other)]
  if (from === undefined) return null
  if (to === undefined) return `${file} imports ${other}, which belongs to no layer`
  if (APART[from]?.includes(to)) return `${file} imports ${other}: ${from} keeps away from ${to}`
  return LAYERS.indexOf(to) <= LAYERS.indexOf(from) ? null : `${file} imports ${other}: ${to} lies above ${from}`
}

/** The files that a file imports, for types too, and those that it fetches later. */
function importsOf(file: string): string[] {
  const text = readFileSync(file, "utf8")
  return ts.preProcessFile(text, true, true).importedFiles.flatMap(({ fileName }) => {
    const path = join(dirname(file), fileName)
    return fileName.startsWith(".") ? [`${path}.ts`, `${path}.tsx`].filter(existsSync) : []
  })
}

/** A way from a file back to a file on it, if there is one. */
function ringIn(graph: ReadonlyMap<string, readonly string[]>): string[] | null {
  const done = new Set<string>()
  const from = (file: string, way: readonly string[]): string[] | null => {
    if (way.includes(file)) return [...way.slice(way.indexOf(file)), file]
    if (done.has(file)) return null
    for (const next of graph.get(file) ?? []) {
      const ring = from(next, [...way, file])
      if (ring) return ring
    }
    done.add(file)
    return null
  }
  for (const file of graph.keys()) {
    const ring = from(file, [])
    if (ring) return ring
  }
  return null
}

const files = readdirSync("src", { recursive: true, encoding: "utf8" }).filter((file) => /\.tsx?$/.test(file))
const graph = new Map(files.map((file) => [join("src", file), importsOf(join("src", file))] as const))

describe("imports", () => {
  test("no ring, counting types and what is fetched later", () => {
    expect(graph.size).toBeGreaterThan(200)
    expect([...graph.values()].flat().length).toBeGreaterThan(graph.size)
    expect(ringIn(graph)).toBeNull()
  })

  test("a ring is found", () => {
    const graph = (pairs: Record<string, string[]>) => new Map(Object.entries(pairs))
    expect(ringIn(graph({ a: ["b"], b: ["c"], c: ["b"] }))).toEqual(["b", "c", "b"])
    expect(ringIn(graph({ a: ["b", "c"], b: ["c"], c: [] }))).toBeNull()
  })

  test("each layer imports itself and what lies below it", () => {
    const faults = [...graph]
      .filter(([file]) => !/\.test\.tsx?$/.test(file))
      .flatMap(([file, others]) => others.flatMap((other) => refused(file, other) ?? []))
    expect(faults).toEqual([])
  })

  test("an import that goes upward, or to what is kept apart, is found", () => {
    expect(refused("src/core/shell/a.ts", "src/core/enclosure/b.ts")).toMatch("core/enclosure lies above core/shell")
    expect(refused("src/core/memoised.ts", "src/core/air/b.ts")).toMatch("core/air lies above core")
    expect(refused("src/ui/job/a.ts", "src/store/b.ts")).toMatch("ui keeps away from store")
    expect(refused("src/ui/job/a.ts", "src/core/air/b.ts")).toBeNull()
  })
})
