import { expect } from "@playwright/test"
import { demoJob, figure, goTo, openJob, putJob, twice, type, test } from "./bench"

test("a break across the ribs: the inside face is warmer, its cold line is gone, and a press tries it in a variant", async ({ page }) => {
  const id = await putJob(page, demoJob("Larkspur", "a break"))
  await openJob(page, id)
  await page.locator("[data-face=left]").press("Enter")
  await page.locator("[data-layer-row=l2]").click()
  await page.getByRole("button", { name: "See it in two dimensions" }).click()
  const bare = page.getByTestId("bridge")
  const broken = page.getByTestId("bridge-with-break")
  // Outdoors −27 °C, indoors 18 °C: isotherms every 5 K between the two faces, one of them freezing, and the dew point across it.
  const picture = bare.getByRole("img", { name: /Temperatures around one of the ribs/ })
  await expect(picture.locator("[data-isotherm='0']")).toBeAttached()
  await expect(picture.locator("[data-line=dew-point]")).toBeAttached()
  await expect(bare).toContainText("The inside face freezes along it")
  await page.getByRole("button", { name: "Calculate it with the break" }).click()
  await expect(broken).toBeVisible()
  await expect(broken).not.toContainText("along it")
  const coldest = async (words: typeof bare) => Number(/comes down to (−?[\d.]+)/.exec(await words.innerText())![1]!.replace("−", "-"))
  // 20 mm of foam are 0.59 m²·K/W more beside the rib's own; the dew point is 7.4 °C.
  expect(await coldest(bare)).toBeLessThan(0)
  expect(await coldest(broken)).toBeGreaterThan(7.4)
  // A thicker break is another detail; one that was calculated before is known at once.
  await type(page, "Thickness of the break", "30")
  await expect(broken).toBeHidden()
  await type(page, "Thickness of the break", "20")
  await expect(broken).toBeVisible()
  await type(page, "Thickness of the break", "2 m")
  await expect(page.getByRole("alert").filter({ hasText: "no thicker than 300 mm" })).toBeVisible()
  const before = await figure(page, "loss")
  await page.getByRole("button", { name: "Try it in a variant" }).click()
  await expect(page.getByRole("button", { name: /with a break/ })).toBeVisible()
  await expect(page.locator("[data-layer-row]").filter({ hasText: "Extruded polystyrene" }).getByRole("cell").nth(1)).toHaveText("20")
  expect(await figure(page, "loss")).toBeLessThan(before)
})

test("a rib in a van wall counts in two dimensions by itself; its picture belongs to the layers that it was made for", async ({ page }) => {
  const id = await putJob(page, demoJob("Larkspur", "a rib"))
  await openJob(page, id)
  await page.locator("[data-layer-row=l2]").click()
  const see = page.getByRole("button", { name: "See it in two dimensions" })
  await see.click()
  const bridge = page.getByTestId("bridge")
  await expect(bridge).toContainText("Each metre of ribs and waist rail loses")
  // At −27 °C outdoors behind 45 mm of hemp the steel brings the inside face under the dew point of 18 °C at 50 %: 7.4 °C
  // (psat 2063 Pa, half of it 1032 Pa).
  await expect(bridge).toContainText("the air before it sweats below 7.4 °C")
  await expect(bridge).toContainText("The inside face freezes along it")
  // The built R of the station is the one that the picture's U says: with it over the plates and rails of the whole wall.
  await expect(page.getByText("What ribs and waist rail pass is calculated in two dimensions")).toBeVisible()
  await type(page, "Thickness", "80")
  await expect(bridge).toBeHidden()
  await expect(see).toBeVisible()
  // The figures are calculated again beside the work, and say so as long as they are not.
  await expect(page.locator("[data-figure=loss]")).not.toContainText("≈")
})

test("bridges are ranked by what they cost, show their temperatures, and lead to their layers", async ({ page }) => {
  const id = await putJob(page, demoJob("Larkspur", "ranked"))
  await openJob(page, id, "heat")
  const bridges = page.getByRole("region", { name: "Bridges" })
  const rows = bridges.locator("[data-row]")
  // Three sets of ribs and twelve edges.
  await expect(rows).toHaveCount(15)
  await expect(bridges).not.toContainText("≈")
  const watts = (await rows.locator("td:nth-child(4)").allInnerTexts()).map((text) => Number(text.replace("−", "-")))
  expect(watts).toEqual([...watts].sort((a, b) => b - a))
  // What one row says hangs together: ψ times length times 45 K, from −27 °C to 18 °C, as far as ψ is written.
  const [psi, long] = await Promise.all(
    [2, 3].map(async (n) => (await rows.first().locator(`td:nth-child(${n})`).innerText()).replace(/[^\d.]/g, "")),
  )
  expect(watts[0]! / (Number(psi) * (Number(long) / 1000) * 45)).toBeCloseTo(1, 1)
  await expect(rows.first()).toContainText("frost")
  // An edge: both build-ups run into the corner, the room is named in it.
  await bridges.getByRole("button", { name: "See Floor to left wall" }).click()
  await bridges.getByRole("button", { name: "Calculate its temperatures" }).click()
  await expect(bridges.getByRole("img", { name: /floor to left wall/ })).toContainText("indoors")
  // It is dry, and a break beside it can be seen all the same: on either of its faces.
  await bridges.getByLabel("Set", { exact: true }).selectOption({ label: "inside of the floor" })
  await bridges.getByRole("button", { name: "Calculate it with the break" }).click()
  const [warmer, colder] = await twice(bridges.getByTestId("with-and-without"), /coldest ([−\d.]+) °C in place of ([−\d.]+)/)
  expect(warmer).toBeGreaterThan(colder)
  await bridges.getByRole("button", { name: "See Floor to left wall" }).click()
  // The cheapest measure of the dearest bridge, at a press.
  await bridges.getByRole("button", { name: "See Ribs and waist rail" }).first().click()
  await bridges.getByRole("button", { name: "Calculate its temperatures" }).click()
  await bridges.getByRole("button", { name: "Find the cheapest change that keeps it dry" }).click()
  const measure = bridges.getByTestId("measure")
  await expect(measure).toContainText("nothing gathers on")
  const before = await figure(page, "loss")
  await measure.getByRole("button", { name: "Try it in a variant" }).click()
  await expect(page.getByRole("button", { name: /with a break/ })).toBeVisible()
  expect(await figure(page, "loss")).toBeLessThan(before - 100)
  // No rib of the side walls, which share the build-up, gathers anything now.
  await expect(bridges.locator("[data-row='member/left/m1'], [data-row='member/right/m1']")).toHaveCount(2)
  for (const side of ["left", "right"]) await expect(bridges.locator(`[data-row='member/${side}/m1']`)).not.toContainText(/frost|sweats/)
  await rows.first().getByRole("button").first().click()
  await expect(page).toHaveURL(/build-ups$/)
})

test("a steel door jamb with and without a thermal break: its cold line goes, and the surface is warmer", async ({ page }) => {
  const job = demoJob("Tern Hut", "a jamb")
  // In use all week: a hut that stands cold and dry most of the time does not mould.
  const always = { ...job, brief: { ...job.brief, inside: { ...job.brief.inside, away: null } } }
  const id = await putJob(page, always)
  await openJob(page, id, "damp")
  await page.getByRole("radio", { name: "where it sweats or freezes" }).click()
  const cold = page.locator("[data-opening=door] [data-cold]")
  await expect(page.locator("[data-face=right]")).toHaveAccessibleName(/no line sweats or moulds/)
  await expect(cold).toHaveCount(0)

  await goTo(page, "shell")
  await page.getByRole("radio", { name: "openings" }).click()
  await page.getByRole("button", { name: /^Door, right wall ·/ }).click()
  const before = await figure(page, "loss")
  await page.getByLabel("Set in").selectOption({ label: "sheet steel" })
  await expect(page.locator("[data-figure=loss]")).not.toContainText("≈")
  expect(await figure(page, "loss")).toBeGreaterThan(before + 40)
  const jamb = page.getByTestId("jamb")
  const see = page.getByRole("region", { name: "Door, jambs and head" }).getByRole("button", { name: "See it in two dimensions" })
  const coldest = async () => Number(/comes down to (−?[\d.]+)/.exec(await jamb.innerText())![1]!.replace("−", "-"))
  await see.click()
  await expect(jamb).toContainText("The inside face freezes along it")
  const bare = await coldest()
  await goTo(page, "damp")
  await page.getByRole("radio", { name: "where it sweats or freezes" }).click()
  await expect(cold).toHaveAttribute("data-cold", "frost")

  await goTo(page, "shell")
  await page.getByRole("radio", { name: "openings" }).click()
  // The detail is still open. With a break beside it, and then in a variant of its own: the first keeps its frost.
  const reveal = page.getByRole("region", { name: "Door, jambs and head" })
  await reveal.getByRole("button", { name: "Calculate it with the break" }).click()
  const [warm, cool] = await twice(reveal.getByTestId("with-and-without"), /coldest ([−\d.]+) °C in place of ([−\d.]+)/)
  expect(warm).toBeGreaterThan(Math.max(9.3, cool + 5))
  await reveal.getByRole("button", { name: "Try it in a variant" }).click()
  await expect(page.getByLabel("Break across it, in this variant")).toHaveValue("20")
  await expect(jamb).not.toContainText("along it")
  // 20 mm of plastic in a wall of 164 mm: the way along the steel is cut, the inside face comes over the dew point of 9.3 °C.
  expect(await coldest()).toBeGreaterThan(Math.max(9.3, bare + 5))
  await goTo(page, "damp")
  await page.getByRole("radio", { name: "where it sweats or freezes" }).click()
  // It is over the dew point of the worst night; in the mean of the coldest month it can still mould.
  await expect(cold).toHaveAttribute("data-cold", "mould")
})
