import { readFileSync } from "node:fs"
import { expect, type Page } from "@playwright/test"
import DxfParser, { type ILwpolylineEntity } from "dxf-parser"
import Papa from "papaparse"
import { PLAIN_LAYER } from "../../src/schema/job/build-up"
import type { Job } from "../../src/schema/job/job"
import { axe } from "./axe"
import { demoJob, figure, goTo, openJob, putJob, settled, test, type } from "./bench"

/** The cold room with two layers of foam boards all round in place of wool, and no members: boards of 2.4 by 1.2 m. */
function foamed(name: string): Job {
  const job = demoJob("Cold Nettle", name)
  const variant = structuredClone(job.variants[job.active]!)
  const foam = { ...PLAIN_LAYER, material: "pir-board", thickness: 0.05 }
  for (const assembly of Object.values(variant.assemblies)) {
    const first = assembly.order[0]!
    assembly.layers = { [first]: assembly.layers[first]!, one: foam, two: foam }
    assembly.order = [first, "one", "two"]
    assembly.members = {}
  }
  return { ...job, variants: { [job.active]: variant }, order: [job.active] }
}

const sheets = (page: Page) => page.getByTestId("sheets")

/** Waits until the best plan that the station looks for is there. */
const planned = (page: Page) => expect(sheets(page)).toHaveAttribute("data-settled", "true", { timeout: 60_000 })

test("two layers of foam are laid with their joints apart, the door's piece is cut into other faces, a joint is locked, and the drawing is read back", async ({
  page,
}) => {
  await openJob(page, await putJob(page, foamed("foamed")), "sheets")
  await planned(page)
  await page.getByRole("radio", { name: /PIR board.*50/i }).click()
  await planned(page)
  const headline = page.getByTestId("sheets-headline")
  await expect(headline).toContainText(/^\d+ sheets of PIR board/i)
  // Nothing is said of joints that lie nearer to each other than asked.
  await expect(sheets(page)).not.toContainText("Joints nearer to each other")
  await expect(page.getByRole("img", { name: /^cut out of piece \d+/ }).first()).toBeVisible()
  await expect(sheets(page).getByRole("table")).toContainText(/from the opening in piece \d+/)
  // The second layer shows the joints that it lies on.
  await page.getByRole("radio", { name: "second layer" }).click()
  await expect(page.locator("[data-boards=left] g[stroke-dasharray] path").first()).toBeAttached()
  const drawn = await page.locator("[data-boards=left] [data-piece]").count()
  expect(drawn).toBeGreaterThan(2)

  await page.locator("[data-face=left]").press("Enter")
  const joint = page.locator("[data-joint]").first()
  await joint.focus()
  await joint.press("ArrowRight")
  const locked = page.locator("[data-joint][data-locked]")
  await expect(locked).toHaveCount(1)
  const before = await locked.getAttribute("aria-valuetext")
  await locked.press("ArrowRight")
  await expect(locked).not.toHaveAttribute("aria-valuetext", before!)
  const place = await locked.getAttribute("aria-valuetext")
  await settled(page)
  await page.reload()
  await planned(page)
  await page.getByRole("radio", { name: /PIR board.*50/i }).click()
  await page.getByRole("radio", { name: "second layer" }).click()
  await page.locator("[data-face=left]").press("Enter")
  await expect(page.locator("[data-joint][data-locked]")).toHaveAttribute("aria-valuetext", place!)
  await planned(page)

  const { violations } = await axe(page).include("main").analyze()
  expect(violations).toEqual([])

  const saved = async (button: string) => {
    const [download] = await Promise.all([page.waitForEvent("download"), page.getByRole("button", { name: button }).click()])
    return { name: download.suggestedFilename(), text: readFileSync(await download.path(), "utf8") }
  }
  const [dxf, csv, svg] = [await saved("Save as DXF"), await saved("Save the pieces"), await saved("Save as SVG")]
  expect([dxf.name, csv.name, svg.name].map((name) => name.split(".").at(-1))).toEqual(["dxf", "csv", "svg"])
  const rows = Papa.parse<Record<string, string>>(csv.text, { header: true, skipEmptyLines: true }).data
  const lines = new DxfParser().parseSync(dxf.text)!.entities as ILwpolylineEntity[]
  const sizeOf = ({ vertices }: ILwpolylineEntity) => {
    const [xs, ys] = [vertices.map(({ x }) => x), vertices.map(({ y }) => y)]
    return [Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys)].sort((a, b) => a - b)
  }
  const pieces = lines.filter(({ layer, type }) => layer === "CUT" && type === "LWPOLYLINE")
  expect(pieces).toHaveLength(rows.length)
  const sorted = (sizes: number[][]) => sizes.map((size) => size.map((side) => Math.round(side)).join(" × ")).sort()
  expect(sorted(pieces.map(sizeOf))).toEqual(
    sorted(rows.map((row) => [Number(row["length, mm"]), Number(row["width, mm"])].sort((a, b) => a - b))),
  )
  for (const sheet of lines.filter(({ layer, type }) => layer === "SHEET" && type === "LWPOLYLINE")) {
    const [width, length] = sizeOf(sheet) as [number, number]
    expect(width <= 1200 && length <= 2400).toBe(true)
  }
  expect(svg.text).toMatch(/^<svg [^>]*width="2400(\.\d+)?mm"/)
})

test("sheets that are too small for the members are told, wrong sizes stay as they were typed, an offcut on hand is used", async ({
  page,
}) => {
  await openJob(page, await putJob(page, demoJob("Tern Hut", "small sheets")), "sheets")
  await planned(page)
  await page.getByRole("radio", { name: /Birch plywood, 9/ }).click()
  await planned(page)
  const bought = async () => Number(/^\d+/.exec((await page.getByTestId("sheets-headline").textContent())!)![0])
  const before = await bought()
  await page.getByText("Sheets that are sold, offcuts on hand, and the saw").click()
  await type(page, "Offcuts on hand, length × width", "2400 by")
  await expect(page.getByTestId("stock-fields")).toContainText("is no size: write length × width")
  await expect(page.getByLabel("Offcuts on hand, length × width")).toHaveValue("2400 by")
  await type(page, "Offcuts on hand, length × width", "2440 x 1220; 2440 × 1220")
  await planned(page)
  await expect(page.getByRole("img", { name: /^offcut on hand/ }).first()).toBeVisible()
  await expect.poll(bought).toBeLessThan(before)
  // Studs stand 600 mm apart: a board of 500 reaches none.
  await type(page, "Length", "500")
  await type(page, "Width", "400")
  await expect(sheets(page)).toContainText("Joints that no member carries", { timeout: 30_000 })
  await page.getByText("How these boards are laid").click()
  await page.getByLabel("Their joints lie").selectOption({ label: "anywhere" })
  await expect(sheets(page)).not.toContainText("Joints that no member carries", { timeout: 30_000 })
})

test("the shopping list is ticked off and priced, weighs on axles, and goes on paper with the cutting drawing", async ({ page }) => {
  const id = await putJob(page, demoJob("Larkspur", "bought"))
  await openJob(page, id, "sheets")
  await planned(page)
  await page.getByText("Shopping list of the whole job").click()
  const shopping = page.getByTestId("shopping")
  await expect(shopping.getByRole("region", { name: "Timber yard" })).toContainText(/sheets Birch plywood, 12/)
  const sealant = shopping.getByLabel(/^Price of one cartridge/)
  const money = async () => Number(/^[\d\s]+/.exec((await shopping.locator("p").first().textContent())!)![0].replace(/\s/g, ""))
  const before = await money()
  await sealant.fill("100")
  await sealant.press("Enter")
  await expect.poll(money).toBeGreaterThan(before + 99)
  await shopping.getByLabel(/^Bought: Birch plywood, 12/).check()
  await type(page, "Screws along a board’s ends, every", "5 m")
  await expect(shopping).toContainText(/Between .* and/)
  await page.getByText("Weight and money by face, and where the weight’s centre lies").click()
  await type(page, "Rear axle, from the back of the room", "600")
  await expect(page.getByTestId("weights")).toContainText("Measure the front axle too")
  await type(page, "Front axle, from the back of the room", "4200")
  await expect(page.getByTestId("axle-loads")).toContainText(/the rear axle carries 1\d\d/)
  await settled(page)
  const { violations } = await axe(page).include("[data-testid=shopping]").include("[data-testid=weights]").analyze()
  expect(violations).toEqual([])

  await page.goto(`/jobs/${id}/paper`)
  await page.getByLabel("On paper", { exact: true }).selectOption({ label: "shopping list" })
  const paper = page.getByTestId("sheets-on-paper")
  await expect(paper.getByLabel("bought")).toHaveCount(1, { timeout: 30_000 })
  await page.getByLabel("On paper", { exact: true }).selectOption({ label: "cutting drawing: Birch plywood, 12 mm" })
  await expect(paper).toContainText("3 sheets of birch plywood", { timeout: 30_000 })
  await expect(page.getByRole("button", { name: "Print, or save as PDF" })).toBeEnabled({ timeout: 30_000 })
  for (const label of ["template at full size: Bulkhead", "template at full size: Left wheel box"]) {
    await page.getByLabel("On paper", { exact: true }).selectOption({ label })
    const [download] = await Promise.all([page.waitForEvent("download"), page.getByRole("button", { name: "Save as DXF" }).click()])
    const told = new DxfParser().parseSync(readFileSync(await download.path(), "utf8"))!
    expect(told.entities.some(({ layer }) => layer === "OUTLINE")).toBe(true)
  }
})

test("tubes and blocks stand in one floor layer of the van: both lose heat, have their sticks, and part the boards", async ({ page }) => {
  await openJob(page, await putJob(page, demoJob("Larkspur", "tubes and blocks")))
  await page.locator("[data-face=floor]").press("Enter")
  await page.locator("[data-layer-row=l2]").click()
  const without = await figure(page, "loss")
  await page.getByLabel("Lies between").selectOption({ label: "new: ribs of sheet metal" })
  await settled(page)
  const tubes = await figure(page, "loss")
  expect(tubes).toBeGreaterThan(without)
  await page.getByLabel("Between them stand, too").selectOption({ label: "new: battens that cross" })
  await expect(page.getByTestId("member-fields")).toHaveCount(2)
  await settled(page)
  const both = await figure(page, "loss")
  expect(both).toBeGreaterThan(tubes)
  await page.getByText("Cut list: which stick comes from which bar").last().click()
  await expect(page.getByTestId("cut-list")).toContainText(/for \d+ sticks/, { timeout: 30_000 })
  await goTo(page, "sheets")
  await planned(page)
  await page.getByRole("radio", { name: /Extruded polystyrene.*30/ }).click()
  await expect.poll(() => page.locator("[data-boards=floor] [data-piece]").count()).toBeGreaterThan(15)
  await goTo(page, "build-ups")
  await page.locator("[data-layer-row=l2]").click()
  await page.getByRole("button", { name: /^take battens out of this layer/ }).click()
  await settled(page)
  expect(await figure(page, "loss")).toBeCloseTo(tubes, 3)
})
