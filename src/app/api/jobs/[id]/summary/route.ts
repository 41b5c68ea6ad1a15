import { settledJob } from "../../../../../server/shelf"
import { store } from "../../../../../store/current"
import { answering, notFound, refuse } from "../../../respond"

/** What the shelf shows of a job, with its figures. */
export const GET = answering(async (request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> => {
  const job = await settledJob(store(), (await params).id, request.signal)
  if (!job) return notFound()
  return job.ok ? Response.json(job.value) : refuse(job.error)
})
