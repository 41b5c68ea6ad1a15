import { Changes } from "../../../../../schema/change"
import { store } from "../../../../../store/current"
import { applyChanges } from "../../../../../store/revisions"
import { answering, now, readChecked, refuse } from "../../../respond"

/** Appends revisions to a job and moves its head; answers once they are on disk. */
export const POST = answering(async (request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> => {
  const body = await readChecked(request, Changes)
  if (!body.ok) return refuse(body.error)
  const head = applyChanges(store(), (await params).id, body.value.changes, now())
  return head.ok ? Response.json({ head: head.value }) : refuse(head.error)
})
