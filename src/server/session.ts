import { createHash, scryptSync, timingSafeEqual } from "node:crypto"
import { jwtVerify, SignJWT } from "jose"
import { RateLimiterMemory } from "rate-limiter-flexible"

/** The passphrase that opens this Pelzhaus to other machines; without one it listens to this machine only. */
export const passphrase = (): string | undefined => process.env.PASSPHRASE || undefined

export const COOKIE = "pelzhaus-session"
/** Seconds that a session lasts. */
export const LASTS = 12 * 3600

interface Keeper {
  /** Signs sessions; made from the passphrase, so that a new one ends all sessions. */
  key: Uint8Array
  /** From one address, and from all together: an address can be forged where a proxy hands it on. */
  tries: RateLimiterMemory
  allTries: RateLimiterMemory
}

const holder = globalThis as { pelzhausKeeper?: Keeper }

function keeper(): Keeper {
  return (holder.pelzhausKeeper ??= {
    key: scryptSync(passphrase() ?? "", "pelzhaus session", 32),
    tries: new RateLimiterMemory({ points: 5, duration: 60 }),
    allTries: new RateLimiterMemory({ points: 100, duration: 60 }),
  })
}

/** @returns whether another try may be made from an address within this minute */
export async function mayTry(address: string): Promise<boolean> {
  try {
    await keeper().tries.consume(address)
    await keeper().allTries.consume("all")
    return true
  } catch {
    return false
  }
}

/** Whoever got in may make mistakes again. */
export const forgetTries = (address: string): Promise<boolean> => keeper().tries.delete(address)

/** Compares in a time that does not depend on how much is right. */
export function isPassphrase(given: string): boolean {
  const digest = (text: string) => createHash("sha256").update(text).digest()
  return timingSafeEqual(digest(given), digest(passphrase() ?? ""))
}

export function newSession(): Promise<string> {
  return new SignJWT({}).setProtectedHeader({ alg: "HS256" }).setIssuedAt().setExpirationTime(`${LASTS}s`).sign(keeper().key)
}

export async function isSession(token: string | undefined): Promise<boolean> {
  if (!token) return false
  try {
    await jwtVerify(token, keeper().key, { algorithms: ["HS256"] })
    return true
  } catch {
    return false
  }
}
