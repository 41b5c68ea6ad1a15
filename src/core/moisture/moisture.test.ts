import { describe, expect, test } from "@jest/globals"
import { builtLayers } from "../assembly/build-up"
import { type Assembly, PLAIN_LAYER } from "../../schema/job/build-up"
import { dampAssessment } from "./damp-assessment"
import { dampSentence } from "./damp-verdict"
import { leakWater } from "./leak-water"
import { woodEquilibrium } from "./wood-equilibrium"

type Sketch = [material: string, thickness: number]

function wallOf(layers: Sketch[]): Assembly {
  const entries = layers.map(([material, thickness], i) => [`l${i}`, { material, thickness, ...PLAIN_LAYER }] as const)
  return {
    name: "wall",
    reason: "",
    absorptance: null,
    members: {},
    layers: Object.fromEntries(entries),
    order: entries.map(([id]) => id),
    edge: null,
  }
}

describe("wood and its water", () => {
  // Wood Handbook, table 4-2 (per cent, one digit), at 70 °F = 21.1 °C.
  test.each([
    { temperature: 21.1, relativeHumidity: 0.3, percent: 6.2 },
    { temperature: 21.1, relativeHumidity: 0.5, percent: 9.2 },
    { temperature: 21.1, relativeHumidity: 0.8, percent: 16.0 },
  ])("$percent % at $temperature °C", ({ percent, ...air }) => {
    expect(Math.abs(woodEquilibrium(air).moistureContent * 100 - percent)).toBeLessThan(0.11)
  })

  test("at 0 °C and 50 %, worked by hand", () => {
    // W 349, K 0.805, K1 6.27, K2 1.91; KH 0.4025: KH/(1−KH) = 0.673640; K1KH = 2.523675; K1K2(KH)² = 1.940137
    // (2.523675 + 2·1.940137)/(1 + 2.523675 + 1.940137) = 1.172066; 18/349 · 1.845706 = 0.095194
    expect(woodEquilibrium({ temperature: 0, relativeHumidity: 0.5 }).moistureContent).toBeCloseTo(0.095194, 6)
  })

  test("says where it extrapolates", () => {
    expect(woodEquilibrium({ temperature: -10, relativeHumidity: 0.98 }).notes).toHaveLength(2)
  })
})

describe("first damp look", () => {
  const cold = { temperature: -10, relativeHumidity: 0.8 }
  const cabin = { temperature: 20, relativeHumidity: 0.5 }
  const room = { temperature: 3, relativeHumidity: 0.85 }
  const humid = { temperature: 32, relativeHumidity: 0.7 }
  const look = (layers: Sketch[], inside: typeof cabin, outside: typeof cold) => {
    const built = builtLayers(wallOf(layers), () => 0)
    return { built, ...dampAssessment(built, "horizontal", 0.04, inside, outside) }
  }

  test("wool in front of sheathing without a membrane gathers water at the sheathing, worked by hand", () => {
    // Steel skin sd 1500 outside, wool 100 mm (R 2.857, sd 0.1), plywood lining 9 mm (R 0.0529, μ 220 dry and 90 wet). Its faces stand at
    // 18.73 °C and 1169.4 Pa (54.1 %) and at 18.22 °C and 269.3 + 900.1·0.1/(0.1 + sd) Pa; at sd 1.739 m those are 318.2 Pa (15.2 %), the mean
    // 34.7 % and μ 220 − 130·(0.347 − 0.25)/0.47 = 193.2, which is sd 1.739 m.
    // psat(20) 2338.8, inside 1169.4 Pa; the skin is at −10 + 30·(0.04 + 1.6e-5)/3.0800 = −9.610 °C, psat over ice 269.3 Pa.
    // Rate = 2e-10·((1169.4 − 269.3)/1.839 − (269.3 − 207.9)/1500) = 9.789e-8 − 8e-12 = 9.79e-8 kg/(m²·s)
    const wall = look(
      [
        ["steel-painted", 0.0008],
        ["glass-wool", 0.1],
        ["birch-plywood", 0.009],
      ],
      cabin,
      cold,
    )
    expect(wall.wetSide).toBe("inside")
    expect(wall.wet!.temperature).toBeCloseTo(-9.61, 1)
    expect(wall.wet!.layer).toBe(1)
    expect(wall.wet!.rate).toBeCloseTo(9.79e-8, 9)
    expect(wall.freezes).toBe(true)
    expect(dampSentence(wall, wall.built)).toContain("freezes between the steel sheet, painted white and the glass wool batt")
  })

  test("a film that follows the humidity settles where its course and the vapour line meet, worked by hand", () => {
    // 60 and 30 % at 20 °C on both sides: the film's faces are at 60 % and at 60 − 30·s/(s + 1.98), the mean 60 − 15·s/(s + 1.98); its
    // course says 10 m at 35 % and 4.5 m at 50 %. With s = 4.704 m the mean is 49.44 % and the course says 4.704 m.
    const [inside, outside] = [0.6, 0.3].map((relativeHumidity) => ({ temperature: 20, relativeHumidity })) as [typeof cabin, typeof cabin]
    const [, joint] = look(
      [
        ["xps", 0.0132],
        ["smart-membrane", 0.0003],
      ],
      inside,
      outside,
    ).interfaces
    expect(joint!.vapourPressure! / joint!.saturationPressure).toBeCloseTo(0.3 + (0.3 * 1.98) / (1.98 + 4.704), 4)
  })

  test("a tight membrane on the warm side leaves leaks as the only way", () => {
    const wall = look(
      [
        ["wood-fibre-board", 0.035],
        ["glass-wool", 0.1],
        ["polythene", 0.0002],
        ["birch-plywood", 0.009],
      ],
      cabin,
      cold,
    )
    expect(wall.wet).toBeNull()
    expect(wall.exfiltrationWets).not.toBeNull()
    expect(wall.exfiltrationWets!.layer).toBe(1)
    // R 0.04 + 0.778 | 2.857 + 0.053 + 0.13 = 3.858: the joint is at −10 + 30·0.818/3.858 = −3.64 °C.
    expect(wall.exfiltrationWets!.temperature).toBeCloseTo(-3.64, 2)
  })

  test("leaks bring what timber building holds in reserve for them, by hand", () => {
    // 0.1 kg/m² in a wall, 0.25 in a roof go with 3 m³/(h·m²) and 559 Pa in 90 days; at 718.9 Pa 0.1286 kg/m².
    const season = 90 * 86_400
    expect(leakWater(718.9, 3, "wall") * season).toBeCloseTo(0.1286, 4)
    expect(leakWater(718.9, 6, "roof") * season).toBeCloseTo(5 * 0.1286, 3)
    expect(leakWater(718.9, 3, "floor")).toBe(0)
    expect(leakWater(-718.9, 3, "wall") * season).toBeCloseTo(-0.1286, 4)
  })

  test("a cold room takes its water from outside, and wants its tight layer there", () => {
    const wrong = look(
      [
        ["softwood-plywood", 0.009],
        ["stone-wool", 0.1],
        ["foil-membrane", 0.0003],
      ],
      room,
      humid,
    )
    expect(wrong.warmSide).toBe("outside")
    expect(wrong.wetSide).toBe("outside")
    expect(wrong.wet!.layer).toBe(2)
    const right = look(
      [
        ["foil-membrane", 0.0003],
        ["stone-wool", 0.1],
        ["softwood-plywood", 0.009],
      ],
      room,
      humid,
    )
    expect(right.wet).toBeNull()
  })

  test("the temperature line meets the dew point where it does by hand", () => {
    // One layer, R 100/0.12/1000 = 0.8333 m of spruce; total 1.0033; dew point of 20 °C, 50 % is 9.27 °C.
    // T(x) = −10 + 30·(0.04 + x/0.12)/1.00333 = 9.27 → 0.04 + x/0.12 = 0.64456 → x = 72.5 mm
    expect(look([["spruce", 0.1]], cabin, cold).dewPointDepth).toBeCloseTo(0.0725, 3)
  })

  test("a bare skin sweats inside", () => {
    const skin = look([["steel-painted", 0.0008]], cabin, cold)
    expect(skin.faceSweats).toBe(true)
    expect(dampSentence(skin, skin.built)).toContain("inside face is colder than the dew point")
  })

  test("no vapour moves between airs that hold the same", () => {
    expect(look([["spruce", 0.1]], cabin, cabin).wetSide).toBe("neither")
  })
})
