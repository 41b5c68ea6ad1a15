import { rmSync } from "node:fs"
import { expect } from "@playwright/test"
import { demoJob, figure, openJob, putJob, settled, type, startServer, test } from "./bench"

test("a job is made with the keyboard alone", async ({ page }) => {
  await page.goto("/")
  await page.getByRole("button", { name: "Towed cabin", exact: true }).focus()
  await page.keyboard.press("Enter")
  // The first length has the cursor and its answer is marked: typing writes over it.
  await expect(page.getByLabel("Length", { exact: true })).toBeFocused()
  await page.keyboard.type("5 m")
  await page.keyboard.press("Tab")
  await page.keyboard.type("220 cm")
  await page.keyboard.press("Tab")
  await page.keyboard.type("2,1 m")
  await page.keyboard.press("Tab")
  await page.keyboard.type("Varn")
  await page.keyboard.press("Tab")
  await page.keyboard.press("Tab")
  await page.keyboard.press("Enter")
  await expect(page).toHaveURL(/build-ups$/)
  await page.keyboard.press("2")
  await expect(page.getByLabel("Length", { exact: true })).toHaveValue("5\u00a0000")
  await expect(page.getByLabel("Width", { exact: true })).toHaveValue("2\u00a0200")
  await expect(page.getByLabel("Height", { exact: true })).toHaveValue("2\u00a0100")
})

test("a face is chosen with the keyboard, and everywhere at once", async ({ page }) => {
  const id = await putJob(page, demoJob("Tern Hut", "faces by key"))
  await openJob(page, id, "shell")
  await page.locator("[data-face=roof-left]").focus()
  await page.keyboard.press("Enter")
  await expect(page.getByText("Left roof:")).toBeVisible()
  await page.keyboard.press("3")
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Left roof")
  await page.keyboard.press("5")
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Left roof")
  await expect(page.locator("[data-face=roof-left]")).toHaveAttribute("aria-pressed", "true")
})

test("units and theme are switched, kept, and change no stored value", async ({ page }) => {
  const id = await putJob(page, demoJob("Larkspur", "both systems"))
  await openJob(page, id)
  const metric = await figure(page, "loss")
  await expect(page.locator("[data-figure=height]")).toContainText("mm")
  await page.getByRole("button", { name: /^Units/ }).click()
  await expect(page.locator("[data-figure=height]")).toContainText(`6' 1 1/8"`)
  for (const [station, sign] of [
    ["Brief", "°F"],
    ["Shell", "ft²"],
    ["Build-ups", "lb/ft²"],
    ["Heat", "Btu/h"],
    ["Damp", "°F"],
  ] as const) {
    await page.getByRole("button", { name: station, exact: false }).first().click()
    await expect(page.locator("main")).toContainText(sign)
  }
  expect(await figure(page, "loss")).toBe(metric)
  const felt = () => page.evaluate(() => getComputedStyle(document.body).backgroundColor)
  const light = await felt()
  await page.getByRole("button", { name: "Light or dark" }).click()
  const dark = await felt()
  expect(dark).not.toBe(light)
  await settled(page)
  await page.reload()
  expect(await felt()).toBe(dark)
  await expect(page.locator("[data-figure=height]")).toContainText(`6' 1 1/8"`)
})

test("Escape takes a wrong entry back, and an emptied limit is no limit", async ({ page }) => {
  const id = await putJob(page, demoJob("Larkspur", "escape"))
  await openJob(page, id, "brief")
  const inside = page.getByRole("group", { name: "winter" }).getByLabel("Inside", { exact: true })
  await inside.fill("warm")
  await inside.press("Enter")
  await expect(page.getByRole("alert").filter({ hasText: "cannot be read" })).toBeVisible()
  // A limit is told in the units in which one typed.
  await inside.fill("500")
  await inside.press("Enter")
  await expect(page.getByRole("alert").filter({ hasText: "It must be at most 60 °C." })).toBeVisible()
  await inside.press("Escape")
  await expect(inside).toHaveValue("18")
  await expect(page.getByText(/loses \d+\sW more than the heater gives/)).toBeVisible()
  await type(page, "Heater output", "")
  await expect(page.getByText(/loses \d+\sW more than the heater gives/)).toBeHidden()
})

test("undo works after the server has been stopped and started again", async ({ page }) => {
  test.setTimeout(120_000)
  const base = "http://127.0.0.1:3294"
  const folder = ".tmp/browser/restarted"
  rmSync(folder, { recursive: true, force: true })
  const start = () => startServer({ PORT: "3294", PELZHAUS_DATA: folder })
  let stop = await start()
  const made = await page.request.post(`${base}/api/jobs`, { data: demoJob("Eel Barn") })
  const { id } = (await made.json()) as { id: string }
  await page.goto(`${base}/jobs/${id}/build-ups`)
  const before = await figure(page, "loss")
  await type(page, /Air changes an hour/, "3")
  const after = await figure(page, "loss")
  await settled(page)
  await stop()
  // Typed while it is away, and undone after it is back.
  await type(page, /Air changes an hour/, "1")
  await expect(page.getByTestId("saving")).toContainText("server away")
  stop = await start()
  await settled(page)
  await page.reload()
  await page.getByRole("button", { name: "Undo" }).click()
  expect(await figure(page, "loss")).toBe(after)
  await page.getByRole("button", { name: "Undo" }).click()
  expect(await figure(page, "loss")).toBe(before)
  await settled(page)
  await stop()
})
