// Installs what is missing before a command runs; only Node's own modules, as nothing else may be there yet.
import { spawnSync } from "node:child_process"
import { createHash } from "node:crypto"
import { existsSync, readFileSync, writeFileSync } from "node:fs"
import { dirname, join } from "node:path"
import { fileURLToPath } from "node:url"

export const root = fileURLToPath(new URL("..", import.meta.url))
process.chdir(root)
process.env.NEXT_TELEMETRY_DISABLED = "1"

/** Says what is going on without touching standard output, which belongs to the command. */
export const say = (text) => process.stderr.write(`${text}\n`)

/** Runs a command to its end with its output on standard error, and stops with its code if it fails. */
export function run(command, args, options = {}) {
  const { status } = spawnSync(command, args, { stdio: ["ignore", 2, 2], ...options })
  if (status !== 0) process.exit(status ?? 1)
}

const MARK = "node_modules/.installed"
const lock = () => createHash("sha256").update(readFileSync("package-lock.json")).digest("hex")

/** The command that compiles the one package that is not plain JavaScript. */
export const COMPILE = ["npm", ["rebuild", "better-sqlite3", "--loglevel=error"]]

/** Installs the packages of the lock file unless just these are there. */
export function installPackages() {
  if (!fetchPackages()) return
  say("Compiling SQLite, which takes two or three minutes …")
  run(...COMPILE)
  packagesAreInstalled()
}

/** Unpacks the packages without compiling any; false if they are installed already. */
export function fetchPackages() {
  if (existsSync(MARK) && readFileSync(MARK, "utf8") === lock()) return false
  say("Installing packages …")
  // With the first grade of optimisation a shelf is as quick, and SQLite compiles in a third of the time.
  Object.assign(process.env, { JOBS: "max", CFLAGS: "-O1", ...headers() })
  run("npm", ["ci", "--ignore-scripts", "--no-progress", "--loglevel=error"])
  return true
}

export function packagesAreInstalled() {
  writeFileSync(MARK, lock())
}

/** Node's own headers where they came with it: without them the compiler's helper would fetch them from the network. */
function headers() {
  const prefix = dirname(dirname(process.execPath))
  return existsSync(join(prefix, "include", "node", "node_version.h")) ? { npm_config_nodedir: prefix } : {}
}
