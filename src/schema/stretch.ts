/** A stretch of one edge of a body; left out, from the edge's beginning and to its end, m. */
interface Along {
  edge: "left" | "right" | "bottom" | "top"
  from?: number | undefined
  to?: number | undefined
}

/** How long a body's edge is, and which stretch of it is meant, m. */
export function stretchOf(body: { width: number; height: number }, { edge, from, to }: Along): { edge: number; from: number; to: number } {
  const whole = edge === "bottom" || edge === "top" ? body.width : body.height
  return { edge: whole, from: from ?? 0, to: to ?? whole }
}
