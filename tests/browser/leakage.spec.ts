import { expect } from "@playwright/test"
import { demoJob, figure, openJob, putJob, test, type } from "./bench"

test("how tight it is, from its joints and from a fan test, and both move the ledger", async ({ page }) => {
  const id = await putJob(page, demoJob("Tern Hut", "tightness"))
  await openJob(page, id)
  const before = await figure(page, "loss")
  await page.getByRole("button", { name: "From its joints, or from a fan test" }).click()
  const dialog = page.getByRole("dialog", { name: "How tight it is" })
  await dialog.getByLabel("Joints between floor, walls and roof: how it is closed").selectOption("taped or bonded all along")
  await dialog.getByLabel("Door leaves: how it is closed").selectOption("without a seal")
  await type(page, "How many: Vents and fans", "2")
  await dialog.getByRole("button", { name: /^Use [\d.]+ air changes an hour$/ }).click()
  await expect.poll(() => figure(page, "loss")).not.toBe(before)
  await page.getByRole("button", { name: "From its joints, or from a fan test" }).click()
  await dialog.getByRole("radio", { name: "from a fan test" }).click()
  await expect(dialog.getByRole("button", { name: "Use it" })).toBeDisabled()
  await type(page, "Air through the fan, reading 1", "200 m³/h")
  await expect(dialog).toContainText("From the reading next to 50 Pa, by the usual exponent of 0.65.")
  // At 25, 50 and 75 Pa by 200·(p/50)^0.6 m³/h: by hand 131.95 and 255.09.
  for (const [pressure, flow] of [
    ["25", "131.95 m³/h"],
    ["75", "255.09 m³/h"],
  ]) {
    await dialog.getByRole("button", { name: "Another reading" }).click()
    const count = await dialog.getByRole("listitem").count()
    await type(page, `Pressure, reading ${count}`, pressure!)
    await type(page, `Air through the fan, reading ${count}`, flow!)
  }
  await expect(dialog).toContainText("Fitted with the exponent 0.60")
  const words = (await dialog.getByRole("button", { name: /^Use/ }).innerText()).replace(/\u00a0/g, " ")
  await dialog.getByRole("button", { name: /^Use/ }).click()
  await expect(page.getByLabel("Air changes an hour at 50 Pa, whole enclosure")).toHaveValue(/[\d.]+/.exec(words)![0])
})
