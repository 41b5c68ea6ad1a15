"use client"
import { type ReactNode, useRef } from "react"
import { Button } from "./button"

interface Props {
  /** What the file is, for a screen reader. */
  label: string
  /** Kinds of file that are offered. */
  accept: string
  onFile: (file: File) => void
  children: ReactNode
}

/** A button that asks for a file; the same one may be chosen again. */
export function FileButton({ label, accept, onFile, children }: Props) {
  const input = useRef<HTMLInputElement>(null)
  return (
    <>
      <Button look="link" onClick={() => input.current?.click()}>
        {children}
      </Button>
      <input
        ref={input}
        type="file"
        accept={accept}
        aria-label={label}
        className="hidden"
        onChange={(event) => {
          const [file] = event.target.files ?? []
          if (file) onFile(file)
          event.target.value = ""
        }}
      />
    </>
  )
}
