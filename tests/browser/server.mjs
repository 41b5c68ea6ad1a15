// The application on an empty shelf of its own.
import { rmSync } from "node:fs"

rmSync(process.env.PELZHAUS_DATA, { recursive: true, force: true })
await import("../../scripts/start.mjs")
