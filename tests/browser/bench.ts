import { spawn } from "node:child_process"
import { rmSync } from "node:fs"
import { basename } from "node:path"
import { expect, type Locator, type Page, test as base } from "@playwright/test"
import { demoJobs } from "../../src/edit/start/demo-jobs"
import type { Job } from "../../src/schema/job/job"

/** Starts the application and waits until it answers. @returns what ends it and waits until it has */
export async function startServer(env: Record<string, string> & { PORT: string }): Promise<() => Promise<void>> {
  const server = spawn("node", ["scripts/start.mjs"], { env: { ...process.env, ...env }, stdio: ["ignore", "ignore", "inherit"] })
  const ended = new Promise<void>((resolve) => void server.on("exit", () => resolve()))
  const answers = () =>
    fetch(`http://127.0.0.1:${env.PORT}`, { redirect: "manual" }).then(
      () => true,
      () => false,
    )
  await expect.poll(answers, { timeout: 60_000 }).toBe(true)
  return () => (server.kill("SIGTERM"), ended)
}

/** The server at which a worker's tests look, on the shelf of the file that they stand in. */
interface Shelves {
  /** The address of a file's shelf, which is empty when the first of its tests asks. */
  of: (file: string) => Promise<string>
}

/** Whether details and the year are worked out beside; a file that looks at neither spares two seconds for each page. */
interface Beside {
  beside: boolean
}

/** Tests of one file share a shelf that no other file sees. */
export const test = base.extend<Beside, { shelves: Shelves }>({
  beside: [true, { option: true }],
  shelves: [
    // eslint-disable-next-line no-empty-pattern -- Playwright reads from the pattern what a fixture stands on.
    async ({}, use, { parallelIndex, workerIndex }) => {
      const PORT = String(Number(process.env.TEST_PORT ?? 3300) + parallelIndex)
      let shelf = ""
      let stop = () => Promise.resolve()
      const of = async (file: string) => {
        if (shelf !== file) {
          await stop()
          // A worker that comes after one that failed begins with an empty shelf too.
          const folder = `.tmp/browser/${basename(file, ".spec.ts")}-${workerIndex}`
          rmSync(folder, { recursive: true, force: true })
          stop = await startServer({ PORT, PELZHAUS_DATA: folder })
          shelf = file
        }
        return `http://127.0.0.1:${PORT}`
      }
      await use({ of })
      await stop()
    },
    { scope: "worker" },
  ],
  baseURL: async ({ shelves }, use, { file }) => use(await shelves.of(file)),
  // Whatever a page does against its own content security policy fails the test in which it does.
  context: async ({ context, beside }, use) => {
    if (!beside)
      await context.addInitScript(() => {
        window.Worker = class extends EventTarget {
          postMessage() {}
          terminate() {}
        } as unknown as typeof Worker
      })
    const violations: string[] = []
    await context.addInitScript(() =>
      addEventListener("securitypolicyviolation", ({ violatedDirective, blockedURI }) =>
        console.error(`policy: ${violatedDirective} of ${blockedURI}`),
      ),
    )
    context.on("console", (message) => {
      if (/^policy: |Content Security Policy/.test(message.text())) violations.push(message.text())
    })
    await use(context)
    expect(violations).toEqual([])
  },
})

/** Puts a job on the shelf through the route that files come in by. */
export async function putJob(page: Page, job: Job): Promise<string> {
  const answer = await page.request.post("/api/jobs", { data: job })
  expect(answer.status()).toBe(201)
  return ((await answer.json()) as { id: string }).id
}

/** One of the demo jobs under a name of its own. */
export const demoJob = (name: string, as = name): Job => ({ ...demoJobs().find((job) => job.name === name)!, name: as })

/** Opens a job at a station and waits until it answers to keys. */
export async function openJob(page: Page, id: string, station = "build-ups"): Promise<void> {
  await page.goto(`/jobs/${id}/${station}`)
  await expect(page.getByTestId("saving")).toBeVisible()
  // The server's page shows all but the station: that is drawn by what answers to keys.
  await expect(page.locator("main .station").first()).toBeVisible()
  await settled(page)
}

/** Goes to another station of the job that is open. */
export async function goTo(page: Page, station: string): Promise<void> {
  await page
    .getByRole("navigation")
    .getByRole("button", { name: new RegExp(station, "i") })
    .click()
  await expect(page).toHaveURL(new RegExp(`/${station}$`))
  await settled(page)
}

/** Goes to one of the lists of the Shell station. */
export const tab = (page: Page, name: string): Promise<void> =>
  page.getByRole("radiogroup", { name: "Of the shell" }).getByRole("radio", { name }).click()

/** Waits until what was edited is on the server's disk. */
export async function settled(page: Page): Promise<void> {
  await expect(page.getByTestId("saving")).toHaveAttribute("data-saving", "saved")
}

/** A ledger figure in SI as it stands. */
export const shown = async (page: Page, name: string): Promise<number> =>
  Number(await page.locator(`[data-figure=${name}]`).getAttribute("data-value"))

/** A ledger figure in SI, once all that it stands on is calculated. */
export async function figure(page: Page, name: string): Promise<number> {
  await expect(page.locator(`[data-figure=${name}]`)).not.toContainText(/≈|…/)
  return shown(page, name)
}

/** Types into a field and leaves it. */
export async function type(page: Page, label: string | RegExp, text: string): Promise<void> {
  const field = page.getByLabel(label, { exact: typeof label === "string" }).first()
  await field.fill(text)
  await field.press("Enter")
}

/** Two figures out of words, whose spaces are plain ones. */
export async function twice(words: Locator, pattern: RegExp): Promise<[number, number]> {
  const text = (await words.innerText()).replaceAll("\u00a0", " ")
  const found = pattern.exec(text)
  if (!found) throw new Error(`"${text}" has not what ${pattern} asks for.`)
  return [1, 2].map((i) => parseFloat(found[i]!.replace("−", "-"))) as [number, number]
}

/** For a look at what the server has: a connection that stood idle may just be closed. */
export const RETRIES = { maxRetries: 2 } as const
