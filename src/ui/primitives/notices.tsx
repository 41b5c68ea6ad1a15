"use client"
import { useEffect, useRef } from "react"
import { type ExternalToast, toast, Toaster } from "sonner"

/** What is said for a while, and what can be done about it. */
export interface Notice {
  words: string
  options: ExternalToast | undefined
}

/** Notices at the foot of the screen, each for a while. */
export function Notices({ notices }: { notices: readonly Notice[] }) {
  const shown = useRef(0)
  useEffect(() => {
    for (const { words, options } of notices.slice(shown.current)) toast(words, options)
    shown.current = notices.length
  }, [notices])
  return <Toaster position="bottom-center" toastOptions={{ className: "!rounded-[4px] !border-seam !bg-sheet !text-ink !font-sans" }} />
}
