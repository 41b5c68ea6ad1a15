import { spawnSync } from "node:child_process"
import { build } from "./build.mjs"
import { installPackages, run } from "./install.mjs"

installPackages()
build()
// Bundled as it is shipped: what runs a source file at once keeps the names of functions, which takes a fifth of the time. It still fetches packages that come as sources.
const BUNDLE = ".tmp/bench.mjs"
run("node_modules/.bin/esbuild", [
  "bench/run.ts",
  "--bundle",
  "--platform=node",
  "--format=esm",
  "--packages=external",
  `--outfile=${BUNDLE}`,
  "--log-level=error",
])
process.exitCode = spawnSync("node", ["--import", "tsx", BUNDLE], { stdio: "inherit" }).status ?? 1
