import type { BridgeBoundary } from "./bridge"

/** How long a body's edge is that a boundary lies on, and which stretch of it the boundary takes, m. */
export function stretchOf(
  body: { width: number; height: number },
  { edge, from, to }: BridgeBoundary,
): { edge: number; from: number; to: number } {
  const whole = edge === "bottom" || edge === "top" ? body.width : body.height
  return { edge: whole, from: from ?? 0, to: to ?? whole }
}
