import { expect, type Page } from "@playwright/test"
import { axe } from "./axe"
import { demoJob, openJob, putJob, test } from "./bench"

test.use({ beside: false })

/** A window zoomed to 150 %, and a phone. */
const SIZES = [
  { name: "853", width: 853, height: 533 },
  { name: "390", width: 390, height: 844 },
] as const

const goTo = (page: Page, station: string) => page.getByLabel("Station", { exact: true }).selectOption(station)

/** Words on the pelt that can be seen, px. */
const letters = (page: Page) =>
  page
    .getByTestId("pelt")
    .locator("text")
    .evaluateAll((texts) => texts.filter((one) => one.textContent !== "").map((one) => parseFloat(getComputedStyle(one).fontSize)))

for (const { name, width, height } of SIZES)
  for (const units of ["metric", "inch-pound"] as const)
    test(`at ${name} px, ${units}, the pelt is large enough, nothing runs off, all can be reached`, async ({ page }) => {
      await page.setViewportSize({ width, height })
      // One pelt that is wide, and the highest for its width.
      const id = await putJob(page, { ...demoJob(units === "metric" ? "Tern Hut" : "Cold Nettle", `at ${name} in ${units}`), units })
      await openJob(page, id)
      for (const station of ["brief", "shell", "build-ups", "heat", "sheets", "damp"]) {
        await goTo(page, station)
        await expect(page.locator("main .station").first()).toBeVisible()
        const pelt = (await page.getByTestId("pelt-drawing").boundingBox())!
        expect(pelt.width).toBeGreaterThanOrEqual(260)
        expect(Math.min(...(await letters(page)))).toBeGreaterThanOrEqual(11)
        expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width)
        if (units === "inch-pound") continue
        // Colours and drawings are held against the engine at full size.
        const engine = axe(page).withTags(["wcag2a", "wcag2aa"]).disableRules(["color-contrast"]).exclude("svg")
        expect((await engine.analyze()).violations.map((one) => one.id)).toEqual([])
      }
      const last = page.locator("[data-figure=damp]")
      await last.scrollIntoViewIfNeeded()
      const box = (await last.boundingBox())!
      expect(box.x + box.width).toBeLessThanOrEqual(width + 1)
      await page.getByRole("button", { name: /^Units/ }).click()
      await expect(page.locator("[data-figure=height]")).toContainText(units === "metric" ? `"` : "mm")
      // What a finger takes hold of.
      await goTo(page, "shell")
      for (const grip of await page.getByTestId("pelt").locator("[data-grip]").all()) {
        const { width: wide, height: tall } = (await grip.boundingBox())!
        expect(Math.min(wide, tall)).toBeGreaterThan(23.99)
      }
    })

for (const units of ["metric", "inch-pound"] as const)
  test(`the elevation of every face keeps at least half of its panel, ${units}`, async ({ page }) => {
    for (const job of ["Tern Hut", "Larkspur"]) {
      const id = await putJob(page, { ...demoJob(job, `${job}, elevations, ${units}`), units })
      await openJob(page, id, "shell")
      for (const face of await page.locator("[data-face]").all()) {
        await face.press("Enter")
        const panel = (await page.getByTestId("elevation").boundingBox())!
        const drawing = (await page.getByTestId("elevation-outline").boundingBox())!
        // Where a face is higher than wide its height is what ends it: that is then nearly all of the panel's.
        expect(Math.max(drawing.width / panel.width, drawing.height / 280)).toBeGreaterThanOrEqual(0.5)
        expect(drawing.x + drawing.width).toBeLessThanOrEqual(panel.x + panel.width + 1)
      }
    }
  })

for (const { name, width, height } of SIZES)
  test(`at ${name} px drawings and lists keep out of each other's way`, async ({ page }) => {
    await page.setViewportSize({ width, height })
    const id = await putJob(page, { ...demoJob("Larkspur", `kept apart at ${name}`), units: "metric" as const })
    await openJob(page, id)
    const bar = (await page.getByTestId("scale-bar").boundingBox())!
    const faces = await page.locator("[data-face] > polygon").all()
    expect(faces.length).toBeGreaterThan(5)
    for (const face of faces) {
      const { x, y, width: wide, height: tall } = (await face.boundingBox())!
      const across = Math.min(bar.x + bar.width, x + wide) - Math.max(bar.x, x)
      const down = Math.min(bar.y + bar.height, y + tall) - Math.max(bar.y, y)
      expect(Math.min(across, down)).toBeLessThanOrEqual(0)
    }
    await page.keyboard.press("a")
    const dialog = page.getByRole("dialog")
    // What a layer is worth is told at any breadth, and it can be compared.
    await expect(dialog.locator("[data-material=birch-plywood]").first()).toContainText("0.14", { useInnerText: true })
    const [box, tick] = [(await dialog.boundingBox())!, (await dialog.getByRole("checkbox").first().boundingBox())!]
    expect(tick.x + tick.width).toBeLessThanOrEqual(box.x + box.width)
    await page.keyboard.press("Escape")
  })

test("tables keep their last column at 1024 px", async ({ page }) => {
  await page.setViewportSize({ width: 1024, height: 768 })
  const id = await putJob(page, { ...demoJob("Tern Hut", "at 1024"), units: "inch-pound" as const })
  await openJob(page, id)
  const last = page.getByRole("columnheader", { name: /ft²/ }).last()
  const box = (await last.boundingBox())!
  expect(box.x + box.width).toBeLessThanOrEqual(1024)
  await page.keyboard.press("a")
  const compare = (await page.getByRole("dialog").getByRole("columnheader", { name: "compare" }).boundingBox())!
  const dialog = (await page.getByRole("dialog").boundingBox())!
  expect(compare.x + compare.width).toBeLessThanOrEqual(dialog.x + dialog.width)
})
