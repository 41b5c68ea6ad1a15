// Runs the first story in Firefox, a second engine; Debian's is installed if none is there.
import { spawnSync } from "node:child_process"
import { existsSync } from "node:fs"
import { build } from "./build.mjs"
import { installPackages, run, say } from "./install.mjs"

const FIREFOX = process.env.FIREFOX ?? "/usr/bin/firefox-esr"

installPackages()
if (!existsSync(FIREFOX)) {
  if (process.platform !== "linux" || process.getuid?.() !== 0 || !existsSync("/usr/bin/apt-get")) {
    say(`It needs Firefox: install it and name it in FIREFOX (looked for at ${FIREFOX}).`)
    process.exit(1)
  }
  say("Installing Firefox …")
  run("apt-get", ["update", "-o", "DPkg::Lock::Timeout=300"], { stdio: ["ignore", "ignore", 2] })
  run("apt-get", ["install", "-y", "--no-install-recommends", "-o", "DPkg::Lock::Timeout=300", "firefox-esr"], {
    stdio: ["ignore", "ignore", 2],
  })
}
build()
process.exitCode = spawnSync("node", ["--import", "tsx", "tests/second-engine/first-story.ts"], { stdio: "inherit" }).status ?? 1
