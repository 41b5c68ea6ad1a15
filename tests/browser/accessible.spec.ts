import { expect, type Page } from "@playwright/test"
import { axe } from "./axe"
import { demoJob, goTo, openJob, putJob, test } from "./bench"

/**
 * Holds what is on screen against the engine's rules, and in the dark theme against those that a theme can break.
 * @param part of the page that has changed since all of it was looked at
 */
async function check(page: Page, part?: string): Promise<void> {
  await page.evaluate(() => document.fonts.ready)
  if (part) await page.locator(part).last().waitFor()
  for (const colorScheme of ["light", "dark"] as const) {
    await page.emulateMedia({ colorScheme })
    const engine = axe(page)
    // Drawings stay as they were when the whole was looked at.
    if (part) engine.include(part).exclude("svg")
    if (colorScheme === "dark") engine.withRules(["color-contrast"])
    const { violations } = await engine.analyze()
    const grave = violations.filter(({ impact }) => impact === "serious" || impact === "critical")
    expect(grave.map(({ id, nodes }) => `${colorScheme}, ${id}: ${nodes.map((node) => node.html.slice(0, 160)).join(" | ")}`)).toEqual([])
  }
}

test("the shelf and a new job", async ({ page }) => {
  await putJob(page, demoJob("Tern Hut", "seen"))
  await page.goto("/")
  await check(page)
  await page.getByRole("button", { name: "Shed or hut" }).click()
  await check(page, "[role=dialog]")
})

test("every station of a job, its lists and its dialogs", async ({ page }) => {
  const id = await putJob(page, demoJob("Eel Barn", "seen"))
  await openJob(page, id, "brief")
  await check(page)
  await goTo(page, "shell")
  await check(page)
  for (const list of ["openings", "wheel boxes", "pipes and bolts", "members", "surroundings", "clear space", "folded up"]) {
    await page.getByRole("radio", { name: list }).click()
    await check(page, "main > section")
  }
  await goTo(page, "build-ups")
  await page.keyboard.press("j")
  await check(page)
  await page.getByRole("button", { name: "Other build-ups" }).click()
  await page.locator("[data-row]").first().getByRole("checkbox").check()
  await check(page, "[role=dialog]")
  await page.keyboard.press("Escape")
  await page.getByRole("button", { name: "Replace", exact: true }).click()
  await page.getByRole("button", { name: "Write down one of your own" }).click()
  await check(page, "[role=dialog]")
  await page.keyboard.press("Escape")
  await goTo(page, "heat")
  await page.getByRole("radio", { name: "hottest day" }).click()
  await check(page)
  await page.locator("[data-figure=gain]").click()
  await check(page, "[role=dialog]")
  await page.keyboard.press("Escape")
  await goTo(page, "damp")
  await check(page)
})
