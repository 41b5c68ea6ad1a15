import { OPERATIONS, readInput, runOperation } from "../../../../operations/registry"
import { readBody, refuse } from "../../respond"

/** The calculator over the network: the same operations, the same answers, the same errors as on the command line. */
export async function POST(request: Request, { params }: { params: Promise<{ operation: string }> }): Promise<Response> {
  const { operation: name } = await params
  const operation = OPERATIONS.get(name)
  if (!operation)
    return refuse({
      code: "not-found",
      path: [],
      message: `There is no operation "${name}"; there are ${[...OPERATIONS.keys()].join(", ")}.`,
    })
  const body = await readBody(request)
  if (!body.ok) return refuse(body.error)
  const input = readInput(body.value)
  const outcome = input.ok ? runOperation(operation, input.value) : input
  return outcome.ok ? Response.json(outcome.value) : refuse(outcome.error)
}
