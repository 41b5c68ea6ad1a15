import { expect } from "@playwright/test"
import { demoJob, shown, openJob, putJob, settled, type, test } from "./bench"

test.use({ beside: false })

test("materials are asked for by what they must do, set beside each other, and taken", async ({ page }) => {
  const id = await putJob(page, demoJob("Tern Hut", "asked by property"))
  await openJob(page, id)
  await page.locator("[data-layer-row=l2]").click()
  await page.getByRole("button", { name: "Replace", exact: true }).click()
  const dialog = page.getByRole("dialog", { name: "Replace the layer" })
  const search = dialog.getByRole("searchbox")
  await expect(search).toBeFocused()
  // R-5 is 0.8806 m²·K/W: within 25 mm that asks for λ ≤ 0.0284; of what does, only the aerogels are open to vapour and no foam.
  await search.fill("R-5, under 25 mm, vapour-open, needs no cover")
  const rows = dialog.locator("[data-material]")
  await expect(rows).toHaveCount(2)
  // 20 mm over 0.016 and over 0.019 W/(m·K); sd 5·0.02 and 3·0.02 m; 150 and 75 kg/m³.
  await expect(rows.filter({ hasText: "Aerogel blanket" }).getByRole("cell")).toHaveText(
    ["Aerogel blanket", "20", "1.25", "0.1", "3", "64.00", /hardly burns/, ""],
    // What stands under the name on a narrow window only is not shown here.
    { useInnerText: true },
  )
  await expect(rows.filter({ hasText: "Aerogel grains" }).getByRole("cell").nth(2)).toHaveText("1.05")
  await dialog.getByRole("checkbox", { name: "Compare Aerogel blanket" }).check()
  await search.fill("hemp")
  await dialog.getByRole("checkbox", { name: "Compare Hemp batt" }).check()
  const compared = dialog.getByRole("region", { name: "Side by side" })
  await expect(compared.getByRole("row", { name: /^density/ })).toContainText("150 kg/m³")
  await expect(compared.getByRole("row", { name: /^density/ })).toContainText("38 kg/m³")
  await search.fill("no such stuff")
  await expect(dialog.getByRole("status")).toContainText("leave out a word or widen a bound")
  await compared.getByRole("button", { name: "Take Hemp batt" }).click()
  await expect(dialog).toBeHidden()
  // 120 mm as before: that is sold of hemp too.
  await expect(page.locator("[data-layer-row=l2]").getByRole("cell").nth(1)).toHaveText("120")
  await expect(page.locator("[data-layer-row=l2]")).toContainText("Hemp batt")
})

test("the list is walked by keyboard alone", async ({ page }) => {
  const id = await putJob(page, demoJob("Tern Hut", "by keyboard"))
  await openJob(page, id)
  await page.getByRole("button", { name: "Add layer" }).press("Enter")
  await expect(page.getByRole("searchbox")).toBeFocused()
  await page.keyboard.type("cork")
  await expect(page.locator("[data-material]").first()).toContainText("Cork")
  await page.keyboard.press("ArrowDown")
  await page.keyboard.press("ArrowDown")
  await page.keyboard.press("ArrowUp")
  await page.keyboard.press("Enter")
  await expect(page.getByRole("dialog")).toBeHidden()
  await expect(page.locator("[data-layer-row]").last()).toContainText("Cork board")
})

test("open-cell foam thicker, closed-cell thinner: the same R with other room and weight", async ({ page }) => {
  const id = await putJob(page, demoJob("Tern Hut", "same R"))
  await openJob(page, id)
  await page.locator("[data-face=left]").press("Enter")
  await page.locator("[data-layer-row=l1]").click()
  // 35 mm of wood fibre at 0.045: 0.778 m²·K/W. Closed-cell at 0.024: 18.7 mm, sprayed as 20. Open-cell at 0.038: 29.6 mm, sprayed as 50.
  await page.getByText("What else gives R 0.78").click()
  const closed = page.locator("[data-row=spray-closed]").getByRole("cell")
  const open = page.locator("[data-row=spray-open]").getByRole("cell")
  await expect(closed.nth(1)).toHaveText("20")
  await expect(closed.nth(2)).toHaveText("−15")
  await expect(open.nth(1)).toHaveText("50")
  await expect(open.nth(2)).toHaveText("+15")
  // 35·0.02 = 0.7 kg/m² against 9·0.05 = 0.45 and 200·0.035 = 7 of wood fibre: both lighten the walls, as 6.3 to 6.55.
  const [lighter, lightest] = [await closed.nth(4).innerText(), await open.nth(4).innerText()].map((text) => Number(text.replace("−", "-")))
  expect(lighter! / lightest!).toBeCloseTo(6.3 / 6.55, 3)
  await expect(closed.nth(7)).toHaveText("cover it")
  const before = await shown(page, "loss")
  const said = Number((await closed.nth(3).innerText()).replace("−", "-"))
  await page.getByRole("button", { name: "Take 20 mm of Sprayed foam, closed-cell" }).click()
  // Both are rounded to the watt.
  await expect.poll(async () => Math.abs((await shown(page, "loss")) - before - said)).toBeLessThanOrEqual(1)
  await expect(page.getByLabel("Thickness", { exact: true })).toHaveValue("20")
  await settled(page)
  await type(page, "Thickness", "24")
  // 24 mm at 0.024
  await expect(page.getByText("What else gives R 1.00")).toBeVisible()
})

test("a foil without an air space changes nothing but a note; with one it counts", async ({ page }) => {
  const id = await putJob(page, demoJob("Tern Hut", "foil"))
  await openJob(page, id)
  await page.locator("[data-face=left]").press("Enter")
  const built = async () =>
    Number(
      await page
        .locator("[data-face=left]")
        .getAttribute("aria-label")
        .then((text) => /R ([\d.]+) built/.exec(text!)![1]),
    )
  const add = async (name: string) => {
    await page.getByRole("button", { name: "Add layer" }).click()
    await page.getByRole("searchbox").fill(name)
    await page.keyboard.press("Enter")
    await expect(page.getByRole("dialog")).toBeHidden()
  }
  // Between the membrane and the plywood.
  await page.locator("[data-layer-row=l3]").click()
  const before = await built()
  await add("aluminium foil")
  const note = page.getByText("Aluminium foil: its foil reflects nothing here.")
  await expect(note).toBeVisible()
  expect(await built()).toBe(before)
  // An air space of 25 mm between dull faces is 0.18 m²·K/W, beside a foil of 0.05 it is 0.66: the note goes, and so much more stays.
  await add("air space")
  await expect(note).toBeHidden()
  expect((await built()) - before).toBeGreaterThan(0.55)
})

test("what thickness reaches a built R is told, and taken as it is sold", async ({ page }) => {
  // By hand with conductivities as declared.
  const job = demoJob("Larkspur", "reach")
  const id = await putJob(page, { ...job, brief: { ...job.brief, service: null } })
  await openJob(page, id)
  await page.locator("[data-face=front]").press("Enter")
  await page.locator("[data-layer-row=l2]").click()
  await page.getByText("What thickness reaches it").click()
  // Against the cab: 0.13 + 20 mm/0.034 (0.588) + 9 mm/0.17 (0.053) + 0.13 = 0.901; for 1.5 it takes (1.5 − 0.901)·34 = 20.4 mm more.
  await type(page, "Built R of the bulkhead", "1.5")
  const said = page.getByText(/It takes [\d.]+\smm of extruded polystyrene/)
  const needed = Number(/takes ([\d.]+)\smm/.exec(await said.innerText())![1])
  expect(Math.abs(needed - 40.4)).toBeLessThan(0.25)
  // The same asked as a U: 1/1.5 is 0.667 W/(m²·K), written so it asks for 1/0.667 = 1.499.
  await type(page, "U of the bulkhead, with framing", "0.667")
  expect(Math.abs(Number(/takes ([\d.]+)\smm/.exec(await said.innerText())![1]) - needed)).toBeLessThan(0.11)
  await type(page, "U of the bulkhead, with framing", "0")
  await expect(page.getByRole("alert").filter({ hasText: "A U is more than nothing" })).toBeVisible()
  await page.keyboard.press("Escape")
  await page.getByRole("button", { name: "Take 50 mm, as it is sold" }).click()
  await expect(page.getByLabel("Thickness", { exact: true })).toHaveValue("50")
  await expect(said).toBeHidden()
  await type(page, "Loss of the whole, worst night", "10")
  await expect(page.getByText("another layer decides")).toBeVisible()
})

test("the list opens with what suits the place, finds stuff by the words of the trade, and proposes what is nearest", async ({ page }) => {
  const id = await putJob(page, demoJob("Tern Hut", "trade words"))
  await openJob(page, id)
  await page.locator("[data-layer-row=l2]").click()
  await page.keyboard.press("r")
  const dialog = page.getByRole("dialog")
  // In the cavity lies insulation: the job's own first, then all other.
  await expect(dialog.getByRole("rowheader").first()).toHaveText("insulation that this job has already")
  await expect(dialog.getByRole("rowheader").nth(1)).toHaveText("insulation")
  await expect(dialog.locator("[data-material]").first()).toContainText(/wool|cellulose|fibre/i)
  const search = dialog.getByRole("searchbox")
  for (const [words, stuff] of [
    ["drywall", "Gypsum board"],
    ["house wrap", "Breather membrane"],
    ["vapor barrier", "Polythene membrane"],
    ["radiant barrier", "Radiant barrier sheet"],
    ["mineral wool", "Stone wool batt"],
    ["sound mat", "Butyl damping sheet"],
    ["FRP", "Glass-reinforced plastic sheet"],
    ["spray foam", "Sprayed foam, closed-cell"],
    ["cavity", "Air space"],
  ] as const) {
    await search.fill(words)
    await expect(dialog.getByRole("button", { name: new RegExp(`^${stuff}`) }).first()).toBeVisible()
  }
  await search.fill("plywod")
  await expect(dialog.getByRole("status")).toContainText("The nearest by name:")
  await expect(dialog.getByRole("button", { name: /plywood/i }).first()).toBeVisible()
  await dialog.getByRole("button", { name: "Poplar plywood, light", exact: true }).click()
  await page.keyboard.press("z")
  // Where a board lies boards are listed; what was taken last stands before the rest.
  const board = page.locator("[data-layer-row]").last()
  await board.click()
  await expect(board.locator("[aria-pressed=true]")).toBeVisible()
  await page.keyboard.press("r")
  await expect(dialog.getByRole("rowheader", { name: "boards and linings that this job has already" })).toBeVisible()
  await expect(dialog.getByRole("rowheader", { name: "used last" })).toBeVisible()
})

test("nothing loose is proposed under a floor that bears", async ({ page }) => {
  const id = await putJob(page, demoJob("Larkspur", "bearing"))
  await openJob(page, id)
  await page.locator("[data-face=floor]").press("Enter")
  await page.locator("[data-layer-row]").filter({ hasText: "polystyrene" }).first().click()
  await page.getByText(/^What else gives R/).click()
  const table = page.getByRole("table", { name: /At the least thickness/ })
  await expect(table).toContainText("Polyiso")
  await expect(table).not.toContainText(/loose|blown|batt/i)
})
