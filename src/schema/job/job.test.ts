import { readFileSync } from "node:fs"
import { demo, KITS, KNOWN, SCHOOLS, demoJobs, startJob } from "../../../tests/fixtures/jobs"
import { describe, expect, test } from "@jest/globals"
import Ajv from "ajv/dist/2020"
import fc from "fast-check"
import { type Job, JOB_VERSION, LARGEST_FILE, type JobKind } from "./job"
import { jobSchemaText } from "./json-schema"
import { migrate } from "./migrate"
import { readDocument, readJob } from "./read-job"

const larkspur = demoJobs()[0]!
/** A copy with one place changed. */
function changed(path: (string | number)[], value: unknown): unknown {
  const copy = structuredClone(larkspur) as unknown as Record<string | number, unknown>
  const holder = path.slice(0, -1).reduce((at, key) => at[key] as Record<string | number, unknown>, copy)
  if (value === undefined) delete holder[path.at(-1)!]
  else holder[path.at(-1)!] = value
  return copy
}

const ZONE = { kind: "rectangle", name: "z", face: "left", x: 0, y: 0, width: 1, height: 1 } as const
const WALL = ["variants", "first", "assemblies", "wall"]

describe("a job file", () => {
  test("goes round without loss, whatever job it is", () => {
    const kinds = Object.keys(KITS) as JobKind[]
    const started = kinds.flatMap((kind) =>
      SCHOOLS[kind].map((school) =>
        startJob({ kind, name: kind, units: "metric", form: KITS[kind].form, station: KITS[kind].station, school: school.id }),
      ),
    )
    for (const job of [...demoJobs(), ...started]) {
      const read = readJob(JSON.stringify(job, null, 2), KNOWN)
      expect(read).toEqual({ ok: true, value: job })
    }
  })

  test.each<[string, (string | number)[], unknown, string]>([
    ["a missing field", ["brief"], undefined, "brief"],
    ["a missing field deep down", [...WALL, "layers", "l2", "thickness"], undefined, "variants.first.assemblies.wall.layers.l2.thickness"],
    ["a string for a number", ["shell", "form", "length"], "3.6", "shell.form.length"],
    ["null for a number", ["shell", "azimuth"], null, "shell.azimuth"],
    ["an unknown field", ["shell", "colour"], "red", "shell.colour"],
    ["a negative thickness", [...WALL, "layers", "l2", "thickness"], -0.01, "variants.first.assemblies.wall.layers.l2.thickness"],
    ["infinity", ["shell", "form", "height"], Number.POSITIVE_INFINITY, "shell.form.height"],
    ["an unknown material", [...WALL, "layers", "l2", "material"], "unobtainium", "variants.first.assemblies.wall.layers.l2.material"],
    ["an unknown station", ["brief", "station"], "atlantis", "brief.station"],
    ["an unknown layer in the order", [...WALL, "order", 1], "l9", "variants.first.assemblies.wall.order.1"],
    ["a layer listed twice", [...WALL, "order"], ["l1", "l2", "l2", "l3", "l4"], "variants.first.assemblies.wall.order.2"],
    ["a layer that is not listed", [...WALL, "order"], ["l1", "l2", "l3"], "variants.first.assemblies.wall.order"],
    ["a face that wears nothing", ["variants", "first", "wears", "roof"], undefined, "variants.first.wears.roof"],
    ["a face that wears what is not there", ["variants", "first", "wears", "roof"], "hat", "variants.first.wears.roof"],
    ["an active variant that is not there", ["active"], "second", "active"],
    ["an opening in a face of another form", ["shell", "openings", "roof-fan", "face"], "roof-left", "shell.openings.roof-fan.face"],
    ["members wider than their spacing", [...WALL, "members", "m1", "width"], 0.7, "variants.first.assemblies.wall.members.m1.width"],
    ["a tube without a wall", [...WALL, "members", "m1", "wall"], null, "variants.first.assemblies.wall.members.m1.wall"],
    ["a layer between no members", [...WALL, "layers", "l2", "between"], "m9", "variants.first.assemblies.wall.layers.l2.between"],
    ["a face against no space", ["shell", "against"], { left: "barn" }, "shell.against.left"],
    [
      "a reading of a measure that the form has not",
      ["shell", "readings"],
      { r: { dimension: "ridgeHeight", held: "lined", value: 2 } },
      "shell.readings.r.dimension",
    ],
    [
      "offsets that turn back",
      ["shell", "boxes", "left-wheel", "outline"],
      [
        [0.3, 0.1],
        [0.1, 0.2],
      ],
      "shell.boxes.left-wheel.outline",
    ],
    ["a zone on a face of another form", ["shell", "zones"], { z: { ...ZONE, face: "roof-left" } }, "shell.zones.z.face"],
    ["a zone under a face's name", ["shell", "zones"], { left: ZONE }, "shell.zones.left"],
    ["a zone under a name that every object has", ["shell", "zones"], { constructor: ZONE }, "shell.zones.constructor"],
    ["the skin of no box", ["shell", "zones"], { z: { kind: "box", name: "z", box: "gone" } }, "shell.zones.z.box"],
    [
      "two skins of one box",
      ["shell", "zones"],
      { a: { kind: "box", name: "a", box: "left-wheel" }, b: { kind: "box", name: "b", box: "left-wheel" } },
      "shell.zones.b.box",
    ],
    ["a zone without width", ["shell", "zones"], { z: { ...ZONE, width: 0 } }, "shell.zones.z.width"],
    ["a build-up worn by nothing", ["variants", "first", "wears", "z-1"], "wall", "variants.first.wears.z-1"],
    ["a layer that tapers to nothing", [...WALL, "layers", "l2", "taper"], 0.09, "variants.first.assemblies.wall.layers.l2.taper"],
    ["a form of no kind", ["shell", "form", "kind"], "dome", "shell.form.kind"],
    ["no version", ["version"], undefined, "version"],
    ["a version to come", ["version"], JOB_VERSION + 1, "version"],
    ["a version that is a text", ["version"], "1", "version"],
    ["another format", ["format"], "house", "format"],
  ])("%s is refused at its place", (_, path, value, place) => {
    const read = readDocument(changed(path, value), KNOWN)
    expect(read.ok).toBe(false)
    if (read.ok) return
    expect(read.error.path.join(".")).toBe(place)
    expect(read.error.message.length).toBeGreaterThan(10)
  })

  test.each([
    ["nothing", "", "line 1"],
    ["a list", "[]", "not a job file"],
    ["NaN", JSON.stringify(larkspur).replace('"azimuth":10', '"azimuth":NaN'), "line 1, column"],
    ["a comma too many", '{\n  "format": "pelzhaus-job",\n}', "line 3, column 1"],
    ["what is nested too deeply", "[".repeat(100_000), "not JSON"],
    ["what is far too large", " ".repeat(LARGEST_FILE + 1), "MB"],
    ["a prototype", JSON.stringify(larkspur).replace('"name"', '"__proto__":{"a":1},"name"'), "__proto__"],
  ])("%s is refused in words", (_, text, message) => {
    const read = readJob(text, KNOWN)
    expect(read.ok).toBe(false)
    if (!read.ok) expect(read.error.message).toContain(message)
  })

  test("never throws, whatever comes", () => {
    fc.assert(fc.property(fc.anything(), (value) => void readDocument({ ...larkspur, shell: value }, KNOWN)))
    fc.assert(fc.property(fc.string(), (text) => void readJob(text, KNOWN)))
  })
})

const fileText = (name: string) => readFileSync(`tests/store/files/${name}.pelz.json`, "utf8")

describe("files of older versions", () => {
  test("hand breaks and a slab's edge to each variant, also to what is pinned", () => {
    const barn = readJob(fileText("v6-eel-barn"), KNOWN)
    if (!barn.ok) throw new Error(barn.error.message)
    for (const { assemblies, wears, breaks } of Object.values(barn.value.variants)) {
      expect(breaks).toEqual({ openings: { "boat-door": 0.03 }, penetrations: { beam: 0.02 } })
      for (const [id, { edge }] of Object.entries(assemblies)) expect(edge?.kind).toBe(id === wears.floor ? "vertical" : undefined)
    }
    const larkspur = readJob(fileText("v6-larkspur"), KNOWN)
    if (!larkspur.ok) throw new Error(larkspur.error.message)
    const { breaks } = larkspur.value.pinned!.variant
    expect(Object.values(breaks.openings)).toEqual([0.02])
    expect(larkspur.value.variants[larkspur.value.active]!.breaks).toEqual(breaks)
  })

  test("a break of what is not there is refused by name", () => {
    const job = structuredClone(demoJobs()[0]!)
    job.variants[job.active]!.breaks.openings.gone = 0.01
    expect(readDocument(job, KNOWN)).toMatchObject({
      ok: false,
      error: { code: "unknown-reference", path: ["variants", job.active, "breaks", "openings", "gone"] },
    })
  })

  test("take along what was pinned", () => {
    const old = JSON.parse(fileText("v1-larkspur")) as Job
    const pinned = { ...old, pinned: { name: "before", brief: old.brief, shell: old.shell, variant: old.variants.first } }
    const read = readDocument(pinned, KNOWN)
    expect(read).toMatchObject({ ok: true, value: { pinned: { shell: { boxes: {}, floor: "wheels" } } } })
    if (read.ok) expect(read.value.pinned!.variant).toEqual(read.value.variants.first)
  })

  test("keep the shelter of another building, and ribs on the faces that they were measured on", () => {
    const nettle = readJob(fileText("v2-cold-nettle"), KNOWN)
    expect(nettle).toMatchObject({ ok: true, value: { shell: { floor: "slab", spaces: { around: { kind: "open" } } } } })
    if (nettle.ok) expect(Object.keys(nettle.value.shell.against).sort()).toEqual(["back", "front", "left", "right", "roof"])
    const larkspur = readJob(fileText("v2-larkspur"), KNOWN)
    if (larkspur.ok) {
      const [set] = Object.values(larkspur.value.variants.first!.assemblies.wall!.members)
      expect(set!.positions).toEqual({ left: set!.positions.right, right: set!.positions.left })
      expect(set!.positions.left).toHaveLength(7)
    }
  })

  test("that were never sound are refused at their place", () => {
    const old = JSON.parse(fileText("v1-larkspur")) as Job
    expect(readDocument({ ...old, variants: null }, KNOWN)).toMatchObject({ ok: false, error: { path: ["variants"] } })
    expect(readDocument({ ...old, shell: "round" }, KNOWN).ok).toBe(false)
    fc.assert(
      fc.property(fc.anything(), fc.anything(), fc.constantFrom(1, 2, 3, 4, 5), (shell, assemblies, version) => {
        readDocument({ ...old, version, shell }, KNOWN)
        readDocument({ ...old, version, variants: { first: { assemblies, wears: assemblies } } }, KNOWN)
      }),
    )
  })
})

describe("migrations", () => {
  test("run one step after another up to the target", () => {
    const steps = {
      1: (job: Record<string, unknown>) => ({ ...job, added: "in 2" }),
      2: ({ added, ...job }: Record<string, unknown>) => ({ ...job, renamed: added }),
    }
    expect(migrate({ version: 1, name: "a" }, steps, 3)).toEqual({ version: 3, name: "a", renamed: "in 2" })
    expect(migrate({ version: 3, name: "a" }, steps, 3)).toEqual({ version: 3, name: "a" })
    expect(() => migrate({ version: 1 }, {}, 2)).toThrow("no migration from version 1")
  })
})

describe("the JSON Schema", () => {
  test("in docs is the one of today", () => {
    expect(readFileSync("docs/job-format.schema.json", "utf8")).toBe(jobSchemaText())
  })

  test("accepts every demo job and refuses what the reader refuses by shape", () => {
    const validate = new Ajv({ strict: false }).compile(JSON.parse(jobSchemaText()) as object)
    for (const job of demoJobs()) expect(validate(job)).toBe(true)
    expect(validate(changed(["shell", "azimuth"], "north"))).toBe(false)
    expect(validate(changed(["shell", "colour"], "red"))).toBe(false)
    expect(validate({ ...(larkspur as Partial<Job>), name: undefined })).toBe(false)
  })
})

test("a job with more parts than any real one is refused in words", () => {
  const job = demo("Tern Hut")
  const [opening] = Object.values(job.shell.openings)
  const many = (count: number) =>
    Object.fromEntries(Array.from({ length: count }, (_, i) => [`o-${i}`, { ...opening!, name: `Hole ${i}` }]))
  const read = (openings: Job["shell"]["openings"]) => readDocument({ ...job, shell: { ...job.shell, openings } }, KNOWN)
  expect(read(many(300)).ok).toBe(true)
  expect(read(many(301))).toMatchObject({
    ok: false,
    error: { path: ["shell", "openings"], message: "There may be at most 300 openings." },
  })
})
