import { describe, expect, test } from "@jest/globals"
import { timber } from "../../../tests/fixtures/layers"
import { type Assembly, type Layer, PLAIN_LAYER } from "../../schema/job/build-up"
import { builtLayers } from "./build-up"
import { crushedLayers, pressedLayers } from "./crushing"

const floor = (...stuffs: [material: string, thickness: number, between?: string][]) => {
  const layers = stuffs.map(([material, thickness, between]): Layer => ({
    ...PLAIN_LAYER,
    material,
    thickness,
    between: between ?? null,
  }))
  const assembly: Assembly = {
    name: "floor",
    reason: "",
    absorptance: null,
    members: { joists: timber("Joists", 0.045, 0.4) },
    layers: Object.fromEntries(layers.map((layer, i) => [`l${i}`, layer])),
    order: layers.map((_, i) => `l${i}`),
    edge: null,
  }
  return builtLayers(assembly, () => 0.1)
}
const barrel = { name: "Barrel", mass: 220, width: 0.15, length: 0.15, lasting: true }

describe("a floor under a load", () => {
  test("by hand: the load spreads at 45° through plywood, not through foam", () => {
    // 220·9.81 = 2158.2 N on 150 by 150 mm: 95.92 kPa; under 12 mm of plywood on 174 by 174 mm: 71.28 kPa.
    const [plywood, foam, skin] = pressedLayers(floor(["steel-painted", 0.0008], ["eps", 0.03], ["birch-plywood", 0.012]), barrel)
    expect(plywood!.stress).toBeCloseTo(95920, -1)
    expect(foam!.stress).toBeCloseTo(71284, -1)
    expect(skin!.stress).toBeCloseTo(foam!.stress, 9)
    // EPS 100 bears 0.3·100 kPa for years, XPS 300 bears 90.
    expect(foam!.bears).toBeCloseTo(30_000, 6)
    expect(crushedLayers(floor(["eps", 0.03], ["birch-plywood", 0.012]), barrel).map(({ layer }) => layer.material.name)).toEqual([
      "Expanded polystyrene (EPS 100)",
    ])
    expect(crushedLayers(floor(["xps", 0.03], ["birch-plywood", 0.012]), barrel)).toEqual([])
    // 40 kPa for a moment, half of EPS's strength not yet reached: 90 kg on one foot's 150 by 150 mm.
    expect(crushedLayers(floor(["eps", 0.03]), { ...barrel, mass: 90, lasting: false })).toEqual([])
    expect(crushedLayers(floor(["eps", 0.03]), { ...barrel, mass: 90 })).toHaveLength(1)
  })

  test("members carry what lies between them; a bare batt bears nothing", () => {
    expect(pressedLayers(floor(["eps", 0.03], ["glass-wool", 0.1, "joists"], ["birch-plywood", 0.012]), barrel)).toHaveLength(1)
    expect(crushedLayers(floor(["glass-wool", 0.1], ["birch-plywood", 0.012]), barrel)).toHaveLength(1)
  })

  test("a larger foot or a thicker board never presses harder", () => {
    for (const thickness of [0.006, 0.012, 0.024]) {
      const at = (size: number, board: number) =>
        pressedLayers(floor(["eps", 0.03], ["birch-plywood", board]), { ...barrel, width: size })[1]!.stress
      expect(at(0.3, thickness)).toBeLessThan(at(0.2, thickness))
      expect(at(0.2, 2 * thickness)).toBeLessThan(at(0.2, thickness))
    }
  })
})
