import { describe, expect, test } from "@jest/globals"
import { sketch, stack, timber } from "./layers"

describe("layers in words", () => {
  const studs = timber("Studs", 0.045, 0.6)
  const lining = stack`osb 12`

  test("a material and its thickness in millimetres, outside to inside", () => {
    expect(stack`larch 22, osb 0.3`).toEqual([
      ["larch", 0.022, {}],
      ["osb", 0.0003, {}],
    ])
  })
  test("members, special words in any order, figures and layers of their own between the words", () => {
    expect(stack`air 25 vented, steel-painted 0.5 there, glass-wool ${140} loose 160 between ${studs} voids 1, ${lining}`).toEqual([
      ["air", 0.025, { vents: 0.02 }],
      ["steel-painted", 0.0005, { existing: true }],
      ["glass-wool", 0.14, { loose: 0.16, between: studs, voids: 1 }],
      ["osb", 0.012, {}],
    ])
  })
  test("layers between the same members share them", () => {
    const { members, layers } = sketch("Wall", stack`glass-wool 90 between ${studs}, air 25 between ${studs}, ${lining}`)
    expect(members).toEqual({ m1: studs })
    expect(Object.values(layers).map(({ between }) => between)).toEqual(["m1", "m1", null])
  })
  test("a word that it does not know is a fault of the text", () => {
    expect(() => stack`osb 12 thick`).toThrow("A layer knows nothing of “thick”.")
  })
})
