import { writeFileSync } from "node:fs"
import { expect } from "@playwright/test"
import { demoJob, putJob, test } from "./bench"

test("a job is copied, renamed, deleted and put back", async ({ page }) => {
  await putJob(page, demoJob("Cold Nettle", "Nettle A"))
  await page.goto("/")
  const menu = async (name: string, item: string) => {
    await page.getByRole("button", { name: `What to do with ${name}`, exact: true }).click()
    await page.getByRole("menuitem", { name: item }).click()
  }
  await menu("Nettle A", "Copy")
  await expect(page.getByText("Nettle A, copy", { exact: true })).toBeVisible()
  await menu("Nettle A, copy", "Rename")
  await page.getByLabel("Name", { exact: true }).fill("Nettle B")
  await page.keyboard.press("Enter")
  await expect(page.getByText("Nettle B", { exact: true })).toBeVisible()
  await menu("Nettle B", "Delete")
  await expect(page.getByText("Nettle B", { exact: true })).toHaveCount(0)
  await page.getByRole("button", { name: "Undo" }).click()
  await expect(page.getByText("Nettle B", { exact: true })).toBeVisible()
})

test("each demo job says what stands in its way", async ({ page }) => {
  const flaws = {
    Larkspur: /: (wetter|harmed) each year/,
    "Cold Nettle": /(wetter|harmed) each year/,
    "Tern Hut": "too low inside",
    "Eel Barn": "more of the cooler than it takes out",
  }
  for (const name of Object.keys(flaws)) await putJob(page, demoJob(name, `flawed ${name}`))
  await page.goto("/")
  for (const [name, flaw] of Object.entries(flaws))
    await expect(page.getByRole("listitem").filter({ hasText: `flawed ${name}` })).toContainText(flaw, { timeout: 60_000 })
  // What is worked out is kept with the job: the next page has it as it comes.
  await page.route("**/summary", (route) => route.abort())
  await page.reload()
  for (const [name, flaw] of Object.entries(flaws))
    await expect(page.getByRole("listitem").filter({ hasText: `flawed ${name}` })).toContainText(flaw)
})

test("a job whose figures cannot be worked out says why, and stays on the shelf", async ({ page }) => {
  await putJob(page, demoJob("Cold Nettle", "Nettle without figures"))
  await page.route("**/summary", (route) =>
    route.fulfill({ status: 503, json: { error: { code: "took-too-long", path: [], message: "It took too long." } } }),
  )
  await page.goto("/")
  const card = page.getByRole("listitem").filter({ hasText: "Nettle without figures" })
  await expect(card).toContainText("No figures: It took too long.")
  await card.getByRole("link").click()
  await expect(page).toHaveURL(/build-ups/)
})

test("of a long shelf the newest two dozen are shown, and all when they are asked for", async ({ page }) => {
  await page.route("**/summary", (route) => route.abort())
  for (let i = 1; i <= 26; i++) await putJob(page, demoJob("Cold Nettle", `long shelf ${i}`))
  await page.goto("/")
  await expect(page.getByText("long shelf 26", { exact: true })).toBeVisible()
  await expect(page.getByText("long shelf 1", { exact: true })).toHaveCount(0)
  await page.getByRole("button", { name: /Show all \d+ jobs/ }).click()
  await expect(page.getByText("long shelf 1", { exact: true })).toBeVisible()
  await expect(page.getByRole("button", { name: /Show all/ })).toHaveCount(0)
  // What is changed on the long list is changed before one's eyes.
  await page.getByRole("button", { name: "What to do with long shelf 1", exact: true }).click()
  await page.getByRole("menuitem", { name: "Delete" }).click()
  await expect(page.getByText("long shelf 1", { exact: true })).toHaveCount(0)
})

test("jobs are found by typing, set in order, and a new one can be begun however many there are", async ({ page }) => {
  await page.route("**/summary", (route) => route.abort())
  await putJob(page, demoJob("Tern Hut", "Zebra hut"))
  await putJob(page, demoJob("Cold Nettle", "Aardvark store"))
  await page.goto("/")
  await expect(page.getByRole("button", { name: "Panel van", exact: true })).toBeInViewport()
  await page.getByLabel("Order of the jobs").selectOption("by name")
  const names = await page.locator("[data-job] .font-display").allInnerTexts()
  expect(names).toEqual([...names].sort((a, b) => a.localeCompare(b, "en", { numeric: true })))
  // By its name, and by its place.
  await page.getByLabel("Find a job").fill("zebra varnfell")
  await expect(page.locator("[data-job]")).toHaveCount(1)
  await expect(page.locator("[data-job]")).toContainText("Zebra hut")
  await page.getByLabel("Find a job").fill("nothing like it")
  await expect(page.getByText("No job has “nothing like it”")).toBeVisible()
})

test("a bad file is refused with its place, and nothing is stored", async ({ page }) => {
  await page.goto("/")
  const count = () => page.getByText(/^\d+ jobs/).innerText()
  const before = await count()
  const open = async (text: string, message: string | RegExp) => {
    await page.getByLabel("Job file").setInputFiles({ name: "bad.pelz.json", mimeType: "application/json", buffer: Buffer.from(text) })
    await expect(page.getByRole("alert").filter({ hasText: message })).toBeVisible()
  }
  const job = demoJob("Larkspur")
  await open("{ not json", "not JSON: line 1, column 3")
  await open(JSON.stringify({ ...job, version: 99 }), "version 99")
  await open(JSON.stringify({ ...job, name: undefined }), '"name" is missing')
  await open(
    JSON.stringify({ ...job, shell: { ...job.shell, azimuth: "north" } }),
    '"shell.azimuth" must be a number; it is the text "north"',
  )
  await open(JSON.stringify(job).replace('"azimuth":10', '"azimuth":NaN'), /not JSON: line 1, column \d+/)
  writeFileSync(".tmp/large.pelz.json", " ".repeat(50_000_000))
  await page.getByLabel("Job file").setInputFiles(".tmp/large.pelz.json")
  await expect(page.getByRole("alert").filter({ hasText: "50 MB" })).toBeVisible()
  await page.reload()
  expect(await count()).toBe(before)
})

test("every kind starts with figures", async ({ page }) => {
  for (const kind of ["Panel van", "Towed cabin", "Cold room", "Shed or hut", "Post-frame"]) {
    await page.goto("/")
    await page.getByRole("button", { name: kind, exact: true }).click()
    expect(
      await page.getByRole("dialog").getByRole("textbox").or(page.getByRole("dialog").getByRole("combobox")).count(),
    ).toBeLessThanOrEqual(7)
    await page.getByRole("button", { name: "Start the job" }).click()
    await expect(page).toHaveURL(/build-ups$/)
    const loss = Number(await page.locator("[data-figure=loss]").getAttribute("data-value"))
    expect(loss).toBeGreaterThan(10)
  }
})
