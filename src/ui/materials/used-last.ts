"use client"

/** So many are remembered. */
const MOST = 6
const KEY = "materials used last"

/** Materials that were taken last in this browser, the newest first; none where it keeps nothing. */
export function usedLast(): string[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEY) ?? "[]")
    return Array.isArray(kept) ? kept.filter((id) => typeof id === "string").slice(0, MOST) : []
  } catch {
    return []
  }
}

/** Remembers a material that was taken. */
export function remember(id: string): void {
  try {
    localStorage.setItem(KEY, JSON.stringify([id, ...usedLast().filter((one) => one !== id)].slice(0, MOST)))
  } catch {
    // A browser that keeps nothing forgets it.
  }
}
