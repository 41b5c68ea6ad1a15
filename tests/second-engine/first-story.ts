/** The first story in Debian's Firefox, by WebDriver BiDi: a new job, an edit, undo, a reload, and the job's file. */
import assert from "node:assert/strict"
import { rmSync } from "node:fs"
import { launch } from "puppeteer-core"
import { readJob } from "../../src/schema/job/read-job"
import { KNOWN } from "../../src/edit/known"
import { startServer } from "../browser/bench"

const PORT = "3295"
const BASE = `http://127.0.0.1:${PORT}`
const DATA = ".tmp/second-engine"

rmSync(DATA, { recursive: true, force: true })
const stop = await startServer({ PORT, PELZHAUS_DATA: DATA })
const browser = await launch({ browser: "firefox", executablePath: process.env.FIREFOX ?? "/usr/bin/firefox-esr", headless: true })
try {
  const page = await browser.newPage()
  await page.setViewport({ width: 1280, height: 800 })
  const broken: string[] = []
  page.on("console", (message) => {
    if (/Content.Security.Policy/i.test(message.text())) broken.push(message.text())
  })
  page.on("pageerror", (error) => broken.push(String(error)))
  const press = (name: string) => page.locator(`::-p-aria([name="${name}"][role="button"])`).click()
  const field = async (name: string, text: string) => {
    const input = await page.waitForSelector(`::-p-aria([name="${name}"][role="textbox"])`)
    await input!.click({ count: 3 })
    await page.keyboard.type(text)
    await page.keyboard.press("Enter")
  }
  const loss = async () => {
    // A figure that still waits for bridges says so.
    await page.waitForFunction(() => !document.querySelector("[data-figure=loss]")!.textContent.includes("≈"))
    return Number(await page.$eval("[data-figure=loss]", (figure) => figure.getAttribute("data-value")))
  }
  const saved = () => page.waitForSelector("[data-saving=saved]")

  await page.goto(BASE)
  await press("Towed cabin")
  await field("Length", "5 m")
  await press("Start the job")
  await page.waitForSelector("[data-station=build-ups] h1")
  await saved()
  const started = await loss()
  assert.ok(started > 100, `a cabin loses ${started} W`)
  console.log("ok - a job is started from its questions")

  await field("Air changes an hour at 50 Pa, whole enclosure", "20")
  await saved()
  const leaky = await loss()
  assert.ok(leaky > started, `${leaky} W with more leaks, ${started} W before`)
  console.log("ok - an edit moves the ledger")

  await press("Undo")
  await saved()
  assert.equal(await loss(), started)
  await page.waitForSelector("::-p-text(Undone: Air leakage 20)")
  console.log("ok - undo says what it undid, and the figure is what it was")

  await press("Redo")
  await saved()
  await page.reload()
  await page.waitForSelector("[data-station=build-ups] h1")
  assert.equal(await loss(), leaky)
  console.log("ok - it is all there after a reload")

  const id = new URL(page.url()).pathname.split("/")[2]!
  const file = readJob(await (await fetch(`${BASE}/api/jobs/${id}/file`)).text(), KNOWN)
  assert.ok(file.ok && file.value.shell.form.length === 5, "the file has the length that was typed")
  console.log("ok - it goes out as a file that can be read")

  assert.deepEqual(broken, [])
  console.log("ok - no page broke its own content security policy, and none failed")
} finally {
  await browser.close()
  await stop()
}
