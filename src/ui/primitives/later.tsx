"use client"
import dynamic from "next/dynamic"
import type { ComponentType, ReactNode } from "react"

/** A heavy part that is fetched when it is first looked at; while the server is away a sentence stands in its place. */
export function later<P>(load: () => Promise<ComponentType<P>>, waiting: ReactNode = null): ComponentType<P> {
  return dynamic<P>(() => load().catch(() => Unfetched), { ssr: false, loading: () => waiting })
}

function Unfetched() {
  return (
    <p role="alert" className="border-l-[3px] border-ochre pl-3 text-graphite">
      This part could not be fetched: the server does not answer. Reload the page once it does; nothing that was typed is lost.
    </p>
  )
}
