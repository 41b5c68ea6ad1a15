"use client"
import { useSyncExternalStore } from "react"

function follow(onChange: () => void): () => void {
  const chosen = new MutationObserver(onChange)
  chosen.observe(document.documentElement, { attributes: true, attributeFilter: ["data-theme"] })
  const system = matchMedia("(prefers-color-scheme: dark)")
  system.addEventListener("change", onChange)
  return () => {
    chosen.disconnect()
    system.removeEventListener("change", onChange)
  }
}

/** A text that changes with the theme: drawings that hold colours as values are made anew by it. */
export function useTheme(): string {
  return useSyncExternalStore(
    follow,
    () => `${document.documentElement.dataset.theme ?? ""} ${matchMedia("(prefers-color-scheme: dark)").matches}`,
    () => "",
  )
}

/** A colour as CSS writes it, tokens and mixtures included, as it is in the present theme. */
export function resolvedColour(css: string): string {
  const probe = document.createElement("span")
  probe.style.color = css
  document.body.append(probe)
  const { color } = getComputedStyle(probe)
  probe.remove()
  return color
}
