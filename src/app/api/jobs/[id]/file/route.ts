import { store } from "../../../../../store/current"
import { documentAt, headOf } from "../../../../../store/revisions"
import { answering, notFound } from "../../../respond"

/** The job as a file to keep or to hand on. */
export const GET = answering(async (_: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> => {
  const head = headOf(store(), (await params).id)
  if (head === null) return notFound()
  const job = documentAt(store(), head)
  const name = encodeURIComponent(job.name.replace(/[^\p{L}\p{N} _-]/gu, "").trim() || "job")
  return new Response(`${JSON.stringify(job, null, 2)}\n`, {
    headers: {
      "content-type": "application/json; charset=utf-8",
      "content-disposition": `attachment; filename="job.pelz.json"; filename*=UTF-8''${name}.pelz.json`,
    },
  })
})
