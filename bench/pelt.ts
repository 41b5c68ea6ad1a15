import type { Browser, Page } from "@playwright/test"
import { startJob } from "../src/edit/start/start-job"
import type { Job } from "../src/schema/job/job"
import { median, row, type Row } from "./measure"
import { ledgerPainted } from "./painted"

/** A post-frame building with its sticks close together: more than three hundred members on its faces. */
function manyMembers(): Job {
  const form = { kind: "gable", length: 12, width: 9, wallHeight: 3.6, ridgeHeight: 5.1 } as const
  const job = startJob({ kind: "post-frame", name: "Many sticks", units: "metric", form, station: "linden-vale", school: "wool" })
  for (const { members } of Object.values(job.variants.first!.assemblies))
    for (const set of Object.values(members)) set.spacing = set.direction === "up" ? 0.3 : 0.45
  return job
}

/** Frames while the pelt is pushed about with its members drawn, and a drag of a measure until the ledger is painted. */
export async function benchPelt(browser: Browser, base: string): Promise<Row[]> {
  const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage()
  // The loader marks inner functions with their names; a page knows nothing of that.
  await page.addInitScript("globalThis.__name = (it) => it")
  const made = await page.request.post(`${base}/api/jobs`, { data: manyMembers() })
  const { id } = (await made.json()) as { id: string }
  await page.goto(`${base}/jobs/${id}/shell`)
  await page.getByTestId("saving").waitFor()
  const members = await page
    .locator("[data-members] path")
    .evaluateAll((paths) => paths.reduce((count, path) => count + path.getAttribute("d")!.split("M").length - 1, 0))
  if (members < 300) throw new Error(`Only ${members} members are drawn.`)
  const drag = await dragToLedger(page)
  await page.getByRole("button", { name: "Zoom in" }).click()
  const frames = await page.evaluate(panFrames)
  return [
    row(`frame while the pelt is pushed about, ${members} members drawn`, median(frames), "ms", 16),
    row("drag of a measure to painted ledger", drag, "ms", 100),
  ]
}

/** In the page: pushes the pelt a little in each frame; the browser draws as fast as it can. */
async function panFrames(): Promise<number[]> {
  const pelt = document.querySelector("[data-testid=pelt] svg")!
  const send = (type: string, x: number) =>
    pelt.dispatchEvent(new PointerEvent(type, { bubbles: true, clientX: x, clientY: 300, pointerId: 1, isPrimary: true }))
  const frame = () => new Promise<number>((resolve) => requestAnimationFrame(resolve))
  // A made pointer cannot be captured; the pelt's own moves need no capture while they stay on it.
  Element.prototype.setPointerCapture = () => undefined
  send("pointerdown", 300)
  const times: number[] = []
  let last = await frame()
  for (let i = 0; i < 240; i++) {
    send("pointermove", 300 + 60 * Math.sin(i / 10))
    const now = await frame()
    times.push(now - last)
    last = now
  }
  send("pointerup", 300)
  return times.slice(20)
}

async function dragToLedger(page: Page): Promise<number> {
  const grip = (await page.locator("[data-grip=length]").boundingBox())!
  const [x, y] = [grip.x + grip.width / 2, grip.y + grip.height / 2]
  await page.mouse.move(x, y)
  await page.mouse.down()
  await page.mouse.move(x + 10, y)
  const times: number[] = []
  for (let i = 0; i < 40; i++) {
    const moved = await page.evaluateHandle(ledgerPainted, { kind: "pointermove" })
    await page.mouse.move(x + 10 + (i % 2 === 0 ? 30 : 0), y)
    times.push(await moved.evaluate(({ painted }) => painted))
  }
  await page.mouse.up()
  return median(times.slice(5))
}
