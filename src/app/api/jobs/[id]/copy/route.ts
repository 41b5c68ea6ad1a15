import { store } from "../../../../../store/current"
import { copyJob } from "../../../../../store/jobs"
import { answering, notFound, now } from "../../../respond"

export const POST = answering(async (_: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> => {
  const id = copyJob(store(), (await params).id, now())
  return id ? Response.json({ id }, { status: 201 }) : notFound()
})
