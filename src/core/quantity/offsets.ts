import { InputError } from "../../schema/outcome"
import { parseLength, printLength } from "./length"
import type { UnitSystem } from "./unit-system"

/**
 * Reads offsets of an outline from a straight edge as they are called out, place and offset with a colon between: `0: 0; 150: 210; 900: 0`.
 * @returns [along, off] in m, as written
 * @throws InputError `not-offsets` for a pair without a colon, else as `parseLength`
 */
export function parseOffsets(text: string, system: UnitSystem): [number, number][] {
  const pairs = text.split(";").filter((pair) => pair.trim() !== "")
  return pairs.map((pair) => {
    const [along, off, ...more] = pair.split(":")
    if (along === undefined || off === undefined || more.length > 0)
      throw new InputError("not-offsets", [], `"${pair.trim()}" is no place and offset; write both with a colon between, as in 150: 210.`)
    return [parseLength(along, system), parseLength(off, system)]
  })
}

/** Offsets as `parseOffsets` reads them. */
export function printOffsets(offsets: readonly (readonly [number, number])[], system: UnitSystem): string {
  return offsets.map((pair) => pair.map((length) => printLength(length, system).text).join(": ")).join("; ")
}
