import { massOfLayers, priceOfLayers } from "../takeoff/content"
import { RIBS, timber } from "../../../tests/fixtures/layers"
import { describe, expect, test } from "@jest/globals"
import { type Assembly, type Layer, PLAIN_LAYER } from "../../schema/job/build-up"
import { builtLayers, declaredResistance, transmittanceInput, transmittanceLayers } from "./build-up"
import { materialOf } from "../material/catalogue"
import { crossingOf } from "./crossing"
import { idleFoils } from "./idle-foil"
import { memberConductivity, solidShare } from "./member"
import { type Framing, thermalTransmittance } from "./thermal-transmittance"

const STEEL = { stuff: materialOf("steel-bare"), filling: null }

const plain = (material: string, thickness: number, special: Partial<Layer> = {}): Layer => ({
  ...PLAIN_LAYER,
  material,
  thickness,
  ...special,
})
const stack = (...layers: Layer[]): Assembly => ({
  name: "stack",
  reason: "",
  absorptance: null,
  members: { hats: RIBS, tubes: { ...RIBS, shape: "tube", depth: 0.06 }, studs: timber("Studs", 0.045, 0.6) },
  layers: Object.fromEntries(layers.map((layer, i) => [`l${i}`, layer])),
  order: layers.map((_, i) => `l${i}`),
  edge: null,
})
const built = (share: number, ...layers: Layer[]) => builtLayers(stack(...layers), () => share)

/** A layer of R 1 with members in it. */
const layer = (...framing: Framing[]) => ({ thickness: 0.04, conductivity: 0.04, effectiveShare: 1, framing })

describe("members", () => {
  test("of sheet metal are webs and air side by side, by hand", () => {
    // 2·1.2/50 = 0.048 steel; air 25 mm: R 0.183056 → 0.136571; 0.048·50 + 0.952·0.136571 = 2.530016
    expect(solidShare(RIBS)).toBeCloseTo(0.048, 12)
    expect(memberConductivity(RIBS, STEEL, 0.025)).toBeCloseTo(2.530016, 5)
    // A channel has one web: 0.024·50 + 0.976·0.136571 = 1.333293
    expect(memberConductivity({ ...RIBS, shape: "channel" }, STEEL, 0.025)).toBeCloseTo(1.333293, 5)
    expect(memberConductivity({ ...RIBS, shape: "solid", wall: null }, STEEL, 0.025)).toBe(50)
    expect(memberConductivity({ ...RIBS, wall: 0.03 }, STEEL, 0.025)).toBe(50)
  })

  test("of several sets stand in one layer, what crosses others cut between them: shares and U by hand", () => {
    const crossed = stack(plain("xps", 0.05, { between: "studs", also: ["blocks"] }))
    const blocks = { ...timber("Blocks", 0.045, 0.8), direction: "along" as const }
    const shares: Record<string, number> = { studs: 0.1, blocks: 0.2 }
    const layers = builtLayers({ ...crossed, members: { ...crossed.members, blocks } }, (id) => shares[id]!)
    // Blocks take a fifth of what studs leave.
    expect(layers[0]!.members.map(({ fraction }) => fraction)).toEqual([0.1, expect.closeTo(0.18, 12)])
    const { resistanceUpper, resistanceLower } = thermalTransmittance(transmittanceInput(layers, "horizontal"))
    const [foam, wood] = [layers[0]!.conductivity, materialOf(timber("", 0.045, 0.6).material).conductivity.declared]
    const through = (conductivity: number) => 0.13 + 0.05 / conductivity + 0.04
    expect(resistanceUpper).toBeCloseTo(1 / (0.28 / through(wood) + 0.72 / through(foam)), 9)
    expect(resistanceLower).toBeCloseTo(through(0.28 * wood + 0.72 * foam), 9)
    // Side by side they are not cut; together they take no more than all.
    const beside = { ...blocks, direction: "up" as const }
    const all = (wide: number) =>
      builtLayers({ ...crossed, members: { ...crossed.members, blocks: beside } }, (id) => (id === "studs" ? wide : 0.5))[0]!.members.map(
        ({ fraction }) => fraction,
      )
    expect(all(0.2)).toEqual([0.2, 0.5])
    expect(all(0.75)).toEqual([expect.closeTo(0.6, 12), expect.closeTo(0.4, 12)])
  })

  test("know what they cross, from outdoors to indoors", () => {
    const layers = built(
      0.1,
      plain("steel-painted", 0.001),
      plain("xps", 0.03, { between: "tubes" }),
      plain("air", 0.02, { between: "tubes" }),
      plain("osb", 0.012),
    )
    const crossing = crossingOf(layers, "tubes")!
    expect([crossing.outside, crossing.between, crossing.inside].map((part) => part.map(({ id }) => id))).toEqual([
      ["l0"],
      ["l1", "l2"],
      ["l3"],
    ])
    expect(crossing.depth).toBeCloseTo(0.05, 12)
    // Tubes of 60 mm stand 10 mm out of the layers between them.
    expect(crossing.projection).toBeCloseTo(0.01, 12)
    expect(crossingOf(layers, "studs")).toBeNull()
  })

  test("of one set cross all layers between them, those of two sets cross freely, by hand", () => {
    // Films 0.04 + 0.13; two layers of R 1 beside members of R 0.2 each, a fifth of the face.
    // One set: 1/(0.8/2.17 + 0.2/0.57) = 1/(0.368664 + 0.350877) = 1.389775
    // Two sets: 0.64/2.17 + 2·0.16/1.37 + 0.04/0.57 = 0.294931 + 0.233577 + 0.070175 = 0.598683 → 1.670334
    const through = (...sets: string[]) => {
      const layers = sets.map((set) => layer({ set, fraction: 0.2, conductivity: 0.2 }))
      return thermalTransmittance({ direction: "horizontal", layers })
    }
    expect(through("a", "a").resistanceUpper).toBeCloseTo(1.389775, 5)
    expect(through("a", "b").resistanceUpper).toBeCloseTo(1.670334, 5)
    // The lower limit mixes each layer by itself, whoever crosses it.
    expect(through("a", "a").resistanceLower).toBe(through("a", "b").resistanceLower)
  })

  test("of two sets stand side by side in one layer, by hand", () => {
    // R 1 beside, a tenth of the face of R 0.2 and a twentieth of R 0.4; films 0.17.
    // Upper: 1/(0.85/1.17 + 0.1/0.37 + 0.05/0.57) = 1/(0.726496 + 0.270270 + 0.087719) = 0.922097
    // Lower: 0.17 + 1/(0.85/1 + 0.1/0.2 + 0.05/0.4) = 0.17 + 1/1.475 = 0.847966
    const layers = [layer({ set: "a", fraction: 0.1, conductivity: 0.2 }, { set: "b", fraction: 0.05, conductivity: 0.1 })]
    const both = thermalTransmittance({ direction: "horizontal", layers })
    expect(both.resistanceUpper).toBeCloseTo(0.922097, 5)
    expect(both.resistanceLower).toBeCloseTo(0.847966, 5)
  })

  test("of a set that one of two layers shares go on beside the other's, by hand", () => {
    // Set a crosses both layers (a tenth of the face), set b the second only (a twentieth).
    // Beside 0.17 + 2; along a 0.17 + 0.4; along b 0.17 + 1 + 0.4: 1/(0.85/2.17 + 0.1/0.57 + 0.05/1.57) = 1/(0.391705 + 0.175439 + 0.031847)
    const a = { set: "a", fraction: 0.1, conductivity: 0.1 }
    const layers = [layer({ ...a, conductivity: 0.2 }), layer({ ...a, conductivity: 0.2 }, { set: "b", fraction: 0.05, conductivity: 0.1 })]
    expect(thermalTransmittance({ direction: "horizontal", layers }).resistanceUpper).toBeCloseTo(1 / 0.598991, 5)
  })
})

describe("layers of an assembly", () => {
  test("come in the order of the list, with their labels; metals and air carry none", () => {
    const layers = built(0, plain("steel-painted", 0.001), plain("air", 0.02), plain("xps", 0.034))
    expect(layers.map(({ material }) => material.class)).toEqual(["metal", "air", "foam"])
    expect(layers.map(({ declaredResistance: label }) => label)).toEqual([null, null, 1])
    expect(declaredResistance(layers)).toBe(1)
  })

  test("what is there already adds neither weight nor money", () => {
    const [there, added] = built(0, plain("steel-painted", 0.001, { existing: true }), plain("steel-painted", 0.001))
    expect([massOfLayers([there!]), priceOfLayers([there!])]).toEqual([0, 0])
    expect(massOfLayers([added!])).toBeCloseTo(7.8, 9)
    expect(priceOfLayers([added!])).toBeCloseTo(7.8 * 2.2, 9)
  })

  test("hollow members weigh and cost their metal only, by hand", () => {
    // 50/600 of the face is members, 4.8 % of it steel: 0.916667·32·0.025 + 0.083333·0.048·7800·0.025 = 0.733333 + 0.78 = 1.513333 kg/m²
    const [layer] = built(0.05 / 0.6, plain("polyiso", 0.025, { between: "hats" }))
    const added = { ...layer!, members: layer!.members.map((one) => ({ ...one, set: { ...one.set, existing: false } })) }
    expect(massOfLayers([added])).toBeCloseTo(1.513333, 5)
    // Ribs that are there already add nothing.
    expect(massOfLayers([layer!])).toBeCloseTo(0.733333, 5)
  })

  test("an air space sees the faces beside it: foil works where it faces one, and does nothing where it does not", () => {
    const r = (...layers: Layer[]) => thermalTransmittance(transmittanceInput(built(0, ...layers), "horizontal")).centreResistance
    const space = plain("air", 0.025)
    const board = plain("birch-plywood", 0.012)
    const foil = plain("foil-membrane", 0.0003)
    // Ordinary faces: 0.1831; one of foil (0.05): 1/(1.25 + 0.049724·5.148984) = 0.6640 (see the test of air spaces)
    expect(r(board, space, foil, board) - r(board, space, board)).toBeCloseTo(0.664 - 0.1831 + 0.0003 / 0.4, 3)
    // Pressed between two boards it only conducts.
    expect(r(board, foil, board) - r(board, board)).toBeCloseTo(0.0003 / 0.4, 9)
    expect(idleFoils(built(0, board, foil, board)).map(({ id }) => id)).toEqual(["l1"])
    expect(idleFoils(built(0, board, plain("polyiso", 0.05), board))).toHaveLength(1)
    // Beside a space, at a surface, or a skin of bare metal: nothing is said.
    expect(idleFoils(built(0, board, space, foil, board))).toEqual([])
    expect(idleFoils(built(0, foil, board, foil))).toEqual([])
    expect(idleFoils(built(0, board, plain("aluminium", 0.001), board))).toEqual([])
    // At the edge of the build-up the space sees an ordinary face.
    expect(transmittanceLayers(built(0, space, foil))[0]!.airspace).toEqual({ emissivity1: 0.9, emissivity2: 0.05 })
  })

  test("vapour resistance is that of films as sheets and of boards by thickness", () => {
    const [film, wool] = built(0, plain("polythene", 0.0002), plain("glass-wool", 0.1))
    expect([film!.equivalentAirLayer, wool!.equivalentAirLayer]).toEqual([100, 0.1])
  })
})
