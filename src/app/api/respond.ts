import type * as z from "zod"
import type { Outcome, Fault } from "../../schema/outcome"
import { check } from "../../schema/parse"

/** Greatest body of a request, bytes: a job file and what is around it. */
const LARGEST_BODY = 4_200_000

const STATUS: Record<string, number> = {
  "not-found": 404,
  conflict: 409,
  "too-large": 413,
  "not-allowed": 403,
  "wrong-passphrase": 401,
  "too-many-tries": 429,
}

/** An error as every route answers it. */
export function refuse(error: Fault): Response {
  return Response.json({ error }, { status: STATUS[error.code] ?? 400 })
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
