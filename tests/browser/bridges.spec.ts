import { expect, test } from "@playwright/test"
import { demoJob, figure, openJob, putJob, type } from "./bench"

test("a break across the ribs: the inside face is warmer, its cold line is gone, and a press tries it in a variant", async ({ page }) => {
  const id = await putJob(page, demoJob("Larkspur", "a break"))
  await openJob(page, id)
  await page.locator("[data-face=left]").press("Enter")
  await page.locator("[data-layer-row=l2]").click()
  await page.getByRole("button", { name: "Calculate one in two dimensions" }).click()
  const bare = page.getByTestId("bridge")
  const broken = page.getByTestId("bridge-with-break")
  // Outdoors −27 °C, indoors 18 °C: isotherms every 5 K between the two faces, one of them freezing, and the dew point across it.
  const picture = bare.getByRole("img", { name: /Temperatures around one of the ribs/ })
  await expect(picture.locator("[data-isotherm='0']")).toBeAttached()
  await expect(picture.locator("[data-line=dew-point]")).toBeAttached()
  await expect(bare).toContainText("The inside face sweats along it")
  await page.getByRole("button", { name: "Calculate it with the break" }).click()
  await expect(broken).toBeVisible()
  await expect(broken).not.toContainText("sweats along it")
  const coldest = async (words: typeof bare) => Number(/comes down to (−?[\d.]+)/.exec(await words.innerText())![1]!.replace("−", "-"))
  // 20 mm of foam are 0.59 m²·K/W more beside the rib's own; the dew point is 7.4 °C.
  expect(await coldest(bare)).toBeLessThan(0)
  expect(await coldest(broken)).toBeGreaterThan(7.4)
  // A thicker break is another detail; one that was calculated before is known at once.
  await type(page, "Thickness of the break", "30")
  await expect(broken).toBeHidden()
  await type(page, "Thickness of the break", "20")
  await expect(broken).toBeVisible()
  await type(page, "Thickness of the break", "2 m")
  await expect(page.getByRole("alert").filter({ hasText: "no thicker than 300 mm" })).toBeVisible()
  const before = await figure(page, "loss")
  await page.getByRole("button", { name: "Try it in a variant" }).click()
  await expect(page.getByRole("button", { name: /with a break/ })).toBeVisible()
  await expect(page.locator("[data-layer-row]").filter({ hasText: "Extruded polystyrene" }).getByRole("cell").nth(1)).toHaveText("20")
  expect(await figure(page, "loss")).toBeLessThan(before)
})

test("a rib in a van wall is calculated in two dimensions, and again once its wall has changed", async ({ page }) => {
  const id = await putJob(page, demoJob("Larkspur", "a rib"))
  await openJob(page, id)
  await page.locator("[data-layer-row=l2]").click()
  const calculate = page.getByRole("button", { name: "Calculate one in two dimensions" })
  await calculate.click()
  const bridge = page.getByTestId("bridge")
  await expect(bridge).toContainText("In two dimensions a metre of ribs and waist rail costs")
  // At −27 °C outdoors behind 45 mm of hemp the steel brings the inside face under the dew point of 18 °C at 50 %: 7.4 °C
  // (psat 2063 Pa, half of it 1032 Pa).
  await expect(bridge).toContainText("the air in the room sweats below 7.4 °C")
  await expect(bridge).toContainText("The inside face sweats along it")
  // What was calculated belongs to the layers that it was calculated for.
  await type(page, "Thickness", "80")
  await expect(bridge).toBeHidden()
  await expect(calculate).toBeVisible()
})

test("the members of all faces are ranked by what they cost, and lead to their layers", async ({ page }) => {
  const id = await putJob(page, demoJob("Larkspur", "ranked"))
  await openJob(page, id, "heat")
  const bridges = page.getByRole("region", { name: "Bridges" })
  await bridges.getByRole("button", { name: "Calculate all in two dimensions" }).click()
  const rows = bridges.locator("[data-bridge]")
  await expect(rows).toHaveCount(3)
  const watts = (await rows.locator("td:nth-child(4)").allInnerTexts()).map(Number)
  expect(watts).toEqual([...watts].sort((a, b) => b - a))
  // What one row says hangs together: ψ times length times 45 K, from −27 °C to 18 °C, as far as ψ is written.
  const [psi, long] = await Promise.all(
    [2, 3].map(async (n) => (await rows.first().locator(`td:nth-child(${n})`).innerText()).replace(/[^\d.]/g, "")),
  )
  expect(watts[0]! / (Number(psi) * (Number(long) / 1000) * 45)).toBeCloseTo(1, 1)
  await expect(rows.first()).toContainText("sweats")
  await rows.first().getByRole("button").click()
  await expect(page).toHaveURL(/build-ups$/)
  // It is known already there.
  await expect(page.getByTestId("bridge")).toBeVisible()
})
