import { describe, expect, test } from "@jest/globals"
import { slabOnGround } from "../ground/slab"
import { cornerDetail } from "./corner-detail"
import type { Films } from "../assembly/surface-resistance"
import { solvedDetail } from "./solved-detail"
import type { LayerStack } from "./member-detail"
import { sillDetail } from "./sill-detail"
import type { GroundFloor } from "./slab-and-ground"
import { slabEdgeDetail } from "./slab-edge-detail"

const films: Films = { inside: 0.13, outside: 0.04, direction: "horizontal" }
const sheets = (...layers: [thickness: number, conductivity: number][]): LayerStack => ({
  thicknesses: layers.map(([thickness]) => thickness),
  conductivities: layers.map(([, conductivity]) => conductivity),
  height: layers.reduce((sum, [thickness]) => sum + thickness, 0),
})

describe("a corner of two build-ups", () => {
  test("of one even stuff has the ψ of the square bend once its films are thin", () => {
    // Over all each arm is longer than its inside by its thickness, two squares in all; the bend itself is 1 − 2/π·ln 2 of one:
    // ψ = −λ·(1 + 2/π·ln 2) = −1.441271·λ.
    const wall = sheets([0.2, 0.04])
    const thin: Films = { inside: 1e-6, outside: 1e-6, direction: "horizontal" }
    const { linearTransmittance: linear } = solvedDetail(cornerDetail(wall, wall, thin))
    expect(Math.abs(linear / 0.04 + 1 + (2 / Math.PI) * Math.log(2))).toBeLessThan(0.015)
  })

  test("looks the same from both sides, and is coldest in the inner corner", () => {
    const a = sheets([0.012, 0.13], [0.1, 0.035], [0.009, 0.15])
    const b = sheets([0.0008, 50], [0.06, 0.03], [0.0065, 0.15])
    const [one, other] = [solvedDetail(cornerDetail(a, b, films)), solvedDetail(cornerDetail(b, a, films))]
    expect(one.linearTransmittance).toBeCloseTo(other.linearTransmittance, 3)
    expect(one.coldestAt.x).toBeCloseTo(b.height, 9)
    expect(one.coldestAt.y).toBeCloseTo(a.height, 9)
    expect(other.coldestInside).toBeCloseTo(one.coldestInside, 3)
    expect(one.coldestInside).toBeLessThan(1 - 0.13 / (0.17 + 0.0008 / 50 + 0.06 / 0.03 + 0.0065 / 0.15))
  })

  test("metal that runs round the outside of it makes no way through", () => {
    const [skin, bare] = [sheets([0.0008, 50], [0.1, 0.035]), sheets([0.1, 0.035])]
    const of = (wall: LayerStack) => solvedDetail(cornerDetail(wall, wall, films)).linearTransmittance
    expect(Math.abs(of(skin) - of(bare))).toBeLessThan(0.004)
  })
})

describe("a wall on the edge of a slab", () => {
  const floor = (insulation: number) => sheets([0.15, 2], ...(insulation > 0 ? [[insulation, 0.035] as [number, number]] : []))
  const ground = (slab: LayerStack, edge?: GroundFloor["edge"]): GroundFloor => ({
    ...slabOnGround({
      area: 36,
      perimeter: 24,
      wallThickness: 0.2,
      soilConductivity: 2,
      floorResistance: slab.thicknesses.reduce((sum, thickness, i) => sum + thickness / slab.conductivities[i]!, 0),
      rsi: 0.17,
      rse: 0.04,
      edge,
    }),
    edge,
  })
  const wall = sheets([0.2, 0.04])
  const of = (slab: LayerStack) => solvedDetail(slabEdgeDetail(slab, wall, ground(slab)))

  test("costs the more the better the floor itself is insulated against a bare slab's own edge flow", () => {
    // The slab's own figure holds the edge of a bare slab already; what insulation on it leaves uncovered is the slab's edge.
    const [bare, covered] = [of(floor(0)), of(floor(0.1))]
    expect(covered.coldestInside).toBeGreaterThan(bare.coldestInside)
    expect(Math.abs(covered.linearTransmittance)).toBeLessThan(0.3)
    expect(Math.abs(bare.linearTransmittance)).toBeLessThan(0.6)
  })

  const upright = { kind: "vertical", depthOrWidth: 0.6, thickness: 0.05, conductivity: 0.035 } as const
  const level = { kind: "horizontal", depthOrWidth: 1, thickness: 0.05, conductivity: 0.035 } as const
  test.each([
    [0, undefined, 0.0993, 0.5426],
    [0, upright, 0.0993, 0.7034],
    [0, level, 0.0993, 0.5935],
    [0.1, upright, -0.0596, 0.8805],
    [0.1, level, -0.0596, 0.8755],
  ] as const)("%s m on the slab, %j along its edge: ψ as without that, the surface as with it", (insulation, edge, psi, coldest) => {
    // From an independent finite-volume model of the same section (SciPy's direct solver), less U of the wall over all and U of the
    // floor by ISO 13370; the corner's temperature on meshes of 2, 0.5 and 0.125 mm there, extrapolated.
    const slab = floor(insulation)
    const solved = solvedDetail(slabEdgeDetail(slab, wall, ground(slab, edge)))
    expect(Math.abs(solved.linearTransmittance - psi)).toBeLessThan(0.003)
    expect(Math.abs(solved.coldestInside - coldest)).toBeLessThan(0.002)
    expect(solved.notes.map(({ code }) => code)).toEqual(edge ? ["counted-without"] : [])
  })

  test("where heights run from the slab's top, the wall's share of the slab's edge is the edge's, by hand", () => {
    // The section is the same; 0.15 m of wall more or less are counted beside it: U = 1/(0.13 + 0.2/0.04 + 0.04) = 0.19342, · 0.15 = 0.02901.
    const slab = floor(0.1)
    const [from, over] = [of(slab), solvedDetail(slabEdgeDetail(slab, wall, ground(slab), 0.1))]
    expect(over.linearTransmittance - from.linearTransmittance).toBeCloseTo(0.02901, 5)
    expect(over.coldestInside).toBe(from.coldestInside)
  })

  test("with a floor and a wall that hardly let anything through, passes hardly anything", () => {
    const tight = sheets([0.15, 2], [0.5, 0.002])
    const { linearTransmittance: linear } = solvedDetail(slabEdgeDetail(tight, sheets([0.5, 0.002]), ground(tight)))
    expect(Math.abs(linear)).toBeLessThan(0.02)
  })
})

describe("the foot of a wall on a steel frame", () => {
  const wall = sheets([0.001, 160], [0.04, 0.035], [0.004, 0.17])
  const frame = { width: 0.06, height: 0.12, wall: 0.004 }
  const floor = (...under: [number, number][]) => sheets(...under, [0.009, 0.14], [0.05, 0.035], [0.012, 0.17])
  const of = (lying: LayerStack) => solvedDetail(sillDetail(lying, wall, films, frame))

  test("passes more than without the steel, which is one more fin in the cold", () => {
    const [bare, onSteel] = [solvedDetail(cornerDetail(floor(), wall, films)), of(floor())]
    expect(onSteel.linearTransmittance).toBeGreaterThan(bare.linearTransmittance)
    expect(onSteel.coldestInside).toBeLessThan(bare.coldestInside)
  })

  test("hardly feels the steel through a board of the same thickness as the film is worth", () => {
    // What the steel can add at most is that the film under the edge is gone: 0.06 m of a floor of R 1.73 with 0.04 less of it.
    const plain = 1 / (0.17 + 0.05 / 0.035 + 0.009 / 0.14 + 0.012 / 0.17)
    const added = of(floor()).linearTransmittance - solvedDetail(cornerDetail(floor(), wall, films)).linearTransmittance
    expect(added).toBeLessThan(plain * frame.width)
    // With 20 mm of foam over the frame the same edge comes nearer still to the one without it.
    const board: [number, number] = [0.02, 0.034]
    const broken = of(floor(board)).linearTransmittance - solvedDetail(cornerDetail(floor(board), wall, films)).linearTransmittance
    expect(broken).toBeLessThan(added)
  })
})
