import fc from "fast-check"
import { NOTHING_BOUGHT } from "../../src/schema/job/buying"
import { CATALOGUE } from "../../src/core/material/catalogue"
import { KNOWN } from "../../src/edit/known"
import { demoJobs } from "../../src/edit/start/demo-jobs"
import { OPENING_KINDS } from "../../src/edit/start/openings"
import { startShell } from "../../src/edit/start/start-job"
import type { Assembly, Layer, MemberSet } from "../../src/schema/job/build-up"
import type { Goods, Inside } from "../../src/schema/job/inside"
import { Energy, type Plant } from "../../src/schema/job/plant"
import type { Job } from "../../src/schema/job/job"
import { FACES } from "../../src/schema/job/references"
import type { FaceId, FloorBox, Notch, Opening, Penetration, Shell, Space } from "../../src/schema/job/shell"
import { anyZones } from "./any-zones"
import { anyForm } from "./any-form"

const between = (min: number, max: number) => fc.double({ min, max, noNaN: true })
const material = fc.constantFrom(...Object.keys(CATALOGUE))
/** Nine times of ten of the catalogue, else a stuff that the job brings along. */
const stuff = fc.oneof({ weight: 9, arbitrary: material }, { weight: 1, arbitrary: fc.constant("own-stuff") })
const air = (low: number, high: number) => fc.record({ temperature: between(low, high), relativeHumidity: between(0, 1) })

const members: fc.Arbitrary<MemberSet> = fc
  .record({
    material: stuff,
    width: between(0.005, 0.3),
    hollow: fc.option(
      fc.record({ shape: fc.constantFrom("tube" as const, "channel" as const, "hat" as const), wall: between(0.0005, 0.01) }),
    ),
    depth: fc.option(between(0.01, 0.3)),
    direction: fc.constantFrom("up" as const, "along" as const),
    gap: between(0.05, 1.5),
    spaced: fc.constantFrom("centres" as const, "edges" as const),
    first: fc.option(between(0, 2)),
    measured: fc.option(fc.array(between(0, 8), { maxLength: 12 })),
    ends: fc.boolean(),
    low: fc.constantFrom(0 as const, 1 as const, 3 as const),
    around: fc.constantFrom(false, false, false, true),
    doubled: fc.boolean(),
    cross: fc.array(between(0, 5), { maxLength: 3 }),
    share: fc.option(between(0, 1)),
    fill: fc.option(stuff),
  })
  .map(({ gap, hollow, measured, low, ...set }) => ({
    ...set,
    name: "any",
    shape: hollow?.shape ?? "solid",
    wall: hollow?.wall ?? null,
    spacing: set.width + gap,
    positions: measured ? { left: measured } : {},
    plates: { low, high: 1 },
    overhang: 0,
    existing: false,
  }))

const boards: fc.Arbitrary<Layer["boards"]> = fc.option(
  fc.record({
    course: fc.constantFrom("up", "beside", null),
    onMembers: fc.option(fc.boolean()),
    gap: fc.option(between(0, 0.01)),
    apart: fc.option(between(0, 0.3)),
    narrowest: fc.option(between(0, 0.2)),
    grain: fc.boolean(),
    locked: fc.record({ left: fc.array(fc.record({ course: fc.constantFrom(null, 0, 1), at: between(0.1, 3) }), { maxLength: 2 }) }),
  }),
  { freq: 2 },
)

const layer: fc.Arbitrary<Layer> = fc
  .record({
    material: stuff,
    thickness: between(0.0001, 0.4),
    falls: fc.constantFrom(0, 0, 0, 0.5, -1.5, 1.9),
    existing: fc.boolean(),
    voids: fc.constantFrom(0, 1, 2),
    stands: fc.constantFrom<Pick<Layer, "between" | "also">[]>(
      { between: null, also: [] },
      { between: null, also: [] },
      { between: "one", also: [] },
      { between: "two", also: [] },
      { between: "one", also: ["two"] },
    ),
    fasteners: fc.option(
      fc.record({ material: stuff, diameter: between(0.001, 0.05), perArea: between(0.1, 100), recessed: fc.constant(0) }),
      {
        freq: 2,
      },
    ),
    vents: fc.constantFrom(0, 0, 0.001, 0.01),
    pressed: fc.option(between(1, 5)),
    boards,
  })
  .map(({ pressed, stands, falls, ...layer }) => ({
    ...{ ...layer, ...stands, taper: layer.thickness > 0.001 ? falls * layer.thickness : 0 },
    loose: pressed === null ? null : Math.min(2, pressed * layer.thickness * (1 + Math.abs(falls) / 2)),
  }))

const assembly: fc.Arbitrary<Assembly> = fc
  .record({
    absorptance: fc.option(between(0, 1)),
    one: members,
    two: members,
    stack: fc.array(layer, { minLength: 1, maxLength: 8 }),
    edge: fc.option(
      fc.record({
        kind: fc.constantFrom("horizontal" as const, "vertical" as const),
        reach: between(0.05, 3),
        thickness: between(0.005, 0.3),
        material: stuff,
      }),
    ),
  })
  .map(({ absorptance, stack, one, two, edge }) => ({
    name: "any",
    reason: "",
    absorptance,
    members: { one, two },
    layers: Object.fromEntries(stack.map((one, i) => [`l${i}`, one])),
    order: stack.map((_, i) => `l${i}`),
    edge,
  }))

const form = anyForm(0.5, 30)

/** A stuff of the catalogue under another name, as a person writes down their own. */
const ownMaterial = material.map((id) => ({ "own-stuff": { ...CATALOGUE[id]!, name: "own stuff" } }))

const penetration: fc.Arbitrary<Penetration> = fc
  .record({
    face: fc.constantFrom<FaceId>("floor", "left", "front"),
    x: between(0, 3),
    y: between(0, 3),
    count: fc.integer({ min: 1, max: 50 }),
    material: stuff,
    shape: fc.constantFrom("round" as const, "square" as const),
    width: between(0.001, 0.3),
    hollow: fc.option(between(0.01, 0.49)),
    outdoors: fc.constantFrom(0, 0.1, 2),
    indoors: fc.constantFrom(0, 0.1, 2),
  })
  .map(({ hollow, ...one }) => ({
    ...one,
    // All of them find room in the smallest face.
    count: Math.min(one.count, Math.floor(0.2 / one.width ** 2)),
    name: "any",
    wall: hollow === null ? null : hollow * one.width,
  }))

const floorBox: fc.Arbitrary<FloorBox> = fc.record({
  name: fc.constant("box"),
  side: fc.constantFrom("left", "right"),
  x: between(0, 3),
  length: between(0.05, 1.5),
  width: between(0.05, 0.4),
  height: between(0.05, 0.4),
  outline: fc.option(
    fc.constant<[number, number][]>([
      [0, 0.1],
      [0.3, 0.3],
      [0.6, 0.1],
    ]),
  ),
})

const space: fc.Arbitrary<Space> = fc.oneof(
  fc.constant<Space>({ kind: "open", name: "any" }),
  fc.record({ kind: fc.constant("held" as const), name: fc.constant("any"), winter: air(-40, 60), summer: air(-40, 60) }),
  fc.record({
    kind: fc.constant("unheated" as const),
    name: fc.constant("any"),
    conductance: between(0.01, 5000),
    glass: between(0, 1000),
  }),
)

const goods: fc.Arbitrary<Goods> = fc.record({
  name: fc.constant("goods"),
  mass: between(0, 1e6),
  hours: between(0.5, 240),
  temperature: between(-60, 120),
  specificHeat: between(100, 5000),
  freezing: fc.option(fc.record({ temperature: between(-40, 10), latentHeat: between(0, 4e5), specificHeat: between(100, 5000) })),
  stored: between(0, 1e7),
  respiration: between(0, 1),
})

const inside: fc.Arbitrary<Inside> = fc.record({
  people: between(0, 1000),
  activity: fc.constantFrom("seated" as const, "light-work" as const, "heavy-work" as const),
  equipment: between(0, 1e6),
  from: between(0, 24),
  to: between(0, 24),
  days: fc.array(fc.boolean(), { minLength: 7, maxLength: 7 }),
  away: fc.option(
    fc.record({
      heating: fc.option(between(-30, 60)),
      cooling: fc.option(between(-40, 80)),
      hours: between(0, 48),
      early: fc.boolean(),
    }),
  ),
  water: fc.option(
    fc.record({
      cooking: between(0, 100),
      clothes: between(0, 100),
      animals: between(0, 1e5),
      goods: between(0, 1e5),
      burners: between(0, 1e12),
    }),
  ),
  goods: fc.dictionary(fc.constantFrom("a", "b"), goods),
  defrost: between(0, 1e6),
  running: between(1, 24),
  reserve: between(0, 1),
})

const machine = fc
  .record({ name: fc.constant("any"), energy: fc.constantFrom(...Energy.options), least: between(0, 1), fan: between(0, 20_000) })
  .chain((known) =>
    fc
      .record({
        outdoors: fc.uniqueArray(
          fc.record({ temperature: fc.integer({ min: -60, max: 60 }), output: between(0, 3), performance: between(0.05, 20) }),
          {
            ...{ minLength: 1, maxLength: 5 },
            selector: ({ temperature }) => temperature,
          },
        ),
        room: fc.uniqueArray(fc.record({ temperature: fc.integer({ min: -40, max: 60 }), output: between(0, 3) }), {
          maxLength: 5,
          selector: ({ temperature }) => temperature,
        }),
      })
      .map(({ outdoors, room }) => {
        const rising = (a: { temperature: number }, b: { temperature: number }) => a.temperature - b.temperature
        return { ...known, outdoors: outdoors.sort(rising), room: room.sort(rising) }
      }),
  )

const plant: fc.Arbitrary<Plant> = fc.record({
  heater: fc.option(machine),
  cooler: fc.option(machine),
  offGrid: fc.option(
    fc.record({
      ...{ battery: between(1, 1e10), panel: between(0, 1e6), tilt: between(0, 90), azimuth: between(0, 360) },
      ...{ generator: between(0, 1e6), inverter: between(0.3, 1), appliances: between(0, 1e10) },
    }),
  ),
})

/** Any job that can be typed: sizes, stuffs and weather all over their ranges. */
export const anyJob: fc.Arbitrary<Job> = fc
  .record({
    form,
    azimuth: between(0, 359),
    floor: fc.constantFrom("slab" as const, "skids" as const, "wheels" as const, "frame" as const),
    space,
    against: fc.subarray<FaceId>(["floor", "left", "right", "front", "back"]),
    assemblies: fc.tuple(assembly, assembly, assembly),
    station: fc.constantFrom(...KNOWN.stations),
    indoors: fc.record({ winter: air(-40, 60), summer: air(-40, 60) }),
    outdoors: fc.record({ winter: fc.option(air(-60, 50)), summer: fc.option(air(-60, 50)) }),
    ach50: between(0, 500),
    box: fc.option(floorBox),
    load: fc.record({ mass: between(0.1, 1e5), width: between(0.005, 50), length: between(0.005, 50), lasting: fc.boolean() }),
    hole: fc.record({
      x: between(0, 3),
      y: between(0, 3),
      width: between(0.05, 3),
      height: between(0.05, 3),
      uValue: between(0.05, 20),
      solarFactor: between(0, 1),
      frame: fc.option(
        fc.record({
          material: stuff,
          width: between(0.005, 0.2),
          sheet: fc.option(between(0.0005, 0.01)),
        }),
      ),
    }),
    own: ownMaterial,
    chassis: fc.option(fc.record({ width: between(0.01, 0.3), height: between(0.01, 0.3), wall: between(0.0005, 0.02) })),
    penetration,
    breaks: fc.record({
      openings: fc.constantFrom<Record<string, number>>({}, { any: 0.01 }, { any: 0.2 }),
      penetrations: fc.constantFrom<Record<string, number>>({}, { any: 0.02 }),
    }),
    inside,
    plant,
    traffic: fc.option(
      fc.record({
        perDay: between(0, 10_000),
        seconds: between(0, 3600),
        guard: fc.constantFrom("none" as const, "strips" as const, "air" as const),
      }),
    ),
    ventilation: fc.record({ perPerson: between(0, 0.2), always: between(0, 50), recovery: between(0, 1) }),
    service: fc.option(fc.record({ age: between(0, 100), relativeHumidity: between(0, 1) })),
  })
  .chain((known) =>
    fc
      .record({
        zones: anyZones(known.form.kind, 4),
        skinned: fc.boolean(),
        worn: fc.array(fc.constantFrom("wall", "roof", "floor"), { minLength: 5, maxLength: 5 }),
      })
      .map((zoned) => ({ ...known, ...zoned })),
  )
  .map(
    ({
      zones,
      skinned,
      worn,
      form,
      assemblies: [wall, roof, floorWorn],
      station,
      indoors,
      outdoors,
      ach50,
      hole,
      box,
      load,
      space,
      against,
      service,
      own,
      penetration,
      breaks,
      inside,
      plant,
      traffic,
      ventilation,
      ...shell
    }) => {
      const base = demoJobs()[0]!
      const opening: Opening = { ...OPENING_KINDS.door, name: "any", kind: "door", face: "left", ...hole, swing: "in", traffic }
      const notch: Notch = {
        name: "any",
        face: "floor",
        edge: "left",
        from: 0,
        offsets: [
          [0, 0.1],
          [0.2, 0.2],
        ],
        uValue: 2,
      }
      const named: Shell["zones"] = { ...zones, ...(box && skinned && { skin: { kind: "box", name: "skin", box: "any" } }) }
      const wears = Object.fromEntries([
        ...FACES[form.kind].map((face) => [face, face === "floor" ? "floor" : face.startsWith("roof") ? "roof" : "wall"] as const),
        ...Object.keys(named).map((zone, i) => [zone, worn[i]!] as const),
      ])
      return {
        ...base,
        materials: own,
        brief: { ...base.brief, station, indoors, outdoors, service, inside, plant },
        shell: {
          ...startShell(form, { floor: "skids", openings: { any: opening } }),
          ...shell,
          boxes: box ? { any: box } : {},
          notches: { any: notch },
          penetrations: { any: penetration },
          zones: named,
          spaces: { any: space },
          against: Object.fromEntries([...against, ...Object.keys(named).slice(0, 1)].map((face) => [face, "any"])),
          levels: { any: { name: "any", x: 0, y: 0, rise: 0.01 } },
          fits: { any: { name: "any", size: 2, along: "diagonal" } },
          loads: { any: { name: "any", ...load } },
        },
        variants: {
          first: {
            name: "any",
            assemblies: { wall, roof, floor: floorWorn },
            wears,
            leakage: { ach50, shelter: 3 as const },
            ventilation,
            breaks,
            stock: {},
            buying: NOTHING_BOUGHT,
          },
        },
      }
    },
  )

/** Every number anywhere in a value, each object once. */
export function numbersIn(value: unknown, seen = new Set<object>()): number[] {
  if (typeof value === "number") return [value]
  if (typeof value !== "object" || value === null || seen.has(value)) return []
  seen.add(value)
  return Object.values(value).flatMap((part) => numbersIn(part, seen))
}
