import { KNOWN } from "../../../../edit/known"
import { ShelfChange } from "../../../../schema/change"
import { Id } from "../../../../schema/job/name"
import { readKept } from "../../../../schema/read-kept"
import { check } from "../../../../schema/parse"
import { store } from "../../../../store/current"
import { keep, setKeptDeleted } from "../../../../store/kept"
import { answering, now, readBody, readChecked, refuse } from "../../respond"

interface Context {
  params: Promise<{ id: string }>
}

/** Keeps a build-up or a material on the shelf, new or anew. */
export const PUT = answering(async (request: Request, { params }: Context): Promise<Response> => {
  const id = check(Id, (await params).id)
  if (!id.ok) return refuse(id.error)
  const body = await readBody(request)
  if (!body.ok) return refuse(body.error)
  let document: unknown
  try {
    document = JSON.parse(body.value)
  } catch {
    return refuse({ code: "not-json", path: [], message: "What should be kept is not JSON." })
  }
  const read = readKept(document, KNOWN)
  if (!read.ok) return refuse(read.error)
  keep(store(), id.value, read.value, now())
  return Response.json({})
})

/** Takes it off the shelf or puts it back. */
export const PATCH = answering(async (request: Request, { params }: Context): Promise<Response> => {
  const change = await readChecked(request, ShelfChange)
  if (!change.ok) return refuse(change.error)
  const found = setKeptDeleted(store(), (await params).id, change.value.deleted ? now() : null)
  return found ? Response.json({}) : refuse({ code: "not-found", path: [], message: "This is not on the shelf." })
})
