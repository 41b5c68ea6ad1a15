import { type NextRequest, NextResponse } from "next/server"
import { COOKIE, isSession, passphrase } from "./server/session"

/** What stands before every page and route: who may call, from where, and what a page may load. */
export async function proxy(request: NextRequest): Promise<NextResponse> {
  if (!HOST.test(request.headers.get("host") ?? "")) return deny(400, "bad-host", "The name of this machine in the request cannot be read.")
  if (!isReadable(request.nextUrl.pathname)) return deny(404, "not-found", "There is nothing at this address.")
  const refusal = strangerAt(request)
  if (refusal) return deny(403, "not-allowed", refusal)
  if (passphrase() && !isOpen(request) && !(await isSession(request.cookies.get(COOKIE)?.value))) {
    if (request.nextUrl.pathname.startsWith("/api/")) return deny(401, "not-entered", "Enter the passphrase first.")
    return NextResponse.redirect(new URL("/enter", originOf(request)))
  }
  return withPolicy(request)
}

export const config = { matcher: [{ source: "/((?!_next/static|_next/image|icon.svg).*)" }] }

function isReadable(path: string): boolean {
  try {
    decodeURIComponent(path)
    return true
  } catch {
    return false
  }
}

/** The way in itself is open to everyone. */
const isOpen = ({ nextUrl: { pathname } }: NextRequest) => pathname === "/enter" || pathname === "/api/session"

/** A name or an address, with or without a port. @see RFC 9110, 7.2 */
const HOST = /^([\w.-]+|\[[\da-fA-F:.]+\])(:\d{1,5})?$/
const LOOPBACK = /^(localhost|127\.0\.0\.1|\[::1\])(:\d+)?$/

/** @returns why a request is not ours, or null */
function strangerAt(request: NextRequest): string | null {
  const host = request.headers.get("host") ?? ""
  // A page elsewhere can give its own name this machine's address; without a passphrase only loopback names count.
  if (!passphrase() && !LOOPBACK.test(host)) return "This Pelzhaus answers to this machine only."
  if (request.method === "GET" || request.method === "HEAD") return null
  const origin = request.headers.get("origin")
  if (origin !== null && hostOf(origin) !== host) return "A page from elsewhere may not write here."
  const site = request.headers.get("sec-fetch-site")
  if (site !== null && site !== "same-origin" && site !== "none") return "A page from elsewhere may not write here."
  return null
}

function hostOf(origin: string): string | null {
  return URL.canParse(origin) ? new URL(origin).host : null
}

/** Redirects go to the name that the caller used, which behind 0.0.0.0 is not the server's own. */
function originOf(request: NextRequest): string {
  return `${request.nextUrl.protocol}//${request.headers.get("host") ?? request.nextUrl.host}`
}

function deny(status: number, code: string, message: string): NextResponse {
  return NextResponse.json({ error: { code, path: [], message } }, { status })
}

function withPolicy(request: NextRequest): NextResponse {
  const nonce = btoa(crypto.randomUUID())
  const development = process.env.NODE_ENV === "development"
  const policy = [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${development ? " 'unsafe-eval'" : ""}`,
    // Radix and the toasts set styles on elements, which no nonce covers.
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' blob: data:",
    "font-src 'self'",
    `connect-src 'self'${development ? " ws:" : ""}`,
    "worker-src 'self'",
    "object-src 'none'",
    "base-uri 'self'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join("; ")
  const headers = new Headers(request.headers)
  headers.set("x-nonce", nonce)
  headers.set("content-security-policy", policy)
  const response = NextResponse.next({ request: { headers } })
  response.headers.set("content-security-policy", policy)
  response.headers.set("x-content-type-options", "nosniff")
  response.headers.set("referrer-policy", "same-origin")
  return response
}
