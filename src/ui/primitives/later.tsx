"use client"
import dynamic from "next/dynamic"
import type { ComponentType, ReactNode } from "react"

/** A heavy part that is fetched when it is first looked at; while the server is away a sentence stands in its place. */
export function later<P>(load: () => Promise<ComponentType<P>>, waiting: ReactNode = null): ComponentType<P> {
  return dynamic<P>(() => load().catch(() => Unfetched), { ssr: false, loading: () => waiting })
}

/** The same once the page is drawn and at rest: for what stands further down it. */
export const whenIdle = <P,>(load: () => Promise<ComponentType<P>>): ComponentType<P> => later(() => idle().then(load))

/** Safari has no word for it. */
const idle = (): Promise<void> =>
  new Promise((rest) => ("requestIdleCallback" in window ? requestIdleCallback(() => rest(), { timeout: 500 }) : setTimeout(rest, 100)))

function Unfetched() {
  return (
    <p role="alert" className="border-l-[3px] border-ochre pl-3 text-graphite">
      This part could not be fetched: the server does not answer. Reload the page once it does; nothing that was typed is lost.
    </p>
  )
}
