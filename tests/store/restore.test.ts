import { spawn } from "node:child_process"
import { copyFileSync, existsSync, linkSync, mkdirSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from "node:fs"
import { tmpdir } from "node:os"
import { join } from "node:path"
import { afterAll, beforeAll, describe, expect, test } from "@jest/globals"
import Database from "better-sqlite3"
import { demoJobs } from "../../src/edit/start/demo-jobs"
import { backUp, restore } from "../../src/store/backup"
import { createJob, listJobs } from "../../src/store/jobs"
import { openStore, storeFile } from "../../src/store/open"

const NOW = "2026-11-25T12:00:00.000Z"
let root: string
let backup: string

/** A store with so many jobs in a folder of its own. */
function storeIn(folder: string, jobs: number): string {
  mkdirSync(folder, { recursive: true })
  const store = openStore(storeFile(folder))
  for (const job of demoJobs().slice(0, jobs)) createJob(store, job, NOW)
  store.close()
  return folder
}
function jobsIn(folder: string): number {
  const store = openStore(storeFile(folder))
  try {
    expect(store.pragma("integrity_check", { simple: true })).toBe("ok")
    return listJobs(store, "").length
  } finally {
    store.close()
  }
}

beforeAll(async () => {
  root = mkdtempSync(join(tmpdir(), "pelzhaus-restore-"))
  backup = join(root, "backup.db")
  await backUp(storeIn(join(root, "source"), 3), backup)
})
afterAll(() => rmSync(root, { recursive: true, force: true }))

/** Restores in a process of its own, which is killed so long after it began, ms; null: not. @returns how long it took if it came to its end */
function restoreIn(folder: string, killedAfter: number | null): Promise<number | null> {
  const child = spawn("node", ["--import", "tsx", "tests/store/restorer.ts", backup, folder], { stdio: ["ignore", "pipe", "inherit"] })
  return new Promise((resolve) => {
    let [began, took]: [number, number | null] = [0, null]
    child.stdout.on("data", (data: Buffer) => {
      const said = data.toString()
      if (said.includes("go")) {
        began = performance.now()
        if (killedAfter !== null) setTimeout(() => child.kill("SIGKILL"), killedAfter)
      }
      if (said.includes("done")) took = performance.now() - began
    })
    child.on("exit", () => resolve(took))
  })
}

describe("a restore", () => {
  test("killed at any moment leaves the old store or the new one, never an empty shelf", async () => {
    const old = storeIn(join(root, "old"), 1)
    // Two at once, as those that are killed.
    const timed = await Promise.all(["timed", "timed too"].map((name) => restoreIn(storeIn(join(root, name), 1), null)))
    const whole = Math.max(...timed.map((took) => took!))
    expect(jobsIn(join(root, "timed"))).toBe(3)
    const found: number[] = []
    const kill = async (i: number) => {
      const folder = join(root, `killed-${i}`)
      mkdirSync(folder)
      copyFileSync(storeFile(old), storeFile(folder))
      await restoreIn(folder, (whole * 1.3 * i) / 50)
      expect(existsSync(storeFile(folder))).toBe(true)
      found.push(jobsIn(folder))
      rmSync(folder, { recursive: true })
    }
    for (let i = 0; i < 50; i += 2) await Promise.all([kill(i), kill(i + 1)])
    expect(found.filter((jobs) => jobs !== 1 && jobs !== 3)).toEqual([])
    // The kills reach through the whole of it: some left the old store, some the new one.
    expect([found.includes(1), found.includes(3)]).toEqual([true, true])
  }, 180_000)

  test("takes up what a killed one left lying, and nothing stays behind", () => {
    const folder = storeIn(join(root, "again"), 1)
    writeFileSync(`${storeFile(folder)}.restoring`, "half a copy")
    const former = restore(backup, folder, new Date(NOW))!
    expect(jobsIn(folder)).toBe(3)
    expect(readdirSync(folder).sort()).toEqual([former.split("/").at(-1), "pelzhaus.db"].sort())
  })

  test.each<[string, (folder: string) => string, string]>([
    ["the store itself", (folder) => storeFile(folder), "is the store itself"],
    [
      "another name of the store itself",
      (folder) => {
        linkSync(storeFile(folder), join(folder, "other.db"))
        return join(folder, "other.db")
      },
      "is the store itself",
    ],
    [
      "a database that is no store",
      (folder) => {
        const file = join(folder, "no-store.db")
        new Database(file).exec("CREATE TABLE job (id TEXT)").close()
        return file
      },
      "not a sound backup",
    ],
    [
      "a store of a newer program",
      () => {
        const file = join(root, "newer.db")
        copyFileSync(backup, file)
        const store = new Database(file)
        store.prepare("INSERT INTO migration VALUES ('9999-later.sql', 'x', ?)").run(NOW)
        store.close()
        return file
      },
      "newer Pelzhaus",
    ],
  ])("%s is refused, and the store stays as it is", (name, file, words) => {
    const folder = storeIn(join(root, name), 1)
    const given = file(folder)
    const before = readdirSync(folder).sort()
    expect(() => restore(given, folder, new Date(NOW))).toThrow(words)
    expect(readdirSync(folder).sort()).toEqual(before)
    expect(jobsIn(folder)).toBe(1)
  })
})

test("a store that is gone while former ones lie beside is told at the start, not begun anew in silence", () => {
  const folder = join(root, "gone")
  mkdirSync(folder)
  copyFileSync(backup, join(folder, "before-restore-2026-11-25T12-00-00-000Z.db"))
  expect(() => openStore(storeFile(folder))).toThrow(/There is no store .* while former ones lie beside it: before-restore-/)
  expect(existsSync(storeFile(folder))).toBe(false)
})
