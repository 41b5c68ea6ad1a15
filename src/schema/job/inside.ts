import * as z from "../zod"
import { fraction, quantity } from "../quantity"
import { partsOf, title } from "./name"

/** What people do, which says how much heat and water they give off. */
export const Activity = z.enum(["seated", "light-work", "heavy-work"])
export type Activity = z.output<typeof Activity>

/** What is put into the room and lies there. */
export const Goods = z.strictObject({
  name: title("name"),
  mass: quantity("kg", "that comes in at a time", { min: 0, max: 1e6 }),
  hours: quantity("h", "in which it is to be as cold as the room", { min: 0.5, max: 240 }),
  temperature: quantity("°C", "at which it comes in", { min: -60, max: 120 }),
  specificHeat: quantity("J/(kg·K)", "unfrozen", { min: 100, max: 5000 }),
  freezing: z
    .strictObject({
      temperature: quantity("°C", "at which it begins to freeze", { min: -40, max: 10 }),
      latentHeat: quantity("J/kg", "given off in freezing", { min: 0, max: 400_000 }),
      specificHeat: quantity("J/(kg·K)", "frozen", { min: 100, max: 5000 }),
    })
    .nullable()
    .describe("null: it does not freeze"),
  stored: quantity("kg", "that lies there", { min: 0, max: 1e7 }),
  respiration: quantity("W/kg", "heat that what lies there gives off as it lives", { min: 0, max: 1 }),
})
export type Goods = z.output<typeof Goods>

/** What is held while nobody is there. */
export const Away = z.strictObject({
  heating: quantity("°C", "that the heater keeps then", { min: -30, max: 60 }).nullable().describe("null: it is off"),
  cooling: quantity("°C", "that the cooler keeps then", { min: -40, max: 80 }).nullable().describe("null: it is off"),
  hours: quantity("h", "in which it is brought back", { min: 0, max: 48 }),
  early: z.boolean().describe("that begins so long before they come; else when they come"),
})
export type Away = z.output<typeof Away>

const daily = (meaning: string) => quantity("kg", `of water that ${meaning} on a day in use`, { min: 0, max: 100_000 })

/** What gives off water inside, beside people. */
export const WaterSources = z.strictObject({
  cooking: daily("cooking and washing up give off"),
  clothes: daily("wet clothes, boots and washing give off"),
  animals: daily("animals and plants give off"),
  goods: daily("goods give off that dry or breathe"),
  burners: quantity("J", "burnt on a day in use by flames without a flue", { min: 0, max: 1e12 }),
})
export type WaterSources = z.output<typeof WaterSources>

/** Who and what is inside, and for how long a cooler may run. */
export const Inside = z.strictObject({
  people: quantity("1", "people inside, on the mean of those hours", { min: 0, max: 1000 }),
  activity: Activity,
  equipment: quantity("W", "of lamps, machines, fans and stoves that are on at once", { min: 0, max: 1e6 }),
  from: quantity("h", "clock hour from which people and machines are there", { min: 0, max: 24 }),
  to: quantity("h", "clock hour to which they are there; not later than `from`: over midnight", { min: 0, max: 24 }),
  days: z
    .array(z.boolean())
    .length(7)
    .describe("on which they come, Monday first; hours over midnight belong to the day that they begin on"),
  water: WaterSources.nullable().describe(
    "what gives off water, from which with people and the air that comes in the humidity inside follows; null: it is as typed",
  ),
  away: Away.nullable().describe("what is held while nobody is there; null: the same, day and night"),
  goods: partsOf(Goods, 40, "goods"),
  defrost: quantity("W", "that thawing the cooler's coil gives to the room, on the mean of the day", { min: 0, max: 1e6 }),
  running: quantity("h", "hours a day that a cooler may run", { min: 1, max: 24 }),
  reserve: fraction("that a cooler is to have over what is asked of it"),
})
export type Inside = z.output<typeof Inside>

/** Nobody and nothing. */
export const NOTHING_INSIDE: Inside = {
  ...{ people: 0, activity: "seated", equipment: 0, from: 0, to: 24 },
  days: new Array<boolean>(7).fill(true),
  ...{ water: null, away: null },
  ...{ goods: {}, defrost: 0, running: 24, reserve: 0 },
}

/** Outdoor air that is let in on purpose. */
export const Ventilation = z.strictObject({
  perPerson: quantity("m³/s", "for each person", { min: 0, max: 0.2 }),
  always: quantity("m³/s", "through vents and fans that stay open, however many are inside", { min: 0, max: 50 }),
  recovery: fraction("share of its heat that a heat exchanger gives back"),
})
export type Ventilation = z.output<typeof Ventilation>

/** No air but what leaks. */
export const NO_VENTILATION: Ventilation = { perPerson: 0, always: 0, recovery: 0 }

/** How a door is used. */
export const Traffic = z.strictObject({
  perDay: quantity("1", "how often it is opened in a day", { min: 0, max: 10_000 }),
  seconds: quantity("s", "that it stands open each time", { min: 0, max: 3600 }),
  guard: z.enum(["none", "strips", "air"]).describe("what hangs or blows in it while it is open: nothing, strips, an air curtain"),
})
export type Traffic = z.output<typeof Traffic>
