import * as z from "../schema/zod"
import { attempt, type Fault, type Outcome } from "../schema/outcome"
import { check } from "../schema/parse"
import { air } from "./air"
import { airspace } from "./airspace"
import { assembly } from "./assembly"
import { bridge } from "./bridge"
import { blowerDoor } from "./blower-door"
import { consumables } from "./consumables"
import { cut } from "./cut"
import { emc } from "./emc"
import { fasten } from "./fasten"
import { freeze } from "./freeze"
import { glaser } from "./glaser"
import { hygro } from "./hygro"
import { ground } from "./ground"
import { infiltration } from "./infiltration"
import { ledger } from "./ledger"
import { loads } from "./loads"
import { nest } from "./nest"
import { periodic } from "./periodic"
import { point } from "./point"
import { power } from "./power"
import { pullDown } from "./pull-down"
import { shade } from "./shade"
import { shrinkage } from "./shrinkage"
import { simulate } from "./simulate"
import { sun } from "./sun"
import { surface } from "./surface"
import { verdict } from "./verdict"
import { weather } from "./weather"
import type { Operation } from "./operation"

/** Every operation, by name. */
export const OPERATIONS: ReadonlyMap<string, Operation> = new Map(
  [
    air,
    airspace,
    assembly,
    periodic,
    bridge,
    point,
    ground,
    sun,
    shade,
    infiltration,
    blowerDoor,
    emc,
    shrinkage,
    glaser,
    hygro,
    surface,
    weather,
    simulate,
    ledger,
    verdict,
    loads,
    pullDown,
    freeze,
    power,
    nest,
    cut,
    fasten,
    consumables,
  ].map((operation) => [operation.name, operation as unknown as Operation]),
)

/** What one call may ask of a server, in the measure of an operation's work: some ten seconds. */
export const BUDGET = 1100

/**
 * Checks an input and runs an operation on it; an array of inputs gives an array of results, and one bad input fails all.
 * @param budget how much work it may be
 * @throws whatever is a fault of the program itself
 */
export function runOperation(operation: Operation, input: unknown, budget = Infinity): Outcome<unknown> {
  const inputs: unknown[] = Array.isArray(input) ? input : [input]
  const at = (i: number) => (Array.isArray(input) ? [i] : [])
  if (inputs.length > budget) return tooMuch(inputs.length, budget)
  const checked: unknown[] = []
  for (const [i, one] of inputs.entries()) {
    const outcome = check(operation.input, one)
    if (!outcome.ok) return refused(outcome.error, at(i))
    const fault = immeasurable(one, [])
    if (fault) return refused(fault, at(i))
    checked.push(outcome.value)
  }
  const work = checked.reduce<number>((all, one) => all + (operation.work?.(one) ?? 1), 0)
  if (work > budget) return tooMuch(Math.round(work), budget)
  const results: unknown[] = []
  for (const [i, one] of checked.entries()) {
    const outcome = attempt(() => {
      const { notes, ...output } = operation.run(one)
      return { ...output, notes: notes.map(({ text }) => text) }
    })
    if (!outcome.ok) return refused(outcome.error, at(i))
    results.push(outcome.value)
  }
  return { ok: true, value: Array.isArray(input) ? results : results[0] }
}

const refused = ({ code, path, message }: Fault, at: number[]): Outcome<never> => ({
  ok: false,
  error: { code, path: [...at, ...path], message },
})

const tooMuch = (work: number, budget: number): Outcome<never> =>
  refused(
    {
      code: "too-much-work",
      path: [],
      message: `This is ${work} steps of work, and one call may be ${budget}: send a list in parts, or use the command line, which has no limit.`,
    },
    [],
  )

/** Nothing that is measured is smaller than this, but nothing itself, nor larger than its inverse: beyond them products run out of numbers. */
const LEAST = 1e-100

/** The first number in an input that nobody can have measured; job documents have ranges of their own. */
function immeasurable(value: unknown, path: (string | number)[]): Fault | null {
  if (typeof value === "number") {
    const size = Math.abs(value)
    if (size === 0 || (size >= LEAST && size <= 1 / LEAST)) return null
    return { code: "out-of-range", path, message: `${value} is no figure that anyone measures: give 0 or one between 1e-100 and 1e100.` }
  }
  if (typeof value !== "object" || value === null || "format" in value) return null
  const entries: [string | number, unknown][] = Array.isArray(value) ? value.map((one, i) => [i, one as unknown]) : Object.entries(value)
  for (const [key, one] of entries) {
    const fault = immeasurable(one, [...path, key])
    if (fault) return fault
  }
  return null
}

/** JSON Schema of an operation's input and output. */
export function schemaOf(operation: Operation): { input: unknown; output: unknown } {
  return { input: z.toJSONSchema(operation.input, { io: "input" }), output: z.toJSONSchema(operation.output) }
}

/** Reads the JSON of a call. */
export function readInput(text: string): Outcome<unknown> {
  if (text.trim() === "")
    return { ok: false, error: { code: "empty", path: [], message: "There is no input; give one JSON object or an array of them." } }
  try {
    return { ok: true, value: JSON.parse(text) as unknown }
  } catch (error) {
    return { ok: false, error: { code: "not-json", path: [], message: `The input is not JSON: ${(error as Error).message}.` } }
  }
}
