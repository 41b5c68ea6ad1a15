import { readFileSync } from "node:fs"
import { describe, expect, test } from "@jest/globals"
import Ajv from "ajv/dist/2020"
import fc from "fast-check"
import { KNOWN } from "../../edit/known"
import { demoJobs } from "../../edit/start/demo-jobs"
import { SCHOOLS } from "../../edit/start/schools"
import { KITS, startJob } from "../../edit/start/start-job"
import type { Job, JobKind } from "./job"
import { jobSchemaText } from "./json-schema"
import { migrate } from "./migrate"
import { LARGEST_FILE, readDocument, readJob } from "./read-job"

const larkspur = demoJobs()[0]!
/** A copy with one place changed. */
function changed(path: (string | number)[], value: unknown): unknown {
  const copy = structuredClone(larkspur) as unknown as Record<string | number, unknown>
  const holder = path.slice(0, -1).reduce((at, key) => at[key] as Record<string | number, unknown>, copy)
  if (value === undefined) delete holder[path.at(-1)!]
  else holder[path.at(-1)!] = value
  return copy
}

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
    [
      "members wider than their spacing",
      [...WALL, "layers", "l2", "framing", "width"],
      0.7,
      "variants.first.assemblies.wall.layers.l2.framing.width",
    ],
    ["a form of no kind", ["shell", "form", "kind"], "dome", "shell.form.kind"],
    ["no version", ["version"], undefined, "version"],
    ["a version to come", ["version"], 3, "version"],
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

describe("files of version 1", () => {
  test.each(demoJobs().map((job) => [job.name, job] as const))("%s opens as it was, with no boxes and members at their spacing", (name) => {
    const text = readFileSync(`tests/store/files/v1-${name.toLowerCase().replace(" ", "-")}.pelz.json`, "utf8")
    const old = JSON.parse(text) as Job
    const read = readJob(text, KNOWN)
    if (!read.ok) throw new Error(read.error.message)
    expect(read.value.version).toBe(2)
    expect(read.value.shell).toEqual({ ...old.shell, boxes: {} })
    for (const [id, { layers }] of Object.entries(read.value.variants.first!.assemblies))
      for (const [layer, { framing }] of Object.entries(layers)) {
        const before = old.variants.first!.assemblies[id]!.layers[layer]!.framing
        expect(framing).toEqual(before && { ...before, positions: null })
      }
  })

  test("take along what was pinned", () => {
    const old = JSON.parse(readFileSync("tests/store/files/v1-larkspur.pelz.json", "utf8")) as Job
    const pinned = { ...old, pinned: { name: "before", brief: old.brief, shell: old.shell, variant: old.variants.first } }
    expect(readDocument(pinned, KNOWN)).toMatchObject({ ok: true, value: { pinned: { shell: { boxes: {} } } } })
  })

  test("that were never sound are refused at their place", () => {
    const old = JSON.parse(readFileSync("tests/store/files/v1-larkspur.pelz.json", "utf8")) as Job
    expect(readDocument({ ...old, variants: null }, KNOWN)).toMatchObject({ ok: false, error: { path: ["variants"] } })
    expect(readDocument({ ...old, shell: "round" }, KNOWN).ok).toBe(false)
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
