import { spawnSync } from "node:child_process"
import { build } from "./build.mjs"
import { installPackages } from "./install.mjs"

installPackages()
build()
process.exitCode = spawnSync("node", ["--import", "tsx", "bench/run.ts"], { stdio: "inherit" }).status ?? 1
