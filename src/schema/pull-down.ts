import * as z from "./zod"
import { notes, quantity, relativeHumidity, temperature } from "./quantity"

/** Any temperature that a lump may pass through. */
const any = (meaning: string) => quantity("°C", meaning, { min: -273, max: 1000 })
const time = (meaning: string) => quantity("s", meaning, { min: 0, max: 1e9 })

/** A figure, or points of a course that rise in their first number. */
const course = (value: z.ZodNumber, at: z.ZodNumber, meaning: string) =>
  z
    .union([
      value,
      z
        .array(z.tuple([at, value]))
        .min(1)
        .max(10_000)
        .refine(
          (points) => points.every(([place], i) => i === 0 || place > points[i - 1]![0]),
          "The points must rise in their first number.",
        ),
    ])
    .describe(meaning)

/** A room, what is in it, and the plant that is to bring it to a temperature. */
export const PullDownInput = z
  .strictObject({
    conductance: quantity("W/K", "to outdoors, without air", { min: 0, max: 1e6 }),
    volume: quantity("m³", "inside", { above: 0, max: 1e6 }),
    airChanges: quantity("1/h", "air changes", { min: 0, max: 1e4 }),
    outside: course(temperature("outdoors"), time("s"), "outdoor temperature, °C, or [time s, °C] points"),
    outsideRelativeHumidity: relativeHumidity("outdoors; left out: leaking air brings no water").optional(),
    contents: z
      .array(
        z.strictObject({
          mass: quantity("kg", "mass", { above: 0, max: 1e9 }),
          specificHeat: quantity("J/(kg·K)", "specific heat", { above: 0, max: 1e5 }),
          temperature: any("at the start"),
          area: quantity("m²", "that the air meets", { min: 0, max: 1e6 }),
          filmCoefficient: quantity("W/(m²·K)", "to the air", { min: 0, max: 1e5 }),
        }),
      )
      .max(30),
    structureCapacity: quantity("J/K", "that goes with the air", { min: 0, max: 1e12 }).default(0),
    start: any("of the air at time 0"),
    setpoint: any("that the plant is to hold"),
    equipment: z
      .strictObject({
        capacity: course(
          quantity("W", "power", { min: -1e9, max: 1e9 }),
          quantity("°C", "room"),
          "W, or [room °C, W] points: negative cools, positive warms",
        ),
      })
      .refine(({ capacity }) => {
        const powers = typeof capacity === "number" ? [capacity] : capacity.map(([, power]) => power)
        return !(powers.some((power) => power > 0) && powers.some((power) => power < 0))
      }, "A plant cools or warms: give capacities of one sign."),
    otherGains: quantity("W", "lamps, people, fans", { min: -1e9, max: 1e9 }).default(0),
    duration: quantity("s", "how long to look", { above: 0, max: 1e9 }),
    output: z.array(time("at which to tell the state")).max(10_000).optional().describe("s; left out: a hundred parts of the duration"),
    band: quantity("K", "within which of the setpoint contents have come to it", { above: 0, max: 1000 }).default(1),
  })
  .refine(({ output, duration }) => !output?.some((at) => at > duration), {
    path: ["output"],
    message: "No output time lies after the duration.",
  })
  .describe("A room, what is in it, and the plant that is to bring it to a temperature.")
export type PullDownInput = z.output<typeof PullDownInput>

/** How it came to its temperature. */
export const PullDownOutput = z.strictObject({
  reachesSetpoint: quantity("s", "until the air is at the setpoint").nullable().describe("s; null where it never is"),
  contentsReach: quantity("s", "until all contents are within the band")
    .nullable()
    .describe("s; null where they never are, or without contents"),
  curve: z.array(z.strictObject({ time: time("s"), air: any("of the air"), contents: z.array(any("of each of the contents")) })),
  runFraction: quantity("0..1", "heat moved over heat at full power, from the setpoint to the end; 1 where it is never reached"),
  notes,
})
export type PullDownOutput = z.output<typeof PullDownOutput>
