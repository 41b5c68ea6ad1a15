"use client"
import { useState } from "react"
import { call } from "./job/api"
import { Button } from "./primitives/button"
import { Refusal } from "./primitives/refusal"

/** Asks for the passphrase that opens this Pelzhaus to other machines. */
export function EnterForm() {
  const [passphrase, setPassphrase] = useState("")
  const [error, setError] = useState<string | null>(null)
  const enter = async () => {
    const answer = await call("POST", "/api/session", { passphrase })
    if (answer.ok) window.location.assign("/")
    else setError(answer.error.message)
  }
  return (
    <main className="grid h-dvh place-items-center p-6">
      <form
        className="grid w-full max-w-80 gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          void enter()
        }}
      >
        <h1 className="font-display text-[22px] font-bold">Pelzhaus</h1>
        <label htmlFor="passphrase">Passphrase</label>
        <input
          id="passphrase"
          type="password"
          autoComplete="current-password"
          autoFocus
          value={passphrase}
          aria-invalid={error !== null}
          className="h-11 rounded-soft border border-seam bg-sheet px-3"
          onChange={(event) => setPassphrase(event.target.value)}
        />
        <Refusal>{error}</Refusal>
        <Button look="strong" type="submit" className="h-11">
          Enter
        </Button>
      </form>
    </main>
  )
}
