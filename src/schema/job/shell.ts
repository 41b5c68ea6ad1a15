import * as z from "../zod"
import { Dimension, Form, shellLength } from "./form"
import { Traffic } from "./inside"
import { Id, partsOf, title } from "./name"
import { fraction, quantity, relativeHumidity } from "../quantity"

/** Faces that a form can have. */
export const FaceId = z.enum(["floor", "left", "right", "front", "back", "roof", "roof-left", "roof-right", "roof-front", "roof-back"])
export type FaceId = z.output<typeof FaceId>

const offset = (meaning: string) => quantity("m", meaning, { min: 0, max: 200 })

/** Air of a room in one season. */
export const roomAir = (meaning: string) =>
  z.strictObject({
    temperature: quantity("°C", `${meaning} temperature`, { min: -40, max: 60 }),
    relativeHumidity: relativeHumidity(`${meaning} relative humidity`),
  })

/** What an opening is set in, where the wall ends. */
export const OpeningFrame = z.strictObject({
  material: z.string().min(1).max(60),
  width: quantity("m", "of a solid frame seen square to the face, or of a sheet's two flanges on the faces", { min: 0.005, max: 0.5 }),
  sheet: quantity("m", "thickness of a sheet that wraps the wall's end; null: the frame is solid", { min: 0.0003, max: 0.02 }).nullable(),
})
export type OpeningFrame = z.output<typeof OpeningFrame>

/** A door, window, hatch or passage in a face. */
export const Opening = z.strictObject({
  name: title("name"),
  kind: z.enum(["door", "sliding-door", "double-door", "window", "hatch", "passage"]),
  face: FaceId,
  x: offset("from the face's left edge, seen from inside"),
  y: offset("from the face's lower edge"),
  width: shellLength("width"),
  height: shellLength("height"),
  uValue: quantity("W/(m²·K)", "thermal transmittance: frame included where none is described, else of the leaf or the pane", {
    above: 0,
    max: 20,
  }),
  solarFactor: fraction("share of the sun on it that comes in"),
  swing: z.enum(["in", "out", "slides", "fixed"]).describe("which way its leaf goes"),
  leaf: quantity("m", "thickness of the leaf", { min: 0, max: 0.5 }),
  jamb: quantity("m", "thickness of the lining on its jambs and head", { min: 0, max: 0.5 }),
  frame: OpeningFrame.nullable().describe("what it is set in; null: not described, and counted in uValue"),
  traffic: Traffic.nullable().describe("how often it stands open; null: not counted"),
  shade: z
    .strictObject({
      over: quantity("m", "depth of a level board over it, 0.1 m above and 0.3 m past its sides", { min: 0, max: 5 }),
      beside: quantity("m", "depth of upright boards at both its sides", { min: 0, max: 5 }),
    })
    .describe("boards of its own that keep the sun off; 0: none"),
})
export type Opening = z.output<typeof Opening>

/** Places along an edge and how far the outline stands off it there, as one measures an odd shape from a straight edge. */
export const Offsets = z
  .array(z.tuple([offset("along the edge"), offset("off the edge")]))
  .min(2)
  .max(60)
  .describe("[along, off] in m, rising along the edge")
export type Offsets = z.output<typeof Offsets>

/** What stands into the inside from the floor and the foot of a wall: a wheel box, a step. */
export const FloorBox = z.strictObject({
  name: title("name"),
  side: z.enum(["left", "right"]).describe("wall that it stands against"),
  x: offset("from the back, to its near end"),
  length: shellLength("along the wall"),
  width: shellLength("out from the wall"),
  height: shellLength("above the floor, at its highest"),
  outline: Offsets.nullable().describe("its height along its length where it is no block; null: as high all along"),
})
export type FloorBox = z.output<typeof FloorBox>

/** A piece that is missing from a face: a step well, a notch, a service opening into what is outside. */
export const Notch = z.strictObject({
  name: title("name"),
  face: FaceId,
  edge: z.enum(["lower", "upper", "left", "right"]).describe("edge of the face's bounds that it is measured from, seen from inside"),
  from: offset("along that edge, from its left or lower end, to where the offsets begin"),
  offsets: Offsets,
  uValue: quantity("W/(m²·K)", "thermal transmittance of what closes it, over its mouth; 0 where nothing is lost there", {
    min: 0,
    max: 20,
  }),
})
export type Notch = z.output<typeof Notch>

/** What runs through a face in one piece: a beam, a pipe, a cable, a bolt, the base of a post. */
export const Penetration = z.strictObject({
  name: title("name"),
  face: FaceId,
  x: offset("of its middle, from the face's left edge, seen from inside"),
  y: offset("of its middle, from the face's lower edge"),
  count: z.number().int().min(1).max(10_000).describe("how many alike"),
  material: z.string().min(1).max(60),
  shape: z.enum(["round", "square"]),
  width: quantity("m", "across it", { above: 0, max: 2 }),
  wall: quantity("m", "wall thickness of a pipe or tube; null: solid", { above: 0, max: 0.2 }).nullable(),
  outdoors: quantity("m", "length that stands out of the outdoor face; 0: flush", { min: 0, max: 50 }),
  indoors: quantity("m", "length that stands out of the indoor face; 0: flush", { min: 0, max: 50 }),
})
export type Penetration = z.output<typeof Penetration>

/** A part of a face that has a build-up of its own, or another air beyond it. */
export const Zone = z.discriminatedUnion("kind", [
  z
    .strictObject({
      kind: z.literal("rectangle"),
      name: title("name"),
      face: FaceId,
      x: offset("from the face's left edge, seen from inside"),
      y: offset("from the face's lower edge"),
      width: shellLength("width"),
      height: shellLength("height"),
    })
    .describe("a rectangle on a face; of two that overlap the later one counts"),
  z
    .strictObject({ kind: z.literal("box"), name: title("name"), box: Id })
    .describe("side, top and ends of a box on the floor, which take the place of wall and floor behind them"),
])
export type Zone = z.output<typeof Zone>

/** What a face may stand against in place of the outdoors. */
export const Space = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("open"), name: title("name") }).describe("outdoor air without sun and wind: an open shed"),
  z
    .strictObject({ kind: z.literal("held"), name: title("name"), winter: roomAir("winter"), summer: roomAir("summer") })
    .describe("a room that is held at a temperature"),
  z
    .strictObject({
      kind: z.literal("unheated"),
      name: title("name"),
      conductance: quantity("W/K", "from it to the outdoors, through its skin and by its air changes", { above: 0, max: 100_000 }),
      glass: quantity("m²", "of glass in it that looks as the face before it does, times its solar factor; 0: no sun comes in", {
        min: 0,
        max: 1000,
      }),
    })
    .describe("a space that finds its own temperature between inside and outdoors"),
])
export type Space = z.output<typeof Space>

/** One reading of the tape, from where it was held. */
export const Reading = z.strictObject({
  dimension: Dimension,
  held: z
    .enum(["outside", "bare", "ribs", "lined"])
    .describe("outside: over all; bare: between what is there already; ribs: between the members; lined: between the finished linings"),
  value: quantity("m", "what the tape said", { min: 0, max: 200 }),
})
export type Reading = z.output<typeof Reading>

/** How far the floor stands off the zero at one of its points. */
export const Level = z.strictObject({
  name: title("name"),
  x: offset("from the back"),
  y: offset("from the left wall"),
  rise: quantity("m", "above the zero, negative below", { min: -1, max: 1 }),
})
export type Level = z.output<typeof Level>

/** Something that must find its place inside. */
export const Fit = z.strictObject({
  name: title("name"),
  size: shellLength("its length, or all the way that it swings or pulls out"),
  along: z.enum(["length", "width", "height", "diagonal"]).describe("diagonal: across the floor from corner to corner"),
})
export type Fit = z.output<typeof Fit>

/** Something heavy that stands on the floor. */
export const Load = z.strictObject({
  name: title("name"),
  mass: quantity("kg", "with what is in it", { above: 0, max: 100_000 }),
  width: quantity("m", "of what it stands on, one way", { min: 0.005, max: 50 }),
  length: quantity("m", "of what it stands on, the other way", { min: 0.005, max: 50 }),
  lasting: z.boolean().describe("stands there for years, not for a moment"),
})
export type Load = z.output<typeof Load>

/** Steel tube under the edges of a floor that lies on a frame. */
export const Chassis = z.strictObject({
  width: quantity("m", "of the tube", { min: 0.01, max: 0.5 }),
  height: quantity("m", "of the tube", { min: 0.01, max: 0.5 }),
  wall: quantity("m", "thickness of its wall", { min: 0.0005, max: 0.05 }),
})
export type Chassis = z.output<typeof Chassis>

/** What is there before anything is insulated: form, openings, what stands on and beside it. */
export const Shell = z.strictObject({
  form: Form,
  azimuth: quantity("degrees", "direction that the front faces, from north clockwise", { min: 0, below: 360 }),
  floor: z.enum(["slab", "skids", "wheels", "frame"]).describe("what it stands on: a slab on the ground, or outdoor air below"),
  chassis: Chassis.nullable().describe("steel under the edges of a floor on a frame; null: not described"),
  overhang: z
    .strictObject({
      eaves: quantity("m", "level, past the side walls", { min: 0, max: 5 }),
      ends: quantity("m", "past front and back", { min: 0, max: 5 }),
    })
    .describe("how far the roof reaches out"),
  around: z
    .strictObject({
      horizon: z
        .array(quantity("degrees", "above level", { min: 0, max: 89 }))
        .length(8)
        .describe("how high trees, houses and hills reach, looking north, north-east and so on round"),
      roof: quantity("degrees", "above level from which a roof over it keeps the sun off", { min: 0, max: 90 }).nullable(),
    })
    .describe("what stands around it and over it"),
  openings: partsOf(Opening, 300, "openings"),
  boxes: partsOf(FloorBox, 100, "boxes on the floor").describe("wheel boxes and steps"),
  notches: partsOf(Notch, 100, "cut-outs").describe("pieces missing from faces"),
  penetrations: partsOf(Penetration, 500, "things that run through the skin").describe("what runs through faces"),
  spaces: partsOf(Space, 50, "spaces beside it").describe("what faces may stand against in place of the outdoors"),
  zones: partsOf(Zone, 60, "zones").describe("parts of faces that are built otherwise"),
  against: z
    .record(Id, Id)
    .describe("the space beyond a face or a zone; a face that is not named sees the outdoors, a zone what its face sees"),
  readings: partsOf(Reading, 300, "readings of the tape").describe("what the tape said, kept beside the measures that follow from it"),
  levels: partsOf(Level, 200, "points of the floor").describe("points of a floor that is not level"),
  fits: partsOf(Fit, 200, "things that must fit").describe("what must find its place inside"),
  loads: partsOf(Load, 200, "loads").describe("what stands on the floor"),
})
export type Shell = z.output<typeof Shell>
