import { describe, expect, test } from "@jest/globals"
import * as z from "../../schema/zod"
import { readBody, readChecked, refuse } from "./respond"

const post = (body: BodyInit) => new Request("http://127.0.0.1/", { method: "POST", body, duplex: "half" } as RequestInit)

/** A body without a length, a megabyte at a time; says how much of it was asked for. */
function endless(megabytes: number) {
  let sent = 0
  const stream = new ReadableStream<Uint8Array>({
    pull(controller) {
      if (sent++ >= megabytes) controller.close()
      else controller.enqueue(new Uint8Array(1_000_000).fill(32))
    },
  })
  return { stream, sent: () => sent }
}

describe("a request's body", () => {
  test("is read whole, whatever its letters", async () => {
    expect(await readBody(post('{"name":"Höhle für Flöhe ⅜″"}'))).toEqual({ ok: true, value: '{"name":"Höhle für Flöhe ⅜″"}' })
    expect(await readBody(new Request("http://127.0.0.1/"))).toEqual({ ok: true, value: "" })
  })

  test("is read no further than the limit", async () => {
    const body = endless(50)
    expect(await readBody(post(body.stream))).toMatchObject({ ok: false, error: { code: "too-large" } })
    expect(body.sent()).toBeLessThan(10)
  })

  test("is checked", async () => {
    const schema = z.strictObject({ deleted: z.boolean() })
    expect(await readChecked(post('{"deleted":true}'), schema)).toEqual({ ok: true, value: { deleted: true } })
    expect(await readChecked(post('{"deleted":1}'), schema)).toMatchObject({ ok: false, error: { path: ["deleted"] } })
    expect(await readChecked(post("{"), schema)).toMatchObject({ ok: false, error: { code: "not-json" } })
  })
})

test("an error has its status", () => {
  const status = (code: string) => refuse({ code, path: [], message: "" }).status
  expect(["not-found", "conflict", "too-large", "wrong-passphrase", "too-many-tries", "missing"].map(status)).toEqual([
    404, 409, 413, 401, 429, 400,
  ])
})
