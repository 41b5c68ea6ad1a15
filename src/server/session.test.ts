import { afterEach, beforeEach, describe, expect, test } from "@jest/globals"
import { SignJWT } from "jose"
import { forgetTries, isPassphrase, isSession, mayTry, newSession } from "./session"

const forget = () => delete (globalThis as { pelzhausKeeper?: unknown }).pelzhausKeeper

beforeEach(() => {
  process.env.PASSPHRASE = "lantern over marsh"
  forget()
})
afterEach(() => {
  delete process.env.PASSPHRASE
  forget()
})

describe("a session", () => {
  test("opens for the passphrase only", () => {
    expect(isPassphrase("lantern over marsh")).toBe(true)
    for (const wrong of ["", "lantern", "lantern over marsh ", "LANTERN OVER MARSH"]) expect(isPassphrase(wrong)).toBe(false)
  })

  test("is known again, and no other token is", async () => {
    const token = await newSession()
    expect(await isSession(token)).toBe(true)
    const forged = await new SignJWT({}).setProtectedHeader({ alg: "HS256" }).setExpirationTime("1h").sign(new Uint8Array(32))
    const unsigned = `${Buffer.from('{"alg":"none"}').toString("base64url")}.e30.`
    for (const wrong of [undefined, "", "x", token.slice(0, -2), forged, unsigned]) expect(await isSession(wrong)).toBe(false)
  })

  test("ends when the passphrase changes", async () => {
    const token = await newSession()
    process.env.PASSPHRASE = "another one"
    forget()
    expect(await isSession(token)).toBe(false)
  })

  test("may be tried five times a minute", async () => {
    const tries = await Promise.all([1, 2, 3, 4, 5, 6].map(() => mayTry("here")))
    expect(tries).toEqual([true, true, true, true, true, false])
    // Somebody elsewhere is not shut out by that; nor is who got in, once it is known.
    expect(await mayTry("there")).toBe(true)
    await forgetTries("here")
    expect(await mayTry("here")).toBe(true)
  })

  test("may be tried a hundred times a minute from everywhere together, however the addresses are forged", async () => {
    const tries = await Promise.all(Array.from({ length: 101 }, (_, i) => mayTry(`forged ${i}`)))
    expect(tries.filter(Boolean)).toHaveLength(100)
  })
})
