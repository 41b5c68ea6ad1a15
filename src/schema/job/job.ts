import { Buying } from "./buying"
import { CurrencyCode } from "../currency"
import * as z from "../zod"
import { Assembly } from "./build-up"
import { shellLength } from "./form"
import { Inside, Ventilation } from "./inside"
import { Id, partsOf, title } from "./name"
import { Material } from "../material"
import { Plant } from "./plant"
import { SheetStock } from "./sheet-stock"
import { AirState, quantity, relativeHumidity } from "../quantity"
import { roomAir, Shell } from "./shell"
import { OwnWeather } from "./weather"

/** Version of the job document; each older one has a step in `migrate.ts`. */
export const JOB_VERSION = 15
/** What a job file says that it is. */
export const JOB_FORMAT = "pelzhaus-job"
/** Greatest size of a job file, characters; a job of fifty variants is a tenth of it. */
export const LARGEST_FILE = 4_000_000

/** What is built. */
export const JobKind = z.enum(["van", "cabin", "cold-room", "shed", "post-frame"])
export type JobKind = z.output<typeof JobKind>

/** What must not be passed; null is no limit. */
export const Limits = z.strictObject({
  height: shellLength("clear height that must be left").nullable(),
  weight: quantity("kg", "most weight that may be added", { min: 0 }).nullable(),
  money: quantity("€", "most money that may be spent", { min: 0 }).nullable(),
  loss: quantity("W", "most heat that the plant can give on the worst night", { min: 0 }).nullable(),
  gain: quantity("W", "most heat that the plant can take out on the worst afternoon", { min: 0 }).nullable(),
})
export type Limits = z.output<typeof Limits>

/** What insulation is reckoned at in service. */
export const Service = z.strictObject({
  age: quantity("years", "since it was built in", { min: 0, max: 100 }),
  relativeHumidity: relativeHumidity("humidity within the layers"),
})
export type Service = z.output<typeof Service>

/** What saving heat is worth. */
export const Worth = z.strictObject({
  energy: quantity("€/J", "price of heat or cold as delivered", { min: 0, max: 1e-5 }),
  years: quantity("years", "of use that count", { above: 0, max: 100 }),
  rate: quantity("1", "yearly interest without inflation", { min: -0.2, max: 0.5 }),
  store: quantity("€/J", "battery and panel for what is used on the worst day; 0: none", { min: 0, max: 1e-2 }),
  room: quantity("€/m³", "worth of room inside", { min: 0, max: 1e6 }),
})
export type Worth = z.output<typeof Worth>

/** What is asked for: place, airs, limits, and what saving is worth. */
export const Brief = z.strictObject({
  kind: JobKind,
  use: z.string().max(400).describe("who or what is inside, and when"),
  station: z.string().min(1).max(60).describe("climate station"),
  weather: OwnWeather.nullable().describe("of one's own in place of the station's"),
  outdoors: z
    .strictObject({ winter: AirState.nullable(), summer: AirState.nullable() })
    .describe("design conditions typed in place of the station's"),
  indoors: z.strictObject({ winter: roomAir("indoor winter"), summer: roomAir("indoor summer") }),
  inside: Inside.describe("who and what is inside, which gives off heat"),
  plant: Plant.describe("heater and cooler, whose rated output is in the limits, and power where no mains is"),
  limits: Limits,
  worth: Worth.describe("what saving heat is worth: where more insulation stops paying"),
  service: Service.nullable().describe("conductivities as built in: at each layer's own temperature, at this age; null: as declared"),
})
export type Brief = z.output<typeof Brief>

/** How tight it is, and how sheltered it stands. */
export const Leakage = z.strictObject({
  ach50: quantity("1/h", "air changes at 50 Pa", { min: 0, max: 500 }),
  shelter: z.literal([1, 2, 3, 4, 5]).describe("shelter from the wind, 1 none to 5 very heavy"),
})
export type Leakage = z.output<typeof Leakage>

const strip = (meaning: string) => z.record(Id, quantity("m", meaning, { above: 0, max: 1 }))

/** Plastic that parts what else would carry heat through in one piece; what is not named has none. */
export const Breaks = z.strictObject({
  openings: strip("strip across the frame of an opening that keeps its outdoor part from its indoor part"),
  penetrations: strip("length set into the run of what goes through a face"),
})
export type Breaks = z.output<typeof Breaks>
/** No frame and no bar is parted. */
export const NO_BREAKS: Breaks = { openings: {}, penetrations: {} }

/** One way to build the shell. */
export const Variant = z
  .strictObject({
    name: title("name"),
    assemblies: partsOf(Assembly, 100, "build-ups in a variant"),
    wears: z.record(Id, Id).describe("assembly of each face, and of each zone that has not that of its face"),
    leakage: Leakage,
    ventilation: Ventilation.describe("outdoor air that is let in on purpose"),
    breaks: Breaks,
    stock: partsOf(SheetStock, 60, "kinds of sheet").describe("sheets that boards are cut from, where they are not as the catalogue says"),
    buying: Buying.describe("what is ticked off the shopping list, prices, and the rules that it is made by"),
  })
  .describe("one way to build it")
export type Variant = z.output<typeof Variant>

/** Materials that a job brings along beside those of the catalogue, whose names they must not bear. */
export const OwnMaterials = partsOf(Material, 300, "materials of one's own").describe(
  "materials beside the catalogue's, under names that it does not have",
)
export type OwnMaterials = z.output<typeof OwnMaterials>

/** A whole state of a job, frozen to compare with. */
export const Snapshot = z
  .strictObject({ name: title("what was pinned"), brief: Brief, shell: Shell, variant: Variant, materials: OwnMaterials })
  .describe("a state frozen to compare with")
export type Snapshot = z.output<typeof Snapshot>

/** The document of a job. */
export const Job = z.strictObject({
  format: z.literal(JOB_FORMAT),
  version: z.literal(JOB_VERSION),
  name: title("name of the job"),
  units: z.enum(["metric", "inch-pound"]).describe("units in which it is shown; values are SI either way"),
  currency: CurrencyCode.describe("currency that its prices are written in; none is ever converted"),
  brief: Brief,
  shell: Shell,
  materials: OwnMaterials,
  variants: partsOf(Variant, 60, "variants"),
  order: z.array(Id).min(1).max(50).describe("variants as listed"),
  active: Id.describe("the variant being worked on"),
  pinned: Snapshot.nullable(),
})
export type Job = z.output<typeof Job>
