import { expect } from "@playwright/test"
import type { Job } from "../../src/schema/job/job"
import { axe } from "./axe"
import { demoJob, figure, goTo, openJob, putJob, settled, test, type } from "./bench"

test("a wall is divided for a cupboard, the part wears thin foam, is moved by hand and by keys, and every station follows", async ({
  page,
}) => {
  const id = await putJob(page, demoJob("Larkspur", "divided"))
  await openJob(page, id, "shell")
  await page.getByRole("radio", { name: "zones" }).click()
  await page.getByRole("button", { name: "Behind a cupboard" }).click()
  const zone = page.getByRole("button", { name: /^Left wall: Cupboard,.* from the left/ })
  await expect(zone).toBeVisible()
  await expect(page.getByTestId("face-line")).toContainText("0.96")
  await page.getByRole("button", { name: "Its own build-up" }).click()
  const loss = await figure(page, "loss")
  const fields = page.getByRole("region", { name: /^Zones/ })

  // A press of an arrow key moves it by a whole step, the corner makes it larger.
  await expect(fields.getByLabel("From the left", { exact: true })).toHaveValue(/^1.750$/)
  await zone.press("ArrowRight")
  await expect(fields.getByLabel("From the left", { exact: true })).toHaveValue(/^1.760$/)
  await page.getByRole("button", { name: /^Corner of left wall: Cupboard/ }).press("ArrowUp")
  await expect(fields.getByLabel("Height", { exact: true })).toHaveValue(/^1.210$/)
  const box = (await zone.boundingBox())!
  await page.mouse.move(box.x + box.width / 3, box.y + box.height / 2)
  await page.mouse.down()
  await page.mouse.move(box.x + box.width / 3 + 20, box.y + box.height / 2, { steps: 4 })
  await page.mouse.up()
  await expect(fields.getByLabel("From the left", { exact: true })).not.toHaveValue(/^1.760$/)

  // Wrong input is refused and nothing is lost.
  await fields.getByLabel("Width", { exact: true }).fill("0")
  await page.keyboard.press("Enter")
  await expect(page.getByText(/between/).first()).toBeVisible()

  await page.getByRole("button", { name: "To its layers" }).click()
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Left wall: Cupboard")
  await page.locator("[data-layer-row=l2]").click()
  await type(page, "Thickness", "20")
  await expect.poll(() => figure(page, "loss")).not.toBe(loss)
  await settled(page)

  await goTo(page, "heat")
  await expect(page.getByText("Left wall: Cupboard beside left wall").first()).toBeVisible()
  await goTo(page, "damp")
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Left wall: Cupboard")
  await goTo(page, "sheets")
  await expect(page.getByTestId("sheets")).toHaveAttribute("data-settled", "true", { timeout: 60_000 })
  await page.getByRole("radio", { name: /Hemp batt.*20/ }).click()
  await expect(page.getByTestId("sheets")).toContainText(/left wall: Cupboard/i)

  // The zone goes with all that was said of it, and comes back with one step back.
  await goTo(page, "shell")
  await page.getByRole("radio", { name: "zones" }).click()
  await page.getByRole("button", { name: "Remove Cupboard" }).click()
  await expect(zone).toBeHidden()
  await page.keyboard.press("Control+z")
  await expect(page.locator('[data-face^="zones"]')).toBeVisible()
})

test("a layer falls from one end to the other, what is not to be had is replaced, and a bag says what it holds", async ({ page }) => {
  const job = demoJob("Tern Hut", "falls")
  await openJob(page, await putJob(page, job))
  await page.locator("[data-face=roof-left]").press("Enter")
  const row = page.locator("[data-layer-row]").nth(1)
  await row.click()
  const details = page.getByTestId("layer-details")
  const before = await figure(page, "loss")
  await details.getByLabel("At the other end").fill("40")
  await page.keyboard.press("Enter")
  await expect(page.getByTestId("tapering")).toContainText("thin end")
  await expect(row).toContainText("40–")
  await expect.poll(() => figure(page, "loss")).not.toBe(before)
  await expect(details.getByLabel("Thickness at one end")).toBeVisible()
  // What is built otherwise in part begins as a zone, where it can be moved.
  await page.getByRole("button", { name: "Build part of it otherwise" }).click()
  await expect(page.getByRole("button", { name: "Remove Zone" })).toBeVisible()
  await page.keyboard.press("Control+z")
  await goTo(page, "build-ups")
  await page.locator("[data-face=roof-left]").press("Enter")
  await page.locator("[data-layer-row]").nth(1).click()
  // Emptied it is even again.
  await details.getByLabel("At the other end").fill("")
  await page.keyboard.press("Enter")
  await expect(page.getByTestId("tapering")).toBeHidden()

  await goTo(page, "sheets")
  await expect(page.getByTestId("sheets")).toHaveAttribute("data-settled", "true", { timeout: 60_000 })
  await page.getByText("Shopping list of the whole job").click()
  const list = page.getByTestId("shopping")
  const insulation = list.getByRole("region", { name: "Insulation merchant" })
  const line = insulation.getByRole("listitem").first()
  const name = await line.innerText()
  await line.getByRole("button", { name: "Not to be had?" }).click()
  await expect(line.getByRole("table")).toContainText("stays")
  await line.getByRole("button", { name: "Take it" }).first().click()
  await expect(insulation.getByRole("listitem").first()).not.toHaveText(name)
})

test("a wheel box has thin foam of its own, and a slab’s edge a strip with more; both go with what they are of", async ({ page }) => {
  const id = await putJob(page, demoJob("Larkspur", "skinned"))
  await openJob(page, id, "shell")
  await page.getByRole("radio", { name: "zones" }).click()
  const before = await figure(page, "loss")
  await page.getByRole("button", { name: "Skin of Left wheel box" }).click()
  await expect(page.getByTestId("face-line")).toContainText("side, top and ends of the box")
  await page.getByLabel("Build-up").selectOption({ label: "Floor" })
  await expect.poll(() => figure(page, "loss")).not.toBe(before)
  const { violations } = await axe(page).analyze()
  expect(violations).toEqual([])
  await page.getByRole("radio", { name: "wheel boxes" }).click()
  await page.getByRole("button", { name: "Remove Left wheel box" }).click()
  await page.getByRole("radio", { name: "zones" }).click()
  await expect(page.getByRole("button", { name: "Remove Left wheel box" })).toHaveCount(0)

  const barn = await putJob(page, demoJob("Eel Barn", "strip"))
  await openJob(page, barn, "shell")
  await page.locator("[data-face=floor]").press("Enter")
  await page.getByRole("radio", { name: "zones" }).click()
  await page.getByRole("button", { name: "Strip along the slab’s edge" }).click()
  await expect(page.getByRole("button", { name: /^Remove Edge at the/ })).toHaveCount(4)
})

test("part of a floor stands over a room; feet and inches, a narrow window", async ({ page }) => {
  const job: Job = { ...demoJob("Cold Nettle", "over a cellar"), units: "inch-pound" }
  const air = { temperature: 10, relativeHumidity: 0.7 }
  job.shell.spaces = { ...job.shell.spaces, cellar: { kind: "held", name: "Cellar", winter: air, summer: air } }
  await page.setViewportSize({ width: 390, height: 780 })
  await openJob(page, await putJob(page, job), "shell")
  await page.locator("[data-face=floor]").press("Enter")
  await page.getByRole("radio", { name: "zones" }).click()
  await page.getByRole("button", { name: "Zone on the floor" }).click()
  await page.getByLabel("Beyond it").selectOption({ label: "Cellar" })
  await expect(page.locator('[data-face^="zones"]')).toHaveCount(1)
  await type(page, "Width", `4' 2"`)
  await expect(page.getByLabel("Width", { exact: true })).toHaveValue(`4' 2"`)
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
  await page.setViewportSize({ width: 1280, height: 800 })
  await goTo(page, "build-ups")
  await expect(page.getByText("against “Cellar”")).toBeVisible()
})
