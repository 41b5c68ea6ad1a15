import type { SurfaceId } from "./surface"

declare const PLACE: unique symbol

/** Names one thing of an enclosure by its kind and what it is of, so that things of different kinds never share a name. */
export type Place = string & { readonly [PLACE]: true }

const named = (kind: string, ...of: string[]): Place => [kind, ...of].join("/") as Place

/** The places of an enclosure. */
export const place = {
  surface: (surface: SurfaceId) => named("surface", surface),
  opening: (id: string) => named("opening", id),
  notch: (id: string) => named("notch", id),
  member: (surface: SurfaceId, set: string) => named("member", surface, set),
  edge: ([a, b]: readonly [SurfaceId, SurfaceId]) => named("edge", a, b),
  /** Where two surfaces of one face meet. */
  border: ([a, b]: readonly [SurfaceId, SurfaceId]) => named("border", a, b),
  jamb: (opening: string) => named("jamb", opening),
  threshold: (opening: string) => named("threshold", opening),
  point: (penetration: string) => named("point", penetration),
  /** Corners against one air, named after the first of its surfaces. */
  corners: (surface: SurfaceId) => named("corners", surface),
  air: () => named("air"),
  ventilation: () => named("ventilation"),
  people: () => named("people"),
  equipment: () => named("equipment"),
  goods: (id: string) => named("goods", id),
  defrost: () => named("defrost"),
  /** A door as it is opened and shut. */
  traffic: (opening: string) => named("traffic", opening),
} as const
