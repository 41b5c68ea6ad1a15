import { createHash } from "node:crypto"
import { existsSync, readdirSync, readFileSync, writeFileSync } from "node:fs"
import { join } from "node:path"
import { fileURLToPath } from "node:url"
import { installPackages, run, say } from "./install.mjs"

const MARK = ".next/built-from"
const INPUTS = ["src", "package-lock.json", "next.config.ts", "postcss.config.mjs", "tsconfig.json"]

/** Builds the application unless it was built from just these sources. */
export function build() {
  const sources = fingerprint()
  if (existsSync(MARK) && readFileSync(MARK, "utf8") === sources) return
  say("Building Pelzhaus; about a minute …")
  run("node", ["node_modules/next/dist/bin/next", "build"])
  writeFileSync(MARK, sources)
}

function fingerprint() {
  const hash = createHash("sha256")
  for (const input of INPUTS) add(hash, input)
  return hash.digest("hex")
}

function add(hash, path) {
  let entries
  try {
    entries = readdirSync(path).sort()
  } catch {
    hash.update(path).update(readFileSync(path))
    return
  }
  for (const entry of entries) add(hash, join(path, entry))
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  installPackages()
  build()
}
