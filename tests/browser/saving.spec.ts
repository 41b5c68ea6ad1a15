import { mkdtempSync, readdirSync, readFileSync, rmSync } from "node:fs"
import { tmpdir } from "node:os"
import { join } from "node:path"
import { chromium, expect } from "@playwright/test"
import type { OpenJob } from "../../src/schema/change"
import { demoJob, openJob, putJob, settled, shown, type, test } from "./bench"

test.use({ beside: false })

test("what is typed while the server is away is kept over a reload and sent when it is back", async ({ page, context }) => {
  const id = await putJob(page, demoJob("Tern Hut", "server away"))
  await openJob(page, id)
  await context.route("**/api/jobs/**", (route) => route.abort())
  await page.locator("[data-layer-row=l2]").click()
  await type(page, "Thickness", "200 mm")
  const typed = await shown(page, "loss")
  await expect(page.getByTestId("saving")).toContainText("kept in this window")
  // The page itself still comes: only the answers of the store are missing.
  await page.reload()
  await expect.poll(() => shown(page, "loss")).toBe(typed)
  await expect(page.getByTestId("saving")).toContainText("kept in this window")
  await page.keyboard.press("z")
  await page.keyboard.press("Shift+Z")
  await context.unroute("**/api/jobs/**")
  await settled(page)
  const stored = await page.request.get(`/api/jobs/${id}`)
  const { document } = (await stored.json()) as OpenJob
  expect(document.variants.first!.assemblies.wall!.layers.l2!.thickness).toBeCloseTo(0.2, 9)
  await page.reload()
  expect(await shown(page, "loss")).toBe(typed)
})

/** Ends all processes that were started with a word, at once and without a word to them. */
function kill(word: string): void {
  for (const pid of readdirSync("/proc").filter((name) => /^\d+$/.test(name))) {
    try {
      if (readFileSync(`/proc/${pid}/cmdline`, "utf8").includes(word) && Number(pid) !== process.pid) process.kill(Number(pid), "SIGKILL")
    } catch {
      // It has ended meanwhile.
    }
  }
}

test("what was typed outlives a browser that is killed one second later", async ({ page, baseURL }, { project }) => {
  const id = await putJob(page, demoJob("Tern Hut", "killed browser"))
  const profile = mkdtempSync(join(tmpdir(), "pelzhaus-profile-"))
  const launch = () => chromium.launchPersistentContext(profile, project.use.launchOptions)
  const first = await launch()
  await first.route("**/changes", (route) => route.abort())
  const typing = first.pages()[0]!
  await typing.goto(`${baseURL}/jobs/${id}/build-ups`)
  await typing.locator("[data-layer-row=l2]").click()
  await type(typing, "Thickness", "170 mm")
  // The second that is promised, and no sign waited for.
  await typing.waitForTimeout(1000)
  kill(profile)
  await first.close().catch(() => undefined)
  const second = await launch()
  const again = second.pages()[0]!
  await again.goto(`${baseURL}/jobs/${id}/build-ups`)
  const stored = async () => {
    const { document } = (await (await page.request.get(`/api/jobs/${id}`)).json()) as OpenJob
    return document.variants.first!.assemblies.wall!.layers.l2!.thickness
  }
  await expect.poll(stored).toBeCloseTo(0.17, 9)
  await second.close()
  rmSync(profile, { recursive: true, force: true })
})

test("a full disk is said in words, with how much is kept in the window; nothing is lost", async ({ page, context }) => {
  const id = await putJob(page, demoJob("Tern Hut", "full disk"))
  await openJob(page, id)
  await context.route("**/changes", (route) =>
    route.fulfill({ status: 507, json: { error: { code: "disk-full", path: [], message: "The disk is full; nothing was stored." } } }),
  )
  await page.locator("[data-layer-row=l2]").click()
  await type(page, "Thickness", "150 mm")
  await type(page, "Thickness", "160 mm")
  await expect(page.getByTestId("saving")).toContainText("The disk is full: 2 edits are kept in this window")
  await context.unroute("**/changes")
  await settled(page)
  expect(((await (await page.request.get(`/api/jobs/${id}`)).json()) as OpenJob).undo).toHaveLength(2)
})

test("an answer lost on the way does no harm: the same message comes again", async ({ page, context }) => {
  const id = await putJob(page, demoJob("Tern Hut", "lost answer"))
  await openJob(page, id)
  let lost = 0
  await context.route("**/changes", async (route) => {
    if (lost++ > 0) return route.fallback()
    await route.fetch()
    await route.abort()
  })
  await page.locator("[data-layer-row=l2]").click()
  await type(page, "Thickness", "150 mm")
  await settled(page)
  const job = (await (await page.request.get(`/api/jobs/${id}`)).json()) as OpenJob
  expect(job.undo).toHaveLength(1)
})

for (const choice of ["take over", "reload"] as const)
  test(`two windows on one job: the later editor is told and can ${choice}`, async ({ page, context }) => {
    const id = await putJob(page, demoJob("Eel Barn", `two windows, ${choice}`))
    await openJob(page, id)
    const start = await shown(page, "loss")
    const other = await context.newPage()
    await openJob(other, id)
    // The windows do not hear of each other here, as on two machines.
    await other.evaluate(() => void (BroadcastChannel.prototype.postMessage = () => {}))
    await page.evaluate(() => void (BroadcastChannel.prototype.postMessage = () => {}))
    await type(page, /Air changes an hour/, "20")
    await settled(page)
    await type(other, /Air changes an hour/, "2")
    await expect(other.getByRole("alert").filter({ hasText: "changed in another window" })).toBeVisible()
    const stored = async () => {
      const job = (await (await page.request.get(`/api/jobs/${id}`)).json()) as {
        document: { variants: { first: { leakage: { ach50: number } } } }
      }
      return job.document.variants.first.leakage.ach50
    }
    expect(await stored()).toBe(20)
    if (choice === "take over") {
      await other.getByRole("button", { name: "Take over with what is here" }).click()
      await settled(other)
      expect(await stored()).toBe(2)
      // What the other window wrote is one undo away.
      await other.locator("body").press("z")
      await settled(other)
      expect(await stored()).toBe(20)
    } else {
      await other.getByRole("button", { name: "Reload what was saved" }).click()
      await settled(other)
      expect(await stored()).toBe(20)
      await expect(other.getByLabel(/Air changes an hour/)).toHaveValue("20")
    }
    expect(await shown(other, "loss")).toBeGreaterThan(start)
  })

test("a window is told at once when its neighbour has written", async ({ page, context }) => {
  const id = await putJob(page, demoJob("Eel Barn", "neighbours"))
  await openJob(page, id)
  const other = await context.newPage()
  await openJob(other, id)
  await type(page, /Air changes an hour/, "3")
  await expect(other.getByRole("alert").filter({ hasText: "changed in another window" })).toBeVisible()
  await other.getByRole("button", { name: "Reload what was saved" }).click()
  await expect(other.getByLabel(/Air changes an hour/)).toHaveValue("3")
})

test("undo goes back to the start of a job, however many edits that is, and redo to its end", async ({ page }) => {
  const id = await putJob(page, demoJob("Eel Barn", "many edits"))
  await openJob(page, id)
  const thickness = page.locator("[data-layer-row=l3]").getByRole("cell").nth(1)
  await page.locator("[data-layer-row=l3]").click()
  // 140 mm of glass wool, one sold thickness up and down again: 28 times up, 27 times down.
  await expect(thickness).toHaveText("140")
  for (let i = 0; i < 55; i++) await page.keyboard.press(i % 2 === 0 ? "+" : "-")
  await settled(page)
  await page.reload()
  const walk = async (button: string, key: string) => {
    // Faster than the server answers: none of them may be lost.
    for (let i = 0; i < 55; i++) await page.keyboard.press(key)
    await expect(page.getByRole("button", { name: button })).toBeDisabled()
    await settled(page)
  }
  await expect(thickness).toHaveText("150")
  await walk("Undo", "z")
  await expect(thickness).toHaveText("140")
  await walk("Redo", "Z")
  await expect(thickness).toHaveText("150")
})
