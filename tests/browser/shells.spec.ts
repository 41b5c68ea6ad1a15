import { expect, test } from "@playwright/test"
import { startJob } from "../../src/edit/start/start-job"
import { demoJob, openJob, putJob, type } from "./bench"

test("a van with leaning walls, a round roof, wheel boxes and ribs measured one by one", async ({ page }) => {
  const form = { kind: "box", length: 3, width: 1.8, height: 1.8 } as const
  const id = await putJob(
    page,
    startJob({ kind: "van", name: "leaning van", units: "metric", form, station: "linden-vale", school: "boards" }),
  )
  await openJob(page, id, "shell")
  await page.getByLabel("Form").selectOption("van: leaning walls, round roof")
  for (const [label, text] of [
    ["Height in the middle", "1800"],
    ["Height of the shoulders", "1700"],
    ["Height of the waist", "1000"],
    ["Width at the shoulders", "1600"],
  ] as const)
    await type(page, label, text)
  // By hand: the wall is 1.0 m straight and √(0.1² + 0.7²) = 0.7071 m leaning, 3 m long: 5.121 m². The roof's arc over a chord of
  // 1.6 m rises 0.1 m: R 3.25 m, 0.49742 rad, 1.6166 m: 4.850 m². The section is 1.8 + 1.19 + 0.1070 = 3.0970 m²: 9.291 m³.
  await expect(page.locator("[data-face=left]")).toHaveAccessibleName("Left wall, 5.12 m²")
  await expect(page.locator("[data-face=roof]")).toHaveAccessibleName("Roof, 4.85 m²")
  await expect(page.locator("[data-face=front]")).toHaveAccessibleName("Bulkhead, 3.1 m²")
  await expect(page.getByText("9.29 m³")).toBeVisible()
  // Two wheel boxes of 900 × 220 × 300 mm take 2·0.0594 m³ and add 2·0.22·0.3 m² of skin to each wall.
  await page.getByRole("button", { name: "Box on the floor" }).click()
  await page.getByRole("button", { name: "Box on the floor" }).click()
  await expect(page.getByText("9.17 m³")).toBeVisible()
  await expect(page.getByText("5.12 m², of it 5.25 m² without openings")).toBeVisible()
  // Linings 25 + 6.5 + 0.8 = 32.3 mm a side: 1800 − 2·220 = 1360 mm between the boxes.
  await expect(page.getByText("1 360 mm clear between them")).toBeVisible()
  // Standing in the middle: 1800 − floor 44.8 − roof 32.3 = 1722.9 mm
  await expect(page.locator("[data-figure=height]")).toContainText("1 723 mm")
  // Contradicting measures are refused in words, and nothing changes.
  await type(page, "Height of the waist", "1750")
  await expect(page.getByRole("alert").filter({ hasText: "higher than the waist" })).toBeVisible()
  await page.getByLabel("Height of the waist").press("Escape")
  // Five ribs of 50 mm on 3 m are 8.3 % of the wall.
  await page.getByRole("button", { name: "Build-ups" }).click()
  await page.locator("[data-layer-row=l2]").click()
  await type(page, /Middles one by one/, "300; 900; 1.5 m; 2100; 2700")
  await expect(page.getByText("8.3 % of the face is members")).toBeVisible()
  await type(page, /Middles one by one/, "300; far")
  await expect(page.getByRole("alert").filter({ hasText: "not a length" })).toBeVisible()
})

test("a towed cabin gets an arched roof", async ({ page }) => {
  const form = { kind: "box", length: 4, width: 2, height: 1 } as const
  const id = await putJob(
    page,
    startJob({ kind: "cabin", name: "arched cabin", units: "metric", form, station: "varnfell", school: "boards" }),
  )
  await openJob(page, id, "shell")
  await page.getByLabel("Form").selectOption("arched roof")
  await type(page, "Height of the crown", "2 m")
  // A half circle of radius 1 m: π·4 = 12.566 m² of roof, ends 2 + π/2 = 3.571 m², 14.283 m³.
  await expect(page.locator("[data-face=roof]")).toHaveAccessibleName("Roof, 12.57 m²")
  await expect(page.locator("[data-face=back]")).toHaveAccessibleName("Back wall, 3.57 m²")
  await expect(page.getByText("14.28 m³")).toBeVisible()
  await type(page, "Height of the crown", "2.2 m")
  await expect(page.getByRole("alert").filter({ hasText: "at most half its width" })).toBeVisible()
})

test("a hut's roof is a gable, one slope, or a hip; its roof wears what it wore", async ({ page }) => {
  const id = await putJob(page, demoJob("Tern Hut", "three roofs"))
  await openJob(page, id, "shell")
  // Gable: slopes √(1.8² + 1.1²) = 2.1095 m of 4.8 m: 10.126 m²; 4.8·9.9 = 47.52 m³.
  await expect(page.locator("[data-face=roof-left]")).toHaveAccessibleName("Left roof, 10.13 m²")
  await expect(page.getByText("47.52 m³")).toBeVisible()
  // Hip of the same height: long slopes (4.8 + 1.2)/2·2.1095 = 6.329 m², short ones 3.6/2·2.1095 = 3.797 m²;
  // 4.8·3.6·2.2 + 1.1·3.6·(14.4 − 3.6)/6 = 38.016 + 7.128 = 45.144 m³.
  await page.getByLabel("Form").selectOption("hip roof")
  await expect(page.locator("[data-face=roof-right]")).toHaveAccessibleName("Right roof, 6.33 m²")
  await expect(page.locator("[data-face=roof-front]")).toHaveAccessibleName("Front roof, 3.8 m²")
  await expect(page.getByText("45.14 m³")).toBeVisible()
  // One slope from 3.3 m at the left to 2.2 m at the right: √(3.6² + 1.1²) = 3.7643 m: 18.069 m²; 4.8·3.6·2.75 = 47.52 m³.
  await page.getByLabel("Form").selectOption("one slope")
  await expect(page.locator("[data-face=roof]")).toHaveAccessibleName("Roof, 18.07 m²")
  await expect(page.getByText("47.52 m³")).toBeVisible()
  await page.locator("[data-face=roof]").click()
  await page.keyboard.press("3")
  await expect(page.getByText("wears “Roof, under the vented sheets”")).toBeVisible()
})

test("a job file of version 1 still opens", async ({ page }) => {
  await page.goto("/")
  await page.getByLabel("Job file").setInputFiles("tests/store/files/v1-cold-nettle.pelz.json")
  await expect(page).toHaveURL(/build-ups$/)
  await expect(page.locator("[data-figure=damp]")).toContainText("wets on the worst afternoon")
})

test("the measuring round is walked with the keyboard alone, and holds what does not fit yet", async ({ page }) => {
  const id = await putJob(page, demoJob("Larkspur", "walked round"))
  await openJob(page, id, "shell")
  await page.getByRole("button", { name: "Measuring round" }).focus()
  await page.keyboard.press("Enter")
  const dialog = page.getByRole("dialog", { name: "Measuring round" })
  const answer = async (question: string, text: string) => {
    await expect(dialog.getByLabel(question)).toBeFocused()
    await page.keyboard.type(text)
    await page.keyboard.press("Enter")
  }
  await answer("Length", "4 m")
  await answer("Width at the floor", "far")
  await expect(dialog.getByRole("alert")).toContainText("not a length")
  await page.keyboard.press("ControlOrMeta+a")
  await answer("Width at the floor", `5' 11"`)
  // A waist above the old shoulder contradicts it until the shoulder is measured too.
  await answer("Height of the waist", "1.9 m")
  await expect(dialog.getByText("does not fit together yet")).toBeVisible()
  await answer("Width at the shoulders", "1.7 m")
  await answer("Height of the shoulders", "2.2 m")
  await answer("Height in the middle", "2.3 m")
  await expect(dialog).toBeHidden()
  const values = {
    Length: "4 000",
    "Width at the floor": "1 803",
    "Height of the waist": "1 900",
    "Height of the shoulders": "2 200",
    "Height in the middle": "2 300",
  }
  for (const [label, value] of Object.entries(values))
    await expect(page.getByLabel(label, { exact: true })).toHaveValue(value.replace(" ", "\u00a0"))
})

test("a spacing that ends well is taken from its list", async ({ page }) => {
  const id = await putJob(page, demoJob("Tern Hut", "spacing"))
  await openJob(page, id)
  await page.locator("[data-layer-row=l2]").click()
  await page.getByText("Which spacing ends well on 4\u00a0800 mm").click()
  // The lining is birch plywood 1220 mm wide: bays of 609.6 mm meet its edges (2·609.6 = 1219.2), and 4800 ends in a bay of 510 mm.
  const row = page.getByRole("row").filter({ hasText: "610" }).filter({ hasText: "land on members" })
  await expect(row).toContainText("510 mm")
  await row.getByRole("button", { name: /^Take/ }).click()
  await expect(page.getByLabel("Spacing, centre to centre")).toHaveValue("610")
})
