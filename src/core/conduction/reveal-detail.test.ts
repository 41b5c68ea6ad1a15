import { describe, expect, test } from "@jest/globals"
import { slabOnGround } from "../ground/slab"
import type { Films } from "../assembly/surface-resistance"
import { solvedDetail } from "./solved-detail"
import type { LayerStack } from "./member-detail"
import { slabEdgeDetail } from "./slab-edge-detail"
import { slabThresholdDetail } from "./slab-threshold-detail"
import { type Frame, jambDetail, type Leaf, thresholdDetail } from "./reveal-detail"

const films: Films = { inside: 0.13, outside: 0.04, direction: "horizontal" }
const wall: LayerStack = { thicknesses: [0.012, 0.12, 0.009], conductivities: [0.13, 0.035, 0.15], height: 0.141 }
const floor: LayerStack = { thicknesses: [0.022, 0.14, 0.018], conductivities: [0.05, 0.035, 0.13], height: 0.18 }
const leaf: Leaf = { thickness: 0.05, transmittance: 1.2 }
const steel: Frame = { conductivity: 50, width: 0.04, sheet: 0.0015, break: 0 }
const jamb = (frame: Frame, of: Leaf = leaf) => solvedDetail(jambDetail(wall, frame, of, films))
const threshold = (frame: Frame) => solvedDetail(thresholdDetail(floor, wall, 0.18, frame, leaf, films))

describe("the side of an opening", () => {
  test("of a leaf as thick as the wall and of its stuffs, in a frame that lets through what the leaf does, is no bridge", () => {
    // One layer of 0.035, 0.1 m: U = 1/(0.17 + 0.1/0.035); wall, frame and leaf are one even slab.
    const even: LayerStack = { thicknesses: [0.1], conductivities: [0.035], height: 0.1 }
    const through = 1 / (0.17 + 0.1 / 0.035)
    const frame: Frame = { conductivity: 0.035, width: 0.05, sheet: null, break: 0 }
    const { linearTransmittance: linear, coldestInside } = solvedDetail(
      jambDetail(even, frame, { thickness: 0.1, transmittance: through }, films),
    )
    expect(Math.abs(linear)).toBeLessThan(1e-6)
    expect(coldestInside).toBeCloseTo(1 - 0.13 * through, 5)
  })

  test("wrapped in steel costs most, a break of plastic takes most of that away, and the thicker it is the more", () => {
    const [bare, thin, thick] = [0, 0.005, 0.03].map((gap) => jamb({ ...steel, break: gap })) as [
      ReturnType<typeof jamb>,
      ReturnType<typeof jamb>,
      ReturnType<typeof jamb>,
    ]
    expect(bare.linearTransmittance).toBeGreaterThan(thin.linearTransmittance)
    expect(thin.linearTransmittance).toBeGreaterThan(thick.linearTransmittance)
    expect(thick.linearTransmittance).toBeLessThan(0.25 * bare.linearTransmittance)
    expect(bare.coldestInside).toBeLessThan(thick.coldestInside - 0.15)
  })

  test("passes no more by its sheet than the sheet itself lets through, by hand", () => {
    // The sheet alone, from film to film over its flanges and its way through the wall: it has 50·0.0015/0.141 = 0.532 W/(m·K) along the
    // wall's depth, and that is in series with all else.
    expect(jamb(steel).linearTransmittance).toBeLessThan(0.532)
    expect(jamb(steel).linearTransmittance).toBeGreaterThan(0)
  })

  test("in timber costs far less than in aluminium, which a break brings down", () => {
    const solid = (conductivity: number, gap: number) => jamb({ conductivity, width: 0.05, sheet: null, break: gap }).linearTransmittance
    expect(solid(0.13, 0)).toBeLessThan(0.2 * solid(160, 0))
    expect(solid(160, 0.03)).toBeLessThan(solid(160, 0))
  })

  test("bears any leaf: a single pane, a leaf thicker than the wall, one of no known thickness", () => {
    for (const of of [
      { thickness: 0.004, transmittance: 5.8 },
      { thickness: 0.3, transmittance: 0.2 },
      { thickness: 0, transmittance: 3 },
    ])
      expect(Number.isFinite(jamb(steel, of).linearTransmittance)).toBe(true)
  })
})

describe("the foot of a door", () => {
  test("on a sheet of steel is colder than with a break in it, and costs more", () => {
    const [bare, broken] = [threshold(steel), threshold({ ...steel, break: 0.03 })]
    expect(bare.linearTransmittance).toBeGreaterThan(broken.linearTransmittance)
    expect(bare.coldestInside).toBeLessThan(broken.coldestInside)
    expect(bare.coldestAt.y).toBeCloseTo(floor.height, 3)
  })
})

describe("a threshold on a slab", () => {
  const slab: LayerStack = { thicknesses: [0.15, 0.06, 0.018], conductivities: [2, 0.035, 0.13], height: 0.228 }
  const thin: LayerStack = { thicknesses: [0.14], conductivities: [0.04], height: 0.14 }
  const ground = slabOnGround({
    area: 36,
    perimeter: 24,
    wallThickness: 0.14,
    soilConductivity: 2,
    floorResistance: 0.15 / 2 + 0.06 / 0.035 + 0.018 / 0.13,
    rsi: 0.17,
    rse: 0.04,
  })
  const of = (material: number, gap: number) =>
    solvedDetail(
      slabThresholdDetail(slab, thin, ground, slab.height, 0.05, { conductivity: material, width: 0.04, sheet: null, break: gap }, leaf),
    )

  test("of metal runs from outdoors to indoors under the leaf: coldest there, warmer and cheaper with a break, best of wood", () => {
    const [metal, parted, wood] = [of(160, 0), of(160, 0.03), of(0.13, 0)]
    expect(metal.linearTransmittance).toBeGreaterThan(parted.linearTransmittance)
    expect(parted.linearTransmittance).toBeGreaterThan(wood.linearTransmittance - 0.02)
    expect(metal.coldestInside).toBeLessThan(parted.coldestInside)
    // Aluminium has one temperature over its depth of 140 mm. Outdoors it shows its end and its top, indoors its top only, and the film
    // indoors is four times as thick: it is nearer to the outdoors.
    expect(metal.coldestInside).toBeLessThan(0.5)
  })

  test("with nothing let through but by the floor's own edge costs as the edge of the slab does", () => {
    // A leaf of the wall's own U and depth on a threshold of the floor's own stuff is the wall: their ψ differ by the measures alone.
    const like: Leaf = { thickness: 0.14, transmittance: 1 / (0.17 + 0.14 / 0.04) }
    const edge = solvedDetail(slabEdgeDetail(slab, thin, ground))
    const foot = solvedDetail(
      slabThresholdDetail(slab, thin, ground, slab.height, 0, { conductivity: 0.13, width: 0.018, sheet: null, break: 0 }, like),
    )
    expect(Math.abs(foot.linearTransmittance - edge.linearTransmittance)).toBeLessThan(0.05)
  })
})
