import type * as z from "./zod"
import { type Fault, type Outcome, refused } from "./outcome"

type Issue = z.core.$ZodIssue

/** Checks a value against a schema; the first issue becomes a fault that a person can act on. */
export function check<S extends z.ZodType>(schema: S, value: unknown): Outcome<z.output<S>> {
  const result = schema.safeParse(value)
  if (result.success) return { ok: true, value: result.data }
  // An unknown name comes last: the missing field that it was meant to be says more.
  const issues = result.error.issues.flatMap(nearest)
  const first = issues.find((issue) => issue.code !== "unrecognized_keys") ?? issues[0]
  return first ? { ok: false, error: faultOf(first, value) } : refused("invalid", [], "The input is not valid.")
}

/** Of shapes that could be meant, the issues of the one that the value comes nearest to; their places from the root. */
function nearest(issue: Issue): Issue[] {
  if (issue.code !== "invalid_union" || issue.errors.length === 0) return [issue]
  const shapes = issue.errors.map((issues) => ({ issues, far: issues.reduce((far, one) => far + distance(one), 0) }))
  const best = shapes.reduce((near, shape) => (shape.far < near.far ? shape : near))
  return best.issues
    .map((inner) => allWords(inner, issue.errors.flat()))
    .flatMap((inner) => nearest({ ...inner, path: [...issue.path, ...inner.path] }))
}

/** Of a word that tells shapes apart, all that it may be. */
function allWords(issue: Issue, others: readonly Issue[]): Issue {
  if (issue.code !== "invalid_value") return issue
  const same = others.flatMap((other) =>
    other.code === "invalid_value" && placeOf(keysOf(other)) === placeOf(keysOf(issue)) ? other.values : [],
  )
  return { ...issue, values: [...new Set(same)] }
}

const keysOf = ({ path }: Issue) => path.map((key) => (typeof key === "symbol" ? String(key) : key))

/** A word that tells shapes apart weighs more than a field of another shape, and that more than one that is missing. */
function distance(issue: Issue): number {
  if (issue.code === "invalid_value") return 15
  return issue.code === "unrecognized_keys" ? 10 * issue.keys.length : 1
}

/** @returns the place as one reads it: `layers[2].thickness`. */
export function placeOf(path: readonly (string | number)[]): string {
  return path.map((key, i) => (typeof key === "number" ? `[${key}]` : i === 0 ? key : `.${key}`)).join("")
}

function faultOf(issue: Issue, root: unknown): Fault {
  const path = keysOf(issue)
  if (issue.code === "unrecognized_keys") {
    const key = issue.keys[0] ?? ""
    return { code: "unknown-field", path: [...path, key], message: `"${key}" is not a field here; take it out or mend its name.` }
  }
  const name = path.length === 0 ? "the input" : `"${placeOf(path)}"`
  const given = path.reduce<unknown>((at, key) => (at as Record<string | number, unknown> | undefined)?.[key], root)
  if (issue.code !== "custom" && given === undefined)
    return { code: "missing", path, message: `${name} is missing; give ${wanted(issue)}.` }
  const fault = { code: codes[issue.code] ?? issue.code, path, message: sentence(issue, name, given) }
  return isNumberLimit(issue) && typeof given === "number" ? { ...fault, range: { ...limitOf(issue), given } } : fault
}

const codes: Partial<Record<Issue["code"], string>> = {
  invalid_type: "wrong-type",
  too_small: "out-of-range",
  too_big: "out-of-range",
  invalid_value: "unknown-value",
  invalid_format: "wrong-format",
  invalid_key: "wrong-name",
}

function wanted(issue: Issue): string {
  if (issue.code === "invalid_type") return article(issue.expected)
  if (issue.code === "invalid_value") return `one of ${issue.values.map(String).join(", ")}`
  return "it"
}

const article = (type: string) =>
  ({ object: "an object", array: "a list", number: "a number", string: "a text", boolean: "true or false" })[type] ?? `a ${type}`

function sentence(issue: Issue, name: string, given: unknown): string {
  switch (issue.code) {
    case "invalid_type":
      return `${name} must be ${article(issue.expected)}; it is ${describe(given)}.`
    case "invalid_value":
      return `${name} must be ${wanted(issue)}; it is ${describe(given)}.`
    case "too_small":
    case "too_big": {
      const { edge, limit } = limitOf(issue)
      if (issue.origin === "number" || issue.origin === "int") return `${name} must be ${edge} ${limit}; it is ${describe(given)}.`
      return `${name} must have ${edge} ${limit} ${issue.origin === "string" ? "characters" : "entries"}.`
    }
    default:
      return issue.message
  }
}

type Limit = z.core.$ZodIssueTooSmall | z.core.$ZodIssueTooBig

const isNumberLimit = (issue: Issue): issue is Limit =>
  (issue.code === "too_small" || issue.code === "too_big") && (issue.origin === "number" || issue.origin === "int")

function limitOf(issue: Limit): { edge: string; limit: number } {
  const low = issue.code === "too_small"
  const edge = issue.inclusive ? (low ? "at least" : "at most") : low ? "above" : "below"
  return { edge, limit: Number(low ? issue.minimum : issue.maximum) }
}

function describe(value: unknown): string {
  if (typeof value === "number") {
    if (Number.isNaN(value)) return "not a number"
    return Number.isFinite(value) ? String(value) : "infinite (too large a number)"
  }
  if (typeof value === "string") return `the text "${value.slice(0, 40)}"`
  if (value === null) return "null"
  if (Array.isArray(value)) return "a list"
  return typeof value === "boolean" ? String(value) : "an object"
}
