import { describe, expect, test } from "@jest/globals"
import { KNOWN, demoJobs, OWN } from "../../tests/fixtures/jobs"
import type { Assembly } from "./job/build-up"
import { KEPT_VERSION } from "./kept"
import { readKept } from "./read-kept"

const assembly = demoJobs()[0]!.variants.first!.assemblies.wall!
const own = { ...OWN, name: "Board of ours" }
const buildUp = { format: "pelzhaus-build-up", version: KEPT_VERSION, kind: "van", assembly, materials: {} }
const material = { format: "pelzhaus-material", version: KEPT_VERSION, material: own }

const faultOf = (document: unknown) => {
  const read = readKept(document, KNOWN)
  return read.ok ? null : { code: read.error.code, path: read.error.path.join(".") }
}

describe("what is kept", () => {
  test("is read as it was written", () => {
    for (const one of [buildUp, material]) expect(readKept(one, KNOWN)).toEqual({ ok: true, value: one })
  })

  test("of version 6 is read too: its build-ups had no insulation along an edge, its materials no fields for what rules go by", () => {
    const then: Partial<Assembly> = { ...assembly }
    delete then.edge
    // Nothing was said of members that are there already: they were added.
    const added = Object.fromEntries(Object.entries(assembly.members).map(([id, set]) => [id, { ...set, existing: false }]))
    expect(readKept({ ...buildUp, version: 6, assembly: then }, KNOWN)).toEqual({
      ok: true,
      value: { ...buildUp, assembly: { ...then, edge: null, members: added } },
    })
    // A material said in words that it burns and is to be covered, and by how it is sold that it comes in boards; it was offered for nothing.
    const { application: _, uses: __, fire, ...words } = own
    const { combustible: ___, ...burns } = fire
    const older = { ...words, fire: { ...burns, reaction: `${fire.reaction}; cover it` } }
    expect(readKept({ ...material, version: 6, material: older }, KNOWN)).toEqual({
      ok: true,
      value: { ...material, material: { ...own, uses: [] } },
    })
  })

  test.each([
    ["something else", {}, { code: "wrong-format", path: "format" }],
    ["nothing", null, { code: "wrong-format", path: "format" }],
    ["a newer one", { ...buildUp, version: KEPT_VERSION + 1 }, { code: "wrong-version", path: "version" }],
    ["one older than there were any", { ...material, version: 5 }, { code: "wrong-version", path: "version" }],
    [
      "a layer of nothing known",
      { ...buildUp, assembly: { ...assembly, layers: { ...assembly.layers, l2: { ...assembly.layers.l2!, material: "own-1" } } } },
      { code: "unknown-reference", path: "assembly.layers.l2.material" },
    ],
    ["a material under the catalogue's name", { ...buildUp, materials: { xps: own } }, { code: "duplicate", path: "materials.xps" }],
    [
      "a course that falls",
      {
        ...material,
        material: {
          ...own,
          conductivity: {
            ...own.conductivity,
            byTemperature: [
              [10, 0.03],
              [0, 0.03],
            ],
          },
        },
      },
      { code: "contradiction", path: "materials.own.conductivity.byTemperature" },
    ],
  ])("%s is refused at its place", (_, document, fault) => expect(faultOf(document)).toEqual(fault))

  test("brings the material along that its layers are of", () => {
    const layers = { ...assembly.layers, l2: { ...assembly.layers.l2!, material: "own-1" } }
    expect(readKept({ ...buildUp, assembly: { ...assembly, layers }, materials: { "own-1": own } }, KNOWN).ok).toBe(true)
  })
})
