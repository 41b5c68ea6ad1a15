import { parse as parseLoose, printParseErrorCode, type ParseError } from "jsonc-parser"
import { type Outcome, refused } from "../outcome"
import { check } from "../parse"
import { Job, JOB_FORMAT, JOB_VERSION, LARGEST_FILE } from "./job"
import { migrate } from "./migrate"
import { type Known, referenceFault } from "./references"

/** Reads a job file of any version; a fault names the place. */
export function readJob(text: string, known: Known): Outcome<Job> {
  if (text.length > LARGEST_FILE)
    return refused(
      "too-large",
      [],
      `The file has ${Math.round(text.length / 1e6)} MB; a job has at most ${LARGEST_FILE / 1e6} MB. It is not a job file.`,
    )
  let document: unknown
  try {
    document = JSON.parse(text)
  } catch {
    return refused("not-json", [], `The file is not JSON: ${syntaxPlace(text)}.`)
  }
  return readDocument(document, known)
}

/** The same for a document that was parsed already. */
export function readDocument(document: unknown, known: Known): Outcome<Job> {
  if (
    typeof document !== "object" ||
    document === null ||
    Array.isArray(document) ||
    !("format" in document) ||
    document.format !== JOB_FORMAT
  )
    return refused("wrong-format", ["format"], `This is not a job file: its "format" must be "${JOB_FORMAT}".`)
  const version = "version" in document ? document.version : undefined
  if (typeof version !== "number" || !Number.isInteger(version) || version < 1)
    return refused("wrong-version", ["version"], `"version" must be a whole number from 1 to ${JOB_VERSION}.`)
  if (version > JOB_VERSION)
    return refused(
      "wrong-version",
      ["version"],
      `The file has version ${version}; this Pelzhaus reads up to ${JOB_VERSION}. Open it with a newer one.`,
    )
  const result = check(Job, migrate(document as Record<string, unknown>))
  if (!result.ok) return result
  const fault = referenceFault(result.value, known)
  return fault ? { ok: false, error: fault } : result
}

/** Where the text stops being JSON; the built-in parser does not say it in all cases. */
function syntaxPlace(text: string): string {
  const errors: ParseError[] = []
  try {
    parseLoose(text, errors, { disallowComments: true, allowTrailingComma: false })
  } catch {
    // That parser calls itself for each level, and a hostile text has no end of levels.
    return "it is nested too deeply"
  }
  const [first] = errors
  if (!first) return "it cannot be read"
  const { error, offset } = first
  const before = text.slice(0, offset).split("\n")
  const what = printParseErrorCode(error)
    .replace(/([A-Z])/g, " $1")
    .trim()
    .toLowerCase()
  return `line ${before.length}, column ${before.at(-1)!.length + 1}: ${what}`
}
