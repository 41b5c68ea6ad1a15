import { CHROMIUM } from "./scripts/chromium.mjs"
import { defineConfig } from "@playwright/test"

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
  globalSetup: "./tests/browser/build.ts",
  // A file has a server and a data folder of its own: see tests/browser/bench.ts.
  workers: 2,
  // Long enough for a machine that is shared with others.
  timeout: 180_000,
  expect: { timeout: 15_000 },
  reporter: [["list"], ["json", { outputFile: ".tmp/browser.json" }]],
  use: {
    // What is not there in this time does not come: the test says which step it was.
    actionTimeout: 30_000,
    viewport: { width: 1280, height: 800 },
    contextOptions: { reducedMotion: "reduce" },
    // A trace of each test would cost a seventh of the time: `--trace on` where one is wanted.
    screenshot: "only-on-failure",
    launchOptions: { executablePath: CHROMIUM, args: QUIET },
  },
})
