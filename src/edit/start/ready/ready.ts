import { FIRST_EDGE } from "../../../core/enclosure/perimeter-insulation"
import type { Assembly } from "../../../schema/job/build-up"
import { type LayerSketch, layer, sketch } from "../layers"
import type { Part } from "../../../core/shell/face"
import { type Way, WAYS } from "../ways"

/** A build-up ready to be worn, after one of the ways of building. */
export interface ReadyBuildUp {
  id: string
  way: Way
  /** With the reason for its way, and when it fits. */
  assembly: Assembly
}

/** Those of one kind of enclosure, by its parts. */
export type ReadyParts = Readonly<Record<Part, readonly ReadyBuildUp[]>>

/** Its layers outside to inside; it is called after its way unless a name is given. */
export const ready = (way: Way, reason: string, layers: readonly LayerSketch[], name: string = WAYS[way]): ReadyBuildUp => ({
  id: name.toLowerCase().replace(/[^a-z]+/g, "-"),
  way,
  assembly: sketch(name, layers, null, reason),
})

/** The same along whose edge there is insulation. */
export const edged = ({ assembly, ...one }: ReadyBuildUp): ReadyBuildUp => ({ ...one, assembly: { ...assembly, edge: FIRST_EDGE } })

/** A layer that is there already. */
export const there = { existing: true }
/** Openings along eaves and ridge, or foot and head: well vented. */
export const vents = { vents: 0.02 }

/** A roof's outer sheet over an aired gap. */
export const METAL_ROOF: LayerSketch[] = [layer("steel-dark", 0.0006), layer("air", 0.05, vents), layer("roof-underlay", 0.0006)]
