import type { FaceId, Opening } from "../../schema/job/shell"

type OpeningFigures = Omit<Opening, "name" | "kind" | "face" | "x" | "y" | "width" | "height">

/** No boards before it. */
const NO_SHADE: Opening["shade"] = { over: 0, beside: 0 }

/** What an opening of each kind is like until it is known better. */
export const OPENING_KINDS: Readonly<Record<Opening["kind"], OpeningFigures>> = {
  door: { uValue: 2, solarFactor: 0.02, swing: "out", leaf: 0.04, jamb: 0, frame: null, traffic: null, shade: NO_SHADE },
  "sliding-door": { uValue: 3.2, solarFactor: 0.05, swing: "slides", leaf: 0.06, jamb: 0, frame: null, traffic: null, shade: NO_SHADE },
  "double-door": { uValue: 3.2, solarFactor: 0.05, swing: "out", leaf: 0.06, jamb: 0, frame: null, traffic: null, shade: NO_SHADE },
  window: { uValue: 2.8, solarFactor: 0.65, swing: "fixed", leaf: 0.03, jamb: 0, frame: null, traffic: null, shade: NO_SHADE },
  hatch: { uValue: 4.5, solarFactor: 0.3, swing: "fixed", leaf: 0.03, jamb: 0, frame: null, traffic: null, shade: NO_SHADE },
  // A curtain between two airs: its films and the still air it holds.
  passage: { uValue: 3.5, solarFactor: 0, swing: "fixed", leaf: 0, jamb: 0, frame: null, traffic: null, shade: NO_SHADE },
}

/** How large an opening of each kind begins, and how high over its face's lower edge, m. */
export const OPENING_SIZES: Readonly<Record<Opening["kind"], Pick<Opening, "y" | "width" | "height">>> = {
  door: { y: 0.05, width: 0.8, height: 1.9 },
  "sliding-door": { y: 0.1, width: 1.2, height: 1.6 },
  "double-door": { y: 0.1, width: 1.5, height: 1.7 },
  window: { y: 0.9, width: 0.6, height: 0.5 },
  hatch: { y: 0.3, width: 0.4, height: 0.4 },
  passage: { y: 0.05, width: 0.7, height: 1.8 },
}

/** An opening of a kind where its lower left corner stands, with what is special about it; m. */
export const opening = (
  name: string,
  kind: Opening["kind"],
  face: FaceId,
  [x, y, width, height]: readonly [x: number, y: number, width: number, height: number],
  special: Partial<Opening> = {},
): Opening => ({ name, kind, face, x, y, width, height, ...OPENING_KINDS[kind], ...special })
