import * as z from "../../../schema/zod"
import { COOKIE, forgetTries, isPassphrase, LASTS, mayTry, newSession, passphrase } from "../../../server/session"
import { answering, readChecked, refuse } from "../respond"

const Entry = z.strictObject({ passphrase: z.string().max(1000) })

/** Lets in whoever knows the passphrase. */
export const POST = answering(async (request: Request): Promise<Response> => {
  if (!passphrase()) return Response.json({})
  const address = request.headers.get("x-forwarded-for")?.split(",").at(-1)?.trim() ?? "unknown"
  if (!(await mayTry(address))) return refuse({ code: "too-many-tries", path: [], message: "Too many tries; wait a minute." })
  const body = await readChecked(request, Entry)
  if (!body.ok) return refuse(body.error)
  if (!isPassphrase(body.value.passphrase))
    return refuse({ code: "wrong-passphrase", path: ["passphrase"], message: "That is not the passphrase." })
  await forgetTries(address)
  const secure = request.headers.get("x-forwarded-proto") === "https" ? "; Secure" : ""
  const cookie = `${COOKIE}=${await newSession()}; Path=/; Max-Age=${LASTS}; HttpOnly; SameSite=Strict${secure}`
  return Response.json({}, { headers: { "set-cookie": cookie } })
})
