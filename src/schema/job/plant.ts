import * as z from "../zod"
import { fraction, quantity } from "../quantity"
import { title } from "./name"

/** What a heater or a cooler runs on. */
export const Energy = z.enum(["electricity", "diesel", "gas", "wood"])
export type Energy = z.output<typeof Energy>

const outdoors = quantity("°C", "of the air outdoors", { min: -60, max: 60 })
const room = quantity("°C", "of the room", { min: -40, max: 60 })
const output = quantity("1", "output there, as a share of its rated output", { min: 0, max: 3 })
const performance = quantity("1", "heat moved there for each unit of energy taken", { min: 0.05, max: 20 })

const byAir = <T extends z.ZodType>(point: T, least: number) => z.array(point).min(least).max(12)

/** A heater or a cooler, by what it gives as the airs on both sides of it change; between its points straight, beyond them held. */
export const Machine = z.strictObject({
  name: title("name"),
  energy: Energy,
  outdoors: byAir(z.strictObject({ temperature: outdoors, output, performance }), 1).describe("by the outdoor air, rising"),
  room: byAir(z.strictObject({ temperature: room, output }), 0).describe(
    "a further share of its output by the room, rising; none: the room is all one to it",
  ),
  fan: quantity("W", "of electricity that its fan and pump take while it runs", { min: 0, max: 20_000 }),
  least: fraction("of its output that it can run down to; below it goes on and off"),
})
export type Machine = z.output<typeof Machine>

/** Power where no mains is. */
export const OffGrid = z.strictObject({
  battery: quantity("J", "that can be drawn from the full battery", { above: 0, max: 1e10 }),
  panel: quantity("W", "of the panel in full sun (1000 W/m² at 25 °C)", { min: 0, max: 1e6 }),
  tilt: quantity("degrees", "of the panel, 0 lies flat", { min: 0, max: 90 }),
  azimuth: quantity("degrees", "that the panel faces, clockwise from north", { min: 0, max: 360 }),
  generator: quantity("W", "of a generator that starts when the battery is empty", { min: 0, max: 1e6 }),
  inverter: quantity("1", "share of what is drawn that comes out of the inverter", { min: 0.3, max: 1 }),
  appliances: quantity("J", "a day of use beside heater and cooler, on days in use", { min: 0, max: 1e10 }),
})
export type OffGrid = z.output<typeof OffGrid>

/** What heats, what cools, and where power comes from. */
export const Plant = z.strictObject({
  heater: Machine.nullable().describe("null: its output is the same in all weather, and what it runs on is not said"),
  cooler: Machine.nullable().describe("null: its output is the same in all weather, and what it runs on is not said"),
  offGrid: OffGrid.nullable().describe("null: mains, or none is asked for"),
})
export type Plant = z.output<typeof Plant>

/** Nothing said of it. */
export const NO_PLANT: Plant = { heater: null, cooler: null, offGrid: null }
