import { FIRST_EDGE } from "../../../core/enclosure/perimeter-insulation"
import type { Assembly } from "../../../schema/job/build-up"
import { sketch, stack } from "../layers"
import type { FacePart } from "../../../core/shell/face"
import { type Way, WAYS } from "../ways"

/** A build-up ready to be worn, after one of the ways of building. */
export interface ReadyBuildUp {
  id: string
  way: Way
  /** With the reason for its way, and when it fits. */
  assembly: Assembly
}

/** Those of one kind of enclosure, by its parts. */
export type ReadyParts = Readonly<Record<FacePart, readonly ReadyBuildUp[]>>

/** One whose layers follow in words, outside to inside; it is called after its way unless a name is given. @see stack */
export const ready =
  (way: Way, reason: string, name: string = WAYS[way]) =>
  (...layers: Parameters<typeof stack>): ReadyBuildUp => ({
    id: name.toLowerCase().replace(/[^a-z]+/g, "-"),
    way,
    assembly: sketch(name, stack(...layers), null, reason),
  })

/** The same along whose edge there is insulation. */
export const edged = ({ assembly, ...one }: ReadyBuildUp): ReadyBuildUp => ({ ...one, assembly: { ...assembly, edge: FIRST_EDGE } })

/** A roof's outer sheet over an aired gap. */
export const METAL_ROOF = stack`steel-dark 0.6, air 50 vented, roof-underlay 0.6`
