import type { Material } from "../../schema/material"

/** What the hand does with a layer's edge. */
export type DragState =
  | { kind: "idle" }
  /** Pressed and moved: `scale` is held so that the edge stays under the finger. */
  | { kind: "dragging"; layer: string; from: number; start: number; scale: number; thickness: number }

export type DragEvent =
  | { kind: "press"; layer: string; x: number; thickness: number; scale: number }
  | { kind: "move"; x: number; material: Material; free: boolean }
  | { kind: "release" }

/** How near a sold thickness must be to hold the edge, px. */
const HOLDS = 9

/** The edge of a layer under a pointer: pure, so that it can be tested without a screen. */
export function drag(state: DragState, event: DragEvent): DragState {
  switch (event.kind) {
    case "press":
      return { kind: "dragging", layer: event.layer, from: event.x, start: event.thickness, scale: event.scale, thickness: event.thickness }
    case "move":
      if (state.kind !== "dragging") return state
      return { ...state, thickness: snapped(state.start + (event.x - state.from) / state.scale, event.material, state.scale, event.free) }
    case "release":
      return { kind: "idle" }
  }
}

/** The sold thickness that holds the edge, else whole millimetres; `free` (a key held) lets go of what is sold. */
function snapped(thickness: number, material: Material, scale: number, free: boolean): number {
  const least = Math.min(material.sold.thicknesses[0]!, 0.001)
  const sold = free ? undefined : material.sold.thicknesses.find((candidate) => Math.abs(candidate - thickness) * scale < HOLDS)
  return sold ?? Math.max(least, Math.round(thickness * 1000) / 1000)
}
