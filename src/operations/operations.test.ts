import { demo, evenBox } from "../../tests/fixtures/jobs"
import { sketch, stack } from "../../tests/fixtures/layers"
import { spawnSync } from "node:child_process"
import { describe, expect, test } from "@jest/globals"
import Ajv from "ajv/dist/2020"
import { BUDGET, OPERATIONS, runOperation, schemaOf } from "./registry"

const run = (name: string, input: unknown) => runOperation(OPERATIONS.get(name)!, input)

/** Alike all round, so that its details are few. */
const BOX = evenBox(sketch("one", stack`steel-painted 0.8, xps 50, gypsum-board 12`))

const GOOD: Record<string, unknown> = {
  weather: { station: "mangrove-head" },
  ledger: { job: demo("Tern Hut"), solve: false },
  loads: { job: demo("Cold Nettle"), solve: false },
  verdict: { job: BOX, surfaces: ["left"] },
  air: { temperature: 20, relativeHumidity: 0.5 },
  airspace: { thickness: 0.025, direction: "up" },
  assembly: {
    direction: "up",
    layers: [
      { thickness: 0.1, conductivity: 0.04, framing: { fraction: 0.1, conductivity: 0.13 }, voids: 1 },
      { thickness: 0.02, airspace: { emissivity1: 0.05, emissivity2: 0.9 } },
    ],
    inside: { temperature: 20, relativeHumidity: 0.5 },
    outside: { temperature: -5, relativeHumidity: 0.8 },
  },
  bridge: {
    width: 0.6,
    height: 0.1,
    background: { conductivity: 0.04 },
    blocks: [
      { x: 0.28, y: 0, width: 0.04, height: 0.1, conductivity: 0.13 },
      { x: 0.1, y: 0.02, width: 0.1, height: 0.04, airspace: { along: "y", direction: "horizontal" } },
    ],
    boundaries: [
      { id: "out", edge: "bottom", temperature: 0, resistance: 0.04 },
      { id: "in", edge: "top", temperature: 20, resistance: 0.13 },
    ],
    probes: [{ id: "middle", x: 0.3, y: 0.05 }],
  },
  point: { conductivity: 50, width: 0.02, span: 0.1, uValue: 0.3, inner: { conductivity: 0.13, thickness: 0.012 } },
  emc: { temperature: 20, relativeHumidity: 0.65 },
  ground: { area: 100, perimeter: 40, wallThickness: 0.3, floorResistance: 1 },
  periodic: { layers: [{ resistance: 0.2 }, { thickness: 0.1, conductivity: 0.04, density: 30, specificHeat: 1030 }] },
  sun: { latitude: 52, longitude: 5, time: "2026-06-21T12:00:00+02:00", surface: { tilt: 90, azimuth: 180 } },
  shade: {
    latitude: 52,
    longitude: 5,
    time: "2026-06-21T12:00:00Z",
    azimuth: 180,
    opening: { width: 1, height: 1 },
    overhang: { depth: 0.4 },
    fins: { left: { depth: 0.2 } },
  },
  infiltration: { ach50: 5, volume: 30, insideTemperature: 20, outsideTemperature: 0, windSpeed: 3 },
  blowerdoor: {
    points: [
      { pressure: 20, flow: 0.05 },
      { pressure: 40, flow: 0.08 },
      { pressure: 60, flow: 0.1 },
    ],
    volume: 30,
    envelopeArea: 60,
  },
  pulldown: {
    conductance: 20,
    volume: 12,
    airChanges: 0.5,
    outside: [
      [0, 20],
      [3600, 30],
    ],
    outsideRelativeHumidity: 0.6,
    contents: [{ mass: 200, specificHeat: 4186, temperature: 20, area: 3, filmCoefficient: 8 }],
    start: 20,
    setpoint: 3,
    equipment: { capacity: -1500 },
    duration: 7200,
  },
  simulate: {
    faces: [
      {
        id: "wall",
        area: 10,
        tilt: 90,
        azimuth: 180,
        layers: [{ thickness: 0.1, conductivity: 0.04, density: 30, specificHeat: 1030 }],
        exposure: "outdoor",
      },
      { id: "floor", area: 4, tilt: 180, azimuth: 0, layers: [{ resistance: 2 }], exposure: { temperature: 10 } },
    ],
    openings: [{ area: 1, uValue: 2.8, g: 0.6, tilt: 90, azimuth: 180 }],
    zone: { volume: 30 },
    infiltration: { ach50: 5 },
    gains: 50,
    control: { heating: { setpoint: 20, capacity: 800 }, cooling: { setpoint: 26 } },
    weather: {
      latitude: 52,
      longitude: 5,
      start: "2026-06-21T00:00:00+02:00",
      hours: [{ temperature: 5 }, { temperature: 5, directNormal: 300, diffuseHorizontal: 80, skyTemperature: -5, windSpeed: 3 }],
    },
  },
  freeze: { mass: 10, temperature: 10, ambient: -10, conductance: 0.5 },
  fasten: {
    thickness: 0.112,
    base: { kind: "wood", thickness: 0.06 },
    diameter: 0.005,
    lengths: [0.12, 0.16],
    board: { length: 2.4, width: 1.2 },
    area: 20,
    members: 0.6,
    edge: 0.15,
  },
  consumables: { lines: [{ id: "joints", kind: "tape", length: 100, pack: 25 }] },
  shrinkage: { width: 0.1, species: "white-oak", from: 0.2, to: 0.1 },
  glaser: {
    layers: [
      { thickness: 0.012, conductivity: 0.13, mu: 50 },
      { resistance: 3, sd: 0.2 },
    ],
    months: Array.from({ length: 12 }, () => ({
      outside: { temperature: -5, relativeHumidity: 0.8 },
      inside: { temperature: 20, relativeHumidity: 0.5 },
    })),
  },
  surface: {
    fRsi: 0.7,
    months: Array.from({ length: 12 }, () => ({
      outside: { temperature: -5, relativeHumidity: 0.8 },
      inside: { temperature: 20, relativeHumidity: 0.5 },
    })),
  },
  hygro: {
    layers: [
      {
        thickness: 0.02,
        cells: 4,
        material: {
          density: 450,
          specificHeat: 1600,
          sorption: [
            [0, 0],
            [1, 100],
          ],
          conductivity: [[0, 0.12]],
          mu: 40,
        },
      },
    ],
    initial: { temperature: 15, relativeHumidity: 0.6 },
    outside: { heatTransfer: 25, temperature: 5, relativeHumidity: 0.8 },
    inside: { heatTransfer: 8, temperature: 20, relativeHumidity: 0.5 },
    duration: 86_400,
    output: [86_400],
  },
  nest: {
    stock: [{ id: "sheet", width: 2.4, height: 1.2, cost: 30 }],
    kerf: 0.003,
    pieces: [{ id: "a", width: 1.2, height: 0.6, quantity: 3 }],
  },
  cut: { stock: [{ id: "bar", length: 4.8, cost: 12 }], kerf: 0.003, pieces: [{ id: "stud", length: 2.2, quantity: 5 }] },
  power: { battery: 3.6e6, panel: 200, hours: [{ used: 50 }, { sun: 600, temperature: 20, used: 30 }] },
}

describe("every operation", () => {
  test.each([...OPERATIONS.keys()])("%s answers by its own schema", (name) => {
    const schema = schemaOf(OPERATIONS.get(name)!)
    const ajv = new Ajv({ strict: false, formats: { "date-time": true } })
    expect(ajv.compile(schema.input as object)(GOOD[name])).toBe(true)
    const outcome = run(name, GOOD[name])
    expect(outcome.ok).toBe(true)
    if (outcome.ok) expect(ajv.compile(schema.output as object)(outcome.value)).toBe(true)
  })

  test.each([...OPERATIONS.keys()])("%s describes each of its fields, with units", (name) => {
    type Shape = { properties: Record<string, { description?: string; type?: string }> }
    const input = schemaOf(OPERATIONS.get(name)!).input as Shape & { anyOf?: Shape[] }
    for (const { properties } of input.anyOf ?? [input])
      for (const [field, { description, type }] of Object.entries(properties))
        if (type === "number") expect(`${field}: ${description}`).toMatch(/: .+/)
  })
})

describe("bad input", () => {
  test.each<[string, unknown, (string | number)[], string]>([
    ["point", { conductivity: 50, width: 0.02, wall: 0.01, span: 0.1, uValue: 0.3 }, ["wall"], "less than half"],
    ["point", { conductivity: 50, width: 0.02, span: 0.1, uValue: 0.3, rse: 0 }, ["rsi"], "above 0"],
    ["air", { temperature: 20 }, ["relativeHumidity"], "missing"],
    ["air", { relativeHumidity: 0.5 }, ["temperature"], "missing"],
    ["air", { temperature: 20, relativeHumidity: 0.5, dewPoint: 3 }, ["dewPoint"], "only one"],
    ["air", { temperature: 20, relativeHumidity: 1.1 }, ["relativeHumidity"], "at most 1"],
    ["air", { temperature: 20, relativeHumidity: 0.5, humidity: 3 }, ["humidity"], "not a field"],
    ["air", { temperature: 300, relativeHumidity: 0.5 }, ["temperature"], "at most 200"],
    ["air", { temperature: 10, dewPoint: 20 }, ["dewPoint"], "above saturation"],
    ["air", JSON.parse('{"temperature":1e999,"relativeHumidity":0.5}'), ["temperature"], "infinite"],
    ["air", { temperature: Number.NaN, relativeHumidity: 0.5 }, ["temperature"], "not a number"],
    ["air", "warm", [], "must be an object"],
    ["airspace", { thickness: 0, direction: "up" }, ["thickness"], "above 0"],
    ["airspace", { thickness: 0.02, direction: "sideways" }, ["direction"], "one of horizontal, up, down"],
    ["bridge", { width: 1, height: 1, background: { conductivity: 1 }, blocks: [], boundaries: [] }, ["boundaries"], "at least 1"],
    ["assembly", { direction: "up", layers: [] }, ["layers"], "at least 1"],
    ["assembly", { direction: "up", layers: [{ thickness: 0.1 }] }, ["layers", 0, "conductivity"], "needs one of"],
    [
      "assembly",
      { direction: "up", layers: [{ thickness: 0.1, conductivity: 0.04, resistance: 2 }] },
      ["layers", 0, "resistance"],
      "only one",
    ],
    ["assembly", { direction: "up", layers: [{ thickness: -0.1, conductivity: 0.04 }] }, ["layers", 0, "thickness"], "above 0"],
    ["assembly", { direction: "up", layers: [{ thickness: 0.1, conductivity: 0.04, voids: 3 }] }, ["layers", 0, "voids"], ""],
    [
      "assembly",
      { direction: "up", layers: [{ thickness: 0.1, conductivity: 0.04, fasteners: { perArea: 4, area: 0, conductivity: 50 } }] },
      ["layers", 0, "fasteners", "area"],
      "above 0",
    ],
    [
      "assembly",
      {
        direction: "up",
        layers: [{ thickness: 0.1, conductivity: 0.04, fasteners: { perArea: 4, area: 1e-5, conductivity: 50, recessed: 0.2 } }],
      },
      ["layers", 0, "fasteners", "recessed"],
      "at most",
    ],
    ["emc", [{ temperature: 20, relativeHumidity: 0.5 }, { temperature: 20 }], [1, "relativeHumidity"], "missing"],
    ["weather", { format: "csv", text: "time,temperature", longitude: 5, timeZone: 1 }, ["latitude"], "missing"],
    ["weather", { format: "xls", text: "" }, ["format"], "one of epw, csv"],
    ["weather", { station: "nowhere" }, ["station"], "nowhere"],
    ["weather", { station: "norrhalde", seed: 2 }, ["seed"], "not a field"],
    ["weather", { format: "csv", text: "when;out", latitude: 52, longitude: 5, timeZone: 1 }, ["columns", "time"], '"when", "out"'],
    ["periodic", { layers: [{ thickness: 0.1 }] }, ["layers", 0, "conductivity"], "missing"],
    ["periodic", { layers: [{ resistance: 0 }], rsi: 0, rse: 0 }, ["layers"], "resist"],
    ["periodic", { layers: [] }, ["layers"], "at least 1"],
    ["periodic", { layers: [{ resistance: 5e-324 }] }, ["layers", 0, "resistance"], "no figure that anyone measures"],
    ["sun", { latitude: 52, longitude: 5, time: "2026-06-21T12:00:00" }, ["time"], "offset"],
    ["sun", { latitude: 52, longitude: 185, time: "2026-06-21T12:00:00Z" }, ["longitude"], "at most 180"],
    ["infiltration", { volume: 30, insideTemperature: 20, outsideTemperature: 0, windSpeed: 3 }, [], "exactly one of flow50 and ach50"],
    ["blowerdoor", { points: Array(3).fill({ pressure: 50, flow: 0.1 }) }, ["points"], "two different pressures"],
    ["blowerdoor", { points: [{ pressure: 50, flow: 0.1 }] }, ["points"], "at least 3"],
    [
      "pulldown",
      {
        ...(GOOD.pulldown as object),
        equipment: {
          capacity: [
            [0, -100],
            [10, 100],
          ],
        },
      },
      ["equipment"],
      "one sign",
    ],
    ["pulldown", { ...(GOOD.pulldown as object), output: [7201] }, ["output"], "after the duration"],
    [
      "pulldown",
      {
        ...(GOOD.pulldown as object),
        outside: [
          [0, 20],
          [0, 30],
        ],
      },
      ["outside"],
      "rise",
    ],
    [
      "simulate",
      {
        ...(GOOD.simulate as object),
        faces: [{ id: "hole", area: 1, tilt: 90, azimuth: 0, layers: [], rsi: 0, rse: 0, exposure: "outdoor" }],
      },
      ["faces", 0, "layers"],
      "resists heat",
    ],
    ["simulate", { ...(GOOD.simulate as object), airChanges: 1 }, ["airChanges"], "exactly one of airChanges and infiltration"],
    [
      "simulate",
      { ...(GOOD.simulate as object), control: { heating: { setpoint: 20 }, cooling: { setpoint: 19 } } },
      ["control"],
      "no lower than heating",
    ],
    [
      "simulate",
      { ...(GOOD.simulate as object), faces: Array(2).fill((GOOD.simulate as { faces: unknown[] }).faces[0]) },
      ["faces"],
      "an id of its own",
    ],
    ["freeze", { mass: 10, temperature: -1, ambient: -10, conductance: 0.5 }, ["temperature"], "at least 0"],
    ["shrinkage", { width: 0.1, from: 0.2, to: 0.1 }, ["species"], "only one of them"],
    ["surface", { months: [], fRsi: 0.7 }, ["months"], "12"],
    ["power", { battery: 0, hours: [{ used: 50 }] }, ["battery"], "above 0"],
    ["power", { battery: 1, hours: [] }, ["hours"], "at least 1"],
    ["ground", { area: 0, perimeter: 40, wallThickness: 0.3, floorResistance: 1 }, ["area"], "above 0"],
  ])("%s %j", (name, input, path, message) => {
    const outcome = run(name, input)
    expect(outcome.ok).toBe(false)
    if (outcome.ok) return
    expect(outcome.error.path).toEqual(path)
    expect(outcome.error.message).toContain(message)
  })

  test("an array gives an array in order", () => {
    const outcome = run("emc", [GOOD.emc, { temperature: 20, relativeHumidity: 0.3 }])
    expect(
      outcome.ok && (outcome.value as { moistureContent: number }[]).map(({ moistureContent }) => Math.round(moistureContent * 100)),
    ).toEqual([12, 6]) // Wood Handbook, table 4-2: 12.0 and 6.2 %
  })
})

describe("work that a server takes on", () => {
  const all = (name: string, input: unknown) => runOperation(OPERATIONS.get(name)!, input, BUDGET)
  const plate = {
    width: 1,
    height: 1,
    background: { conductivity: 1 },
    blocks: [],
    boundaries: [{ id: "a", edge: "left", temperature: 0, resistance: 0.1 }],
  }

  /** Sixty faces of a wall that is thick and slow, minute by minute. */
  const thickFor = (minutes: number) => {
    const { faces, weather, ...rest } = GOOD.simulate as { faces: object[]; weather: object }
    const layers = [{ thickness: 5, conductivity: 0.03, density: 2000, specificHeat: 2000 }]
    return {
      ...rest,
      faces: Array.from({ length: 60 }, (_, i) => ({ ...faces[0], id: `face ${i}`, layers })),
      weather: { ...weather, step: 60, hours: Array.from({ length: minutes }, () => ({ temperature: 5 })) },
    }
  }

  test("is told before it begins: many bridges at once, or a list without an end, are refused in words", () => {
    for (const [name, input] of [
      ["bridge", Array<unknown>(60).fill(plate)],
      ["emc", Array<unknown>(5000).fill(GOOD.emc)],
      ["simulate", thickFor(40_000)],
    ] as const)
      expect(all(name, input)).toMatchObject({ ok: false, error: { code: "too-much-work", path: [] } })
    expect(all("emc", Array<unknown>(500).fill(GOOD.emc)).ok).toBe(true)
    expect(run("emc", Array<unknown>(5000).fill(GOOD.emc)).ok).toBe(true)
  })
})

describe("a film without resistance", () => {
  const layers = [
    { thickness: 0.1, conductivity: 0.04 },
    { thickness: 0.0002, resistance: 0 },
  ]
  test("is a layer that changes nothing but the depth", () => {
    const [bare, painted] = [layers.slice(0, 1), layers].map((some) => run("assembly", { direction: "horizontal", layers: some }))
    if (!bare!.ok || !painted!.ok) throw new Error("Both are build-ups.")
    // 0.13 + 0.1/0.04 + 0.04 = 2.67 m²·K/W
    expect(painted!.value).toMatchObject({ uValue: expect.closeTo(1 / 2.67, 9), thickness: expect.closeTo(0.1002, 9) })
    expect((bare!.value as { uValue: number }).uValue).toBeCloseTo(1 / 2.67, 9)
  })
  test("cannot be all that there is", () => {
    const outcome = run("assembly", { direction: "up", rsi: 0, rse: 0, layers: layers.slice(1) })
    expect(outcome).toMatchObject({ ok: false, error: { path: ["layers"] } })
  })
})

describe("the command line", () => {
  const calc = (args: string[], input = "") => spawnSync("node", ["scripts/calc.mjs", ...args], { input, encoding: "utf8" })

  test("answers on standard output, refuses on standard error", () => {
    const good = calc(["airspace"], JSON.stringify(GOOD.airspace))
    expect(good.status).toBe(0)
    expect((JSON.parse(good.stdout) as { resistance: number }).resistance).toBeCloseTo(0.16, 2) // ISO 6946:2017, table 8
    const bad = calc(["airspace"], '{"thickness":"wide","direction":"up"}')
    expect([bad.status, bad.stdout]).toEqual([2, ""])
    expect(JSON.parse(bad.stderr)).toMatchObject({ error: { path: ["thickness"] } })
    for (const text of ["", "{", "NaN"]) {
      const empty = calc(["air"], text)
      expect([empty.status, (JSON.parse(empty.stderr) as { error: { path: unknown[] } }).error.path]).toEqual([2, []])
    }
  })

  test("lists and describes its operations", () => {
    const list = calc(["--list"]).stdout.trim().split("\n")
    expect(list.map((line) => line.split(" ")[0])).toEqual([...OPERATIONS.keys()])
    expect(JSON.parse(calc(["emc", "--schema"]).stdout)).toHaveProperty("input.properties.relativeHumidity")
    expect(calc(["horoscope"]).status).toBe(2)
    expect(calc(["air", "no-such-file.json"]).status).toBe(2)
  })
})
