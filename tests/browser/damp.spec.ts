import { expect } from "@playwright/test"
import { axe } from "./axe"
import { demoJob, goTo, openJob, putJob, test, type } from "./bench"

/** The hut with other layers in one of its build-ups. */
function hutWith(
  name: string,
  face: "left" | "roof-left",
  layers: readonly (readonly [material: string, thickness: number, vents?: number])[],
) {
  const job = demoJob("Tern Hut", name)
  const variant = structuredClone(job.variants.first!)
  const id = variant.wears[face]!
  const plain = { taper: 0, existing: false, voids: 0 as const, between: null, also: [], loose: null, fasteners: null, boards: null }
  const built = layers.map(([material, thickness, vents = 0], i) => [`l${i}`, { ...plain, material, thickness, vents }] as const)
  variant.assemblies[id] = {
    ...variant.assemblies[id]!,
    layers: Object.fromEntries(built),
    order: built.map(([key]) => key),
    members: {},
  }
  return { ...job, variants: { first: variant } }
}

/** Between two sheets that let nothing through. */
const TRAPPED = [
  ["bitumen-sheet", 0.004],
  ["osb", 0.012],
  ["stone-wool", 0.15],
  ["polythene", 0.0002],
  ["gypsum-board", 0.0125],
] as const

test("a cold room with its tight layer inside is wrong-sided, and a cure is found and tried", async ({ page }) => {
  const id = await putJob(page, demoJob("Cold Nettle", "wrong side"))
  await openJob(page, id, "damp")
  await page.locator("[data-face=left]").press("Enter")
  const station = page.locator(".station")
  await expect(station).toContainText(/vapour wets the left wall between the stone wool batt and the foil/)
  await expect(page.getByTestId("rules")).toContainText("Wrong-sided: the tight foil membrane, taped stands on the dry side.")
  const months = page.getByTestId("month-by-month")
  await expect(months.getByRole("listitem")).toHaveCount(12)
  await expect(months.getByRole("listitem").first()).toContainText(/January: [\d\s.]+\sg\/m²/)
  await months.getByRole("button", { name: "as a table" }).click()
  await expect(months.getByRole("row")).toHaveCount(13)
  const cure = page.getByTestId("cures").getByRole("row").filter({ hasText: "moved to the outside, and sealed" })
  // Each is followed by the hour before it is shown.
  await expect(cure).toContainText(/each year|wet for|stays dry/, { timeout: 120_000 })
  await expect(page.getByTestId("who-decides")).toContainText("by the hour, through the years")
  await expect(page.getByTestId("who-decides")).toContainText("this decides")
  await cure.getByRole("button", { name: /^Try in a variant/ }).click()
  await expect(page.getByTestId("rules")).not.toContainText("Wrong-sided")
  // Its lining is tight too: dry by the months, but nothing that gets in finds out again, and the years say so.
  await expect(page.getByTestId("rules")).toContainText("Trapped: between the foil membrane")
  await expect(page.getByTestId("month-by-month")).toContainText("less than a tenth of what may lie there")
})

test("a heated hut with polythene inside and bitumen outside is trapped, and a cure is found and applied", async ({ page }) => {
  const job = hutWith("trapped and heated", "left", TRAPPED)
  await openJob(page, await putJob(page, { ...job, brief: { ...job.brief, inside: { ...job.brief.inside, away: null } } }), "damp")
  await page.locator("[data-face=left]").press("Enter")
  await expect(page.locator(".station p.font-display").first()).toHaveText(/each year/)
  await expect(page.getByTestId("rules")).toContainText("Trapped: between the bitumen")
  const cure = page.getByTestId("cures").getByRole("row").filter({ hasText: "A vented channel behind the bitumen sheet" })
  await expect(cure).toContainText("stays dry", { timeout: 120_000 })
  await cure.getByRole("button", { name: /^Try in a variant/ }).click()
  await expect(page.locator(".station p.font-display").first()).toHaveText("stays dry", { timeout: 60_000 })
  await expect(page.getByTestId("rules")).not.toContainText("Trapped")
})

test("where builders differ, each way is told on this face, and one is tried", async ({ page }) => {
  await openJob(page, await putJob(page, demoJob("Larkspur", "ways")), "damp")
  await page.locator("[data-face=left]").press("Enter")
  await page.getByText("Where builders differ").click()
  const rows = page.getByTestId("other-ways").getByRole("row")
  await expect(rows.nth(1)).toContainText("As it is")
  expect(await rows.count()).toBeGreaterThan(5)
  await expect(page.getByTestId("other-ways")).toContainText(/(wetter|harmed) each year/)
  await expect(page.getByTestId("other-ways")).not.toContainText("so far", { timeout: 120_000 })
  const sprayed = rows.filter({ hasText: "Sprayed closed-cell foam" })
  await sprayed.getByRole("button", { name: /^Try in a variant/ }).click()
  await expect(rows.nth(1)).toContainText("Sprayed closed-cell foam")
})

test("the humidity of a hut may follow from what gives off water", async ({ page }) => {
  await openJob(page, await putJob(page, hutWith("trapped", "left", TRAPPED)), "damp")
  await page.locator("[data-face=left]").press("Enter")
  await expect(page.getByTestId("rules")).toContainText("Trapped: between the bitumen")
  await goTo(page, "brief")
  await page.getByLabel("Humidity inside").selectOption({ label: "by what gives off water, and the air that comes in" })
  await expect(page.getByText(/\d+\s% humid in the coldest month/)).toBeVisible()
  await type(page, "Cooking, water a day in use", "400 kg")
  await expect(page.getByText(/100\s% humid in the coldest month/)).toBeVisible()
  await type(page, "Flames without a flue, burnt a day", "2")
  await expect(page.getByText(/never while anyone sleeps/)).toBeVisible()
  await goTo(page, "damp")
  await expect(page.getByTestId("month-by-month")).toContainText("More water is given off than the air that comes in takes away")
  await expect(page.locator("[data-figure=damp]")).not.toContainText("stays dry")
})

test("a vented roof that loses its channel turns from dry to wet", async ({ page }) => {
  const roof = [
    ["steel-dark", 0.0007],
    ["air", 0.04, 0.02],
    ["osb", 0.018],
    ["wood-fibre-batt", 0.2],
    ["kraft-paper", 0.0003],
  ] as const
  const id = await putJob(page, hutWith("vented", "roof-left", roof))
  await openJob(page, id, "damp")
  await page.locator("[data-face=roof-left]").press("Enter")
  const station = page.locator(".station")
  const verdict = station.locator("p.font-display").first()
  await expect(verdict).toHaveText("stays dry", { timeout: 60_000 })
  await goTo(page, "build-ups")
  await page.getByRole("button", { name: /^Air/ }).first().click()
  await type(page, /^Openings outdoors/, "0")
  await goTo(page, "damp")
  await expect(verdict).toHaveText(/wet for|each year/)
  await expect(station).toContainText("freezes there")
  await expect(page.locator("[data-figure=damp]")).toContainText("roof")
})

test("a bare metal roof over an unheated store rains under a clear night", async ({ page }) => {
  const job = hutWith("bare roof", "roof-left", [["steel-galvanised", 0.0007]])
  const limits = { ...job.brief.limits, loss: 0, gain: 0 }
  const id = await putJob(page, { ...job, brief: { ...job.brief, limits } })
  await openJob(page, id, "damp")
  await page.locator("[data-face=roof-left]").press("Enter")
  await expect(page.locator(".station")).toContainText(/clear nights|the sky makes it colder/)
  await expect(page.getByTestId("rules")).toContainText("takes up no water")
})

test("a slab tells the hours in which outdoor air sweats on it, and a hut's wall goes through its studs in the rain", async ({ page }) => {
  await openJob(page, await putJob(page, demoJob("Eel Barn", "slab")), "damp")
  await page.locator("[data-face=floor]").press("Enter")
  await page
    .getByTestId("rules")
    .getByRole("button", { name: /^all \d+/ })
    .click()
  await expect(page.getByTestId("rules")).toContainText(/Outdoor air that is let in (never )?sweats on this floor/)
  await openJob(page, await putJob(page, demoJob("Tern Hut", "studs")), "damp")
  await page.locator("[data-face=left]").press("Enter")
  const years = page.getByTestId("through-years")
  await years.getByLabel("Followed").selectOption({ index: 1 })
  await years.getByLabel("Inside air leaks").selectOption({ label: "nowhere" })
  await years.getByLabel(/^Rain on the/).selectOption({ label: "falls on it" })
  await years.getByRole("button", { name: "Follow it through the years" }).click()
  const told = page.getByTestId("years-told")
  await expect(told).toContainText(/spruce|pine/i, { timeout: 60_000 })
  await expect(page.getByTestId("in-rain")).toContainText(/stands in the rain and is wet in \d/)
  await expect(told).toContainText("+0 g/m² came with leaking air")
})

test("a face is followed through the years, dragged through them, and a hundred likely builds can be stopped half-way and keep what they have", async ({
  page,
}) => {
  await openJob(page, await putJob(page, demoJob("Larkspur", "years")), "damp")
  await page.locator("[data-face=roof]").press("Enter")
  const years = page.getByTestId("through-years")
  const decides = page.getByTestId("who-decides")
  await expect(decides).toContainText("It is being followed by the hour")
  await expect(page.locator("[data-figure=damp]")).toContainText("damp so far")
  await expect(decides).not.toContainText("not followed yet", { timeout: 90_000 })
  // What was followed is kept: another look at the job has it at once.
  await page.reload()
  await expect(decides).toContainText("this decides")
  await page.locator("[data-face=roof]").press("Enter")
  await expect(decides).not.toContainText("not followed yet", { timeout: 10_000 })
  await years.getByRole("button", { name: "Look at any day of it" }).click()
  await expect(years.getByRole("status")).toContainText(/In year \d/)
  const told = page.getByTestId("years-told")
  await expect(told).toContainText(/water lies free in the polyiso board/i, { timeout: 90_000 })
  await expect(told.getByRole("row")).toHaveCount(4)
  // What is told of the years is what they say among all that judge.
  await expect(told.locator("p.font-display").first()).toHaveText(/wet for months/)
  await expect(decides).toContainText(/through the years\s*wet for months/)
  const { violations } = await axe(page).include("[data-testid=through-years]").analyze()
  expect(violations).toEqual([])
  const day = told.getByRole("slider", { name: "Day" })
  const section = page.getByTestId("section-through")
  const before = await section.getAttribute("aria-label")
  await day.focus()
  await day.press("Home")
  await expect(section).toHaveAttribute("aria-label", /on 1 October, year 1/)
  expect(await section.getAttribute("aria-label")).not.toBe(before)
  const likely = page.getByTestId("likely-builds")
  await likely.getByRole("button", { name: "Follow 100 likely builds" }).click()
  await expect(likely).toContainText(/\d+ of \d+ stay sound/, { timeout: 60_000 })
  await likely.getByRole("button", { name: "Stop" }).click()
  const go = likely.getByRole("button", { name: /^Go on, \d+ more/ })
  await expect(go).toBeVisible()
  const words = await likely.locator("p", { hasText: "stay sound" }).textContent()
  const done = Number(/of\s(\d+)/.exec(words!)![1])
  expect(done).toBeGreaterThan(0)
  expect(done).toBeLessThan(100)
  // Away and back: what was followed is still there.
  await goTo(page, "brief")
  await goTo(page, "damp")
  await expect(likely).toContainText(new RegExp(`of\\s\\d+\\s*stay sound`))
  expect(Number(/of\s(\d+)/.exec((await likely.locator("p", { hasText: "stay sound" }).textContent())!)![1])).toBeGreaterThanOrEqual(done)
})
