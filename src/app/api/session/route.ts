import * as z from "zod"
import { COOKIE, isPassphrase, LASTS, mayTry, newSession, passphrase } from "../../../server/session"
import { answering, readChecked, refuse } from "../respond"

const Entry = z.strictObject({ passphrase: z.string().max(1000) })

/** Lets in whoever knows the passphrase. */
export const POST = answering(async (request: Request): Promise<Response> => {
  if (!passphrase()) return Response.json({})
  // All tries count together: behind a proxy every caller may show the same address or a forged one.
  if (!(await mayTry("anyone"))) return refuse({ code: "too-many-tries", path: [], message: "Too many tries; wait a minute." })
  const body = await readChecked(request, Entry)
  if (!body.ok) return refuse(body.error)
  if (!isPassphrase(body.value.passphrase))
    return refuse({ code: "wrong-passphrase", path: ["passphrase"], message: "That is not the passphrase." })
  const secure = request.headers.get("x-forwarded-proto") === "https" ? "; Secure" : ""
  const cookie = `${COOKIE}=${await newSession()}; Path=/; Max-Age=${LASTS}; HttpOnly; SameSite=Strict${secure}`
  return Response.json({}, { headers: { "set-cookie": cookie } })
})
