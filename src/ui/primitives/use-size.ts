"use client"
import { useEffect, useRef, useState } from "react"

/** Size of an element in CSS pixels, followed as it changes; the fallback stands until it is known. */
export function useSize<E extends Element>(fallback: { width: number; height: number }) {
  const ref = useRef<E>(null)
  const [size, setSize] = useState(fallback)
  useEffect(() => {
    const element = ref.current
    if (!element) return
    const observer = new ResizeObserver(([entry]) => {
      const { width, height } = entry!.contentRect
      if (width > 0 && height > 0) setSize({ width, height })
    })
    observer.observe(element)
    return () => observer.disconnect()
  }, [])
  return [ref, size] as const
}
