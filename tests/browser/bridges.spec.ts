import { expect, test } from "@playwright/test"
import { demoJob, openJob, putJob, type } from "./bench"

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
