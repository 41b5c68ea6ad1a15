import { describe, expect, test } from "@jest/globals"
import { RIBS, sketch, timber } from "../../../tests/fixtures/layers"
import fc from "fast-check"
import type { MemberSet } from "../../schema/job/build-up"
import { builtLayers, transmittanceInput } from "../assembly/build-up"
import { thermalTransmittance } from "../assembly/thermal-transmittance"
import type { Films } from "../assembly/surface-resistance"
import { CATALOGUE, materialOf } from "../material/catalogue"
import { solvedDetail } from "./solved-detail"
import { memberDetail } from "./member-detail"

const films: Films = { inside: 0.13, outside: 0.04, direction: "horizontal" }

const wallWith = (set: MemberSet, depth: number) =>
  sketch("wall", [
    ["wood-fibre-board", 0.035],
    ["stone-wool", depth, { between: set }],
    ["birch-plywood", 0.009],
  ])

function solved(set: MemberSet, depth: number) {
  const layers = builtLayers(wallWith(set, depth), () => set.width / set.spacing)
  const detail = memberDetail(layers, "m1", set.spacing, films)!
  const { linearTransmittance: linear, coldestInside } = solvedDetail(detail)
  const beside = detail.oneDimensional / set.spacing
  return { layers, figures: { linear, coldestInside, beside, transmittance: beside + linear / set.spacing } }
}

describe("a member in its build-up", () => {
  test("of timber lies between the two limits of the combined method, which bound the true value", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.03, max: 0.12, noNaN: true }),
        fc.double({ min: 0.05, max: 0.25, noNaN: true }),
        fc.double({ min: 0.3, max: 0.9, noNaN: true }),
        (width, depth, spacing) => {
          const { layers, figures } = solved(timber("Studs", width, spacing), depth)
          const { resistanceUpper, resistanceLower } = thermalTransmittance(transmittanceInput(layers, "horizontal"))
          expect(figures.transmittance).toBeGreaterThanOrEqual(1 / resistanceUpper - 1e-4)
          expect(figures.transmittance).toBeLessThanOrEqual(1 / resistanceLower + 1e-4)
          expect(figures.linear).toBeGreaterThan(0)
        },
      ),
      { numRuns: 12 },
    )
  }, 60_000)

  test("that is of the insulation's own stuff is none: the build-up beside it, by hand", () => {
    const { figures } = solved({ ...timber("none", 0.05, 0.6), material: "stone-wool" }, 0.1)
    // Within what the mesh leaves of the heat flow.
    expect(Math.abs(figures.linear)).toBeLessThan(1e-6)
    expect(figures.transmittance).toBeCloseTo(figures.beside, 6)
    // The inside face, as a share of the way from outdoors: 1 − 0.13·U
    expect(figures.coldestInside).toBeCloseTo(1 - 0.13 * figures.beside, 5)
  })

  test("of sheet steel costs more the thicker its wall, and is coldest on the inside", () => {
    const thin = solved({ ...RIBS, wall: 0.0008 }, 0.05).figures
    const thick = solved({ ...RIBS, wall: 0.002 }, 0.05).figures
    expect(thick.linear).toBeGreaterThan(thin.linear)
    expect(thin.linear).toBeGreaterThan(0)
    expect(thick.coldestInside).toBeLessThan(thin.coldestInside)
    expect(thin.coldestInside).toBeLessThan(1 - 0.13 * thin.beside)
  })

  test("a closed tube passes more than a channel of the same wall, and a solid bar more than either", () => {
    const of = (shape: MemberSet["shape"]) => solved({ ...RIBS, shape, wall: shape === "solid" ? null : 0.0012 }, 0.05).figures.linear
    expect(of("channel")).toBeLessThan(of("tube"))
    expect(of("tube")).toBeLessThan(of("solid"))
  })

  test("there is none where nothing lies between members", () => {
    expect(
      memberDetail(
        builtLayers(sketch("bare", [["xps", 0.05]]), () => 0),
        "m1",
        0.6,
        films,
      ),
    ).toBeNull()
  })

  test("that nothing covers stands out into the room as a fin", () => {
    // A steel flat of 3 mm in 100 mm of stuff that lets nothing through, 40 mm of it bare indoors. Per metre: m = √(2/(0.13·50·0.003)) =
    // 10.1274, m·L = 0.405096, tanh 0.384330; tip (0.003/0.13)/(50·0.003·10.1274) = 0.015191; fin 50·0.003·10.1274·(0.384330 + 0.015191)/
    // (1 + 0.015191·0.384330) = 0.603399 W/(m·K). In series 1/0.603399 + 0.1/(50·0.003) + 0.04/0.003 = 15.657273: 0.063868.
    const flat: MemberSet = { ...timber("Flats", 0.003, 0.6), material: "steel-bare", depth: 0.14 }
    const tight = { ...materialOf("xps"), conductivity: { ...materialOf("xps").conductivity, declared: 1e-6 } }
    const built = builtLayers(sketch("wall", [["tight", 0.1, { between: flat }]]), () => 0.005, { ...CATALOGUE, tight })
    const { linearTransmittance: linear } = solvedDetail(memberDetail(built, "m1", 0.6, films)!)
    expect(Math.abs(linear / 0.063868 - 1)).toBeLessThan(0.02)
    // Covered by a lining it is as deep as what lies between.
    const covered = builtLayers(
      sketch("wall", [
        ["tight", 0.1, { between: flat }],
        ["birch-plywood", 0.009],
      ]),
      () => 0.005,
      { ...CATALOGUE, tight },
    )
    expect(memberDetail(covered, "m1", 0.6, films)!.body.height).toBeCloseTo(0.109, 9)
  })

  test("filled with foam passes less than with still air, and the foam is what counts", () => {
    const tube: MemberSet = { ...timber("Tubes", 0.05, 0.6), material: "steel-bare", shape: "tube", wall: 0.002 }
    const of = (fill: string | null) => solved({ ...tube, fill }, 0.05).figures.linear
    expect(of("spray-closed")).toBeLessThan(of(null))
    // Steel in place of the air is a solid member.
    expect(of("steel-bare")).toBeCloseTo(solved({ ...tube, shape: "solid", wall: null }, 0.05).figures.linear, 2)
  })
})
