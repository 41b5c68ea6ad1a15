import { expect, type Page } from "@playwright/test"
import type { Form } from "../../src/schema/job/form"
import { startJob } from "../../src/edit/start/start-job"
import { figure, demoJob, openJob, putJob, tab, test, type } from "./bench"

/** A figure of what is left inside, as it is written. */
const clear = (page: Page, name: string) =>
  page.getByRole("region", { name: "Clear inside" }).locator("dl > div").filter({ hasText: name }).locator("dd")

test("a van with leaning walls, a round roof, wheel boxes and ribs measured one by one", async ({ page }) => {
  const form = { kind: "box", length: 3, width: 1.8, height: 1.8 } as const
  const id = await putJob(
    page,
    startJob({ kind: "van", name: "leaning van", units: "metric", form, station: "linden-vale", school: "boards" }),
  )
  await openJob(page, id, "shell")
  await page.getByLabel("Form").selectOption("van: leaning or curved walls, round roof")
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
  // Around the wall 2·(3 + 1.7071) = 9.414 m, its middle at 1.5 and 0.8536 m.
  await expect(page.getByTestId("face-line")).toContainText("9 414 mm around · middle 1 500 mm from the left, 854 mm up")
  await tab(page, "clear space")
  await expect(page.getByText("9.29 m³ over all")).toBeVisible()
  // Two wheel boxes of 900 × 220 × 300 mm take 2·0.0594 m³ and add 2·0.22·0.3 m² of skin to each wall.
  await tab(page, "wheel boxes")
  await page.getByRole("button", { name: "Wheel box or step" }).click()
  await page.getByRole("button", { name: "Wheel box or step" }).click()
  await expect(page.getByTestId("face-line")).toContainText("5.12 m², of it 5.25 m² without openings")
  // Linings 25 + 6.5 + 0.8 = 32.3 mm a side: 1800 − 2·220 = 1360 mm between the boxes.
  await expect(page.getByText("1 360 mm clear between them")).toBeVisible()
  await tab(page, "clear space")
  await expect(page.getByText("9.17 m³ over all")).toBeVisible()
  // Standing in the middle: 1800 − floor 44.8 − roof 32.3 = 1722.9 mm
  await expect(page.locator("[data-figure=height]")).toContainText("1 723 mm")
  await expect(clear(page, "Length")).toHaveText("2 935 mm")
  await expect(clear(page, "Width")).toHaveText("1 735 mm")
  // Half the section moved in by 32.3 mm, 44.8 mm at the floor: 0.8677·0.9529 up to the waist, (0.8677 + 0.7711)/2·0.6762 beside the
  // leaning wall, and half the segment of a circle of 3.2177 m over 2·0.7711 m, 0.0483: 1.4293 m². Twice that, 2.9354 m long, less what
  // the boxes still take, 2·0.1877·0.2552·0.9: 8.305 m³.
  await expect(clear(page, "Volume")).toHaveText("8.3 m³")
  // Contradicting measures are refused in words, and nothing changes.
  await tab(page, "measures")
  await type(page, "Height of the waist", "1750")
  await expect(page.getByRole("alert").filter({ hasText: "higher than the waist" })).toBeVisible()
  await page.getByLabel("Height of the waist", { exact: true }).press("Escape")
  // Five ribs of 50 mm on 3 m are 8.3 % of the wall, and stand where they were measured.
  await tab(page, "members")
  await page.getByText("Ribs", { exact: true }).click()
  await type(page, /Middles one by one/, "300; 900; 1.5 m; 2100; 2700")
  await expect(page.getByText("8.3 % of the face is members, counted from the drawing: 5 of them")).toBeVisible()
  await type(page, /Middles one by one/, "300; far")
  await expect(page.getByRole("alert").filter({ hasText: "not a length" })).toBeVisible()
})

test("a van whose upper walls bow out", async ({ page }) => {
  const form = { kind: "van", length: 3, width: 2, waistHeight: 1, shoulderWidth: 1.6, shoulderHeight: 1.6, wallBow: 0, crownHeight: 1.6 }
  const id = await putJob(
    page,
    startJob({ kind: "van", name: "bowed van", units: "metric", form: form as Form, station: "linden-vale", school: "boards" }),
  )
  await openJob(page, id, "shell")
  // Straight: 1 + √(0.2² + 0.6²) = 1.632456 m of wall; section 2·1 + 1.8·0.6 = 3.08 m².
  await expect(page.locator("[data-face=left]")).toHaveAccessibleName("Left wall, 4.9 m²")
  await expect(page.locator("[data-face=front]")).toHaveAccessibleName("Bulkhead, 3.08 m²")
  await type(page, "Bow of the upper walls", "51")
  // 51 mm over a chord of 0.632456 m: R = (0.1 + 0.051²)/0.102 = 1.00589 m, 4·atan(0.102/0.632456) = 0.639602 rad, 0.643371 m of arc:
  // 3·1.643371 = 4.930 m². Two segments of R²/2·(0.639602 − 0.596876) = 0.021615 m²: 3.1232 m², 9.370 m³.
  await expect(page.locator("[data-face=left]")).toHaveAccessibleName("Left wall, 4.93 m²")
  await expect(page.locator("[data-face=front]")).toHaveAccessibleName("Bulkhead, 3.12 m²")
  // Beyond upright at the waist, (c/2)·tan(18.43°/2) = 51.3 mm, no wall bows.
  await type(page, "Bow of the upper walls", "52")
  await expect(page.getByRole("alert").filter({ hasText: "lean out past upright at its waist" })).toBeVisible()
  await page.getByLabel("Bow of the upper walls", { exact: true }).press("Escape")
  await tab(page, "clear space")
  await expect(page.getByText("9.37 m³ over all")).toBeVisible()
  await tab(page, "measures")
  // Its grip on the bulkhead, which lies on its side: down is inward.
  await page.getByLabel("Bow of the upper walls, on the pelt").focus()
  await page.keyboard.press("ArrowDown")
  await expect(page.getByLabel("Bow of the upper walls", { exact: true })).not.toHaveValue("51")
  await page.keyboard.press("z")
  await expect(page.getByLabel("Bow of the upper walls", { exact: true })).toHaveValue("51")
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
  await type(page, "Height of the crown", "2.2 m")
  await expect(page.getByRole("alert").filter({ hasText: "at most half its width" })).toBeVisible()
  await page.getByLabel("Height of the crown", { exact: true }).press("Escape")
  await tab(page, "surroundings")
  await expect(page.getByLabel("It stands on")).toHaveValue("frame")
  await tab(page, "clear space")
  await expect(page.getByText("14.28 m³ over all")).toBeVisible()
  // Walls and roof are 45 mm, the floor 71: 2000 − 45 − 71 in the middle, 4000 − 90 and 2000 − 90 across.
  await expect(clear(page, "at the highest")).toHaveText("1 884 mm")
  await expect(clear(page, "Length")).toHaveText("3 910 mm")
  await expect(clear(page, "Width")).toHaveText("1 910 mm")
  // (1.91·0.929 + π·0.955²/2)·3.91 = 12.539 m³; by the chords that are drawn a thousandth less.
  const volume = Number.parseFloat((await clear(page, "Volume").textContent())!)
  expect(Math.abs(volume / 12.539 - 1)).toBeLessThan(1.5e-3)
})

test("a hut's roof is a gable, one slope, or a hip; its roof wears what it wore", async ({ page }) => {
  const id = await putJob(page, demoJob("Tern Hut", "three roofs"))
  await openJob(page, id, "shell")
  await tab(page, "clear space")
  // Gable: slopes √(1.8² + 1.1²) = 2.1095 m of 4.8 m: 10.126 m²; 4.8·9.9 = 47.52 m³.
  await expect(page.locator("[data-face=roof-left]")).toHaveAccessibleName("Left roof, 10.13 m²")
  await expect(page.getByText("47.52 m³ over all")).toBeVisible()
  // Walls 164.3 mm, floor 185.3, roof 244.3, which is 286.3 plumb on a slope of 11/18; the floor rises 12 mm in one corner.
  // At the walls' linings 2200 + 164.3·11/18 − 185.3 − 286.3 − 12 = 1816.8 mm, at the ridge 3300 − 185.3 − 286.3 − 12 = 2816.4 mm.
  await expect(clear(page, "Height at the walls")).toHaveText("1 817 mm")
  await expect(clear(page, "at the highest")).toHaveText("2 816 mm")
  await expect(clear(page, "Width")).toHaveText("3 271 mm")
  // 3.2714·(1.8288 + 2.8284)/2·4.4714 = 34.06 m³ over the floor's zero.
  await expect(clear(page, "Volume")).toHaveText("34.06 m³")
  // A bed of 2 m across: 3271.4 − 2000.
  await expect(page.getByRole("button", { name: /^Bed, 2/ })).toContainText("fits, 1 271 mm to spare")
  // Hip of the same height: long slopes (4.8 + 1.2)/2·2.1095 = 6.329 m², short ones 3.6/2·2.1095 = 3.797 m²;
  // 4.8·3.6·2.2 + 1.1·3.6·(14.4 − 3.6)/6 = 38.016 + 7.128 = 45.144 m³.
  await tab(page, "measures")
  await page.getByLabel("Form").selectOption("hip roof")
  await expect(page.locator("[data-face=roof-right]")).toHaveAccessibleName("Right roof, 6.33 m²")
  await expect(page.locator("[data-face=roof-front]")).toHaveAccessibleName("Front roof, 3.8 m²")
  await tab(page, "clear space")
  await expect(page.getByText("45.14 m³ over all")).toBeVisible()
  // One slope from 3.3 m at the left to 2.2 m at the right: √(3.6² + 1.1²) = 3.7643 m: 18.069 m²; 4.8·3.6·2.75 = 47.52 m³.
  await tab(page, "measures")
  await page.getByLabel("Form").selectOption("one slope")
  await expect(page.locator("[data-face=roof]")).toHaveAccessibleName("Roof, 18.07 m²")
  await tab(page, "clear space")
  await expect(page.getByText("47.52 m³ over all")).toBeVisible()
  await page.locator("[data-face=roof]").click()
  await page.keyboard.press("3")
  await expect(page.getByText("uses “Roof, under the vented sheets”")).toBeVisible()
})

test("a post-frame barn: slab, posts and girts, overhang", async ({ page }) => {
  const id = await putJob(page, demoJob("Eel Barn", "barn"))
  await openJob(page, id, "shell")
  // Slopes √(4.5² + 1.5²) = 4.7434 m of 12 m; gables 9·3.6 + 4.5·1.5; 12·39.15 m³.
  await expect(page.locator("[data-face=roof-left]")).toHaveAccessibleName("Left roof, 56.92 m²")
  await expect(page.locator("[data-face=front]")).toHaveAccessibleName("Front gable, 39.15 m²")
  await expect(page.locator("[data-face=left]")).toHaveAccessibleName("Left wall, 43.2 m²")
  await tab(page, "clear space")
  await expect(page.getByText("469.8 m³ over all")).toBeVisible()
  // Walls 190.7 mm, roof 37.5, which is 39.5 plumb on a slope of a third; the slab is there already and lies below the zero.
  await expect(clear(page, "Length")).toHaveText("11 619 mm")
  await expect(clear(page, "Width")).toHaveText("8 619 mm")
  await expect(clear(page, "Height at the walls")).toHaveText("3 624 mm")
  // 8.6186·(3.62404 + 5.06047)/2·11.6186 = 434.816
  await expect(clear(page, "Volume")).toHaveText("434.82 m³")
  await tab(page, "surroundings")
  await expect(page.getByText("Below it is the ground")).toBeVisible()
  await expect(page.getByLabel("Roof past the side walls")).toHaveValue("450")
  // Posts of 140 mm at 2.4 m stand in one layer, girts of 89 mm at 0.6 m cross them in another.
  await page.locator("[data-face=left]").press("Enter")
  await tab(page, "members")
  await expect(page.locator("[data-face=left] [data-members]")).toHaveCount(2)
  await page.getByText("Posts", { exact: true }).click()
  await expect(page.locator("details[open]").getByText(/They cross glass wool.*outside them/)).toBeVisible()
})

test("a gap between posts and lining keeps its own resistance and takes its room", async ({ page }) => {
  const id = await putJob(page, demoJob("Eel Barn", "gap"))
  await openJob(page, id)
  await page.locator("[data-face=left]").press("Enter")
  await page.locator("[data-layer-row]").filter({ hasText: "between posts" }).click()
  await page.getByRole("button", { name: "Add layer" }).click()
  await page.getByRole("dialog").getByRole("searchbox").fill("air space")
  await page.keyboard.press("Enter")
  await type(page, "Thickness", "30")
  // ISO 6946, table 8: closed, 25 mm and more, heat flowing level: 0.18 m²·K/W whatever its depth. It has no R on a label.
  const gap = page.locator("[data-layer-row]").filter({ hasText: "Air space, closed" })
  await expect(gap.getByRole("cell")).toHaveText([/Air space, closed/, "30", "–", "0.18", "0", "0.00"])
  await page.getByRole("button", { name: /Shell/ }).click()
  // 30 mm on either side: 8619 − 60, and as much off the length.
  await tab(page, "clear space")
  await expect(clear(page, "Width")).toHaveText("8 559 mm")
  await expect(clear(page, "Length")).toHaveText("11 559 mm")
  await tab(page, "members")
  await page.getByText("Posts", { exact: true }).click()
  await expect(page.locator("details[open]").getByText(/inside air space, closed, polythene membrane/)).toBeVisible()
})

test("a board crushed under a barrel is called so", async ({ page }) => {
  const id = await putJob(page, demoJob("Larkspur", "barrel"))
  await openJob(page, id, "shell")
  await tab(page, "clear space")
  await page.getByRole("button", { name: "Barrel, cabinet or person" }).click()
  const loads = page.getByRole("region", { name: "Does the floor bear it?" })
  // 220·9.81 N on 500 by 500 mm: 8.6 kPa.
  await expect(loads).toContainText("220 kg, 8.6 kPa under it: the floor bears it")
  // On feet of 120 by 120 mm 149.9 kPa; under 12 mm of plywood on 144 by 144 mm 104.1 kPa, and XPS bears 0.3·300 = 90 kPa for years.
  await type(page, "Its foot, one way", "120")
  await type(page, "Its foot, the other way", "120")
  await expect(loads).toContainText("149.9 kPa under it: Extruded polystyrene (XPS) is crushed: 104.1 kPa on it, it bears 90 kPa")
  await expect(page.getByText("Extruded polystyrene (XPS) is crushed under “Barrel”.")).toBeVisible()
  // For a moment it bears half of its 300 kPa.
  await loads.getByRole("switch", { name: "Stands there for years" }).click()
  await expect(loads).toContainText("149.9 kPa under it: the floor bears it")
  await type(page, "Weight, filled", "heavy")
  await expect(loads.getByRole("alert")).toBeVisible()
})

test("a cold room in a shed sees a room and no sun, and its inside is what was asked for", async ({ page }) => {
  const id = await putJob(page, demoJob("Cold Nettle", "room in a shed"))
  await openJob(page, id, "shell")
  // 3.2626·2.5515
  await expect(page.locator("[data-face=left]")).toHaveAccessibleName("Left wall, 8.32 m²")
  await expect(page.getByText("3 readings of the tape are kept and agree with the shell.")).toBeVisible()
  await tab(page, "clear space")
  await expect(clear(page, "Length")).toHaveText("3 000 mm")
  await expect(clear(page, "Width")).toHaveText("2 400 mm")
  await expect(clear(page, "at the highest")).toHaveText("2 300 mm")
  await expect(clear(page, "Volume")).toHaveText("16.56 m³")
  await tab(page, "surroundings")
  await expect(page.getByLabel("Left wall", { exact: true })).toHaveValue("around")
  await page.keyboard.press("4")
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible()
  // Thicker walls eat into it; the tape's three metres are held against what is left, and put right only when asked.
  await page.keyboard.press("3")
  await page.locator("[data-layer-row=l2]").click()
  await type(page, "Thickness", "140")
  await page.keyboard.press("Escape")
  await page.getByRole("button", { name: /Shell/ }).click()
  await tab(page, "measures")
  const length = page.locator("[data-reading=length]")
  await expect(length).toContainText("the tape said 3 000 mm, the shell gives 2 960 mm: 40 mm less.")
  await length.getByRole("button", { name: "Take what the tape said" }).click()
  await expect(length).toBeHidden()
  await expect(page.getByLabel("Length", { exact: true })).toHaveValue("3\u00a0303")
})

test("an unheated lean-to finds its own temperature between inside and outdoors", async ({ page }) => {
  const id = await putJob(page, demoJob("Tern Hut", "lean-to"))
  await openJob(page, id, "shell")
  const before = await figure(page, "loss")
  await tab(page, "surroundings")
  await page.getByRole("button", { name: "Space", exact: true }).click()
  await type(page, "Name", "Wood store")
  await type(page, "Its loss outdoors, per degree", "20")
  await expect(page.getByText("No face stands against it yet.")).toBeVisible()
  await page.getByLabel("Back gable", { exact: true }).selectOption("Wood store")
  await expect(page.getByText(/It finds −?[\d.]+\s°C in the worst night/)).toBeVisible()
  expect(await figure(page, "loss")).toBeLessThan(before)
  await page.locator("[data-face=back]").click()
  await page.keyboard.press("3")
  await expect(page.getByText("against “Wood store”")).toBeVisible()
})

test("a job file of version 1 still opens", async ({ page }) => {
  await page.goto("/")
  await page.getByLabel("Job file").setInputFiles("tests/store/files/v1-cold-nettle.pelz.json")
  await expect(page).toHaveURL(/build-ups$/)
  await expect(page.locator("[data-figure=damp]")).toContainText(/(wetter|harmed) each year/)
})
