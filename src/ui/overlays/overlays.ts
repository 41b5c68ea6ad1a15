import { BUILT_R } from "./built-r"
import { COLD_LINES } from "./cold-lines"
import { DAMP } from "./damp"
import { DIRECTIONS } from "./directions"
import { LOSS } from "./loss"
import { MATERIALS } from "./materials"
import { MEASURES } from "./measures"
import type { Overlay } from "./overlay"
import { SKIN } from "./skin"

/** All that the drawings can show. */
export const OVERLAYS = [DIRECTIONS, MEASURES, MATERIALS, BUILT_R, LOSS, SKIN, DAMP, COLD_LINES] as const satisfies readonly Overlay[]
