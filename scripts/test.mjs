// Installs what the tests need and runs them all; the last line counts them.
import { execFile, spawnSync } from "node:child_process"
import { existsSync, mkdirSync, readFileSync, rmSync } from "node:fs"
import { build } from "./build.mjs"
import { CHROMIUM, PACKAGE } from "./chromium.mjs"
import { COMPILE, fetchPackages, packagesAreInstalled, say } from "./install.mjs"

/** A part that hangs is ended and has failed, ms. */
const LONGEST = 1_500_000

/** Debian's headless Chromium where it can be had, else the Chromium that is there. */
function installChromium() {
  if (process.env.CHROMIUM || CHROMIUM.endsWith(PACKAGE)) return
  const apt = (...args) => spawnSync("apt-get", [...args, "-o", "DPkg::Lock::Timeout=300"], { stdio: ["ignore", "ignore", 2] }).status === 0
  if (process.platform === "linux" && process.getuid?.() === 0 && existsSync("/usr/bin/apt-get")) {
    say("Installing Chromium …")
    if (apt("update") && apt("install", "-y", "--no-install-recommends", PACKAGE)) return
  }
  if (existsSync(CHROMIUM)) return
  say(`The browser tests need Chromium: install it and name it in CHROMIUM (looked for at ${CHROMIUM}).`)
  process.exit(1)
}

/** Runs a part that either passes or fails as one; what it said comes when it ends. */
function part(name, command, args) {
  return new Promise((resolve) => {
    execFile(command, args, { timeout: LONGEST, maxBuffer: 1e8 }, (error, stdout, stderr) => {
      say(`\n— ${name}${error ? "" : ": passed"}\n${stdout}${stderr}`.trimEnd())
      resolve({ name, passed: error ? 0 : 1, failed: error ? 1 : 0 })
    })
  })
}

/** Runs a test runner and reads its own count; a runner that dies without one has failed. */
function counted(name, command, args, file, read) {
  say(`\n— ${name}`)
  rmSync(file, { force: true })
  const { status } = spawnSync(command, args, { stdio: "inherit", timeout: LONGEST })
  if (!existsSync(file)) return { name, passed: 0, failed: 1 }
  const count = read(JSON.parse(readFileSync(file, "utf8")))
  return { name, ...count, failed: Math.max(count.failed, status === 0 ? 0 : 1) }
}

const bin = (name) => `node_modules/.bin/${name}`

/** SQLite is compiled while the code is checked, which does without it; the tests do not. */
async function compiled() {
  const result = await part("SQLite compiled", ...COMPILE)
  if (result.failed) process.exit(1)
  packagesAreInstalled()
  return []
}

const fresh = fetchPackages()
installChromium()
mkdirSync(".tmp", { recursive: true })
const results = [
  await part("generated types", bin("next"), ["typegen"]),
  ...(
    await Promise.all([
      fresh ? compiled() : [],
      part("lint", bin("eslint"), [".", "--cache", "--cache-location", ".cache/eslint"]),
      part("types", bin("tsc"), []),
      part("types of the core, without browser or Node", bin("tsc"), ["-p", "src/core"]),
      part("format", bin("prettier"), ["--check", "--log-level", "warn", "."]),
    ])
  ).flat(),
  counted("unit and store tests", bin("jest"), ["--json", "--outputFile", ".tmp/jest.json"], ".tmp/jest.json", (report) => ({
    passed: report.numPassedTests,
    failed: report.numFailedTests + report.numRuntimeErrorTestSuites,
  })),
]
build()
results.push(
  counted("browser tests", bin("playwright"), ["test"], ".tmp/browser.json", ({ stats }) => ({
    passed: stats.expected,
    failed: stats.unexpected + stats.flaky,
  })),
)
const total = (key) => results.reduce((sum, result) => sum + result[key], 0)
const failed = results.filter((result) => result.failed).map((result) => result.name)
if (failed.length) console.log(`\nNot passed: ${failed.join(", ")}; what each said stands above.`)
console.log(`\n${total("passed")} passed, ${total("failed")} failed`)
process.exitCode = total("failed") === 0 && total("passed") > 0 ? 0 : 1
