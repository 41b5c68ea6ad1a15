import type { Dimension } from "../../schema/job/form"
import type { Point } from "../../core/shell/face"

/** What of the shell can be taken hold of on the pelt. */
export type Held = { kind: "opening"; id: string } | { kind: "box"; id: string } | { kind: "measure"; dimension: Dimension }

/** What the hand does. */
export type Hold =
  | { kind: "idle" }
  | { kind: "pressed"; held: Held; from: Point; moved: Point }
  /** Moved further than a tap. */
  | { kind: "dragging"; held: Held; from: Point; moved: Point }

export type HoldEvent = { kind: "press"; held: Held; at: Point } | { kind: "move"; at: Point } | { kind: "release" }

/** Below this way a press is a tap that chooses, px. */
const TAP = 4

/** The hand on a part of the pelt: pure, so that it can be tested without a screen. */
export function hold(state: Hold, event: HoldEvent): Hold {
  switch (event.kind) {
    case "press":
      return { kind: "pressed", held: event.held, from: event.at, moved: [0, 0] }
    case "move": {
      if (state.kind === "idle") return state
      const moved: Point = [event.at[0] - state.from[0], event.at[1] - state.from[1]]
      const far = state.kind === "dragging" || Math.hypot(...moved) > TAP
      return { ...state, kind: far ? "dragging" : "pressed", moved }
    }
    case "release":
      return { kind: "idle" }
  }
}
