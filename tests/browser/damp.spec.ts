import { expect } from "@playwright/test"
import { demoJob, goTo, openJob, putJob, test, type } from "./bench"

test("a cold room with its tight layer inside is wrong-sided, and a cure is found and tried", async ({ page }) => {
  const id = await putJob(page, demoJob("Cold Nettle", "wrong side"))
  await openJob(page, id, "damp")
  await page.locator("[data-face=left]").press("Enter")
  const station = page.locator(".station")
  await expect(station).toContainText(/From April to February vapour wets the left wall between the stone wool batt and the foil/)
  await expect(page.getByTestId("rules")).toContainText("Wrong-sided: the tight foil membrane, taped stands on the dry side.")
  const months = page.getByTestId("month-by-month")
  await expect(months.getByRole("listitem")).toHaveCount(12)
  await expect(months.getByRole("listitem").first()).toContainText(/January: 1\s\d+(\.\d)?\sg\/m²|January: [\d.]+\sg\/m²/)
  await months.getByRole("button", { name: "as a table" }).click()
  await expect(months.getByRole("row")).toHaveCount(13)
  const cure = page.getByTestId("cures").getByRole("row").filter({ hasText: "moved to the outside, and sealed" })
  await expect(cure).toContainText(/stays dry|then dry/)
  await cure.getByRole("button", { name: /^Try in a variant/ }).click()
  await expect(page.locator("[data-figure=damp]")).not.toContainText("damp: left wall")
  await expect(page.getByTestId("cures")).toHaveCount(0)
  await expect(page.getByTestId("rules")).not.toContainText("Wrong-sided")
  // Its lining is tight too: dry by the months, but nothing that gets in finds out again.
  await expect(page.getByTestId("rules")).toContainText("Trapped: between the foil membrane")
})

test("a hut with polythene inside and bitumen outside is trapped; its humidity may follow from what gives off water", async ({ page }) => {
  const job = demoJob("Tern Hut", "trapped")
  const variant = structuredClone(job.variants.first!)
  const id = variant.wears.left!
  const layer = Object.values(variant.assemblies[id]!.layers).find(({ vents }) => vents === 0)!
  const plain = { ...layer, existing: false, voids: 0 as const, between: null, loose: null, fasteners: null, vents: 0 }
  const layers = {
    a: { ...plain, material: "bitumen-sheet", thickness: 0.004 },
    b: { ...plain, material: "osb", thickness: 0.012 },
    c: { ...plain, material: "stone-wool", thickness: 0.15 },
    d: { ...plain, material: "polythene", thickness: 0.0002 },
    e: { ...plain, material: "gypsum-board", thickness: 0.0125 },
  }
  variant.assemblies[id] = { ...variant.assemblies[id]!, layers, order: Object.keys(layers), members: {} }
  await openJob(page, await putJob(page, { ...job, variants: { first: variant } }), "damp")
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
