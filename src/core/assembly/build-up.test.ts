import { describe, expect, test } from "@jest/globals"
import type { Assembly, Framing, Layer } from "../../schema/job/job"
import { builtLayers, labelResistance, transmittanceInput, transmittanceLayers } from "./build-up"
import { framingFraction, memberConductivity, memberPositions, solidShare } from "./member"
import { thermalTransmittance } from "./thermal-transmittance"

const plain = (material: string, thickness: number, special: Partial<Layer> = {}): Layer => ({
  material,
  thickness,
  existing: false,
  voids: 0,
  framing: null,
  ...special,
})
const stack = (...layers: Layer[]): Assembly => ({
  name: "stack",
  absorptance: null,
  layers: Object.fromEntries(layers.map((layer, i) => [`l${i}`, layer])),
  order: layers.map((_, i) => `l${i}`),
})
const studs: Framing = { material: "spruce", width: 0.045, wall: null, spacing: 0.6, positions: null, plates: 0 }
const hats: Framing = { material: "steel-bare", width: 0.05, wall: 0.0012, spacing: 0.6, positions: null, plates: 0 }

describe("members", () => {
  test("take their width out of the spacing, and plates out of what is left, by hand", () => {
    // 45/600 = 0.075; with 6 % plates 1 − 0.925·0.94 = 0.1305
    expect(framingFraction(studs, 3)).toBeCloseTo(0.075, 12)
    expect(framingFraction({ ...studs, plates: 0.06 }, 3)).toBeCloseTo(0.1305, 12)
  })

  test("measured one by one count against the run of their face", () => {
    const measured = { ...studs, positions: [0.3, 0.9, 1.5, 2.1, 2.7] }
    expect(framingFraction(measured, 3)).toBeCloseTo((5 * 0.045) / 3, 12)
    // Those beyond the end of a shorter face are not in it.
    expect(framingFraction(measured, 1.6)).toBeCloseTo((3 * 0.045) / 1.6, 12)
    expect(framingFraction({ ...studs, positions: [] }, 3)).toBe(0)
    expect(framingFraction({ ...studs, width: 0.5, positions: Array.from({ length: 20 }, (_, i) => i / 20) }, 1)).toBe(1)
  })

  test("stand at their spacing from the left edge", () => {
    expect(memberPositions(studs, 2)).toEqual([0.6, 1.2, expect.closeTo(1.8, 9)])
    expect(memberPositions({ ...studs, positions: [0.1, 5] }, 2)).toEqual([0.1])
  })

  test("of sheet metal are webs and air side by side, by hand", () => {
    // 2·1.2/50 = 0.048 steel; air 25 mm: R 0.183056 → 0.136571; 0.048·50 + 0.952·0.136571 = 2.530016
    expect(solidShare(hats)).toBeCloseTo(0.048, 12)
    expect(memberConductivity(hats, 0.025)).toBeCloseTo(2.530016, 5)
    expect(memberConductivity({ ...hats, wall: null }, 0.025)).toBe(50)
    expect(memberConductivity({ ...hats, wall: 0.03 }, 0.025)).toBe(50)
  })
})

describe("layers of an assembly", () => {
  test("come in the order of the list, with their labels; metals and air carry none", () => {
    const layers = builtLayers(stack(plain("steel-painted", 0.001), plain("air", 0.02), plain("xps", 0.034)), 3)
    expect(layers.map(({ material }) => material.class)).toEqual(["metal", "air", "foam"])
    expect(layers.map(({ label }) => label)).toEqual([null, null, 1])
    expect(labelResistance(layers)).toBe(1)
  })

  test("what is there already adds neither weight nor money", () => {
    const [there, added] = builtLayers(stack(plain("steel-painted", 0.001, { existing: true }), plain("steel-painted", 0.001)), 3)
    expect([there!.mass, there!.price]).toEqual([0, 0])
    expect(added!.mass).toBeCloseTo(7.8, 9)
    expect(added!.price).toBeCloseTo(7.8 * 2.2, 9)
  })

  test("hollow members weigh and cost their metal only, by hand", () => {
    // 50/600 of the face is members, 4.8 % of it steel: 0.916667·32·0.025 + 0.083333·0.048·7800·0.025 = 0.733333 + 0.78 = 1.513333 kg/m²
    const [layer] = builtLayers(stack(plain("polyiso", 0.025, { framing: hats })), 3)
    expect(layer!.mass).toBeCloseTo(1.513333, 5)
  })

  test("an air space sees the faces beside it: foil works where it faces one, and does nothing where it does not", () => {
    const r = (...layers: Layer[]) =>
      thermalTransmittance(transmittanceInput(builtLayers(stack(...layers), 3), "horizontal")).centreResistance
    const space = plain("air", 0.025)
    const board = plain("birch-plywood", 0.012)
    const foil = plain("foil-membrane", 0.0003)
    // Ordinary faces: 0.1831; one of foil (0.05): 1/(1.25 + 0.049724·5.148984) = 0.6640 (see the test of air spaces)
    expect(r(board, space, foil, board) - r(board, space, board)).toBeCloseTo(0.664 - 0.1831 + 0.0003 / 0.4, 3)
    // Pressed between two boards it only conducts.
    expect(r(board, foil, board) - r(board, board)).toBeCloseTo(0.0003 / 0.4, 9)
    // At the edge of the build-up the space sees an ordinary face.
    expect(transmittanceLayers(builtLayers(stack(space, foil), 3))[0]!.airspace).toEqual({ emissivity1: 0.9, emissivity2: 0.05 })
  })

  test("vapour resistance is that of films as sheets and of boards by thickness", () => {
    const [film, wool] = builtLayers(stack(plain("polythene", 0.0002), plain("glass-wool", 0.1)), 3)
    expect([film!.airLayer, wool!.airLayer]).toEqual([100, 0.1])
  })
})
