import type * as z from "../../schema/zod"
import type { Outcome, Fault } from "../../schema/outcome"
import { check } from "../../schema/parse"
import { storeTrouble } from "../../store/trouble"

/** Greatest body of a request, bytes: a job file and what is around it. */
const LARGEST_BODY = 4_200_000

const STATUS: Record<string, number> = {
  "not-found": 404,
  conflict: 409,
  "too-large": 413,
  "not-allowed": 403,
  "wrong-passphrase": 401,
  "too-many-tries": 429,
  "disk-full": 507,
  "store-read-only": 503,
  "store-busy": 503,
  "store-broken": 503,
  "calculator-busy": 503,
  "took-too-long": 503,
  "too-much-work": 422,
  fault: 500,
}

/** Seconds after which it is worth to ask again. */
const RETRY_AFTER: Record<string, number> = { "store-busy": 2, "calculator-busy": 2, "too-many-tries": 60 }

/** An error as every route answers it. */
export function refuse(error: Fault): Response {
  const wait = RETRY_AFTER[error.code]
  return Response.json({ error }, { status: STATUS[error.code] ?? 400, headers: wait ? { "retry-after": String(wait) } : {} })
}

/** A route that always answers with words: what is wrong with the store has its own, and a fault of the program says that it is one. */
export const answering =
  <A extends unknown[]>(route: (...args: A) => Response | Promise<Response>) =>
  async (...args: A): Promise<Response> => {
    try {
      return await route(...args)
    } catch (error) {
      console.error(error)
      return refuse(storeTrouble(error) ?? { code: "fault", path: [], message: "Pelzhaus itself has failed at this; nothing was stored." })
    }
  }

export const notFound = () => refuse({ code: "not-found", path: [], message: "This job is not on the shelf." })

/** Reads a body up to the limit and no further, whatever length it claims. */
export async function readBody(request: Request): Promise<Outcome<string>> {
  const reader = request.body?.getReader()
  if (!reader) return { ok: true, value: "" }
  const decoder = new TextDecoder()
  let [text, size] = ["", 0]
  for (let chunk = await reader.read(); !chunk.done; chunk = await reader.read()) {
    size += (chunk.value as Uint8Array).byteLength
    if (size > LARGEST_BODY) {
      await reader.cancel()
      return {
        ok: false,
        error: { code: "too-large", path: [], message: `The message has more than ${LARGEST_BODY / 1e6} MB; nothing was stored.` },
      }
    }
    text += decoder.decode(chunk.value, { stream: true })
  }
  return { ok: true, value: text + decoder.decode() }
}

/** Reads a body as JSON and checks it. */
export async function readChecked<S extends z.ZodType>(request: Request, schema: S): Promise<Outcome<z.output<S>>> {
  const body = await readBody(request)
  if (!body.ok) return body
  try {
    return check(schema, JSON.parse(body.value))
  } catch (error) {
    return { ok: false, error: { code: "not-json", path: [], message: `The message is not JSON: ${(error as Error).message}.` } }
  }
}

export const now = () => new Date().toISOString()
