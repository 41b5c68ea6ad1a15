import { expect, test } from "@playwright/test"
import { ledgerOf } from "../../src/core/ledger/ledger"
import { activeState } from "../../src/core/ledger/state"
import { demoJob, figure, openJob, putJob, settled, type } from "./bench"

test("pressed fibre, screws through foam, an aired gap and a filled tube change what is built, not the label", async ({ page }) => {
  const id = await putJob(page, demoJob("Larkspur", "fixings"))
  await openJob(page, id)
  await page.locator("[data-face=left]").press("Enter")
  await page.locator("[data-layer-row=l2]").click()
  // Hemp: λ 0.04 at 38 kg/m³, of it 0.0249 air, 7e-5·38 = 0.00266 fibre and 0.01244 radiation. 60 mm pressed into 45, ratio 4/3:
  // 0.0249 + 0.003547 + 0.00933 = 0.037777; 0.045/0.037777 = 1.19 m²·K/W, by the label 0.06/0.04 = 1.50.
  await type(page, "Thickness before it is pressed in", "60")
  await expect(page.getByTestId("pressed")).toContainText("R 1.19 m²·K/W, not the label’s 1.50 m²·K/W")
  await expect(page.locator("[data-layer-row=l2]").getByRole("cell").nth(2)).toHaveText("1.50")
  await type(page, "Thickness before it is pressed in", "30")
  await expect(page.getByRole("alert").filter({ hasText: "cannot be thinner than it lies" })).toBeVisible()
  const before = await figure(page, "loss")
  await page.getByLabel("Screws or pins through it").selectOption({ label: "Stainless steel" })
  await expect(page.getByTestId("fasteners")).toContainText("ISO 6946, annex F")
  await expect.poll(() => figure(page, "loss")).toBeGreaterThan(before)
  await page.getByLabel("Filled with").selectOption({ label: "Extruded polystyrene (XPS)" })
  await settled(page)
  // An air space inside of the skin, first closed, then open to the outdoors.
  await page.locator("[data-layer-row=l1]").click()
  await page.getByRole("button", { name: "Add layer" }).click()
  await page.getByRole("searchbox").fill("air space")
  await page.locator("[data-material=air]").getByRole("button").first().click()
  await expect(page.getByTestId("vents")).toContainText("Closed: its R counts")
  const closed = await figure(page, "loss")
  await type(page, "Openings outdoors, a metre of width", "2000")
  await expect(page.getByTestId("vents")).toContainText("Well vented")
  await expect.poll(() => figure(page, "loss")).toBeGreaterThan(closed)
  await settled(page)
})

test("a beam through the wall costs by χ, freezes indoors, and plastic in its run keeps it dry", async ({ page }) => {
  const id = await putJob(page, demoJob("Larkspur", "a beam"))
  await openJob(page, id, "shell")
  await page.locator("[data-face=left]").press("Enter")
  const before = await figure(page, "loss")
  await page.getByRole("radio", { name: "pipes" }).click()
  await page.getByRole("button", { name: "Through the left wall" }).click()
  const point = page.getByTestId("point")
  await expect(point).toContainText("It freezes there")
  const chi = Number(/χ ([\d.]+)/.exec(await point.innerText())![1])
  // From −27 °C to 18 °C: 45 K.
  expect((await figure(page, "loss")) - before).toBeCloseTo(45 * chi, 1)
  await type(page, "How many alike", "two")
  await expect(page.getByRole("alert").filter({ hasText: "whole number" })).toBeVisible()
  await page.keyboard.press("Escape")
  await type(page, "Its wall, if hollow", "60")
  await expect(page.getByRole("alert").filter({ hasText: "less than half of its width" })).toBeVisible()
  await settled(page)
  await page
    .getByRole("button", { name: /^4 Heat|Heat$/ })
    .first()
    .click()
  await page.getByRole("radio", { name: "where it comes to dew" }).click()
  await expect(page.locator("[data-point][data-cold=frost]")).toBeAttached()
  const row = page.locator("[data-bridge^=point]")
  await expect(row).toContainText("1 of them")
  await row.getByRole("button", { name: "See Beam" }).click()
  await page.getByRole("button", { name: "Find the cheapest change that keeps it dry" }).click()
  await page.getByRole("button", { name: "Give it this break" }).click()
  await expect(row).not.toContainText("frost")
  await expect(page.locator("[data-point][data-cold]")).toHaveCount(0)
  await settled(page)
})

test("insulation along a slab's edge saves what its standard says", async ({ page }) => {
  const id = await putJob(page, demoJob("Eel Barn", "edge of the slab"))
  await openJob(page, id, "shell")
  await page.getByRole("radio", { name: "around" }).click()
  const before = await figure(page, "loss")
  await page.getByLabel("Insulation along the slab’s edge").selectOption("vertical")
  await expect(page.getByTestId("slab-edge")).toContainText("off each metre of the edge")
  const saved = Number(/takes ([\d.]+)/.exec(await page.getByTestId("slab-edge").innerText())![1])
  // 42 m of edge; the loss into the ground is reckoned at 1.45 times the difference from 17 °C to the year's mean.
  const { annualMean } = ledgerOf(activeState(demoJob("Eel Barn"))).conditions
  expect((before - (await figure(page, "loss"))) / (42 * saved * 1.45 * (17 - annualMean))).toBeCloseTo(1, 2)
  // A door on the slab has a threshold with the ground in it once its frame is described.
  await page.getByRole("radio", { name: "openings" }).click()
  await page.getByRole("button", { name: /^Side door, right wall ·/ }).click()
  await page.getByLabel("Set in").selectOption({ label: "sheet steel" })
  const threshold = page.getByRole("region", { name: "Side door, threshold" })
  await threshold.getByRole("button", { name: "See it in two dimensions" }).click()
  await expect(threshold.getByTestId("threshold")).toContainText("950 mm of it are counted")
  await settled(page)
})
