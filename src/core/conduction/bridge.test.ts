import { describe, expect, test } from "@jest/globals"
import fc from "fast-check"
import { BridgeInput } from "../../schema/bridge"
import { stackOf, thermalTransmittance } from "../assembly/thermal-transmittance"
import { type Body, endsOfStuffs } from "./body"
import { bridge, bridgeFigures, solvedBody } from "./bridge"
import { cavityConductivity } from "./cavity"
import { fieldOn } from "./field"
import { cellAt, cutNear, firstLines, halved } from "./mesh"
import { temperaturePicture } from "./picture"
import { temperatureAt } from "./temperatures"

const solve = (body: unknown) => bridge(BridgeInput.parse(body))

describe("ISO 10211 validation", () => {
  test("case 1: half a square column, against the series of its analytic solution", () => {
    // 20 °C along the top, 0 °C along the left and the bottom, symmetric at the right; one by two.
    // T = Σ odd n: 80/(nπ)·sin(nπx/2)·sinh(nπy/2)/sinh(nπ)
    const exact = (x: number, y: number) => {
      let sum = 0
      for (let n = 1; n < 200; n += 2) {
        // sinh(a)/sinh(b) without overflow
        const [a, b] = [(n * Math.PI * y) / 2, n * Math.PI]
        sum += (80 / (n * Math.PI)) * Math.sin((n * Math.PI * x) / 2) * Math.exp(a - b) * ((1 - Math.exp(-2 * a)) / (1 - Math.exp(-2 * b)))
      }
      return sum
    }
    const probes = [0.25, 0.5, 0.75, 1].flatMap((x) => [1.75, 1.5, 1.25, 1, 0.75, 0.5, 0.25].map((y) => ({ id: `${x} ${y}`, x, y })))
    const result = solve({
      width: 1,
      height: 2,
      background: { conductivity: 1 },
      blocks: [],
      boundaries: [
        { id: "top", edge: "top", temperature: 20, resistance: 0 },
        { id: "left", edge: "left", temperature: 0, resistance: 0 },
        { id: "bottom", edge: "bottom", temperature: 0, resistance: 0 },
      ],
      probes,
      accuracy: 0.05,
    })
    for (const { id, x, y } of probes) expect(Math.abs(result.probes[id]! - exact(x, y))).toBeLessThan(0.02)
    // First row of the standard's table, to its one digit: 9.7, 13.4, 14.7, 15.1.
    expect([0.25, 0.5, 0.75, 1].map((x) => Math.round(result.probes[`${x} 1.75`]! * 10) / 10)).toEqual([9.7, 13.4, 14.7, 15.1])
    expect(result.imbalance).toBeLessThan(1e-6)
    expect(result.notes.map(({ code }) => code)).toContain("largest-mesh")
  })

  test("case 2: aluminium, wood, insulation and concrete, 230 against 0.029", () => {
    const result = solve({
      width: 0.5,
      height: 0.0475,
      background: { conductivity: 0.029 },
      blocks: [
        { x: 0, y: 0.0415, width: 0.5, height: 0.006, conductivity: 1.15 },
        { x: 0, y: 0.0365, width: 0.015, height: 0.005, conductivity: 0.12 },
        { x: 0, y: 0.035, width: 0.015, height: 0.0015, conductivity: 230 },
        { x: 0, y: 0, width: 0.0015, height: 0.0365, conductivity: 230 },
        { x: 0, y: 0, width: 0.5, height: 0.0015, conductivity: 230 },
      ],
      boundaries: [
        { id: "outside", edge: "top", temperature: 0, resistance: 0.06 },
        { id: "inside", edge: "bottom", temperature: 20, resistance: 0.11 },
      ],
      probes: [
        { id: "A", x: 0, y: 0.0475 },
        { id: "B", x: 0.5, y: 0.0475 },
        { id: "C", x: 0, y: 0.0415 },
        { id: "D", x: 0.015, y: 0.0415 },
        { id: "E", x: 0.5, y: 0.0415 },
        { id: "F", x: 0, y: 0.0365 },
        { id: "G", x: 0.015, y: 0.0365 },
        { id: "H", x: 0, y: 0 },
        { id: "I", x: 0.5, y: 0 },
      ],
    })
    // The standard's temperatures hold within 0.1 K, its heat flow within 0.1 W/m.
    const standard = { A: 7.1, B: 0.8, C: 7.9, D: 6.3, E: 0.8, F: 16.4, G: 16.3, H: 16.8, I: 18.3 }
    for (const [id, temperature] of Object.entries(standard)) expect(Math.abs(result.probes[id]! - temperature)).toBeLessThan(0.1)
    expect(Math.abs(result.heatFlow.inside! - 9.5)).toBeLessThan(0.1)
    expect(result.imbalance).toBeLessThan(1e-6)
  })
})

describe("bodies that can be worked by hand", () => {
  const wall = (blocks: object[], more: object = {}) => ({
    width: 1,
    height: 0.2,
    background: { conductivity: 0.04 },
    blocks,
    boundaries: [
      { id: "outside", edge: "bottom", temperature: -10, resistance: 0.04 },
      { id: "inside", edge: "top", temperature: 20, resistance: 0.13 },
    ],
    ...more,
  })

  test("a plain wall passes what its resistances let through", () => {
    // 30 K over 0.04 + 0.2/0.04 + 0.13 = 5.17 m²·K/W, a metre wide: 5.802708 W/m; inside face 20 − 0.13·5.802708
    const result = solve(wall([]))
    expect(result.heatFlow.inside).toBeCloseTo(30 / 5.17, 6)
    expect(result.surface.inside!.minimum).toBeCloseTo(20 - (0.13 * 30) / 5.17, 6)
    expect(result.fRsi).toBeCloseTo(1 - 0.13 / 5.17, 6)
  })

  test("layers in a row and strips side by side", () => {
    // 50 mm of 1.2 across it: 0.04 + 0.05/1.2 + 0.15/0.04 + 0.13
    expect(solve(wall([{ x: 0, y: 0, width: 1, height: 0.05, conductivity: 1.2 }])).heatFlow.inside).toBeCloseTo(
      30 / (0.17 + 0.05 / 1.2 + 3.75),
      6,
    )
    // With fixed faces a strip of 0.5 beside one of 0.04 has no bends: 30/0.2·(0.1·0.5 + 0.9·0.04)
    const fixed = [
      { id: "outside", edge: "bottom", temperature: -10, resistance: 0 },
      { id: "inside", edge: "top", temperature: 20, resistance: 0 },
    ]
    const strips = solve(wall([{ x: 0.3, y: 0, width: 0.1, height: 0.2, conductivity: 0.5 }], { boundaries: fixed }))
    expect(strips.heatFlow.inside).toBeCloseTo(150 * 0.086, 6)
    expect(strips.surface.inside).toMatchObject({ minimum: 20, maximum: 20 })
  })

  test("nothing flows where all is equally warm", () => {
    const result = solve(
      wall([{ x: 0.2, y: 0.05, width: 0.1, height: 0.1, conductivity: 200 }], {
        boundaries: [{ id: "round", edge: "left", temperature: 7, resistance: 0.1 }],
        probes: [{ id: "p", x: 0.25, y: 0.1 }],
      }),
    )
    expect(result.heatFlow.round).toBeCloseTo(0, 12)
    expect(result.imbalance).toBe(0)
    expect(result.probes.p).toBeCloseTo(7, 9)
    expect(result.fRsi).toBeNull()
  })

  test("a void's conductivity is that of its air and its radiation", () => {
    // 20 mm deep along x, 50 mm across, heat level: ha = max(0.025/0.02, 1.25) = 1.25; E = 1/(2/0.9 − 1) = 0.818182;
    // hr = E/2·(1 + √(1 + 0.16) − 0.4)·4σ·283.15³ = 0.409091·1.677033·5.148798 = 3.532415; λ = 0.02·4.782415
    const airspace = { along: "x" as const, direction: "horizontal" as const, emissivity1: 0.9, emissivity2: 0.9 }
    expect(cavityConductivity({ width: 0.02, height: 0.05, airspace })).toBeCloseTo(0.095648, 5)
  })
})

describe("air within a body", () => {
  const fixed = (id: string, temperature: number) => ({ id, temperature, resistance: 0 })
  const corner = (more: Partial<Body> = {}): Body => ({
    ...BridgeInput.parse({
      width: 1,
      height: 1,
      background: { conductivity: 1 },
      blocks: [],
      boundaries: [
        { ...fixed("out", 0), edge: "left" },
        { ...fixed("out below", 0), edge: "bottom" },
      ],
      accuracy: 0.0005,
    }),
    airs: [{ ...fixed("in", 1), x: 0.2, y: 0.2, width: 0.8, height: 0.8 }],
    ...more,
  })

  test("a corner of two equal walls passes 1 − 2/π·ln 2 squares more than its two arms", () => {
    // Arms 0.8 long inside and 0.2 thick with fixed faces: 2·4 squares, and what conformal mapping gives for a square bend.
    const { heatFlow, imbalance } = bridge(corner())
    expect(Math.abs(heatFlow.in! - (8 + 1 - (2 / Math.PI) * Math.log(2)))).toBeLessThan(0.01)
    expect(imbalance).toBeLessThan(1e-6)
  })

  test("its film counts, and the corner is where the inside face is coldest", () => {
    const { surface, fRsi, heatFlow } = bridge(
      corner({ airs: [{ id: "in", temperature: 1, resistance: 0.13, x: 0.2, y: 0.2, width: 0.8, height: 0.8 }] }),
    )
    expect(surface.in!.minimumAt).toEqual({ x: 0.2, y: 0.2 })
    // Far from the corner the inside face is at 0.2/(0.2 + 0.13).
    expect(surface.in!.maximum).toBeCloseTo(0.2 / 0.33, 2)
    expect(fRsi!).toBeLessThan(0.2 / 0.33 - 0.05)
    expect(heatFlow.in!).toBeLessThan(2 / 0.33)
  })

  test("in a picture the room is as warm as its air, and the wall's inside face as warm as the film lets it", () => {
    const body = corner()
    const picture = temperaturePicture(body, solvedBody(body))
    const at = (x: number, y: number) => temperatureAt(picture, picture.temperature, x, y)
    expect(at(0.7, 0.7)).toBeCloseTo(1, 9)
    expect(at(0.99, 0.2)).toBeCloseTo(1, 6)
    expect(at(0.99, 0.1)).toBeCloseTo(0.5, 3)
  })
})

describe("any body", () => {
  const share = fc.double({ min: 0.01, max: 0.99, noNaN: true })
  const conductivity = fc.double({ min: Math.log(0.02), max: Math.log(200), noNaN: true }).map(Math.exp)
  const body = fc.record({
    base: conductivity,
    pieces: fc.array(fc.record({ a: share, b: share, c: share, d: share, conductivity }), { maxLength: 3 }),
    resistance: fc.constantFrom(0, 0.04, 0.13),
  })

  test("is balanced, passes no more than its parts side by side and no less than in a row, and looks the same in a mirror", () => {
    fc.assert(
      fc.property(body, ({ base, pieces, resistance }) => {
        const blocks = pieces.map(({ a, b, c, d, conductivity: lambda }) => ({
          x: Math.min(a, b),
          y: Math.min(c, d) * 0.3,
          width: Math.abs(a - b) + 0.005,
          height: (Math.abs(c - d) + 0.005) * 0.3,
          conductivity: lambda,
        }))
        const boundaries = [
          { id: "low", edge: "bottom", temperature: 0, resistance: 0.04 },
          { id: "high", edge: "top", temperature: 20, resistance },
        ]
        const input = { width: 1, height: 0.3, background: { conductivity: base }, blocks, boundaries, accuracy: 0.02 }
        const result = solve(input)
        expect(result.imbalance).toBeLessThan(1e-6)
        const all = [base, ...blocks.map((block) => block.conductivity)]
        const through = (lambda: number) => 20 / (0.04 + resistance + 0.3 / lambda)
        expect(result.heatFlow.high!).toBeGreaterThanOrEqual(through(Math.min(...all)) * (1 - 1e-6))
        expect(result.heatFlow.high!).toBeLessThanOrEqual(through(Math.max(...all)) * (1 + 1e-6))
        const mirrored = blocks.map((block) => ({ ...block, x: 1 - block.x - block.width }))
        expect(solve({ ...input, blocks: mirrored }).heatFlow.high! / result.heatFlow.high!).toBeCloseTo(1, 5)
      }),
      { numRuns: 15 },
    )
  }, 60_000)

  test("agrees with the transmittance of a build-up where nothing crosses it", () => {
    const layers = [
      { thickness: 0.012, conductivity: 0.13 },
      { thickness: 0.1, conductivity: 0.035 },
      { thickness: 0.0125, conductivity: 0.25 },
    ]
    const { uValue } = thermalTransmittance(stackOf({ direction: "horizontal", layers }))
    let y = 0
    const blocks = layers.map(({ thickness, conductivity: lambda }) => {
      y += thickness
      return { x: 0, y: y - thickness, width: 0.6, height: thickness, conductivity: lambda }
    })
    const result = solve({
      width: 0.6,
      height: y,
      background: { conductivity: 1 },
      blocks,
      boundaries: [
        { id: "out", edge: "bottom", temperature: 0, resistance: 0.04 },
        { id: "in", edge: "top", temperature: 1, resistance: 0.13 },
      ],
    })
    expect(result.heatFlow.in! / 0.6).toBeCloseTo(uValue, 6)
  })
})

describe("the mesh", () => {
  test("keeps the lines of the drawing, rises, and finds the cell of any place", () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { maxLength: 8 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (places, at) => {
          const lines = halved(firstLines([0, 1, ...places]))
          for (let i = 1; i < lines.length; i++) expect(lines[i]!).toBeGreaterThan(lines[i - 1]!)
          for (const place of places) expect(Math.min(...lines.map((line) => Math.abs(line - place)))).toBeLessThan(2e-6)
          const cell = cellAt(lines, at)
          expect(at).toBeGreaterThanOrEqual(lines[cell]!)
          expect(at).toBeLessThanOrEqual(lines[cell + 1]!)
        },
      ),
    )
  })
})

describe("what is wrong with a body is said", () => {
  const good = {
    width: 1,
    height: 0.2,
    background: { conductivity: 0.04 },
    blocks: [],
    boundaries: [{ id: "a", edge: "bottom", temperature: 0, resistance: 0.04 }],
  }
  test.each([
    [{ boundaries: [] }, ["boundaries"]],
    [{ boundaries: [...good.boundaries, { id: "a", edge: "top", temperature: 20, resistance: 0.13 }] }, ["boundaries", 1, "id"]],
    [
      { boundaries: [...good.boundaries, { id: "b", edge: "bottom", from: 0.5, temperature: 20, resistance: 0.13 }] },
      ["boundaries", 1, "from"],
    ],
    [{ boundaries: [{ id: "a", edge: "left", to: 0.3, temperature: 0, resistance: 0 }] }, ["boundaries", 0, "to"]],
    [{ probes: [{ id: "p", x: 2, y: 0 }] }, ["probes", 0, "x"]],
    [{ blocks: [{ x: 0, y: 0, width: 1, height: 1 }] }, ["blocks", 0, "conductivity"]],
  ])("%j", (change, path) => {
    const parsed = BridgeInput.safeParse({ ...good, ...change })
    expect(parsed.error?.issues.map((issue) => issue.path)).toContainEqual(path)
  })
})

describe("coldest and warmest points", () => {
  // A steel fin stands out of the ground floor of a room's corner: metal at a re-entrant corner, and two airs.
  const body: BridgeInput = {
    width: 1,
    height: 1,
    background: { conductivity: 0.04 },
    blocks: [
      { x: 0, y: 0, width: 1, height: 0.003, conductivity: 50 },
      { x: 0.48, y: 0, width: 0.004, height: 1, conductivity: 50 },
      { x: 0, y: 0.99, width: 1, height: 0.01, conductivity: 0.2 },
    ],
    boundaries: [
      { id: "out", edge: "bottom", temperature: -10, resistance: 0.04 },
      { id: "in", edge: "top", temperature: 20, resistance: 0.13 },
    ],
    accuracy: 0.02,
  }

  test("are held as closely as the heat flows: another mesh to begin with moves them by less than 0.1 K", () => {
    const [rough, fine] = [0.003, 0.0005].map((accuracy) => bridge({ ...body, accuracy }))
    for (const id of ["in", "out"] as const) {
      expect(Math.abs(rough!.surface[id]!.minimum - fine!.surface[id]!.minimum)).toBeLessThan(0.1)
      expect(Math.abs(rough!.surface[id]!.maximum - fine!.surface[id]!.maximum)).toBeLessThan(0.1)
    }
    expect(Math.abs(rough!.fRsi! - fine!.fRsi!)).toBeLessThan(0.005)
    expect(rough!.surface.in!.minimumAt.x).toBeCloseTo(0.482, 2)
  })
})

test("a steel plate that ends where a room's face begins: its coldest point stands to 0.1 K, as on a mesh cut many times more about all ends", () => {
  const body = BridgeInput.parse({
    ...{ width: 0.5356, height: 0.2062, background: { conductivity: 0.035 } },
    blocks: [
      { x: 0.1842, y: 0.1125, width: 0.3514, height: 0.002, conductivity: 17 },
      { x: 0, y: 0, width: 0.003, height: 0.0859, conductivity: 17 },
    ],
    boundaries: [
      { id: "out", edge: "left", temperature: -18, resistance: 0.04 },
      { id: "in", edge: "right", temperature: 20, resistance: 0.13, from: 0.1145, to: 0.2062 },
    ],
  })
  const solved = solvedBody(body)
  const { x, y } = endsOfStuffs(body)
  let { field } = solved
  for (let cut = 0; cut < 3; cut++) field = fieldOn(body, { x: cutNear(field.mesh.x, x), y: cutNear(field.mesh.y, y) }, field)
  const coldest = (of: typeof field) => bridgeFigures(body, { ...solved, field: of }).surface.in!.minimum
  expect(Math.abs(coldest(solved.field) - coldest(field))).toBeLessThan(0.1)
})
