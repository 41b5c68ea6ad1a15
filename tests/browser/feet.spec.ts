import { expect, type Page } from "@playwright/test"
import { everyText } from "./every-text"
import { figure, openJob, putJob, settled, tab, test, type } from "./bench"
import { roundedSize } from "../../src/edit/start/rounded-size"
import { KITS, startJob } from "../../src/edit/start/start-job"
import type { JobKind } from "../../src/schema/job/job"

/** A job of a kind as it starts in feet and inches. */
function inFeet(kind: JobKind, name: string) {
  const { form, station } = KITS[kind]
  return startJob({ kind, name, units: "inch-pound", form: roundedSize(form, "inch-pound"), station, school: "" })
}

test("lengths are read as they are written on a site, and read back while one types", async ({ page }) => {
  const id = await putJob(page, inFeet("shed", "site lengths"))
  await openJob(page, id, "shell")
  const length = page.getByLabel("Length, along the ridge", { exact: true })
  for (const text of ["11-6", "11' - 6", "11ft 6", "11.5'", `11'-6"`, "138"]) {
    await type(page, "Length, along the ridge", "10'")
    await length.fill(text)
    await expect(page.getByText(`reads 11' 6"`)).toBeVisible()
    await length.press("Enter")
    await expect(length).toHaveValue(`11' 6"`)
  }
  await type(page, "Length, along the ridge", "5-10 3/4")
  await expect(length).toHaveValue(`5' 10 3/4"`)
  // A difference has its spaces: without them it is told how it is written.
  await type(page, "Length, along the ridge", "138-18")
  await expect(page.getByRole("alert").filter({ hasText: "138 - 18" })).toBeVisible()
  await type(page, "Length, along the ridge", "138 - 18")
  await expect(length).toHaveValue(`10'`)
})

test("a size that no van has is asked about, and the start waits for it", async ({ page }) => {
  await page.goto("/")
  await page.getByRole("button", { name: /^Units/ }).click()
  await page.getByRole("button", { name: "Panel van", exact: true }).click()
  const start = page.getByRole("button", { name: "Start the job" })
  await expect(page.getByLabel("Name", { exact: true })).toBeFocused()
  await type(page, "Length", "11.5")
  await expect(page.getByRole("alert").filter({ hasText: `11 1/2" is not the size of a van` })).toBeVisible()
  await expect(start).toBeDisabled()
  await type(page, "Length", "wide")
  await expect(page.getByRole("alert").filter({ hasText: "is not a length" })).toBeVisible()
  await expect(start).toBeDisabled()
  await type(page, "Length", "11-6")
  await expect(start).toBeEnabled()
  // Meant all the same: a second Enter takes it.
  await type(page, "Width", `2' 6"`)
  await expect(start).toBeDisabled()
  await page.getByRole("button", { name: "Take it" }).click()
  await expect(start).toBeEnabled()
  await start.click()
  await expect(page).toHaveURL(/build-ups$/)
  await page.keyboard.press("2")
  await expect(page.getByLabel("Width", { exact: true })).toHaveValue(`2' 6"`)
})

test("foam of R-5 an inch is bought by the inch, and its label stands beside what it is worth here", async ({ page }) => {
  const id = await putJob(page, inFeet("shed", "boards in inches"))
  await openJob(page, id)
  await page.keyboard.press("a")
  const dialog = page.getByRole("dialog")
  await dialog.getByRole("searchbox").fill("xps")
  await dialog.getByRole("button", { name: "Extruded polystyrene (XPS), R-5 an inch", exact: true }).click()
  const details = page.getByTestId("layer-details")
  await expect(details).toContainText("label R-5 an inch, declared at 75 °F")
  // Colder than at the label's 75 °F foam is worth more, after ten years less: either way no round figure.
  await expect(details).toContainText(/worth R-\d\.\d+ an inch in this place at/)
  const thickness = details.getByLabel("Thickness", { exact: true })
  for (const text of [`1"`, `1 1/2"`, `2"`, `3"`, `4"`]) {
    await expect(thickness).toHaveValue(text)
    await page.locator("h1").first().click()
    await page.keyboard.press("+")
  }
  await expect(thickness).toHaveValue(`4"`)
  // What is sold elsewhere by the millimetre is not offered.
  await page.keyboard.press("a")
  await dialog.getByRole("searchbox").fill("PIR board")
  await expect(dialog.getByRole("status")).toContainText("Nothing in the catalogue")
})

/** Units that no text of a job in feet may have; 50 Pa is what blower doors are run at everywhere. */
const METRIC = /\d\s?(mm|cm|m|m²|m³|kg|W|kW|K|°C|kPa|g)(?![\wµ²³·/'’])|W\/\(|m²·K|kg\/|\/m[²³]|\bRSI\b|\bsd\b|€/
/** The switch of units, the list of currencies. */
const ALLOWED = /^(mm|mm ft·in|€ EUR, euro)$|^€ EUR/

/** One kind of job in a run: all were read when this was written, and they share their screens. */
for (const kind of ["post-frame"] as const)
  test(`a ${kind} in feet has no metric unit left, on any station or in any dialog`, async ({ page }) => {
    test.setTimeout(240_000)
    const id = await putJob(page, inFeet(kind, `all text of a ${kind}`))
    const left = new Set<string>()
    const read = async (where: string) => {
      for (const text of await everyText(page)) if (METRIC.test(text) && !ALLOWED.test(text)) left.add(`${where}: ${text.slice(0, 160)}`)
    }
    await openJob(page, id, "brief")
    await read("brief")
    for (const station of ["shell", "build-ups", "heat", "sheets", "damp"]) {
      await page
        .getByRole("button", { name: new RegExp(station, "i") })
        .first()
        .click()
      await expect(page.locator("main .station").first()).toBeVisible()
      if (station === "shell")
        for (const name of ["openings", "wheel boxes", "pipes and bolts", "members", "surroundings", "clear space", "measures"]) {
          await tab(page, name)
          await addOne(page)
          await read(`shell, ${name}`)
        }
      if (station === "build-ups")
        for (const row of await page.locator("[data-layer-row]").all()) {
          await row.click()
          await unfold(page)
          await read("layer")
        }
      await unfold(page)
      await read(station)
      for (const season of await page.getByRole("radiogroup", { name: "Season" }).getByRole("radio").all()) {
        await season.click()
        await read(`${station}, season`)
      }
      for (const one of await page.getByRole("radiogroup", { name: "Show on the pelt" }).getByRole("radio").all()) {
        await one.click()
        await read(`${station}, pelt`)
      }
    }
    for (const id of ["loss", "gain", "year", "height", "weight", "money", "damp"]) {
      await page.locator(`[data-figure=${id}]`).click()
      await expect(page.getByRole("dialog")).toBeVisible()
      await read(`working of ${id}`)
      await page.keyboard.press("Escape")
    }
    await page.keyboard.press("3")
    for (const key of ["a", "b", "v", "/", "?"]) {
      await page.locator("h1").first().click()
      await page.keyboard.press(key)
      await expect(page.getByRole("dialog")).toBeVisible()
      await read(`dialog of ${key}`)
      await page.keyboard.press("Escape")
      await expect(page.getByRole("dialog")).toBeHidden()
    }
    await page.getByRole("button", { name: /^On paper/ }).click()
    await expect(page.getByTestId("job-sheet")).toBeVisible()
    await read("job sheet")
    await page.goto("/")
    await read("shelf")
    expect([...left]).toEqual([])
  })

/** Adds a part where the list has a button for it. */
async function addOne(page: Page): Promise<void> {
  const add = page
    .locator("main")
    .getByRole("button", { name: /^(Add to|Through|Cut out|Wheel box|A wheel box|Bed|Barrel|Something heavy)/ })
  for (const one of await add.all()) if (await one.isEnabled()) await one.click()
}

/** Opens all that unfolds. */
async function unfold(page: Page): Promise<void> {
  const folded = page.locator("main details:not([open]) > summary")
  // What is worked out meanwhile may take one of them away.
  while ((await folded.count()) > 0) await folded.first().click()
}

test("a job is priced in the currency that its brief names", async ({ page }) => {
  const id = await putJob(page, inFeet("shed", "priced"))
  await openJob(page, id, "brief")
  const money = page.locator("[data-figure=money]")
  await expect(money).toContainText("$")
  const before = await figure(page, "money")
  await page.getByLabel("Currency of prices").selectOption("CAD")
  await expect(money).toContainText("C$")
  // A price is never converted.
  expect(await figure(page, "money")).toBe(before)
  await type(page, "Money at most", "C$5000")
  await expect(page.getByLabel("Money at most")).toHaveValue("5,000")
  await type(page, "Money at most", "abc")
  await expect(page.getByRole("alert").filter({ hasText: `"abc" cannot be read here` })).toBeVisible()
  await settled(page)
})
