import AxeBuilder from "@axe-core/playwright"
import { expect, type Page, test } from "@playwright/test"
import { demoJob, openJob, putJob } from "./bench"

async function check(page: Page): Promise<void> {
  await page.evaluate(() => document.fonts.ready)
  const { violations } = await new AxeBuilder({ page }).analyze()
  const grave = violations.filter(({ impact }) => impact === "serious" || impact === "critical")
  expect(grave.map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.html.slice(0, 160)).join(" | ")}`)).toEqual([])
}

for (const colorScheme of ["light", "dark"] as const)
  test.describe(colorScheme, () => {
    test.use({ colorScheme })

    test("the shelf and a new job", async ({ page }) => {
      await putJob(page, demoJob("Tern Hut", `seen ${colorScheme}`))
      await page.goto("/")
      await check(page)
      await page.getByRole("button", { name: "Shed or hut" }).click()
      await check(page)
    })

    for (const station of ["brief", "shell", "build-ups", "heat", "damp"])
      test(station, async ({ page }) => {
        const id = await putJob(page, demoJob("Eel Barn", `seen ${station} ${colorScheme}`))
        await openJob(page, id, station)
        if (station === "build-ups") await page.keyboard.press("j")
        if (station === "heat") await page.getByRole("radio", { name: "hottest day" }).click()
        await check(page)
        for (const tab of station === "shell" ? ["openings", "boxes", "pipes", "members", "around", "inside", "folded up"] : []) {
          await page.getByRole("radio", { name: tab }).click()
          await check(page)
        }
        if (station === "heat") {
          await page.locator("[data-figure=gain]").click()
          await check(page)
        }
      })
  })
