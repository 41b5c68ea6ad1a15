import { rmSync } from "node:fs"
import { expect } from "@playwright/test"
import { demoJob, openJob, putJob, settled, shown, startServer, test, type } from "./bench"

test.use({ beside: false })

test("from an empty shelf to a finished build-up without a mouse", async ({ page }) => {
  const press = async (...keys: string[]) => {
    for (const key of keys) await page.keyboard.press(key)
  }
  await page.goto("/")
  await page.getByRole("button", { name: "Towed cabin", exact: true }).focus()
  await press("Enter")
  // It begins at its name, which is marked: typing writes over it.
  await expect(page.getByLabel("Name", { exact: true })).toBeFocused()
  await page.keyboard.type("Marsh cabin")
  for (const length of ["5 m", "220 cm", "2,1 m"]) {
    await press("Tab")
    await page.keyboard.type(length)
  }
  await press("Tab")
  await page.keyboard.type("Varn")
  await press("Tab", "Tab", "Enter")
  await expect(page).toHaveURL(/build-ups$/)
  // The focus is where the work goes on, and the keys of the bench answer at once.
  await expect(page.locator("[data-station=build-ups]")).toBeFocused()
  await press("2")
  await expect(page.getByLabel("Length", { exact: true })).toHaveValue("5\u00a0000")
  await expect(page.getByLabel("Width", { exact: true })).toHaveValue("2\u00a0200")
  await expect(page.getByLabel("Height", { exact: true })).toHaveValue("2\u00a0100")
  await press("3", "f", "f")
  const rows = page.locator("[data-layer-row]")
  await expect(rows.first()).toBeVisible()
  const before = await rows.count()
  // A membrane inside the second layer, chosen by what people call it.
  await press("j", "j", "a")
  await expect(page.getByRole("searchbox")).toBeFocused()
  await page.keyboard.type("vapour barrier")
  await press("Enter")
  await expect(rows).toHaveCount(before + 1)
  await expect(page.getByRole("dialog")).toBeHidden()
  // The new layer has the focus: it is moved, made thicker, taken back.
  await expect(page.locator("[data-layer-row] [aria-pressed=true]")).toBeFocused()
  const name = await page.locator("[data-layer-row] [aria-pressed=true]").innerText()
  await press("J")
  await expect(rows.last()).toContainText(name)
  await press("z", "z")
  await expect(rows).toHaveCount(before)
  await settled(page)
})

test("undo says what it took back and goes where it was, from a field too", async ({ page }) => {
  const id = await putJob(page, demoJob("Tern Hut", "undone"))
  await openJob(page, id, "brief")
  const winter = page.getByRole("group", { name: "winter" })
  const humidity = winter.getByLabel("Humidity", { exact: true })
  const before = await humidity.inputValue()
  await humidity.fill("37")
  await humidity.press("Enter")
  await page.keyboard.press("4")
  // The field has the focus: a figure is being typed, no key of the bench acts.
  await expect(page).toHaveURL(/brief$/)
  await humidity.press("Escape")
  await page.locator("h1").first().click()
  await page.keyboard.press("5")
  await expect(page).toHaveURL(/damp$/)
  await page.keyboard.press("z")
  await expect(page.getByText("Undone: Winter humidity inside 37\u00a0%")).toBeVisible()
  await expect(page).toHaveURL(/brief$/)
  await expect(humidity).toHaveValue(before)
  await page.keyboard.press("Z")
  await expect(page.getByText("Redone: Winter humidity inside 37\u00a0%")).toBeVisible()
  // A field in which nothing was typed lets undo through.
  await humidity.focus()
  await page.keyboard.press("z")
  await expect(humidity).toHaveValue(before)
  await page.keyboard.press("Control+Shift+z")
  await expect(humidity).toHaveValue("37")
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
  const metric = await shown(page, "loss")
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
  expect(await shown(page, "loss")).toBe(metric)
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
  // No night is so cold where people build.
  const night = page.getByRole("group", { name: "winter" }).getByLabel("Worst night", { exact: true })
  await night.fill("-80")
  await night.press("Enter")
  await expect(page.getByRole("alert").filter({ hasText: "It must be at least −70 °C." })).toBeVisible()
  await expect(night).toHaveValue("-80")
  await night.press("Escape")
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
  const before = await shown(page, "loss")
  await type(page, /Air changes an hour/, "3")
  const after = await shown(page, "loss")
  await settled(page)
  await stop()
  // Typed while it is away, and undone after it is back.
  await type(page, /Air changes an hour/, "1")
  await expect(page.getByTestId("saving")).toContainText("server away")
  stop = await start()
  await settled(page)
  await page.reload()
  await page.getByRole("button", { name: "Undo" }).click()
  expect(await shown(page, "loss")).toBe(after)
  await page.getByRole("button", { name: "Undo" }).click()
  expect(await shown(page, "loss")).toBe(before)
  await settled(page)
  await stop()
})
