"use client"
import { X } from "lucide-react"
import { Dialog as Radix } from "radix-ui"
import type { ReactNode } from "react"

interface Props {
  open: boolean
  onClose: () => void
  title: string
  /** A sentence under the title; also what a screen reader says. */
  words?: string
  /** `side` stands where the slice is, so that the pelt stays in sight. */
  place?: "middle" | "wide" | "side"
  children: ReactNode
}

const PLACES = {
  middle: "left-1/2 top-[12vh] max-h-[76vh] w-[min(560px,92vw)] -translate-x-1/2 rounded-soft border border-seam",
  wide: "left-1/2 top-[8vh] max-h-[84vh] w-[min(900px,96vw)] -translate-x-1/2 rounded-soft border border-seam",
  side: "right-0 top-13 bottom-16 w-[min(564px,100vw)] border-l border-ink narrow:bottom-0",
}

export function Dialog({ open, onClose, title, words, place = "middle", children }: Props) {
  return (
    <Radix.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-20 bg-ink/20 dark:bg-black/40" />
        <Radix.Content
          // In a field that is typed into it takes back what was typed, and no more.
          onEscapeKeyDown={(event) => document.activeElement?.hasAttribute("data-typing") && event.preventDefault()}
          className={`fixed z-30 overflow-y-auto bg-sheet p-6 shadow-xl ${PLACES[place]}`}
          {...(words === undefined ? { "aria-describedby": undefined } : {})}
        >
          <div className="mb-3 flex items-start gap-3">
            <div className="grow">
              <Radix.Title className="font-display text-[20px] leading-6 font-bold">{title}</Radix.Title>
              {words === undefined ? null : <Radix.Description className="mt-1 text-graphite">{words}</Radix.Description>}
            </div>
            <Radix.Close aria-label="Close" className="grid size-8 place-items-center rounded-soft hover:bg-chosen">
              <X size={18} aria-hidden />
            </Radix.Close>
          </div>
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  )
}
