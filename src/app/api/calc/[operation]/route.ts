import { OPERATIONS } from "../../../../operations/registry"
import { calculate } from "../../../../server/calculator"
import { answering, readBody, refuse } from "../../respond"

/** The calculator over the network: the same operations, answers and errors as on the command line, worked out in threads of their own. */
export const POST = answering(async (request: Request, { params }: { params: Promise<{ operation: string }> }): Promise<Response> => {
  const { operation: name } = await params
  if (!OPERATIONS.has(name))
    return refuse({
      code: "not-found",
      path: [],
      message: `There is no operation "${name}"; there are ${[...OPERATIONS.keys()].join(", ")}.`,
    })
  const body = await readBody(request)
  if (!body.ok) return refuse(body.error)
  const outcome = await calculate({ operation: name, text: body.value }, request.signal)
  return outcome.ok ? new Response(outcome.value, { headers: { "content-type": "application/json" } }) : refuse(outcome.error)
})
