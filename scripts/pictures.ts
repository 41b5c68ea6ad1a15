import { spawn } from "node:child_process"
import { rmSync } from "node:fs"
import { chromium, type Page } from "@playwright/test"
import { CHROMIUM } from "./chromium.mjs"

// Takes the pictures of the README anew, from the demo jobs on a shelf of their own.
const BASE = "http://127.0.0.1:3293"
const FOLDER = ".tmp/pictures"

rmSync(FOLDER, { recursive: true, force: true })
const server = spawn("node", ["scripts/demo.mjs"], { env: { ...process.env, PORT: "3293", PELZHAUS_DEMO_DATA: FOLDER }, stdio: "ignore" })
const browser = await chromium.launch({ executablePath: CHROMIUM })

async function view(options: Parameters<typeof browser.newContext>[0] = {}): Promise<Page> {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, reducedMotion: "reduce", ...options })
  return context.newPage()
}

async function open(page: Page, job: string, station: string): Promise<void> {
  await page.goto(BASE)
  await page.getByRole("link", { name: job }).click()
  await page.waitForURL(/build-ups/)
  if (station === "Build-ups") return
  await page
    .getByRole("button", { name: new RegExp(station) })
    .first()
    .click()
  await page.waitForURL(new RegExp(`/${station.toLowerCase()}$`))
}

async function take(page: Page, name: string): Promise<void> {
  // Figures that still wait for their bridges, and verdicts for their years, would not be those of a bench at rest.
  await page.waitForFunction(
    () =>
      !/≈|still being calculated|damp so far|damp by the months so far|being followed|is being worked out|tried …/.test(
        document.body.innerText,
      ),
    null,
    { timeout: 300_000 },
  )
  await page.evaluate(() => document.fonts.ready)
  await page.waitForTimeout(500)
  await page.screenshot({ path: `docs/screenshots/${name}.png` })
}

try {
  for (let up = false; !up; await new Promise((resolve) => setTimeout(resolve, 300)))
    up = await fetch(BASE).then(
      () => true,
      () => false,
    )
  const page = await view()
  await page.goto(BASE)
  await page.waitForFunction(() => !document.body.innerText.includes("being worked out"))
  await take(page, "shelf")
  await page.getByRole("button", { name: "Panel van" }).click()
  await take(page, "new-job")
  await open(page, "Larkspur", "Build-ups")
  await page.locator("[data-layer-row=l2]").click()
  await page.keyboard.press("p")
  await page.keyboard.press("+")
  await take(page, "build-ups")
  await page.locator("[data-figure=loss]").click()
  await take(page, "working")
  await page.keyboard.press("Escape")
  await page.getByRole("button", { name: "See it in two dimensions" }).click()
  await page.getByRole("button", { name: "Calculate it with the break" }).click()
  await page.getByTestId("bridge-with-break").waitFor()
  await page.getByTestId("bridge").evaluate((element) => element.scrollIntoView())
  await take(page, "bridge")
  await page.getByRole("button", { name: "Replace", exact: true }).click()
  await page.getByRole("searchbox").fill("RSI 1.1, under 45 mm, needs no cover")
  await take(page, "materials")
  await page.keyboard.press("Escape")
  await page.keyboard.press("b")
  await page.getByRole("checkbox", { name: "Compare Sprayed closed-cell foam" }).check()
  await page.getByRole("checkbox", { name: "Compare Open-cell foam, thicker" }).check()
  await page.getByRole("dialog").evaluate((dialog) => dialog.scrollTo(0, 0))
  await take(page, "library")
  await open(page, "Larkspur", "Build-ups")
  await page.getByRole("button", { name: /^On paper/ }).click()
  await page.getByTestId("job-sheet").waitFor()
  await take(page, "paper")
  await open(page, "Larkspur", "Brief")
  await take(page, "brief")
  await open(page, "Larkspur", "Shell")
  await take(page, "shell")
  await page.getByRole("button", { name: "Measuring round" }).click()
  await take(page, "measuring-round")
  await open(page, "Eel Barn", "Shell")
  await page.getByRole("radio", { name: "members" }).click()
  await page.getByText("Posts", { exact: true }).click()
  await page.getByText("They cross").last().scrollIntoViewIfNeeded()
  await take(page, "members")
  await open(page, "Tern Hut", "Shell")
  await page.getByRole("radio", { name: "what it is made of" }).click()
  await page.getByRole("radio", { name: "folded up" }).click()
  await page.getByTestId("body").waitFor()
  await take(page, "body")
  await open(page, "Eel Barn", "Heat")
  await page.getByRole("radio", { name: "hottest day" }).click()
  await take(page, "heat")
  await open(page, "Cold Nettle", "Damp")
  await page.locator("[data-face=left]").press("Enter")
  await take(page, "damp")
  await open(page, "Larkspur", "Damp")
  await page.locator("[data-face=roof]").press("Enter")
  await page.getByRole("button", { name: "Look at any day of it" }).click({ timeout: 120_000 })
  await page.getByRole("slider", { name: "Day" }).waitFor({ timeout: 120_000 })
  await page.getByRole("slider", { name: "Day" }).fill("480")
  await page.getByTestId("through-years").evaluate((element) => element.scrollIntoView())
  await take(page, "years")
  await page.getByRole("radio", { name: "where it sweats or freezes" }).click()
  await take(page, "cold-lines")
  await open(page, "Cold Nettle", "Sheets")
  await page.getByRole("radio", { name: /Softwood plywood/ }).click()
  await page.locator("[data-settled=true]").waitFor({ timeout: 60_000 })
  await take(page, "sheets")
  const narrow = await view({ viewport: { width: 420, height: 860 }, colorScheme: "dark" })
  await open(narrow, "Larkspur", "Build-ups")
  await take(narrow, "narrow")
} finally {
  await browser.close()
  server.kill("SIGTERM")
}
