import { defineConfig } from "@playwright/test"

const PORT = process.env.TEST_PORT ?? "3290"
/** Chromium's own look-ups have no place in a test. */
const QUIET = [
  "--disable-quic",
  "--no-first-run",
  "--disable-background-networking",
  "--disable-component-update",
  "--disable-sync",
  "--host-resolver-rules=MAP * ~NOTFOUND, EXCLUDE 127.0.0.1, EXCLUDE localhost",
]

export default defineConfig({
  testDir: "tests/browser",
  outputDir: "test-results",
  workers: 1,
  // Long enough for a machine that is shared with others.
  timeout: 180_000,
  expect: { timeout: 15_000 },
  reporter: [["list"], ["json", { outputFile: ".tmp/browser.json" }]],
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    contextOptions: { reducedMotion: "reduce" },
    // A trace of each test would cost a seventh of the time: `--trace on` where one is wanted.
    screenshot: "only-on-failure",
    launchOptions: { executablePath: process.env.CHROMIUM ?? "/usr/bin/chromium", args: QUIET },
  },
  webServer: {
    command: "node tests/browser/server.mjs",
    url: `http://127.0.0.1:${PORT}/`,
    env: { PORT, PELZHAUS_DATA: ".tmp/browser" },
    gracefulShutdown: { signal: "SIGTERM", timeout: 5000 },
    timeout: 300_000,
  },
})
