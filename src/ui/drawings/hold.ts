import type { Point } from "../../core/shell/face"

/** What the hand does with something that can be dragged. */
export type Hold<T> =
  | { kind: "idle" }
  | { kind: "pressed"; held: T; from: Point; moved: Point }
  /** Moved further than a tap. */
  | { kind: "dragging"; held: T; from: Point; moved: Point }

export type HoldEvent<T> = { kind: "press"; held: T; at: Point } | { kind: "move"; at: Point } | { kind: "release" }

/** Below this way a press is a tap that chooses, px. */
const TAP = 4

/** The hand on a part of a drawing: pure, so that it can be tested without a screen. */
export function hold<T>(state: Hold<T>, event: HoldEvent<T>): Hold<T> {
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
