import { rmSync } from "node:fs"
import { gzipSync } from "node:zlib"
import { type BrowserContext, chromium, type Page } from "@playwright/test"
import { WITH_FRAMES } from "../scripts/chromium.mjs"
import { demoJobs } from "../src/edit/start/demo-jobs"
import { tenFaces } from "./hours"
import { median, row, type Row } from "./measure"
import { ledgerPainted } from "./painted"
import { benchPelt } from "./pelt"
import { startServer } from "./start-server"

const FOLDER = ".tmp/bench"

/** From a key to the painted ledger, and the JavaScript that each page loads first. */
export async function benchBrowser(): Promise<Row[]> {
  rmSync(FOLDER, { recursive: true, force: true })
  const { address: BASE, stop } = await startServer(FOLDER)
  const browser = await chromium.launch({ executablePath: WITH_FRAMES })
  // Frames are timed by what they cost, not by the screen's own beat.
  const fast = await chromium.launch({ executablePath: WITH_FRAMES, args: ["--disable-frame-rate-limit", "--disable-gpu-vsync"] })
  try {
    const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage()
    const made = await page.request.post(`${BASE}/api/jobs`, { data: demoJobs()[2] })
    const { id } = (await made.json()) as { id: string }
    const weights: Row[] = []
    for (const [name, path] of [
      ["shelf", "/"],
      ...["brief", "shell", "build-ups", "heat", "damp"].map((station) => [station, `/jobs/${id}/${station}`]),
    ] as [string, string][])
      weights.push(row(`JavaScript of the first load, ${name}`, (await scriptWeight(page, BASE + path)) / 1000, "kB", 290))
    await page.goto(`${BASE}/jobs/${id}/build-ups`)
    await page.locator("[data-layer-row=l2]").click()
    // At rest: what is fetched after the first screen is there, and bridges and the year are worked out once.
    await page.waitForLoadState("networkidle")
    await page.locator("[data-testid=ledger]").getByText("≈", { exact: true }).first().waitFor({ state: "detached" })
    const edit = await editToPaint(page)
    const beside = await answersBeside(page, `${BASE}/jobs/${id}/damp`)
    const year = await yearInWorker(await browser.newContext(), `${BASE}/jobs/${id}/heat`)
    return [
      row("a job's year, ten faces of six layers, in the browser's worker", year, "ms", 150),
      row("edit to painted ledger, in the browser, ten edits a second at most", edit, "ms", 33),
      row("edit to painted ledger while a hundred likely builds are followed", beside, "ms", 50),
      ...(await benchPelt(fast, BASE)),
      ...weights,
    ]
  } finally {
    await browser.close()
    await fast.close()
    stop()
  }
}

/** A year as the page's own worker steps through it, ms. */
async function yearInWorker(context: BrowserContext, address: string): Promise<number> {
  // As text: what a page is given here must not name helpers that are not there.
  await context.addInitScript({
    content: `{
      const Plain = Worker
      window.Worker = class extends Plain {
        constructor(url, options) {
          super(url, options)
          window.another = () => new Plain(url, options)
        }
      }
    }`,
  })
  const page = await context.newPage()
  await page.goto(address)
  await page.waitForFunction(() => "another" in window)
  const times = await page.evaluate(
    async (models) => {
      const worker = (window as unknown as { another: () => Worker }).another()
      const taken: number[] = []
      for (const input of models) {
        const start = performance.now()
        worker.postMessage({ kind: "year", input })
        await new Promise<void>(
          (resolve) => (worker.onmessage = ({ data }: MessageEvent<object>) => ("result" in data ? resolve() : undefined)),
        )
        taken.push(performance.now() - start)
      }
      return taken
    },
    Array.from({ length: 12 }, (_, i) => tenFaces(i)),
  )
  await context.close()
  return median(times.slice(5))
}

/** Compressed as a server in front would: each script once, until the page is drawn; what the others need is fetched a little later. */
async function scriptWeight(page: Page, address: string): Promise<number> {
  const fresh = await page.context().newPage()
  const bodies: Promise<Buffer>[] = []
  fresh.on("response", (response) => {
    if (response.request().resourceType() === "script") bodies.push(response.body())
  })
  await fresh.goto(address)
  if (address.includes("/jobs/")) await fresh.locator("main .station").first().waitFor()
  // What comes from here on is of a later load, and goes with the page.
  fresh.removeAllListeners("response")
  const sizes = (await Promise.all(bodies)).map((body) => gzipSync(body).length)
  await fresh.close()
  return sizes.reduce((sum, size) => sum + size, 0)
}

/** Faster than a finger that presses a key again and again. */
const BETWEEN = 100

async function editToPaint(page: Page): Promise<number> {
  const times: number[] = []
  for (let i = 0; i < 60; i++) {
    times.push(await keyToPaint(page, i % 2 === 0 ? "+" : "-"))
    await page.waitForTimeout(BETWEEN)
  }
  return median(times.slice(10))
}

async function keyToPaint(page: Page, key: string): Promise<number> {
  const pressed = await page.evaluateHandle(ledgerPainted, { kind: "keydown", key })
  return pressed.evaluate(({ painted }) => painted)
}

/** A wall gets thicker and thinner while workers follow a hundred likely builds of it; those of the wall as it was are given up then. */
async function answersBeside(page: Page, address: string): Promise<number> {
  await page.goto(address)
  await page.locator("[data-face=left]").press("Enter")
  for (let i = 0; i < 3; i++) await page.keyboard.press("j")
  const follow = page.getByRole("button", { name: "Follow it through the years" })
  const builds = page.getByRole("button", { name: /^(Follow 100 likely builds|Go on, )/ })
  const times: number[] = []
  for (let i = 0; i < 22; i++) {
    if (i < 2) await follow.click()
    await builds.click({ timeout: 120_000 })
    await page.getByText(/[1-9]\d* of 100 followed/).waitFor()
    times.push(await keyToPaint(page, i % 2 === 0 ? "+" : "-"))
  }
  return median(times.slice(2))
}
