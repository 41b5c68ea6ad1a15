import { expect } from "@playwright/test"
import { demoJob, openJob, putJob, tab, test, type } from "./bench"

test.use({ beside: false })

test("rafters that run out past the face are drawn beyond it", async ({ page }) => {
  const id = await putJob(page, demoJob("Tern Hut", "rafters run out"))
  await openJob(page, id, "shell")
  await page.locator("[data-face=roof-left]").press("Enter")
  const ends = page.getByTestId("elevation").locator("[data-running-out=Rafters]")
  // At 600 mm on 4.8 m from the first at 600 to the last at 4200: seven, each running out by its 400 mm on the scale of the drawing.
  const drawn = async () => {
    const path = (await ends.getAttribute("d")) ?? ""
    const parts = [...path.matchAll(/M([\d.]+) [\d.]+v([\d.]+)/g)].map(([, x, reach]) => ({ x: Number(x), reach: Number(reach) }))
    return { count: parts.length, ratio: (parts.at(-1)!.x - parts[0]!.x) / parts[0]!.reach }
  }
  expect(await drawn()).toEqual({ count: 7, ratio: expect.closeTo(3.6 / 0.4, 6) as unknown })
  await tab(page, "members")
  await page.getByText("Rafters", { exact: true }).click()
  await type(page, "Run out past the face by", "900")
  await expect.poll(drawn).toEqual({ count: 7, ratio: expect.closeTo(3.6 / 0.9, 6) as unknown })
  await type(page, "Run out past the face by", "0")
  await expect(ends).toHaveCount(0)
})

test("the pelt is brought nearer, pushed about, and shown whole again", async ({ page }) => {
  const id = await putJob(page, demoJob("Larkspur", "nearer"))
  await openJob(page, id, "shell")
  const floor = page.locator("[data-face=floor]")
  const wide = async () => (await floor.boundingBox())!.width
  const whole = await wide()
  await page.getByRole("button", { name: "Zoom in", exact: true }).click()
  expect((await wide()) / whole).toBeCloseTo(1.5, 1)
  const before = (await floor.boundingBox())!
  const pelt = (await page.getByTestId("pelt").boundingBox())!
  await page.mouse.move(pelt.x + 30, pelt.y + 30)
  await page.mouse.down()
  await page.mouse.move(pelt.x + 90, pelt.y + 70, { steps: 5 })
  await page.mouse.up()
  const after = (await floor.boundingBox())!
  expect([Math.round(after.x - before.x), Math.round(after.y - before.y)]).toEqual([60, 40])
  await page.getByRole("button", { name: "Whole pelt" }).click()
  expect(await wide()).toBeCloseTo(whole, 0)
})

test("the body in space shares the selection, and without WebGL the pelt stands in for it", async ({ page }) => {
  const id = await putJob(page, demoJob("Tern Hut", "folded up"))
  await openJob(page, id, "shell")
  await page.getByRole("radio", { name: "folded up" }).click()
  const body = page.getByTestId("body")
  await expect(body).toHaveAccessibleName(/Left wall is chosen/)
  await page.locator("[data-face=roof-right]").click()
  await expect(body).toHaveAccessibleName(/Right roof is chosen/)
  // The body begins with its right side towards the eye: a press above its middle meets the right roof, one below it the right wall.
  const { x, y, width, height } = (await body.boundingBox())!
  await page.mouse.click(x + width / 2, y + height * 0.68)
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Right wall")
  await page.addInitScript(() => {
    Object.defineProperty(HTMLCanvasElement.prototype, "getContext", { value: () => null })
  })
  await page.reload()
  await page.getByRole("radio", { name: "folded up" }).click()
  await expect(page.getByTestId("no-body")).toContainText("the pelt shows the same")
})
