import { randomUUID } from "node:crypto"
import { existsSync, readFileSync } from "node:fs"
import { join } from "node:path"

const BUILD = join(".next", "BUILD_ID")

/** Names the build that runs: what one build worked out, another does not trust. In development every start is one of its own. */
export const PROGRAM = process.env.NODE_ENV === "production" && existsSync(BUILD) ? readFileSync(BUILD, "utf8") : randomUUID()
