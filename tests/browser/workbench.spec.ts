import { expect } from "@playwright/test"
import { demoJob, shown, openJob, putJob, settled, type, test } from "./bench"

test.use({ beside: false })

test("a layer's edge is dragged and snaps to what is sold; the ledger moves while it is held", async ({ page }) => {
  const id = await putJob(page, demoJob("Tern Hut", "dragged"))
  await openJob(page, id)
  const before = await shown(page, "loss")
  await page.locator("[data-layer-row=l2]").click()
  // The wool is 120 mm thick and drawn to scale: 25 mm more is the next sold thickness, and three pixels short of it hold on to it.
  const edge = (await page.locator("[data-edge=l2] rect").first().boundingBox())!
  const drawn = (await page.locator("[data-layer=l2] rect").first().boundingBox())!
  const x = edge.x + edge.width / 2
  await page.mouse.move(x, edge.y + 60)
  await page.mouse.down()
  await page.mouse.move(x + (drawn.width / 0.12) * 0.025 - 3, edge.y + 60, { steps: 4 })
  // What is held waits with its bridges until it is let go.
  const held = Number(await page.locator("[data-figure=loss]").getAttribute("data-value"))
  expect(held).toBeLessThan(before)
  // Held, but not done yet: nothing to undo.
  await expect(page.getByRole("button", { name: "Undo" })).toBeDisabled()
  await page.mouse.up()
  await settled(page)
  await page.locator("[data-layer-row=l2]").click()
  await expect(page.getByLabel("Thickness", { exact: true })).toHaveValue("145")
  await page.getByRole("button", { name: "Undo" }).click()
  expect(await shown(page, "loss")).toBe(before)
})

test("everything on the bench by its keys", async ({ page }) => {
  const id = await putJob(page, demoJob("Larkspur", "by keys"))
  await openJob(page, id)
  const heading = page.getByRole("heading", { level: 1 })
  await page.keyboard.press("f")
  await expect(heading).toHaveText("Roof")
  await page.keyboard.press("Shift+F")
  await expect(heading).toHaveText("Left wall")
  await page.keyboard.press("j")
  await page.keyboard.press("j")
  await expect(page.locator("[data-layer-row=l2]").getByRole("button", { pressed: true })).toBeVisible()
  const thin = await shown(page, "loss")
  await page.keyboard.press("+")
  const thick = await shown(page, "loss")
  expect(thick).toBeLessThan(thin)
  await page.keyboard.press("-")
  expect(await shown(page, "loss")).toBe(thin)
  // Pin, then the ledger shows what changed against it.
  await page.keyboard.press("p")
  await page.keyboard.press("+")
  await expect(page.locator("[data-figure=loss] [data-change]")).toContainText("−")
  await expect(page.locator("[data-figure=height] [data-change]")).toContainText("±0")
  // A layer is added after the chosen one, replaced, moved, and taken out.
  const asked = async (key: string, name: string) => {
    await page.keyboard.press(key)
    await expect(page.getByRole("searchbox")).toBeFocused()
    await page.keyboard.type(name)
    await page.keyboard.press("Enter")
    await expect(page.getByRole("dialog")).toBeHidden()
  }
  const rows = page.locator("[data-layer-row]")
  await asked("a", "cork")
  await expect(rows.nth(2)).toContainText("Cork board")
  await asked("r", "aerogel")
  await expect(rows.nth(2)).toContainText("Aerogel")
  await page.keyboard.press("Shift+J")
  await expect(rows.nth(3)).toContainText("Aerogel")
  await page.keyboard.press("Delete")
  await expect(page.getByText("Aerogel blanket")).toHaveCount(0)
  for (const [key, name] of [
    ["1", "What is asked of it"],
    ["4", /heater/],
    ["5", "Left wall"],
  ] as const) {
    await page.keyboard.press(key)
    await expect(heading).toHaveText(name)
  }
  await page.keyboard.press("2")
  await expect(page.getByRole("radiogroup", { name: "Of the shell" })).toBeVisible()
  await page.keyboard.press("w")
  await expect(page.getByRole("dialog", { name: /Built R/ })).toBeVisible()
  await page.keyboard.press("Escape")
  await page.keyboard.press("/")
  await expect(page.getByRole("dialog").getByRole("combobox")).toBeFocused()
  await page.keyboard.type("Choose Bulk")
  await page.keyboard.press("Enter")
  await expect(heading).toHaveText("Bulkhead")
  await page.keyboard.press("?")
  await expect(page.getByRole("dialog", { name: "Keys" })).toBeVisible()
})

test("a row is moved with the keyboard, and by drag", async ({ page }) => {
  const id = await putJob(page, demoJob("Larkspur", "rows"))
  await openJob(page, id)
  const rows = page.locator("[data-layer-row]")
  await rows.nth(1).getByRole("button", { name: /^Move/ }).focus()
  // What drags them comes when one is gone to, and leaves the focus where it is.
  await expect(page.locator("[data-sortable=true]")).toBeVisible()
  await expect(rows.nth(1).getByRole("button", { name: /^Move/ })).toBeFocused()
  const said = page.locator("[id^=DndLiveRegion]")
  await page.keyboard.press("Space")
  await expect(said).toContainText("moved over")
  const over = await said.innerText()
  await page.keyboard.press("ArrowDown")
  await expect(said).not.toHaveText(over)
  await page.keyboard.press("Space")
  await expect(rows.nth(2)).toContainText("Hemp")
  const from = (await rows.nth(2).getByRole("button", { name: /^Move/ }).boundingBox())!
  const to = (await rows.nth(1).boundingBox())!
  await page.mouse.move(from.x + 6, from.y + 8)
  await page.mouse.down()
  await page.mouse.move(from.x + 6, from.y - 6, { steps: 3 })
  await page.mouse.move(from.x + 6, to.y + 6, { steps: 5 })
  await page.mouse.up()
  await expect(rows.nth(1)).toContainText("Hemp")
})

test("every ledger figure opens into its working, and a line leads to where it can be changed", async ({ page }) => {
  const id = await putJob(page, demoJob("Eel Barn", "workings"))
  await openJob(page, id)
  for (const name of ["loss", "gain", "year", "height", "weight", "money", "damp"]) {
    await page.locator(`[data-figure=${name}]`).click()
    const dialog = page.getByRole("dialog")
    await expect(dialog.getByText("Method")).toBeVisible()
    await expect(dialog.getByTestId("working-total")).not.toBeEmpty()
    await page.keyboard.press("Escape")
  }
  await page.locator("[data-figure=loss]").click()
  await page.getByRole("dialog").getByRole("button", { name: "Outdoors, worst night" }).click()
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("What is asked of it")
})

test("a wrong entry keeps its text, says what is wrong, and changes nothing", async ({ page }) => {
  const id = await putJob(page, demoJob("Larkspur", "wrong entries"))
  await openJob(page, id, "shell")
  const before = await shown(page, "loss")
  await type(page, "Width at the floor", "wide")
  await expect(page.getByRole("alert").filter({ hasText: "not a length" })).toBeVisible()
  await expect(page.getByLabel("Width at the floor", { exact: true })).toHaveValue("wide")
  // No van is so wide: it is asked first, and then it is too much for anything.
  await type(page, "Width at the floor", "900 m")
  await page.getByRole("button", { name: "Take it" }).click()
  await expect(page.getByRole("alert").filter({ hasText: "at most 200" })).toBeVisible()
  expect(await shown(page, "loss")).toBe(before)
  await type(page, "Width at the floor", "1800")
  expect(await shown(page, "loss")).toBeGreaterThan(before)
})

test("members, fit, colour, leaks and openings all move the ledger", async ({ page }) => {
  const id = await putJob(page, demoJob("Larkspur", "all moves"))
  await openJob(page, id)
  const moved = async (name: string, edit: () => Promise<unknown>) => {
    const before = await shown(page, name)
    await edit()
    await expect.poll(() => shown(page, name)).not.toBe(before)
  }
  await page.locator("[data-layer-row=l2]").click()
  await moved("loss", () => type(page, "Spacing, centre to centre", "900"))
  await moved("loss", () => page.getByRole("radio", { name: "gaps, and air behind it" }).check())
  await moved("loss", () => page.getByLabel("Lies between").selectOption("none"))
  await moved("money", () => page.getByRole("switch", { name: "There already" }).click())
  await moved("gain", () => type(page, /Sun that its outdoor skin/, "0.2"))
  await moved("loss", () => type(page, /Air changes an hour/, "5"))
  await page.keyboard.press("Escape")
  await page.getByRole("button", { name: "Give this face its own" }).click()
  await expect(page.getByText("used by this face only")).toBeVisible()
  await page.getByRole("button", { name: "Shell" }).click()
  await page.getByRole("radio", { name: "openings" }).click()
  await moved("loss", () => page.getByRole("button", { name: "Add to the left wall" }).click())
  await type(page, "From the left", "5 m")
  await expect(page.getByText("reaches over the edge of its face").first()).toBeVisible()
  await page.getByRole("radio", { name: "measures" }).click()
  await moved("loss", () => page.getByLabel("Form").selectOption("gable"))
  await expect(page.locator("[data-face=roof-left]")).toBeVisible()
})

test("variants are made, gone between, renamed and removed", async ({ page }) => {
  const id = await putJob(page, demoJob("Eel Barn", "variants"))
  await openJob(page, id)
  const first = await shown(page, "loss")
  await page.keyboard.press("v")
  await page.getByRole("button", { name: "Copy to a new variant" }).click()
  await page.keyboard.press("Escape")
  await page.getByRole("button", { name: /Left roof/ }).click()
  await page.locator("[data-layer-row=l2]").click()
  await type(page, "Thickness", "100")
  const second = await shown(page, "loss")
  expect(second).toBeLessThan(first)
  await page.getByRole("button", { name: "Left roof" }).first().focus()
  await page.keyboard.press("v")
  await page.getByRole("button", { name: "thin board under a dark roof", exact: true }).click()
  expect(await shown(page, "loss")).toBe(first)
  await page.getByRole("button", { name: "Rename" }).nth(1).click()
  await type(page, "Name of the variant", "thick board")
  await page.getByRole("button", { name: "thick board", exact: true }).click()
  expect(await shown(page, "loss")).toBe(second)
  await page.getByRole("button", { name: "Remove thick board" }).click()
  expect(await shown(page, "loss")).toBe(first)
})

test("on a narrow window the pelt stays on top and every station can be reached", async ({ page }) => {
  await page.setViewportSize({ width: 420, height: 860 })
  const id = await putJob(page, demoJob("Larkspur", "narrow"))
  await openJob(page, id)
  const pelt = (await page.getByLabel("Pelt", { exact: true }).boundingBox())!
  expect(pelt.y).toBeLessThan(80)
  expect(pelt.height).toBeLessThan(0.5 * 860)
  await page.getByLabel("Station", { exact: true }).selectOption("Damp")
  await expect(page.getByTestId("damp-sentence")).toBeVisible()
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(420)
})
