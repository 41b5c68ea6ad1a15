import { expect, type Page } from "@playwright/test"
import { extractText, getDocumentProxy } from "unpdf"
import { axe } from "./axe"
import { demoJob, openJob, putJob, test } from "./bench"

/** Points of a PDF in a millimetre. */
const POINT = 72 / 25.4

/** The page as the browser prints it. */
async function printed(page: Page) {
  const pdf = await getDocumentProxy(new Uint8Array(await page.pdf({ preferCSSPageSize: true })))
  const { text } = await extractText(pdf)
  return { pdf, text: text.map((one) => one.replaceAll("\u00a0", " ")) }
}

/** Sizes of all paths on a page of a PDF, mm: its drawing operators with the matrices that they stand under. */
async function pathSizes(pdf: Awaited<ReturnType<typeof printed>>["pdf"], number: number): Promise<[number, number][]> {
  const { fnArray, argsArray } = await (await pdf.getPage(number)).getOperatorList()
  // As the PDF reference numbers them: save, restore, concatenate, construct a path.
  const [SAVE, RESTORE, TRANSFORM, PATH] = [10, 11, 12, 91]
  const stack: number[][] = []
  let [a, b, c, d] = [1, 0, 0, 1]
  const sizes: [number, number][] = []
  fnArray.forEach((operator: number, i: number) => {
    const args = argsArray[i] as number[]
    if (operator === SAVE) stack.push([a, b, c, d])
    if (operator === RESTORE) [a = 1, b = 0, c = 0, d = 1] = stack.pop() ?? []
    if (operator === TRANSFORM) {
      const [e = 1, f = 0, g = 0, h = 1] = args
      ;[a, b, c, d] = [a * e + c * f, b * e + d * f, a * g + c * h, b * g + d * h]
    }
    if (operator === PATH) {
      const [left = 0, low = 0, right = 0, high = 0] = Object.values((args as unknown as [unknown, unknown, Record<number, number>])[2])
      const [wide, tall] = [right - left, high - low]
      sizes.push([(Math.abs(a) * wide + Math.abs(c) * tall) / POINT, (Math.abs(b) * wide + Math.abs(d) * tall) / POINT])
    }
  })
  return sizes
}

test("the job sheet is printed on A4 and on Letter, with measures, layers, figures and cautions", async ({ page }) => {
  const id = await putJob(page, demoJob("Larkspur", "On a sheet"))
  await openJob(page, id)
  await page.getByRole("button", { name: /^On paper/ }).click()
  await expect(page.getByRole("button", { name: "Print, or save as PDF" })).toBeEnabled({ timeout: 60_000 })
  for (const [paper, width, height] of [
    ["A4", 210, 297],
    ["Letter", 215.9, 279.4],
  ] as const) {
    await page.getByLabel("Paper", { exact: true }).selectOption({ label: paper })
    const { pdf, text } = await printed(page)
    const { view } = await pdf.getPage(1)
    expect(view[2]! / POINT).toBeCloseTo(width, 0)
    expect(view[3]! / POINT).toBeCloseTo(height, 0)
    const all = text.join("\n")
    for (const words of [
      "On a sheet",
      "hemp between the ribs",
      String(new Date().getFullYear()),
      /at 1 : \d+; measured over all/,
      // The floor's edges, the side door, a layer with its members, a limit, a verdict, a caution.
      "3 600 mm",
      /Sliding\s+door\s+1\s200\s+mm\s+×\s+1\s650\s+mm/,
      /Hemp batt, between Ribs and waist rail 50 mm every 600 mm/,
      "at least 1 780 mm",
      /(wetter|harmed) each year/,
      "carbon monoxide alarm",
      "codes, licensed trades and makers’ sheets decide",
    ])
      expect(all).toMatch(words)
    const { violations } = await axe(page).withTags(["wcag2a", "wcag2aa"]).analyze()
    expect(violations.map((one) => one.id)).toEqual([])
    // No controls on paper.
    expect(all).not.toMatch(/Back to the bench|save as PDF/)
  }
})

test("the scale that stands under the pelt is the one that it is printed at", async ({ page }) => {
  const id = await putJob(page, demoJob("Larkspur", "To scale"))
  await openJob(page, id)
  await page.getByRole("button", { name: /^On paper/ }).click()
  const one = Number(await page.getByTestId("job-sheet").locator("svg[data-scale]").getAttribute("data-scale"))
  const { pdf } = await printed(page)
  // The floor is 3600 by 1780 mm.
  const floor = (await pathSizes(pdf, 1)).filter(([wide, tall]) => Math.abs(wide - 3600 / one) < 0.3 && Math.abs(tall - 1780 / one) < 0.3)
  expect(floor.length).toBeGreaterThan(0)
})

test("a wheel box is printed at its full size over several sheets, with marks to join them", async ({ page }) => {
  const id = await putJob(page, demoJob("Larkspur", "At full size"))
  await openJob(page, id)
  await page.getByRole("button", { name: /^On paper/ }).click()
  await page.getByLabel("On paper", { exact: true }).selectOption({ label: "template at full size: Left wheel box" })
  const { pdf, text } = await printed(page)
  // 990 mm with their strips of 10 over 180 to a sheet, 405 over 267: six across, two down.
  const box = demoJob("Larkspur").shell.boxes
  const [{ length, height } = { length: 0, height: 0 }] = Object.values(box)
  const [across, down] = [Math.ceil((length * 1000 + 10) / 180), Math.ceil((height * 1000 + 10) / 267)]
  expect(pdf.numPages).toBe(across * down)
  expect(text[0]).toContain(`sheet A1 of ${across * down}`)
  expect(text[0]).toContain("joins B1")
  expect(text[1]).toContain("joins A1")
  // The bar of 100 mm is 100 mm long on paper, its ends 3 mm high.
  const bar = (await pathSizes(pdf, 1)).filter(([wide, tall]) => Math.abs(wide - 100) < 0.1 && Math.abs(tall - 3) < 0.1)
  expect(bar).toHaveLength(1)
  // The whole outline is drawn on each sheet, which shows its part: 1:1 across and up.
  expect(
    (await pathSizes(pdf, 1)).some(([wide, tall]) => Math.abs(wide - length * 1000) < 0.5 && Math.abs(tall - height * 1000) < 0.5),
  ).toBe(true)
})
