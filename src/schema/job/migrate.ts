import { JOB_VERSION } from "./job"
import type { Step } from "./parts"
import { v1ToV2 } from "./v1-to-v2"
import { v2ToV3 } from "./v2-to-v3"
import { v3ToV4 } from "./v3-to-v4"
import { v4ToV5 } from "./v4-to-v5"
import { v5ToV6 } from "./v5-to-v6"
import { v6ToV7 } from "./v6-to-v7"
import { v7ToV8 } from "./v7-to-v8"
import { v8ToV9 } from "./v8-to-v9"
import { v10ToV11 } from "./v10-to-v11"
import { v11ToV12 } from "./v11-to-v12"
import { v12ToV13 } from "./v12-to-v13"
import { v13ToV14 } from "./v13-to-v14"
import { v14ToV15 } from "./v14-to-v15"
import { v9ToV10 } from "./v9-to-v10"

/** Steps by the version they start from. */
export const STEPS: Readonly<Record<number, Step>> = {
  1: v1ToV2,
  2: v2ToV3,
  3: v3ToV4,
  4: v4ToV5,
  5: v5ToV6,
  6: v6ToV7,
  7: v7ToV8,
  8: v8ToV9,
  9: v9ToV10,
  10: v10ToV11,
  11: v11ToV12,
  12: v12ToV13,
  13: v13ToV14,
  14: v14ToV15,
}

/**
 * Takes a document up to the current version, one step at a time.
 * @param document with a whole `version` from 1 to `target`
 */
export function migrate(document: Record<string, unknown>, steps = STEPS, target: number = JOB_VERSION): Record<string, unknown> {
  let current = document
  for (let version = Number(document.version); version < target; version++) {
    const step = steps[version]
    if (!step) throw new Error(`There is no migration from version ${version}.`)
    current = { ...step(current), version: version + 1 }
  }
  return current
}
