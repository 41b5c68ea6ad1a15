import { ResultAsked, ResultKept } from "../../../schema/kept-result"
import { PROGRAM } from "../../../server/program"
import { store } from "../../../store/current"
import { keepResults, keptResults, resultHash } from "../../../store/results"
import { answering, now, readChecked, refuse } from "../respond"

/** What is kept of a calculation; null where nothing is. */
export const POST = answering(async (request: Request): Promise<Response> => {
  const asked = await readChecked(request, ResultAsked)
  if (!asked.ok) return refuse(asked.error)
  const hash = resultHash(asked.value.kind, asked.value.key)
  return Response.json({ result: keptResults(store(), PROGRAM, [hash]).get(hash) ?? null })
})

/** Keeps what a browser worked out. */
export const PUT = answering(async (request: Request): Promise<Response> => {
  const kept = await readChecked(request, ResultKept)
  if (!kept.ok) return refuse(kept.error)
  const { kind, key, result } = kept.value
  keepResults(store(), PROGRAM, new Map([[resultHash(kind, key), result]]), now())
  return Response.json({})
})
