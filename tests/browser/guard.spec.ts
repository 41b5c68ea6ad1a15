import { spawnSync } from "node:child_process"
import { request as rawRequest } from "node:http"
import { expect } from "@playwright/test"
import { demoJob, openJob, putJob, startServer, test } from "./bench"

test("other machines are let in only with a passphrase", () => {
  const refused = spawnSync("node", ["scripts/start.mjs"], {
    env: { ...process.env, HOST: "0.0.0.0", PASSPHRASE: "" },
    encoding: "utf8",
    timeout: 20_000,
  })
  expect(refused.status).toBe(1)
  expect(refused.stderr).toContain("set PASSPHRASE")
  const short = spawnSync("node", ["scripts/start.mjs"], {
    env: { ...process.env, HOST: "0.0.0.0", PASSPHRASE: "short" },
    encoding: "utf8",
    timeout: 20_000,
  })
  expect(short.status).toBe(1)
})

test("without one, only this machine's own address is listened on", async ({ baseURL }) => {
  const { port } = new URL(baseURL!)
  const reached = (address: string) =>
    fetch(`http://${address}:${port}/`).then(
      () => true,
      () => false,
    )
  expect(await reached("127.0.0.1")).toBe(true)
  // Any other address of the machine, here a second one of its loopback range, finds nobody.
  expect(await reached("127.0.0.2")).toBe(false)
})

test.describe("behind a passphrase", () => {
  const base = "http://127.0.0.1:3291"
  let stop: () => Promise<void>

  test.beforeAll(async () => {
    stop = await startServer({ HOST: "0.0.0.0", PORT: "3291", PASSPHRASE: "lantern over marsh", PELZHAUS_DATA: ".tmp/browser/guarded" })
    expect((await fetch(base, { redirect: "manual" })).status).toBe(307)
  })
  test.afterAll(() => stop())

  test("nothing is shown before it is given, tries are limited, and a session opens it", async ({ page }) => {
    expect((await page.request.post(`${base}/api/jobs`, { data: demoJob("Larkspur") })).status()).toBe(401)
    expect((await page.request.post(`${base}/api/calc/air`, { data: {} })).status()).toBe(401)
    const forged = await fetch(base, { redirect: "manual", headers: { cookie: "pelzhaus-session=eyJhbGciOiJub25lIn0.e30." } })
    expect(forged.status).toBe(307)
    await page.goto(base)
    await expect(page).toHaveURL(`${base}/enter`)
    await page.getByLabel("Passphrase").fill("wrong")
    await page.keyboard.press("Enter")
    await expect(page.getByRole("alert").filter({ hasText: "not the passphrase" })).toBeVisible()
    await page.getByLabel("Passphrase").fill("lantern over marsh")
    await page.keyboard.press("Enter")
    await expect(page.getByRole("heading", { name: "On the shelf" })).toBeVisible()
    const cookie = (await page.context().cookies()).find(({ name }) => name === "pelzhaus-session")!
    expect(cookie).toMatchObject({ httpOnly: true, sameSite: "Strict" })
    const statuses: number[] = []
    for (let i = 0; i < 6; i++)
      statuses.push((await page.request.post(`${base}/api/session`, { data: { passphrase: `guess ${i}` } })).status())
    expect(statuses.at(-1)).toBe(429)
  })
})

test("pages elsewhere may not write here, and other names for this machine are refused", async ({ page, baseURL }) => {
  const job = demoJob("Larkspur")
  const write = (headers: Record<string, string>) => page.request.post("/api/jobs", { data: job, headers })
  expect((await write({ origin: "https://elsewhere.example" })).status()).toBe(403)
  expect((await write({ origin: "null" })).status()).toBe(403)
  expect((await write({ "sec-fetch-site": "cross-site" })).status()).toBe(403)
  expect((await write({ origin: baseURL! })).status()).toBe(201)
  const port = Number(new URL(baseURL!).port)
  const status = await new Promise<number>((resolve) => {
    rawRequest({ host: "127.0.0.1", port, path: "/", headers: { host: "rebound.example" } }, (answer) => resolve(answer.statusCode!)).end()
  })
  expect(status).toBe(403)
})

test("bodies are limited and input is checked", async ({ page }) => {
  expect((await page.request.post("/api/jobs", { data: " ".repeat(6_000_000) })).status()).toBe(413)
  expect((await page.request.post("/api/calc/air", { data: "[".repeat(200_000) })).status()).toBe(400)
  const id = await putJob(page, demoJob("Larkspur", "checked"))
  const changes = await page.request.post(`/api/jobs/${id}/changes`, { data: { changes: [{ kind: "edit", revision: { id: "x" } }] } })
  expect(changes.status()).toBe(400)
  expect(((await changes.json()) as { error: { path: unknown[] } }).error.path).toEqual(["changes", 0, "revision", "id"])
  expect((await page.request.get("/api/jobs/none")).status()).toBe(404)
})

test("the calculator answers over the network as on the command line", async ({ page }) => {
  const answer = await page.request.post("/api/calc/airspace", { data: { thickness: 0.025, direction: "horizontal" } })
  const { resistance } = (await answer.json()) as { resistance: number }
  expect(resistance).toBeCloseTo(0.183, 3) // ISO 6946:2017, table 8: 0.18
  const bad = await page.request.post("/api/calc/airspace", {
    data: [
      { thickness: 0.025, direction: "horizontal" },
      { thickness: -1, direction: "up" },
    ],
  })
  expect(bad.status()).toBe(400)
  expect(await bad.json()).toMatchObject({ error: { path: [1, "thickness"] } })
})

test("a page loads nothing but its own, and breaks no policy", async ({ page }) => {
  const complaints: string[] = []
  const hosts = new Set<string>()
  page.on("console", (message) => message.type() === "error" && complaints.push(message.text()))
  page.on("request", (request) => hosts.add(new URL(request.url()).host))
  const id = await putJob(page, demoJob("Larkspur", "policy"))
  await openJob(page, id, "heat")
  await page.getByRole("radio", { name: "hottest day" }).click()
  await expect(page.getByRole("img", { name: /Heat coming in/ }).locator("svg")).toBeVisible()
  const policy = (await page.request.get("/")).headers()["content-security-policy"]!
  expect(policy).toMatch(/script-src 'self' 'nonce-[^']+' 'strict-dynamic';/)
  expect(policy).toContain("frame-ancestors 'none'")
  expect(complaints).toEqual([])
  expect([...hosts]).toEqual([new URL(page.url()).host])
})
