import type { Shell } from "../../schema/job/shell"
import { memoised } from "../memoised"
import { sum } from "../numeric/sum"
import { adjacentTo, isInWeather } from "./adjacent"
import { edgeStretches } from "./edge-stretches"
import { bordersOf, partsOfFaces, type SurfacePart } from "./surface"

/**
 * Edges of the slab that the weather outdoors reaches, m: those under walls against a room that is held are not among them, those towards a
 * part of the floor with outdoor air below it are. A floor of which nothing lies on the ground is taken as if all of it did.
 */
export const exposedPerimeter = memoised((shell: Shell): number => {
  const parts = partsOfFaces(shell)
  const isFloor = (part: SurfacePart) => part.face.part === "floor" && part.box === null
  const floor = parts.filter(isFloor)
  const far = (part: SurfacePart) => adjacentTo(shell, part)
  const grounded = floor.filter((part) => far(part).kind === "ground")
  const slab = grounded.length > 0 ? grounded : floor
  const feet = edgeStretches(shell).flatMap(({ surfaces: [a, b], length }) => {
    const [under, wall] = isFloor(a) ? [a, b] : [b, a]
    return slab.includes(under) ? [{ length, exposed: isInWeather(far(wall)) }] : []
  })
  const inner = bordersOf(shell).map(({ between: [a, b], length }) =>
    grounded.includes(a) !== grounded.includes(b) && isInWeather(far(grounded.includes(a) ? b : a)) ? length : 0,
  )
  const exposed = sum(feet.map((foot) => (foot.exposed ? foot.length : 0))) + sum(inner)
  // A slab wholly inside a held building has no edge in the weather; the standard has no case for it, the whole edge is on the safe side.
  return exposed || sum(feet.map(({ length }) => length))
})
