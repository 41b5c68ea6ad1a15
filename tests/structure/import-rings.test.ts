import { describe, expect, test } from "@jest/globals"
import { existsSync, readdirSync, readFileSync } from "node:fs"
import { dirname, join } from "node:path"
import ts from "typescript"

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

describe("imports", () => {
  test("no ring, counting types and what is fetched later", () => {
    const files = readdirSync("src", { recursive: true, encoding: "utf8" }).filter((file) => /\.tsx?$/.test(file))
    const graph = new Map(files.map((file) => [join("src", file), importsOf(join("src", file))] as const))
    expect(graph.size).toBeGreaterThan(200)
    expect([...graph.values()].flat().length).toBeGreaterThan(graph.size)
    expect(ringIn(graph)).toBeNull()
  })

  test("a ring is found", () => {
    const graph = (pairs: Record<string, string[]>) => new Map(Object.entries(pairs))
    expect(ringIn(graph({ a: ["b"], b: ["c"], c: ["b"] }))).toEqual(["b", "c", "b"])
    expect(ringIn(graph({ a: ["b", "c"], b: ["c"], c: [] }))).toBeNull()
  })
})
