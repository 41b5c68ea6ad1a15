import type { ReactNode } from "react"
import { storeTrouble } from "../store/trouble"

/** A page that is made from the store; in its place the words for it where the store cannot be read. */
export function fromStore(page: () => ReactNode): ReactNode {
  try {
    return page()
  } catch (error) {
    const trouble = storeTrouble(error)
    if (!trouble) throw error
    console.error(error)
    return (
      <main role="alert" className="mx-auto mt-24 max-w-120 border-l-[3px] border-clay pl-4">
        <h1 className="font-display text-[25px] leading-8 font-bold">The jobs cannot be shown</h1>
        <p className="mt-1">{trouble.message}</p>
        <p className="mt-1 text-graphite">Load this page anew once that is done. Nothing is changed meanwhile.</p>
      </main>
    )
  }
}
