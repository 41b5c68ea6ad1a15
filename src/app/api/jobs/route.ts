import { KNOWN } from "../../../edit/known"
import { readJob } from "../../../schema/job/read-job"
import { addToShelf, shelf } from "../../../server/shelf"
import { store } from "../../../store/current"
import { answering, now, readBody, refuse } from "../respond"

/** All jobs with what the shelf shows of them. */
export const GET = answering(() => Response.json(shelf(store())))

/** Puts a job on the shelf: a new one, or the text of a job file. */
export const POST = answering(async (request: Request): Promise<Response> => {
  const body = await readBody(request)
  if (!body.ok) return refuse(body.error)
  const job = readJob(body.value, KNOWN)
  if (!job.ok) return refuse(job.error)
  return Response.json({ id: addToShelf(store(), job.value, now()) }, { status: 201 })
})
