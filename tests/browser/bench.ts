import { expect, type Locator, type Page } from "@playwright/test"
import { demoJobs } from "../../src/edit/start/demo-jobs"
import type { Job } from "../../src/schema/job/job"

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

/** Waits until what was edited is on the server's disk. */
export async function settled(page: Page): Promise<void> {
  await expect(page.getByTestId("saving")).toHaveAttribute("data-saving", "saved")
}

/** A ledger figure in SI, once all that it stands on is calculated. */
export async function figure(page: Page, name: string): Promise<number> {
  await expect(page.locator(`[data-figure=${name}]`)).not.toContainText("≈")
  return Number(await page.locator(`[data-figure=${name}]`).getAttribute("data-value"))
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
