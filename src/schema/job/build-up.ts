import * as z from "../zod"
import { Id, partsOf, title } from "./name"
import { fraction, quantity } from "../quantity"
import { FaceId } from "./shell"

const along = (meaning: string) => quantity("m", meaning, { min: 0, max: 200 })

/** Members of one kind that stand in a row: studs, ribs, girts, posts, purlins, rafters, joists, battens. */
export const MemberSet = z.strictObject({
  name: title("name"),
  material: z.string().min(1).max(60),
  width: quantity("m", "width of a member, seen square to the face", { above: 0, max: 1 }),
  depth: quantity("m", "depth of a member as measured; null: that of the layers between", { above: 0, max: 1 }).nullable(),
  shape: z.enum(["solid", "tube", "channel", "hat"]),
  wall: quantity("m", "wall thickness of a tube, channel or hat; null for a solid member", { above: 0, max: 0.1 }).nullable(),
  direction: z.enum(["up", "along"]).describe("up: from the face's lower edge to its upper; along: beside its lower edge"),
  spacing: quantity("m", "from one to the next", { above: 0, max: 10 }),
  spaced: z.enum(["centres", "edges"]).describe("how the spacing is meant: centre to centre, or clear from edge to edge"),
  first: along("middle of the first one from the face's left or lower edge; null: one spacing").nullable(),
  positions: z
    .partialRecord(FaceId, z.array(along("middle of a member")).max(400))
    .describe("members of a face measured one by one, from its left or lower edge seen from inside; else at the spacing"),
  ends: z.boolean().describe("one along each end of the row"),
  plates: z
    .strictObject({ low: z.literal([0, 1, 2, 3]), high: z.literal([0, 1, 2, 3]) })
    .describe("members across their lower or left, and their upper or right ends"),
  around: z.boolean().describe("only round openings, flush with their sides: no row, no plates and no ends"),
  doubled: z.boolean().describe("one more on each side of an opening, with a header and a sill"),
  cross: z
    .array(along("middle of a row"))
    .max(40)
    .describe("rows of blocking, nailers or rails between them, from their lower or left ends"),
  overhang: quantity("m", "how far they run out past the face, outdoors", { min: 0, max: 5 }),
  share: fraction("share of the face that they take, typed in place of the drawing's").nullable(),
  fill: z.string().min(1).max(60).nullable().describe("material that a tube or hat holds; null: still air"),
  existing: z.boolean().describe("there already, as a van's ribs are: they cost nothing and add no weight; what they hold does"),
})
export type MemberSet = z.output<typeof MemberSet>

/** Screws or pins that hold a layer and pass through it. */
export const Fasteners = z.strictObject({
  material: z.string().min(1).max(60),
  diameter: quantity("m", "of the metal", { above: 0, max: 0.05 }),
  perArea: quantity("1/m²", "how many", { above: 0, max: 1000 }),
  recessed: quantity("m", "by which their heads stop short of the layer's face", { min: 0, max: 1 }),
})
export type Fasteners = z.output<typeof Fasteners>

/** A joint that a person has put in its place. */
export const LockedJoint = z.strictObject({
  course: z.int().min(0).max(400).nullable().describe("the course that it lies across, counted from 0; null: it lies between two courses"),
  at: along("end of the board before it, from the face's left or lower edge"),
})
export type LockedJoint = z.output<typeof LockedJoint>

/** How a layer of boards is laid; what is null follows from what they are of. */
export const Boards = z.strictObject({
  course: z
    .enum(["beside", "up"])
    .nullable()
    .describe("their long side: beside the face's lower edge, or up; null: the way that takes fewer"),
  onMembers: z.boolean().nullable().describe("whether their joints lie on members; null: those of sheathing and linings do"),
  gap: quantity("m", "between boards", { min: 0, max: 0.1 }).nullable(),
  apart: quantity("m", "by which joints lie beside those of the layer below and of the next course", { min: 0, max: 2 }).nullable(),
  narrowest: quantity("m", "that no strip is narrower than, where the face lets it", { min: 0, max: 1 }).nullable(),
  grain: z.boolean().describe("pieces keep the direction of their sheet: grain, flutes, or a pattern"),
  locked: z.record(Id, z.array(LockedJoint).max(60)).describe("joints of a face or a zone that stay where they are"),
})
export type Boards = z.output<typeof Boards>

/** A layer of a build-up, by the name of its material. */
export const Layer = z.strictObject({
  material: z.string().min(1).max(60),
  thickness: quantity("m", "thickness, in the mean where it tapers", { min: 0.00001, max: 2 }),
  taper: quantity("m", "by how much thicker it is at its other end than at one; 0: even, negative: thinner there", { min: -2, max: 2 }),
  existing: z.boolean().describe("there already: costs nothing and adds no weight"),
  voids: z.literal([0, 1, 2]).describe("level of air voids, ISO 6946 annex F"),
  between: Id.nullable().describe("the set of members that it lies between; null: continuous"),
  also: z
    .array(Id)
    .max(5)
    .describe("further sets of members that stand in it, between those that it lies between: blocks, nailers, crossing battens"),
  loose: quantity("m", "thickness that its fibre has when nothing presses it; null: as thick as it lies", { above: 0, max: 2 }).nullable(),
  fasteners: Fasteners.nullable(),
  vents: quantity("m²/m", "openings of an air space to the outdoors, for a metre of its width", { min: 0, max: 1 }),
  boards: Boards.nullable().describe("how its boards are laid; null: as is usual"),
})
export type Layer = z.output<typeof Layer>

/** What a layer is of which no more is said than its material and thickness. */
export const PLAIN_LAYER = {
  taper: 0,
  existing: false,
  voids: 0,
  between: null,
  also: [] as string[],
  loose: null,
  fasteners: null,
  vents: 0,
  boards: null,
} as const

/** Insulation along the edge of a slab, level under it or beside it down into the ground. */
export const SlabEdge = z.strictObject({
  kind: z.enum(["horizontal", "vertical"]),
  reach: quantity("m", "how wide, or how deep", { above: 0, max: 5 }),
  thickness: quantity("m", "its thickness", { above: 0, max: 0.5 }),
  material: z.string().min(1).max(60),
})
export type SlabEdge = z.output<typeof SlabEdge>

/** A build-up: layers outside to inside, and the sets of members that they lie between. */
export const Assembly = z.strictObject({
  name: title("name"),
  reason: z.string().max(600).describe("why it was chosen over others; empty: not said"),
  absorptance: fraction("share of the sun that the outdoor face takes up")
    .nullable()
    .describe("0..1; null: that of the outermost material"),
  members: partsOf(MemberSet, 60, "sets of members in a build-up").describe("sets of members; those of different sets cross"),
  layers: partsOf(Layer, 100, "layers in a build-up"),
  order: z.array(Id).min(1).max(40).describe("layers, outside to inside"),
  edge: SlabEdge.nullable().describe("insulation along its edge where it is a floor on the ground; null: none"),
})
export type Assembly = z.output<typeof Assembly>
