import { readFileSync } from "node:fs"
import type { Fault } from "../schema/outcome"
import { OPERATIONS, readInput, runOperation, schemaOf } from "../operations/registry"

const USAGE = "calc OPERATION [FILE] | calc OPERATION --schema | calc --list"

// Whoever reads less than the whole of an answer has had enough of it.
process.stdout.on("error", (error: NodeJS.ErrnoException) => {
  if (error.code !== "EPIPE") throw error
})

/** Prints the answer and gives the exit code: 0 with a result, 2 for bad input. */
export function main(args: readonly string[]): number {
  const [name, file] = args
  if (name === "--list") {
    for (const operation of OPERATIONS.values()) console.log(`${operation.name} — ${operation.summary}`)
    return 0
  }
  const operation = name === undefined ? undefined : OPERATIONS.get(name)
  if (!operation) {
    const message = `${name === undefined ? "No operation was named" : `There is no operation "${name}"`}; there are ${[...OPERATIONS.keys()].join(", ")}. Usage: ${USAGE}`
    return refuse({ code: "unknown-operation", path: [], message })
  }
  if (file === "--schema") {
    console.log(JSON.stringify(schemaOf(operation), null, 2))
    return 0
  }
  const text = textOf(file)
  if (text === null) return refuse({ code: "no-file", path: [], message: `The file "${file}" cannot be read.` })
  const input = readInput(text)
  const outcome = input.ok ? runOperation(operation, input.value) : input
  if (!outcome.ok) return refuse(outcome.error)
  console.log(JSON.stringify(outcome.value))
  return 0
}

function textOf(file: string | undefined): string | null {
  try {
    return readFileSync(file ?? 0, "utf8")
  } catch {
    return null
  }
}

function refuse(error: Fault): number {
  console.error(JSON.stringify({ error }))
  return 2
}
