import { expect } from "@playwright/test"
import { demoJob, figure, openJob, putJob, test } from "./bench"

/** A table of a mild place, three hours missing, a figure and a time that cannot be read. */
function table(): string {
  const lines = ["time,temp_C,RH,DNI,DHI,wind speed"]
  for (let k = 0; k < 8760; k++) {
    if (k > 200 && k < 204) continue
    const time = new Date(Date.UTC(2022, 0, 1, k)).toISOString().slice(0, 16).replace("T", " ")
    const [day, hour] = [k / 24, k % 24]
    const temperature = 14 - 12 * Math.cos((2 * Math.PI * (day - 20)) / 365) - 6 * Math.cos((2 * Math.PI * (hour - 3)) / 24)
    const up = Math.max(0, Math.sin((Math.PI * (hour - 6)) / 12))
    const figures = [k === 100 ? "err" : temperature.toFixed(1), "60", (700 * up).toFixed(0), (90 * up).toFixed(0), "3.1"]
    lines.push([k === 5000 ? "garbage" : time, ...figures].join(","))
  }
  return lines.join("\n")
}

test("a weather file with bad rows: its report, its design hours, kept with the job, out as a table, and the station again", async ({
  page,
}) => {
  const id = await putJob(page, demoJob("Eel Barn", "own weather"))
  await openJob(page, id, "brief")
  const loss = await figure(page, "loss")
  const own = page.getByTestId("own-weather")
  await page.getByLabel("Weather file").setInputFiles({ name: "mill pond.csv", mimeType: "text/csv", buffer: Buffer.from(table()) })
  const dialog = page.getByRole("dialog", { name: "A table of weather" })
  await expect(dialog.getByLabel("Temperature", { exact: true })).toHaveValue("temp_C")
  await dialog.getByLabel("Time").selectOption("RH")
  await dialog.getByRole("button", { name: "Read it" }).click()
  // What it cannot do is said, and nothing that was chosen is lost.
  await expect(dialog.getByRole("alert")).toContainText("This is no time")
  await dialog.getByLabel("Time").selectOption("time")
  await dialog.getByRole("button", { name: "Read it" }).click()
  await expect(dialog).toBeHidden({ timeout: 20_000 })
  await expect(own).toContainText(
    "mill pond, 39.2° north, 3.4° west: 8,760 hours; 2 entries could not be read, 21 missing figures are filled.",
  )
  await own.getByText("What was mended").click()
  await expect(own.getByRole("row", { name: /102 temperature err/ })).toBeVisible()
  await expect(own.getByRole("row", { name: /garbage/ })).toBeVisible()
  // By hand: the coldest hour of all comes to 14 − 12 − 6 = −4 °C; 35 are allowed to be colder.
  await expect(page.getByLabel("Worst night")).toHaveValue(/^−3\.[789]$/)
  expect(await figure(page, "loss")).toBeLessThan(loss)
  const year = await figure(page, "year")
  await expect(page.getByTestId("saving")).toHaveText("saved")
  await page.reload()
  await expect(own).toContainText("mill pond")
  await expect.poll(() => figure(page, "year"), { timeout: 20_000 }).toBe(year)
  const saved = page.waitForEvent("download")
  await own.getByRole("button", { name: "Save as a table" }).click()
  expect((await saved).suggestedFilename()).toBe("mill pond.csv")
  await own.getByRole("button", { name: "Take the weather of Callow Plain again" }).click()
  await expect.poll(() => figure(page, "loss")).toBeCloseTo(loss, 6)
})

test("weather from monthly figures; a file that is no weather is refused in words", async ({ page }) => {
  const id = await putJob(page, demoJob("Tern Hut", "monthly figures"))
  await openJob(page, id, "brief")
  const own = page.getByTestId("own-weather")
  await page
    .getByLabel("Weather file")
    .setInputFiles({ name: "a.epw", mimeType: "text/plain", buffer: Buffer.from("LOCATION,nowhere\n1,2,3") })
  await expect(own.getByRole("alert")).toContainText("a.epw:")
  const year = await figure(page, "year")
  await own.getByRole("button", { name: "Type monthly figures" }).click()
  const dialog = page.getByRole("dialog", { name: "A year from monthly figures" })
  await dialog.getByLabel("What the place is called").fill("colder moor")
  for (const month of ["January", "February", "December"]) {
    const field = dialog.getByLabel(`${month}, mean`)
    await field.fill("-20 °C")
    await field.press("Enter")
  }
  const field = dialog.getByLabel("March, humidity")
  await field.fill("400")
  await field.press("Enter")
  await expect(dialog.getByRole("alert").first()).toBeVisible()
  await field.press("Escape")
  await dialog.getByRole("button", { name: "Make the year" }).click()
  await expect(dialog).toBeHidden({ timeout: 20_000 })
  await expect(own).toContainText("colder moor")
  await expect(own).toContainText("made from monthly figures")
  await expect.poll(() => figure(page, "year"), { timeout: 20_000 }).toBeGreaterThan(year * 1.1)
})
