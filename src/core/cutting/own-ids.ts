import { InputError } from "../../schema/outcome"

/** @throws InputError `duplicate` where two of a list, or of lists that are told apart by their ids alone, have one id */
export function refuseDoubles(lists: Readonly<Record<string, readonly { id: string }[]>>): void {
  const known = new Set<string>()
  for (const [list, all] of Object.entries(lists))
    for (const [i, { id }] of all.entries()) {
      if (known.has(id))
        throw new InputError("duplicate", [list, i, "id"], `There are two of the name "${id}": give each a name of its own.`)
      known.add(id)
    }
}
