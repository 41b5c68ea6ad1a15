import { spawnSync } from "node:child_process"
import { installPackages } from "./install.mjs"

installPackages()
process.exitCode =
  spawnSync("node", ["--import", "tsx", "scripts/keep.ts", "backup", ...process.argv.slice(2)], { stdio: "inherit" }).status ?? 1
