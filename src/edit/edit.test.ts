import { describe, expect, test } from "@jest/globals"
import fc from "fast-check"
import { CATALOGUE } from "../core/material/catalogue"
import type { Change, Revision } from "../schema/change"
import type { Job } from "../schema/job/job"
import { readDocument } from "../schema/job/read-job"
import * as assembly from "./assembly-edits"
import * as brief from "./brief-edits"
import { applyEdit } from "./apply-edit"
import type { Edit } from "./edit"
import { append, goBack, goForward, type History, rejoin } from "./history"
import { KNOWN } from "./known"
import * as shell from "./shell-edits"
import { OPENING_KINDS } from "./start/openings"
import { demoJobs } from "./start/demo-jobs"
import * as variant from "./variant-edits"

const job = demoJobs()[2]!

function done(from: Job, edit: Edit) {
  const result = applyEdit(from, edit)
  if (!result.ok) throw new Error(result.error.message)
  return result.value
}

const window = { ...OPENING_KINDS.window, name: "New", kind: "window", face: "left", x: 0.1, y: 0.1, width: 0.2, height: 0.2 } as const
const wallLayer = fc.constantFrom(...job.variants.first!.assemblies.wall!.order)
const material = fc.constantFrom(...Object.keys(CATALOGUE))
const size = fc.double({ min: 0.06, max: 5, noNaN: true })
const anyEdit: fc.Arbitrary<Edit> = fc.oneof(
  fc
    .tuple(wallLayer, fc.double({ min: 0.001, max: 1, noNaN: true }))
    .map(([layer, thickness]) => assembly.setThickness("wall", layer, thickness)),
  fc.tuple(wallLayer, material).map(([layer, id]) => assembly.replaceLayer("wall", layer, id)),
  fc
    .tuple(material, fc.integer({ min: 0, max: 4 }), fc.uuid())
    .map(([id, at, uuid]) => assembly.addLayer("wall", `l-${uuid.slice(0, 8)}`, id, at)),
  fc.tuple(wallLayer, fc.integer({ min: -1, max: 6 })).map(([layer, to]) => assembly.moveLayer("wall", layer, to)),
  fc.uuid().map((uuid) => assembly.wearOwn("left", `a-${uuid.slice(0, 8)}`, "own")),
  fc.double({ min: 0, max: 50, noNaN: true }).map((ach50) => assembly.setLeakage({ ach50 })),
  size.map((value) => shell.setDimension("length", value)),
  fc.constantFrom("box" as const, "gable" as const, "shed" as const, "hip" as const, "arch" as const, "van" as const).map(shell.setForm),
  fc.uuid().map((uuid) => shell.addPart("openings", `o-${uuid.slice(0, 8)}`, window)),
  fc.constant(shell.removePart("openings", "door")),
  fc.uuid().map((uuid) =>
    shell.addPart("boxes", `b-${uuid.slice(0, 8)}`, {
      name: "Wheel",
      side: "left",
      x: 0.4,
      length: 0.8,
      width: 0.2,
      height: 0.3,
      outline: null,
    }),
  ),
  fc.constantFrom(shell.addPart("spaces", "barn", { kind: "open", name: "Barn" }), shell.removePart("spaces", "barn")),
  fc.constantFrom(shell.setAgainst(["left", "floor"], "barn"), shell.setAgainst(["left"], null)),
  fc.constant(shell.addPart("readings", "ridge", { dimension: "ridgeHeight", held: "lined", value: 3 })),
  fc.constantFrom(shell.setFloor("slab"), shell.setOverhang({ eaves: 0.3 })),
  fc.constantFrom(assembly.setMembers("wall", "m1", { spacing: 0.4 }), assembly.setMembers("wall", "m1", { share: 0.2 })),
  fc.constantFrom(assembly.setPositions("wall", "m1", "left", [0.3, 0.9]), assembly.setPositions("wall", "m1", "left", null)),
  fc.constantFrom(...KNOWN.stations).map(brief.setStation),
  fc.constantFrom(null, 3, 40).map((value) => brief.setLimits({ money: value })),
  fc.uuid().map((uuid) => variant.addVariant(`v-${uuid.slice(0, 8)}`, "another")),
  fc.constant(variant.pin("here")),
)

describe("edits", () => {
  test("give a job that can be read, and their inverse gives the job before", () => {
    fc.assert(
      fc.property(fc.array(anyEdit, { maxLength: 12 }), (edits) => {
        let history: History = { document: job, head: "start", undo: [], redo: [] }
        const states = [job]
        for (const [i, edit] of edits.entries()) {
          const result = applyEdit(history.document, edit)
          // A move of a layer that is gone, or a thickness of one, may be refused; then nothing has changed.
          if (!result.ok || !result.value) continue
          const { patches, inverse, label } = result.value
          history = append(history, { id: `r${i}`, parent: history.head, label, patches, inverse })
          expect(history.document).toEqual(result.value.job)
          expect(readDocument(history.document, KNOWN)).toEqual({ ok: true, value: history.document })
          states.push(history.document)
        }
        for (const state of states.slice(0, -1).reverse()) expect((history = goBack(history)!).document).toEqual(state)
        expect(goBack(history)).toBeNull()
        for (const state of states.slice(1)) expect((history = goForward(history)!).document).toEqual(state)
      }),
      { numRuns: 150 },
    )
  })

  test("that the schema refuses change nothing and say why", () => {
    const refused = (edit: Edit) => {
      const result = applyEdit(job, edit)
      return result.ok ? null : result.error.message
    }
    expect(refused(assembly.setThickness("wall", "l2", -1))).toContain("at least")
    expect(refused(shell.setDimension("ridgeHeight", 1))).toContain("ridge must be higher")
    expect(refused(brief.setStation("atlantis"))).toContain("no station")
    expect(refused(brief.setName(""))).toContain("at least 1 characters")
  })

  test("keep what they did not touch, so that identity can be a key", () => {
    const next = done(job, assembly.setThickness("wall", "l2", 0.2))!.job
    expect(next.shell).toBe(job.shell)
    expect(next.variants.first!.assemblies.roof).toBe(job.variants.first!.assemblies.roof)
    expect(done(next, assembly.setThickness("wall", "l2", 0.2))).toBeNull()
  })

  test("an opening that would lie over another is refused in words", () => {
    const moved = applyEdit(job, shell.setPart("openings", "south-window", { x: 1 }))
    expect(moved.ok ? null : moved.error.message).toBe("South window would overlap Door; leave room between them.")
    expect(applyEdit(job, shell.setPart("openings", "south-window", { x: 1.5 })).ok).toBe(true)
  })

  test("members that nothing lies between are gone, and what stood against a removed space sees the outdoors", () => {
    const without = done(job, assembly.setBetween("wall", "l2", null))!.job
    expect(without.variants.first!.assemblies.wall!.members).toEqual({})
    const sheltered = [shell.addPart("spaces", "barn", { kind: "open", name: "Barn" }), shell.setAgainst(["left"], "barn")]
    const beside = sheltered.reduce((at, edit) => done(at, edit)!.job, job)
    expect(beside.shell.against).toEqual({ left: "barn" })
    expect(done(beside, shell.removePart("spaces", "barn"))!.job.shell.against).toEqual({})
  })

  test("a new station takes typed outdoor figures with it", () => {
    const typed = done(job, brief.setOutdoors("winter", { temperature: -40, relativeHumidity: 0.5 }))!.job
    expect(done(typed, brief.setStation("brackwater"))!.job.brief.outdoors).toEqual({ winter: null, summer: null })
  })

  test("a pinned state stays as it was", () => {
    const pinned = done(job, variant.pin("before"))!.job
    const edited = done(pinned, assembly.setThickness("wall", "l2", 0.2))!.job
    expect(edited.pinned!.variant).toEqual(job.variants.first)
  })
})

describe("what was kept while the server was away", () => {
  const edit = (history: History, id: string, name: string): [History, Change] => {
    const { patches, inverse, label } = done(history.document, brief.setName(name))!
    const revision: Revision = { id, parent: history.head, label, patches, inverse }
    return [append(history, revision), { kind: "edit", revision }]
  }
  const server: History = { document: job, head: "start", undo: [], redo: [] }
  const [one, first] = edit(server, "one", "first")
  const [two, second] = edit(one, "two", "second")
  const back: Change = { kind: "move", from: "two", to: "one" }

  test("is laid over the job as the server has it", () => {
    const joined = rejoin(server, [first, second, back])!
    expect(joined.history.document.name).toBe("first")
    expect(joined.history.redo.map(({ id }) => id)).toEqual(["two"])
    expect(joined.unsent).toHaveLength(3)
  })

  test("passes over what the server has already", () => {
    expect(rejoin(one, [first, second])!.unsent).toEqual([second])
    expect(rejoin(two, [first, second])!.unsent).toEqual([])
  })

  test("does not fit when somebody else has written", () => {
    const [theirs] = edit(server, "theirs", "theirs")
    expect(rejoin(theirs, [first])).toBeNull()
  })
})
