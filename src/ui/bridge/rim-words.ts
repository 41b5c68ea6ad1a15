import type { SlabEdge } from "../../schema/job/build-up"

/** How insulation lies along the edge of a slab. */
export const RIM_WORDS: Record<SlabEdge["kind"], string> = { vertical: "down beside it", horizontal: "level under its rim" }
