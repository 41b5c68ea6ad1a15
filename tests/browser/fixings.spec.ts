import { expect } from "@playwright/test"
import { externalPeriodicCoefficient } from "../../src/core/ground/monthly-flow"
import { ledgerOf } from "../../src/core/ledger/ledger"
import { activeState } from "../../src/core/enclosure/job-state"
import { demoJob, figure, openJob, putJob, settled, twice, type, test } from "./bench"

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
  await page.keyboard.press("Escape")
  // 38 kg/m³ · 180/45 = 152 kg/m³, over the 150 to which the formula was fitted.
  await type(page, "Thickness before it is pressed in", "180")
  await expect(page.getByTestId("pressed")).toContainText("fitted up to 150 kg/m³; this is beyond it")
  await type(page, "Thickness before it is pressed in", "60")
  await expect(page.getByTestId("pressed")).not.toContainText("beyond it")
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
  await page.getByRole("radio", { name: "pipes and bolts" }).click()
  await page.getByRole("button", { name: "Through the left wall" }).click()
  const point = page.getByTestId("point")
  await expect(point).toContainText("It freezes there")
  const chi = Number(/χ\) ([\d.]+)/.exec(await point.innerText())![1])
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
  await page.getByRole("radio", { name: "where it sweats or freezes" }).click()
  await expect(page.locator("[data-point][data-cold=frost]")).toBeAttached()
  const row = page.locator("[data-row^=point]")
  await expect(row).toContainText("1 of them")
  await row.getByRole("button", { name: "See Beam" }).click()
  await page.getByRole("button", { name: "Find the cheapest change that keeps it dry" }).click()
  await expect(page.getByTestId("measure")).toContainText("of plastic set into it, the thinnest that does")
  await page.getByTestId("measure").getByRole("button", { name: "Try it in a variant" }).click()
  await expect(page.getByRole("button", { name: /with a break/ })).toBeVisible()
  await expect(row).not.toContainText("frost")
  await expect(page.locator("[data-point][data-cold=frost], [data-point][data-cold=sweats]")).toHaveCount(0)
  await settled(page)
})

test("insulation along a slab's edge saves what its standard says", async ({ page }) => {
  const id = await putJob(page, demoJob("Eel Barn", "edge of the slab"))
  const go = (station: string) => page.getByRole("navigation", { name: "Stations" }).getByRole("button", { name: station }).click()
  await openJob(page, id, "heat")
  const coldest = async () => {
    await go("Heat")
    await figure(page, "loss")
    const cell = page.locator("[data-row='edge/right/floor']").getByRole("cell").nth(4)
    // The list follows the ledger a moment later.
    await expect(cell).toHaveText(/\d/)
    return Number(await cell.innerText())
  }
  const bare = await coldest()
  // Looked into, it can be set beside the edge as it is.
  await page.getByRole("button", { name: "See Right wall to floor" }).click()
  const seen = page.locator("tr", { has: page.getByRole("region", { name: "With a break" }) })
  await page.getByRole("button", { name: "Calculate its temperatures" }).click()
  await seen.getByLabel("Set").selectOption("inside of the floor")
  await seen.getByLabel("Set").selectOption("along the slab’s edge")
  await seen.getByRole("button", { name: "Calculate it with the break" }).click()
  await expect(seen.getByTestId("with-and-without")).toContainText(
    "600 mm down beside it all round, and what it saves counts with the floor",
  )
  const [warm, cool] = await twice(seen.getByTestId("with-and-without"), /coldest ([−\d.]+) °C in place of ([−\d.]+)/)
  expect([cool, warm > cool]).toEqual([bare, true])
  await go("Build-ups")
  await page.locator("[data-face=floor]").press("Enter")
  const before = await figure(page, "loss")
  await page.getByLabel("Insulation along the slab’s edge").selectOption("vertical")
  await expect(page.getByTestId("slab-edge")).toContainText("off each metre of the edge")
  const saved = Number(/takes ([\d.]+)/.exec(await page.getByTestId("slab-edge").innerText())![1])
  // 42 m of edge: it saves its ψ by the year's mean, and of the coldest month's swing what H_pe falls by (both in tests by hand).
  const { conditions, surfaces } = ledgerOf(activeState(demoJob("Eel Barn")))
  const { annualMean, coldestMonth } = conditions
  const { equivalentThickness } = surfaces.find(({ ground }) => ground)!.ground!
  const rim = { kind: "vertical", depthOrWidth: 0.6, thickness: 0.05, conductivity: 0.034 } as const
  const swing = [{}, { edge: rim }].map((part) =>
    externalPeriodicCoefficient({ perimeter: 42, soilConductivity: 2, ...part }, equivalentThickness),
  )
  const expected = 42 * saved * (17 - annualMean) + (swing[0]! - swing[1]!) * (annualMean - coldestMonth)
  expect((before - (await figure(page, "loss"))) / expected).toBeCloseTo(1, 2)
  expect(await coldest()).toBeGreaterThan(bare + 1)
  // A door on the slab has a threshold with the ground in it once its frame is described.
  await go("Shell")
  await page.getByRole("radio", { name: "openings" }).click()
  await page.getByRole("button", { name: /^Side door, right wall ·/ }).click()
  await page.getByLabel("Set in").selectOption({ label: "sheet steel" })
  const threshold = page.getByRole("region", { name: "Side door, threshold" })
  await threshold.getByRole("button", { name: "See it in two dimensions" }).click()
  await expect(threshold.getByTestId("threshold")).toContainText("950 mm of it are counted")
  // With a strip across it, beside it as it is: less goes through, and it is warmer.
  await threshold.getByRole("button", { name: "Calculate it with the break" }).click()
  const [then, now] = await twice(threshold.getByTestId("with-and-without"), /ψ\) ([−\d.]+) .* in place of ([−\d.]+);/)
  expect(then).toBeLessThan(now)
  const [warmer, colder] = await twice(threshold.getByTestId("with-and-without"), /coldest ([−\d.]+) °C in place of ([−\d.]+)/)
  expect(warmer).toBeGreaterThan(colder)
  await settled(page)
})

test("ribs deeper than what lies between them: the space that is left is added as closed air at a press", async ({ page }) => {
  const id = await putJob(page, demoJob("Larkspur", "deep ribs"))
  await openJob(page, id)
  await page.locator("[data-face=left]").press("Enter")
  await page.locator("[data-layer-row=l2]").click()
  const rows = page.locator("[data-layer-row]")
  const layers = await rows.count()
  // 45 mm of hemp between ribs of 70 mm leave 25 mm.
  await type(page, "Depth", "70")
  const remark = page.getByText("They are 25 mm deeper than the layers between them")
  await expect(remark).toBeVisible()
  await page.getByRole("button", { name: "Add it as closed air" }).click()
  await expect(remark).toBeHidden()
  await expect(rows).toHaveCount(layers + 1)
  const air = rows.filter({ hasText: "Air space" })
  await expect(air.getByRole("cell").nth(1)).toHaveText("25")
  await expect(page.getByText(/They cross hemp[^(]*, air[^(]* \(70\smm\)/i)).toBeVisible()
  await settled(page)
})

test("the steel of a floor's frame: the foot of the walls is reckoned on it, and costs more", async ({ page }) => {
  const id = await putJob(page, demoJob("Tern Hut", "on a frame"))
  await openJob(page, id, "shell")
  await page.getByRole("radio", { name: "surroundings" }).click()
  await page.getByLabel("It stands on").selectOption({ label: "a steel frame" })
  await settled(page)
  const before = await figure(page, "loss")
  await page.getByLabel("Steel under the floor’s edges").selectOption({ label: "a tube" })
  await expect(page.getByText("The foot of each wall is calculated on it")).toBeVisible()
  await settled(page)
  await expect.poll(() => figure(page, "loss")).toBeGreaterThan(before)
  await type(page, "Its wall", "0")
  await expect(page.getByRole("alert").filter({ hasText: "It must be at least 0.5 mm." })).toBeVisible()
  await page.keyboard.press("Escape")
  await openJob(page, id, "heat")
  const foot = page.locator("[data-row='edge/right/floor']")
  await foot.getByRole("button", { name: /^See/ }).click()
  await page.getByRole("button", { name: "Calculate its temperatures" }).click()
  await expect(page.getByTestId("seen-bridge")).toContainText("of it are counted")
})
