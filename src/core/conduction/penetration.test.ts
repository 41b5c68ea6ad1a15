import { describe, expect, test } from "@jest/globals"
import { besselRatio } from "../numeric/bessel"
import { type Bar, barOf, barThrough, finConductance, ringConductance } from "./penetration"

const rod = (width: number, conductivity: number, special: Partial<Bar> = {}): Bar => ({
  ...barOf({ shape: "round", width, wall: null, outdoors: 0, indoors: 0 }, conductivity, 0),
  ...special,
})
const FILMS = { inside: 0.13, outside: 0.04 }
const NOTHING = { inner: null, outer: null }

describe("the ratio K1/K0", () => {
  // Abramowitz and Stegun, table 9.8.
  test.each([
    { x: 0.1, k0: 2.4270690247, k1: 9.8538447809 },
    { x: 1, k0: 0.4210244382, k1: 0.6019072302 },
    { x: 2, k0: 0.1138938727, k1: 0.1398658818 },
    { x: 5, k0: 0.0036910983, k1: 0.0040446134 },
  ])("at $x", ({ x, k0, k1 }) => expect(Math.abs((besselRatio(x) * k0) / k1 - 1)).toBeLessThan(1e-6))
})

describe("a bar's section", () => {
  test("of a square tube and of a round pipe, by hand", () => {
    // 80² − 72² = 1216 mm² of 6400; π/4·(22² − 20²) = 65.97 mm² of 380.13, π·22 = 69.115 mm around
    const at = { outdoors: 0, indoors: 0 }
    expect(barOf({ shape: "square", width: 0.08, wall: 0.004, ...at }, 50, 0)).toMatchObject({ outline: 0.0064, perimeter: 0.32 })
    expect(barOf({ shape: "square", width: 0.08, wall: 0.004, ...at }, 50, 0).section).toBeCloseTo(1.216e-3, 12)
    const pipe = barOf({ shape: "round", width: 0.022, wall: 0.001, ...at }, 380, 0)
    expect([pipe.section * 1e6, pipe.outline * 1e6, pipe.perimeter * 1e3].map((value) => value.toFixed(2))).toEqual([
      "65.97",
      "380.13",
      "69.12",
    ])
  })
})

describe("a rod in the air", () => {
  // Incropera et al., example 3.9: rods of 5 mm, endless, 75 K over the air, 100 W/(m²·K): 8.3, 5.6 and 1.6 W.
  test.each([
    { stuff: "copper", conductivity: 398, watts: 8.3 },
    { stuff: "aluminium", conductivity: 180, watts: 5.6 },
    { stuff: "stainless steel", conductivity: 14, watts: 1.6 },
  ])("of $stuff takes up $watts W", ({ conductivity, watts }) => {
    expect(Math.abs(finConductance(rod(0.005, conductivity), 5, 100) * 75 - watts)).toBeLessThan(0.06)
  })

  test("that ends in the face has its end alone; a short one its whole surface", () => {
    // π/4·0.02² = 3.14159e-4 m², at 1/0.13 W/(m²·K)
    expect(finConductance(rod(0.02, 50), 0, 1 / 0.13)).toBeCloseTo(3.14159e-4 / 0.13, 7)
    // 10 mm of copper have one temperature: end and side, 3.14159e-4 + π·0.02·0.01 = 9.42478e-4 m²
    expect(finConductance(rod(0.02, 398), 0.01, 1 / 0.13) / (9.42478e-4 / 0.13)).toBeCloseTo(1, 3)
  })
})

describe("a sheet around a rod", () => {
  test("is an annular fin: held against rings in series, a fine sum", () => {
    const sheet = { conductivity: 50, thickness: 0.001 }
    const [radius, film] = [0.005, 8]
    // From far out inwards: each ring gives off its part to the air and passes the rest on through its own resistance.
    const step = 2e-5
    let conductance = 0
    for (let r = 1.5; r > radius; r -= step) {
      const gathered = conductance + film * 2 * Math.PI * (r - step / 2) * step
      conductance = 1 / (1 / gathered + step / (sheet.conductivity * sheet.thickness * 2 * Math.PI * (r - step / 2)))
    }
    expect(ringConductance(sheet, radius, film) / conductance).toBeCloseTo(1, 2)
  })
})

describe("a bar through a wall", () => {
  test("flush on both sides is three resistances in series, by hand", () => {
    // 20 mm steel through 100 mm: 0.13/A = 413.80, 0.1/(50·A) = 6.3662, 0.04/A = 127.32 K/W; 1/547.4931 = 1.826507e-3; less 0.3·A = 9.42478e-5
    const { pointTransmittance: point, coldestInside } = barThrough(rod(0.02, 50), 0.1, 0.3, FILMS, NOTHING, null)
    expect(point).toBeCloseTo(1.826507e-3 - 9.42478e-5, 8)
    expect(coldestInside).toBeCloseTo(1 - 413.8 / 547.49, 4)
  })

  test("passes more the further it stands out, less with a break, and more where a sheet takes its heat up", () => {
    const chi = (special: Partial<Bar>, inner: { conductivity: number; thickness: number } | null = null) =>
      barThrough(rod(0.05, 50, special), 0.1, 0.3, FILMS, { inner, outer: null }, null).pointTransmittance
    expect(chi({ outdoors: 1, indoors: 1 })).toBeGreaterThan(3 * chi({ outdoors: 0.1 }))
    expect(chi({ outdoors: 1, indoors: 1, break: 0.025 })).toBeLessThan(0.5 * chi({ outdoors: 1, indoors: 1 }))
    expect(chi({}, { conductivity: 50, thickness: 0.001 })).toBeGreaterThan(2 * chi({}))
    // Thick insulation spreads nothing.
    expect(chi({}, { conductivity: 0.035, thickness: 0.1 })).toBe(chi({}))
  })

  test("into the ground ends in its shape factor", () => {
    // A disk of 0.2 m on soil of 2 W/(m·K): 2·2·0.2 = 0.8 W/K; a pile of 1 m: 2·2π·1/ln(4/0.2) = 4.1946 W/K
    const lone = (outdoors: number) => {
      const { warmestOutside, coldestInside } = barThrough(rod(0.2, 50, { outdoors }), 0.1, 0, FILMS, NOTHING, 2)
      return (1 - coldestInside) / warmestOutside // ground over inside, both as conductances
    }
    const inside = (Math.PI * 0.01) / 0.13
    expect(lone(0) * inside).toBeCloseTo(0.8, 6)
    expect(lone(1) * inside).toBeCloseTo(4.1946, 3)
  })
})
