import { spawn, spawnSync } from "node:child_process"
import { randomUUID } from "node:crypto"
import { copyFileSync, existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs"
import { tmpdir } from "node:os"
import { join } from "node:path"
import { afterEach, beforeEach, describe, expect, test } from "@jest/globals"
import fc from "fast-check"
import { setThickness } from "../../src/edit/assembly-edits"
import { setName } from "../../src/edit/brief-edits"
import { applyEdit } from "../../src/edit/apply-edit"
import type { Edit } from "../../src/edit/edit"
import { materialOf } from "../../src/core/material/catalogue"
import { demoJobs } from "../../src/edit/start/demo-jobs"
import type { Change, Revision } from "../../src/schema/change"
import { type Job, JOB_VERSION } from "../../src/schema/job/job"
import { KEPT_VERSION, type KeptThing } from "../../src/schema/kept"
import { backUp, restore } from "../../src/store/backup"
import { keep, listKept, setKeptDeleted } from "../../src/store/kept"
import { copyJob, createJob, keepSummaries, listJobs, setDeleted } from "../../src/store/jobs"
import { openStore, type Store, storeFile } from "../../src/store/open"
import { keepResults, keptResults, MOST_RESULTS, resultHash } from "../../src/store/results"
import { applyChanges, documentAt, openJob } from "../../src/store/revisions"

const NOW = "2026-11-25T12:00:00.000Z"
let folder: string
let store: Store

beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), "pelzhaus-store-"))
  store = openStore(storeFile(folder))
})
afterEach(() => {
  store.close()
  rmSync(folder, { recursive: true, force: true })
})

function revision(job: Job, parent: string, edit: Edit): { change: Change; next: Job; id: string } {
  const result = applyEdit(job, edit)
  if (!result.ok || !result.value) throw new Error("The edit did nothing.")
  const { patches, inverse, label } = result.value
  const made: Revision = { id: randomUUID(), parent, label, patches, inverse }
  return { change: { kind: "edit", revision: made }, next: result.value.job, id: made.id }
}

/** Appends so many edits one by one. */
function edited(id: string, count: number): string[] {
  const open = openJob(store, id)!
  let [job, head] = [open.document, open.head]
  const heads = [head]
  for (let i = 0; i < count; i++) {
    const step = revision(job, head, setName(`edit ${i}`))
    const done = applyChanges(store, id, [step.change], NOW)
    if (!done.ok) throw new Error(done.error.message)
    ;[job, head] = [step.next, step.id]
    heads.push(head)
  }
  return heads
}

describe("a store", () => {
  test("writes through to the disk", () => {
    expect(store.pragma("journal_mode", { simple: true })).toBe("wal")
    expect(store.pragma("synchronous", { simple: true })).toBe(2) // FULL
  })

  test("refuses a migration that was changed, and data of a newer program", () => {
    store.prepare("UPDATE migration SET checksum = 'other'").run()
    expect(() => openStore(storeFile(folder))).toThrow("was changed after it had been applied")
    store.prepare("INSERT INTO migration VALUES ('9999-later.sql', 'x', ?)").run(NOW)
    store.prepare("DELETE FROM migration WHERE name < '9'").run()
    expect(() => openStore(storeFile(folder))).toThrow("newer Pelzhaus")
  })
})

describe("jobs", () => {
  test("come back as they were put in, copied and deleted without loss", () => {
    const ids = demoJobs().map((job) => createJob(store, job, NOW))
    expect(listJobs(store, "a build").map(({ head }) => documentAt(store, head))).toEqual(demoJobs().reverse())
    const copy = copyJob(store, ids[0]!, NOW)!
    expect(openJob(store, copy)!.document).toEqual({ ...demoJobs()[0]!, name: "Larkspur, copy" })
    expect(setDeleted(store, ids[1]!, NOW)).toBe(true)
    expect(openJob(store, ids[1]!)).toBeNull()
    setDeleted(store, ids[1]!, null)
    expect(openJob(store, ids[1]!)!.document).toEqual(demoJobs()[1])
  })
})

describe("summaries", () => {
  const summary = { name: "as it was", use: "", place: "", emblem: [], figures: null }

  test("are of one head and of one build, and leave with neither", () => {
    const id = createJob(store, demoJobs()[0]!, NOW)
    const { head } = listJobs(store, "a")[0]!
    const kept = (build = "a") => listJobs(store, build)[0]!.summary
    expect(kept()).toBeNull()
    keepSummaries(store, "a", [{ id, head, summary }])
    expect([kept(), kept("b")]).toEqual([summary, null])
    edited(id, 1)
    expect(kept()).toBeNull()
    keepSummaries(store, "a", [{ id, head, summary }])
    expect(kept()).toBeNull()
  })
})

describe("what is kept beside jobs", () => {
  const buildUp: KeptThing = {
    format: "pelzhaus-build-up",
    version: KEPT_VERSION,
    kind: "van",
    assembly: demoJobs()[0]!.variants.first!.assemblies.wall!,
    materials: {},
  }
  const material: KeptThing = {
    format: "pelzhaus-material",
    version: KEPT_VERSION,
    material: { ...materialOf("xps"), name: "Board of ours" },
  }

  test("comes back as it was put in, written anew under the same name, taken off and put back", () => {
    keep(store, "b-1", buildUp, NOW)
    keep(store, "own-1", material, NOW)
    expect(listKept(store).things.map(({ id }) => id)).toEqual(["b-1", "own-1"])
    keep(store, "b-1", { ...buildUp, kind: "shed" }, "2026-11-25T13:00:00.000Z")
    expect(listKept(store)).toEqual({
      things: [
        { id: "b-1", document: { ...buildUp, kind: "shed" } },
        { id: "own-1", document: material },
      ],
      unreadable: [],
    })
    expect(setKeptDeleted(store, "own-1", NOW)).toBe(true)
    expect(listKept(store).things).toHaveLength(1)
    setKeptDeleted(store, "own-1", null)
    expect(listKept(store).things).toHaveLength(2)
    expect(setKeptDeleted(store, "nothing", NOW)).toBe(false)
  })

  test("is named where it cannot be read, and stays", () => {
    keep(store, "b-1", buildUp, NOW)
    store.prepare("UPDATE kept SET document = ?").run(JSON.stringify({ ...buildUp, version: 99 }))
    expect(listKept(store)).toMatchObject({ things: [], unreadable: [{ id: "b-1" }] })
    expect(store.prepare("SELECT count(*) AS n FROM kept").get()).toEqual({ n: 1 })
  })
})

describe("revisions", () => {
  let id: string
  beforeEach(() => void (id = createJob(store, demoJobs()[0]!, NOW)))

  test("replay over checkpoints gives each state that was", () => {
    const heads = edited(id, 230)
    expect(store.prepare("SELECT count(*) AS n FROM checkpoint").get()).toEqual({ n: 3 })
    for (const at of [1, 99, 100, 101, 229, 230]) expect(documentAt(store, heads[at]!).name).toBe(`edit ${at - 1}`)
    const { undo } = openJob(store, id)!
    expect(undo).toHaveLength(50)
    expect(undo[0]!.id).toBe(heads[230])
  })

  test("a job opens as it was at any of its revisions, with all that came after to redo", () => {
    const heads = edited(id, 120)
    const then = openJob(store, id, heads[60])!
    expect([then.head, then.document.name, then.undo[0]!.id, then.behind]).toEqual([heads[60], "edit 59", heads[60], heads[9]])
    expect(then.redo.map((one) => one.id)).toEqual(heads.slice(61))
    expect(openJob(store, id, randomUUID())).toBeNull()
    expect(openJob(store, createJob(store, demoJobs()[1]!, NOW), heads[60])).toBeNull()
  })

  test("undo and redo move the head to a neighbour, and redo goes to the newest branch", () => {
    const heads = edited(id, 2)
    expect(applyChanges(store, id, [{ kind: "move", from: heads[2]!, to: heads[1]! }], NOW).ok).toBe(true)
    const open = openJob(store, id)!
    expect(open.redo.map((one) => one.id)).toEqual([heads[2]])
    const branch = revision(open.document, heads[1]!, setName("another way"))
    applyChanges(store, id, [branch.change, { kind: "move", from: branch.id, to: heads[1]! }], NOW)
    expect(openJob(store, id)!.redo[0]!.id).toBe(branch.id)
    const far = applyChanges(store, id, [{ kind: "move", from: heads[1]!, to: randomUUID() }], NOW)
    expect(far).toMatchObject({ ok: false, error: { code: "invalid-move" } })
  })

  test("a write from a head that has moved is told, and nothing of its batch is kept", () => {
    const { document, head } = openJob(store, id)!
    const mine = revision(document, head, setName("mine"))
    const theirs = revision(document, head, setName("theirs"))
    expect(applyChanges(store, id, [theirs.change], NOW).ok).toBe(true)
    expect(applyChanges(store, id, [mine.change], NOW)).toMatchObject({ ok: false, error: { code: "conflict" } })
    const onTop = revision(theirs.next, theirs.id, setName("on top"))
    expect(applyChanges(store, id, [onTop.change, mine.change], NOW)).toMatchObject({ ok: false, error: { code: "conflict" } })
    expect(openJob(store, id)!.document.name).toBe("theirs")
    expect(store.prepare("SELECT count(*) AS n FROM revision").get()).toEqual({ n: 2 })
  })

  test("the same message twice is one edit", () => {
    const { document, head } = openJob(store, id)!
    const one = revision(document, head, setName("once"))
    const two = revision(one.next, one.id, setName("twice"))
    const batch: Change[] = [one.change, { kind: "move", from: one.id, to: head }, { kind: "move", from: head, to: one.id }, two.change]
    for (let i = 0; i < 3; i++) expect(applyChanges(store, id, batch, NOW)).toEqual({ ok: true, value: two.id })
    expect(applyChanges(store, id, [one.change], NOW)).toMatchObject({ ok: false, error: { code: "conflict" } })
    expect(store.prepare("SELECT count(*) AS n FROM revision").get()).toEqual({ n: 3 })
  })

  test("a patch far beyond a list, or whose way back leads elsewhere, changes nothing", () => {
    const id = createJob(store, demoJobs()[2]!, NOW)
    const { head, document } = openJob(store, id)!
    const { change } = revision(document, head, setName("another"))
    if (change.kind !== "edit") throw new Error("This is an edit.")
    const lying = (part: Partial<Revision>) => applyChanges(store, id, [{ kind: "edit", revision: { ...change.revision, ...part } }], NOW)
    const began = Date.now()
    const far = lying({ patches: [{ op: "replace", path: ["order", 4294967294], value: "first" }] })
    expect(far).toMatchObject({ ok: false, error: { code: "invalid-patch" } })
    expect(Date.now() - began).toBeLessThan(1000)
    const elsewhere = lying({ inverse: [{ op: "replace", path: ["name"], value: "never its name" }] })
    expect(elsewhere).toMatchObject({ ok: false, error: { code: "invalid-patch", message: expect.stringContaining("way back") } })
    expect(openJob(store, id)!.head).toBe(head)
  })

  test("a revision that is known already, of this job or another, is a conflict", () => {
    const [id, other] = [createJob(store, demoJobs()[2]!, NOW), createJob(store, demoJobs()[1]!, NOW)]
    const open = openJob(store, id)!
    const { change } = revision(open.document, open.head, setName("another"))
    expect(applyChanges(store, id, [change], NOW)).toMatchObject({ ok: true })
    const there = openJob(store, other)!
    const again = revision(there.document, there.head, setName("a third")).change
    if (again.kind !== "edit" || change.kind !== "edit") throw new Error("These are edits.")
    const doubled: Change = { kind: "edit", revision: { ...again.revision, id: change.revision.id } }
    expect(applyChanges(store, other, [doubled], NOW)).toMatchObject({ ok: false, error: { code: "conflict" } })
  })

  test("a change that makes no job is refused", () => {
    const { head } = openJob(store, id)!
    const spoil = (path: (string | number)[], value: unknown) =>
      applyChanges(
        store,
        id,
        [
          {
            kind: "edit",
            revision: {
              id: randomUUID(),
              parent: head,
              label: "spoil",
              patches: [{ op: "replace", path, value }],
              inverse: [{ op: "replace", path, value }],
            },
          },
        ],
        NOW,
      )
    expect(spoil(["shell", "azimuth"], "north")).toMatchObject({ ok: false, error: { path: ["shell", "azimuth"] } })
    expect(spoil(["nowhere", "at", "all"], 1)).toMatchObject({ ok: false, error: { code: "invalid-patch" } })
    expect(spoil(["__proto__", "polluted"], 1)).toMatchObject({ ok: false })
    expect(spoil(["brief", "station"], "atlantis")).toMatchObject({ ok: false, error: { code: "unknown-reference" } })
    expect(({} as { polluted?: number }).polluted).toBeUndefined()
  })

  test("a job of an older schema goes on in the new one, and undo goes back past it", () => {
    const old = JSON.parse(readFileSync("tests/store/files/v1-larkspur.pelz.json", "utf8")) as Job
    // As the first version left it: three revisions, a checkpoint of the first, patches that fit version 1 only.
    const ids = [0, 1, 2].map(() => randomUUID())
    store.prepare("INSERT INTO job (id, head, created_at, changed_at) VALUES ('old', ?, ?, ?)").run(ids[2]!, NOW, NOW)
    const insert = store.prepare(
      "INSERT INTO revision (id, job, parent, depth, schema_version, label, patches, inverse, created_at) VALUES (?, 'old', ?, ?, 1, 'old', ?, ?, ?)",
    )
    const patch = (name: string) => JSON.stringify([{ op: "replace", path: ["name"], value: name }])
    ids.forEach((one, i) =>
      insert.run(one, ids[i - 1] ?? null, i, i === 0 ? "[]" : patch(`old ${i}`), i === 0 ? "[]" : patch(`old ${i - 1}`), NOW),
    )
    store.prepare("INSERT INTO checkpoint (revision, schema_version, document) VALUES (?, 1, ?)").run(ids[0]!, JSON.stringify(old))

    const open = openJob(store, "old")!
    expect(open.document).toMatchObject({ name: "old 2", version: JOB_VERSION, shell: { boxes: {} } })
    expect([open.undo, open.behind]).toEqual([[], ids[1]])
    const next = revision(open.document, open.head, setName("new"))
    expect(applyChanges(store, "old", [next.change], NOW).ok).toBe(true)
    const later = openJob(store, "old")!
    expect([later.document, later.undo.length, later.behind]).toEqual([next.next, 1, ids[1]])
    expect(
      applyChanges(
        store,
        "old",
        [
          { kind: "move", from: next.id, to: ids[2]! },
          { kind: "move", from: ids[2]!, to: ids[1]! },
        ],
        NOW,
      ).ok,
    ).toBe(true)
    expect(openJob(store, "old")!.document).toMatchObject({ name: "old 1", version: JOB_VERSION, shell: { boxes: {} } })
    // Another edit from there starts at a checkpoint of its own.
    const other = revision(openJob(store, "old")!.document, ids[1]!, setName("another way"))
    expect(applyChanges(store, "old", [other.change], NOW).ok).toBe(true)
    expect(openJob(store, "old")!.document).toEqual(other.next)
  })

  test("random edits, undos and redos agree with a plain list of states", () => {
    const steps = fc.array(
      fc.oneof(fc.double({ min: 0.01, max: 0.3, noNaN: true }), fc.constant("undo" as const), fc.constant("redo" as const)),
      { maxLength: 25 },
    )
    fc.assert(
      fc.property(steps, (list) => {
        const job = createJob(store, demoJobs()[2]!, NOW)
        const start = openJob(store, job)!
        // The plain model: all states of the present branch, and where one stands in it.
        let states: { id: string; document: Job }[] = [{ id: start.head, document: start.document }]
        let at = 0
        for (const step of list) {
          const here = states[at]!
          if (typeof step === "number") {
            if (here.document.variants.first!.assemblies.wall!.layers.l2!.thickness === step) continue
            const made = revision(here.document, here.id, setThickness("wall", "l2", step))
            expect(applyChanges(store, job, [made.change], NOW).ok).toBe(true)
            states = [...states.slice(0, at + 1), { id: made.id, document: made.next }]
            at++
          } else {
            const to = states[at + (step === "undo" ? -1 : 1)]
            if (!to) continue
            expect(applyChanges(store, job, [{ kind: "move", from: here.id, to: to.id }], NOW).ok).toBe(true)
            at += step === "undo" ? -1 : 1
          }
          expect(openJob(store, job)!.document).toEqual(states[at]!.document)
        }
      }),
      { numRuns: 25 },
    )
  })
})

describe("a killed process", () => {
  test("loses no acknowledged edit", async () => {
    const id = createJob(store, demoJobs()[0]!, NOW)
    store.close()
    // Says the number of each edit once it is acknowledged, until it is killed in the middle of it.
    const writer = spawn("node", ["--import", "tsx", "tests/store/endless-writer.ts", storeFile(folder), id], {
      stdio: ["ignore", "pipe", "inherit"],
    })
    let said = ""
    await new Promise<void>((resolve) => {
      writer.stdout.on("data", (data: Buffer) => {
        said += data.toString()
        if (said.split("\n").length > 60) writer.kill("SIGKILL")
      })
      writer.on("exit", () => resolve())
    })
    const acknowledged = Number(said.trim().split("\n").at(-1))
    store = openStore(storeFile(folder))
    expect(acknowledged).toBeGreaterThanOrEqual(50)
    expect(store.pragma("integrity_check", { simple: true })).toBe("ok")
    const name = openJob(store, id)!.document.name
    expect(Number(name.replace("edit ", ""))).toBeGreaterThanOrEqual(acknowledged)
  }, 60_000)
})

describe("backup and restore", () => {
  test("a backup of a store in use comes back, and what it replaces is kept", async () => {
    const id = createJob(store, demoJobs()[0]!, NOW)
    edited(id, 3)
    const file = join(folder, "kept", "backup.db")
    await backUp(folder, file)
    edited(id, 2)
    expect(() => restore(file, folder, new Date(NOW))).toThrow("in use")
    expect(openJob(store, id)!.document.name).toBe("edit 1")
    store.close()
    const former = restore(file, folder, new Date(NOW))!
    store = openStore(storeFile(folder))
    expect(openJob(store, id)!.document.name).toBe("edit 2")
    const before = openStore(former)
    expect(openJob(before, id)!.document.name).toBe("edit 1")
    before.close()
    await expect(backUp(folder, file)).rejects.toThrow("exists already")
  })

  test("their commands do the same, and say where things went", () => {
    const id = createJob(store, demoJobs()[1]!, NOW)
    const keep = (command: string, file: string) =>
      spawnSync("node", [`scripts/${command}.mjs`, file], {
        env: { ...process.env, PELZHAUS_DATA: folder, INIT_CWD: folder },
        encoding: "utf8",
      })
    const backup = keep("backup", "one.db")
    expect([backup.status, existsSync(join(folder, "one.db"))]).toEqual([0, true])
    setDeleted(store, id, NOW)
    expect(keep("restore", "one.db")).toMatchObject({ status: 1, stderr: expect.stringContaining("in use") as unknown })
    store.close()
    expect(keep("restore", "one.db")).toMatchObject({ status: 0, stdout: expect.stringContaining("is kept in") as unknown })
    store = openStore(storeFile(folder))
    expect(openJob(store, id)).not.toBeNull()
  }, 30_000)

  test("a file that is no backup changes nothing", () => {
    const id = createJob(store, demoJobs()[0]!, NOW)
    const bad = join(folder, "bad.db")
    writeFileSync(bad, "not a database")
    expect(() => restore(bad, folder, new Date(NOW))).toThrow("not a sound backup")
    expect(() => restore(join(folder, "none.db"), folder, new Date(NOW))).toThrow("no backup")
    const cut = join(folder, "cut.db")
    store.pragma("wal_checkpoint(TRUNCATE)")
    copyFileSync(storeFile(folder), cut)
    writeFileSync(cut, readFileSync(cut).subarray(0, 9000))
    expect(() => restore(cut, folder, new Date(NOW))).toThrow("not a sound backup")
    expect(existsSync(storeFile(folder))).toBe(true)
    expect(openJob(store, id)).not.toBeNull()
  })
})

describe("results of what takes seconds", () => {
  test("are found again by what they are of, by the build that worked them out and no other, after a reopening too", () => {
    const [left, roof] = [resultHash("years", "left"), resultHash("years", "roof")]
    keepResults(store, "build-1", new Map([[left, { outcome: null }]]), NOW)
    store.close()
    store = openStore(storeFile(folder))
    expect(keptResults(store, "build-1", [left, roof])).toEqual(new Map([[left, { outcome: null }]]))
    expect(keptResults(store, "build-2", [left]).size).toBe(0)
    expect(resultHash("years", "left")).not.toBe(resultHash("day", "left"))
    keepResults(store, "build-2", new Map([[roof, { outcome: null }]]), NOW)
    // What another build worked out goes.
    expect(keptResults(store, "build-1", [left]).size).toBe(0)
  })

  test("are no more than so many: what was kept longest goes", () => {
    const many = new Map(Array.from({ length: MOST_RESULTS }, (_, i) => [resultHash("years", String(i)), { outcome: null }] as const))
    keepResults(store, "build", many, NOW)
    keepResults(store, "build", new Map([[resultHash("years", "new"), { outcome: null }]]), "2026-11-26T12:00:00.000Z")
    expect(store.prepare("SELECT count(*) AS count FROM result").get()).toEqual({ count: MOST_RESULTS })
    expect(keptResults(store, "build", [resultHash("years", "new")]).size).toBe(1)
  })
})
