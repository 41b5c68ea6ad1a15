import { ShelfChange } from "../../../../schema/change"
import { store } from "../../../../store/current"
import { setDeleted } from "../../../../store/jobs"
import { openJob } from "../../../../store/revisions"
import { answering, notFound, now, readChecked, refuse } from "../../respond"

interface Context {
  params: Promise<{ id: string }>
}

/** The job with what undo and redo walk; `?at=` a revision, as it was then. */
export const GET = answering(async (request: Request, { params }: Context): Promise<Response> => {
  const at = new URL(request.url).searchParams.get("at") ?? undefined
  const job = openJob(store(), (await params).id, at)
  return job ? Response.json(job) : notFound()
})

/** Takes a job off the shelf or puts it back. */
export const PATCH = answering(async (request: Request, { params }: Context): Promise<Response> => {
  const change = await readChecked(request, ShelfChange)
  if (!change.ok) return refuse(change.error)
  const found = setDeleted(store(), (await params).id, change.value.deleted ? now() : null)
  return found ? Response.json({}) : notFound()
})
