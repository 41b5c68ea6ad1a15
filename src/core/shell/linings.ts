import type { FaceId } from "../../schema/job/shell"
import { sum } from "../numeric/sum"

/** How far a build-up reaches into the shell on one surface, m. */
export interface Lining {
  face: FaceId
  depth: number
}

/** The mean lining of each face of which several surfaces are lined. @param parts with their m² */
export function meanLinings(parts: readonly (Lining & { area: number })[]): Lining[] {
  return [...new Set(parts.map(({ face }) => face))].map((face) => {
    const own = parts.filter((part) => part.face === face)
    if (own.length === 1) return own[0]!
    return { face, depth: sum(own.map(({ depth, area }) => depth * area)) / sum(own.map(({ area }) => area)) }
  })
}

/** The deepest lining on each side of the inside, m: what the clear inside is measured between. */
export interface Linings {
  floor: number
  left: number
  right: number
  front: number
  back: number
  /** Flat roof, or the thickest slope. */
  roof: number
}

/** The sides of the inside, from all the surfaces that line them. */
export function sidesLined(linings: readonly Lining[]): Linings {
  const sides: Linings = { floor: 0, left: 0, right: 0, front: 0, back: 0, roof: 0 }
  for (const { face, depth } of linings) {
    const side = face in sides ? (face as keyof Linings) : "roof"
    sides[side] = Math.max(sides[side], depth)
  }
  return sides
}
