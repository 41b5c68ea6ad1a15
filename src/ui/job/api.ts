import type { Outcome, Fault } from "../../schema/outcome"

/** No answer at all: the server is away, which is not an error of what was sent. */
export const AWAY = "away"

/** A server that has not answered by then is away, ms. */
const PATIENCE = 15_000

/**
 * Calls a route of our own.
 * @param until gives up the wait; left out: after the time in which a route that calculates nothing answers
 * @returns its answer, its refusal, or the fault `away` when there is no server
 */
export async function call<T>(
  method: "GET" | "POST" | "PATCH" | "PUT",
  path: string,
  body?: unknown,
  until: AbortSignal = AbortSignal.timeout(PATIENCE),
): Promise<Outcome<T>> {
  try {
    const text = body === undefined || typeof body === "string" ? body : JSON.stringify(body)
    const response = await fetch(path, {
      method,
      ...(text === undefined ? {} : { body: text, headers: { "content-type": "application/json" } }),
      signal: until,
    })
    const answer = (await response.json()) as T & { error?: Fault }
    if (response.ok) return { ok: true, value: answer }
    if (answer.error) return { ok: false, error: answer.error }
  } catch {
    // Falls through: no connection, or an answer that is not ours.
  }
  return { ok: false, error: { code: AWAY, path: [], message: "The server does not answer." } }
}
