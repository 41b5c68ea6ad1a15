import * as z from "zod"
import { Form, shellLength } from "./form"
import { AirState, fraction, quantity, relativeHumidity } from "../quantity"

/** Version of the job document; each older one has a step in `migrate.ts`. */
export const JOB_VERSION = 2
export const JOB_FORMAT = "pelzhaus-job"

export const Id = z
  .string()
  .regex(/^[a-z0-9](?:[a-z0-9-]{0,39})$/, "A name of a part is made of small letters, digits and dashes, at most 40.")
export type Id = z.output<typeof Id>

const title = (meaning: string) => z.string().min(1).max(120).describe(meaning)

export const JobKind = z.enum(["van", "cabin", "cold-room", "shed", "post-frame"])
export type JobKind = z.output<typeof JobKind>

const indoorAir = (meaning: string) =>
  z.strictObject({
    temperature: quantity("°C", `${meaning} temperature`, { min: -40, max: 60 }),
    relativeHumidity: relativeHumidity(`${meaning} relative humidity`),
  })

export const Limits = z.strictObject({
  height: shellLength("clear height that must be left").nullable(),
  weight: quantity("kg", "most weight that may be added", { min: 0 }).nullable(),
  money: quantity("€", "most money that may be spent", { min: 0 }).nullable(),
  loss: quantity("W", "most heat that the plant can give on the worst night", { min: 0 }).nullable(),
  gain: quantity("W", "most heat that the plant can take out on the worst afternoon", { min: 0 }).nullable(),
})
export type Limits = z.output<typeof Limits>

export const Brief = z.strictObject({
  kind: JobKind,
  use: z.string().max(400).describe("who or what is inside, and when"),
  station: z.string().min(1).max(60).describe("climate station"),
  outdoors: z
    .strictObject({ winter: AirState.nullable(), summer: AirState.nullable() })
    .describe("design conditions typed in place of the station's"),
  indoors: z.strictObject({ winter: indoorAir("indoor winter"), summer: indoorAir("indoor summer") }),
  limits: Limits,
})
export type Brief = z.output<typeof Brief>

export const FaceId = z.enum(["floor", "left", "right", "front", "back", "roof", "roof-left", "roof-right", "roof-front", "roof-back"])
export type FaceId = z.output<typeof FaceId>

export const Opening = z.strictObject({
  name: title("name"),
  kind: z.enum(["door", "window", "hatch"]),
  face: FaceId,
  x: quantity("m", "from the face's left edge, seen from inside", { min: 0, max: 200 }),
  y: quantity("m", "from the face's lower edge", { min: 0, max: 200 }),
  width: shellLength("width"),
  height: shellLength("height"),
  uValue: quantity("W/(m²·K)", "thermal transmittance, frame included", { above: 0, max: 20 }),
  solarFactor: fraction("share of the sun on it that comes in"),
})
export type Opening = z.output<typeof Opening>

/** What stands into the inside from the floor and the foot of a wall: a wheel box, a step. */
export const FloorBox = z.strictObject({
  name: title("name"),
  side: z.enum(["left", "right"]).describe("wall that it stands against"),
  x: quantity("m", "from the back, to its near end", { min: 0, max: 200 }),
  length: shellLength("along the wall"),
  width: shellLength("out from the wall"),
  height: shellLength("above the floor"),
})
export type FloorBox = z.output<typeof FloorBox>

export const Shell = z.strictObject({
  form: Form,
  azimuth: quantity("degrees", "direction that the front faces, from north clockwise", { min: 0, below: 360 }),
  setting: z.enum(["open", "indoors"]).describe("open: sun and wind reach it; indoors: it stands in another building"),
  floor: z.enum(["air", "ground"]).describe("what is under the floor: outdoor air, or a slab on the ground"),
  openings: z.record(Id, Opening),
  boxes: z.record(Id, FloorBox).describe("wheel boxes and steps"),
})
export type Shell = z.output<typeof Shell>

export const Framing = z.strictObject({
  material: z.string().min(1).max(60),
  width: quantity("m", "width of a member, seen square to the face", { above: 0, max: 1 }),
  wall: quantity("m", "wall thickness of a tube or channel; null for a solid member", { above: 0, max: 0.1 }).nullable(),
  spacing: quantity("m", "centre to centre", { above: 0, max: 10 }),
  positions: z
    .array(quantity("m", "middle of a member, from the face's left edge seen from inside", { min: 0, max: 200 }))
    .max(400)
    .nullable()
    .describe("members measured one by one; null: at the spacing"),
  plates: quantity("0..1", "further share of the face for plates and edges", { min: 0, max: 0.5 }),
})
export type Framing = z.output<typeof Framing>

export const Layer = z.strictObject({
  material: z.string().min(1).max(60),
  thickness: quantity("m", "thickness", { min: 0.00001, max: 2 }),
  existing: z.boolean().describe("there already: costs nothing and adds no weight"),
  voids: z.literal([0, 1, 2]).describe("level of air voids, ISO 6946 annex F"),
  framing: Framing.nullable(),
})
export type Layer = z.output<typeof Layer>

export const Assembly = z.strictObject({
  name: title("name"),
  absorptance: fraction("share of the sun that the outdoor face takes up")
    .nullable()
    .describe("0..1; null: that of the outermost material"),
  layers: z.record(Id, Layer),
  order: z.array(Id).min(1).max(40).describe("layers, outside to inside"),
})
export type Assembly = z.output<typeof Assembly>

export const Leakage = z.strictObject({
  ach50: quantity("1/h", "air changes at 50 Pa", { min: 0, max: 500 }),
  shelter: z.literal([1, 2, 3, 4, 5]).describe("shelter from the wind, 1 none to 5 very heavy"),
})
export type Leakage = z.output<typeof Leakage>

export const Variant = z
  .strictObject({
    name: title("name"),
    assemblies: z.record(Id, Assembly),
    wears: z.partialRecord(FaceId, Id).describe("assembly of each face"),
    leakage: Leakage,
  })
  .describe("one way to build it")
export type Variant = z.output<typeof Variant>

export const Snapshot = z
  .strictObject({ name: title("what was pinned"), brief: Brief, shell: Shell, variant: Variant })
  .describe("a state frozen to compare with")
export type Snapshot = z.output<typeof Snapshot>

export const Job = z.strictObject({
  format: z.literal(JOB_FORMAT),
  version: z.literal(JOB_VERSION),
  name: title("name of the job"),
  units: z.enum(["metric", "inch-pound"]).describe("units in which it is shown; values are SI either way"),
  brief: Brief,
  shell: Shell,
  variants: z.record(Id, Variant),
  order: z.array(Id).min(1).max(50).describe("variants as listed"),
  active: Id.describe("the variant being worked on"),
  pinned: Snapshot.nullable(),
})
export type Job = z.output<typeof Job>
