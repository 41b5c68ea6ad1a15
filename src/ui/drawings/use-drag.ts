"use client"
import { type PointerEvent, useEffect, useRef, useState } from "react"
import type { Point } from "../../core/shell/face"
import { hold, type Hold, type HoldEvent } from "./hold"

interface Drag<T> {
  /** @param moved px from where it was taken @param free a key lets go of all that would hold it */
  onMove: (held: T, moved: Point, free: boolean) => void
  onDrop: (held: T, moved: Point, free: boolean) => void
  /** Let go where it was taken. */
  onTap?: (held: T) => void
  /** What was shown is to be taken back: the touch was taken away, or the drawing. */
  onCancel: () => void
}

/**
 * Things of a drawing under the hand: what moves shows at once, and is done when it is let go.
 * @returns what is being dragged, and the handlers for a thing that can be
 */
export function useDrag<T>(drag: Drag<T>) {
  const [dragged, setDragged] = useState<T | null>(null)
  // An element under the hand is moved by what it sends: its state and its handlers are read from here, not from a closure.
  const state = useRef<Hold<T>>({ kind: "idle" })
  const current = useRef(drag)
  useEffect(() => void (current.current = drag))
  useEffect(() => () => void (state.current.kind === "dragging" && current.current.onCancel()), [])
  const send = (event: HoldEvent<T>): Hold<T> => {
    state.current = hold(state.current, event)
    setDragged(state.current.kind === "dragging" ? state.current.held : null)
    return state.current
  }
  const handlers = (held: T) => ({
    onPointerDown: (event: PointerEvent<Element>) => {
      event.stopPropagation()
      event.currentTarget.setPointerCapture(event.pointerId)
      send({ kind: "press", held, at: [event.clientX, event.clientY] })
    },
    onPointerMove: (event: PointerEvent<Element>) => {
      if (state.current.kind === "idle") return
      event.stopPropagation()
      const now = send({ kind: "move", at: [event.clientX, event.clientY] })
      if (now.kind === "dragging") drag.onMove(now.held, now.moved, event.shiftKey)
    },
    onPointerUp: (event: PointerEvent<Element>) => {
      const last = state.current
      send({ kind: "release" })
      if (last.kind === "dragging") drag.onDrop(last.held, last.moved, event.shiftKey)
      else if (last.kind === "pressed") drag.onTap?.(last.held)
    },
    onPointerCancel: () => {
      send({ kind: "release" })
      drag.onCancel()
    },
  })
  return { dragged, handlers }
}
