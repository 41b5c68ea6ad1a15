import * as z from "./zod"
import { notes, quantity, relativeHumidity, temperature, thickness } from "./quantity"

/** Most of what one call may hold. */
const [LAYERS, POINTS, SERIES, TIMES] = [40, 400, 100_000, 2000] as const

const rising = (points: readonly (readonly [number, number])[]) => points.every(([x], i) => i === 0 || x > points[i - 1]![0])

/** A figure by another, straight between its points and constant beyond them. */
const by = (x: z.ZodNumber, y: z.ZodNumber, meaning: string) =>
  z
    .array(z.tuple([x, y]))
    .min(1)
    .max(POINTS)
    .refine(rising, "The points must rise in their first number.")
    .describe(meaning)

const humidity = relativeHumidity()
const water = quantity("kg/m³", "water content", { min: 0, max: 2000 })
const permeability = quantity("kg/(m·s·Pa)", "vapour permeability; it may end at 0", { min: 0, max: 1 })
const mu = quantity("1", "vapour resistance factor", { above: 0, max: 1e8 })

/** A stuff that takes up water and passes it on. */
export const HygroMaterial = z
  .strictObject({
    density: quantity("kg/m³", "dry", { above: 0, max: 30_000 }),
    specificHeat: quantity("J/(kg·K)", "dry", { above: 0, max: 100_000 }),
    sorption: by(humidity, water, "kg/m³ of water by humidity, from 0 to 1, rising strictly")
      .refine((points) => points.length > 1 && points[0]![0] === 0 && points.at(-1)![0] === 1, "Sorption runs from humidity 0 to 1.")
      .refine((points) => points.every(([, held], i) => i === 0 || held > points[i - 1]![1]), "More humidity must hold more water."),
    conductivity: by(water, quantity("W/(m·K)", "conductivity", { above: 0, max: 10_000 }), "W/(m·K) by water content"),
    vapourPermeability: by(water, permeability, "kg/(m·s·Pa) by water content").optional(),
    mu: mu.optional(),
    muByHumidity: by(humidity, mu, "vapour resistance factor by humidity").optional(),
    liquidConductivity: by(
      water,
      quantity("kg/(m·s·Pa)", "liquid conductivity", { min: 0, max: 1 }),
      "kg/(m·s·Pa) by water content",
    ).optional(),
  })
  .refine((stuff) => [stuff.vapourPermeability, stuff.mu, stuff.muByHumidity].filter((one) => one !== undefined).length === 1, {
    path: ["mu"],
    message: "Give one of vapourPermeability, mu and muByHumidity, and only one.",
  })
export type HygroMaterial = z.output<typeof HygroMaterial>

/** A figure, or its course in time. */
const course = (value: z.ZodNumber, meaning: string) =>
  z
    .union([
      value,
      z
        .array(z.tuple([quantity("s", "time", { min: -1e10, max: 1e10 }), value]))
        .min(1)
        .max(SERIES)
        .refine(rising, "The times must rise."),
    ])
    .describe(meaning)
const flow = (meaning: string, min = 0) =>
  z
    .array(z.tuple([quantity("s", "time", { min: -1e10, max: 1e10 }), quantity("", meaning, { min, max: 1e6 })]))
    .min(1)
    .max(SERIES)
    .refine(rising, "The times must rise.")
    .describe(`${meaning}, by time`)

/** What lies before a face. */
export const HygroSide = z
  .strictObject({
    heatTransfer: z.union([quantity("W/(m²·K)", "of the face", { min: 0, max: 1e5 }), z.literal("fixed")]),
    vapourTransfer: z
      .union([quantity("kg/(m²·s·Pa)", "of the face", { min: 0, max: 1 }), z.literal("fixed"), z.literal("sealed")])
      .optional()
      .describe("left out: 6e-9 times the heat transfer, fixed where that is"),
    temperature: course(temperature("of the air"), "°C"),
    relativeHumidity: course(humidity, "0..1"),
    absorbed: flow("W/m² that the face takes up of sun and sky", -1e5).optional(),
    rain: flow("kg/(m²·s) of rain").optional(),
  })
  .refine(({ heatTransfer, absorbed }) => heatTransfer !== "fixed" || !absorbed, {
    path: ["absorbed"],
    message: "A face that is fixed at the air's temperature takes up nothing.",
  })
export type HygroSide = z.output<typeof HygroSide>

const State = z.strictObject({
  temperature: temperature("at the start"),
  relativeHumidity: quantity("0..1", "at the start", { above: 0, max: 1 }),
})

/** A section through time. */
export const HygroInput = z
  .strictObject({
    layers: z
      .array(z.strictObject({ thickness: thickness(), cells: z.int().min(1).max(1000).optional(), material: HygroMaterial }))
      .min(1)
      .max(LAYERS)
      .describe("outside to inside"),
    initial: z.union([State, z.array(State)]),
    outside: HygroSide,
    inside: HygroSide,
    duration: quantity("s", "how long", { above: 0, max: 3.2e9 }),
    output: z
      .array(quantity("s", "time to tell", { min: 0, max: 3.2e9 }))
      .min(1)
      .max(TIMES)
      .refine((times) => times.every((time, i) => i === 0 || time > times[i - 1]!), "The times must rise."),
    depths: z
      .array(quantity("m", "from the outdoor face", { min: 0, max: 100 }))
      .min(1)
      .max(2000)
      .optional(),
    maximumStep: quantity("s", "longest step", { min: 0.01, max: 1e9 }).optional(),
  })
  .refine(({ initial, layers }) => !Array.isArray(initial) || initial.length === layers.length, {
    path: ["initial"],
    message: "Give one state for all, or one for each layer.",
  })
  .refine(({ output, duration }) => output.at(-1)! <= duration, { path: ["output"], message: "The times to tell lie within the duration." })
  .refine(({ depths, layers }) => !depths || Math.max(...depths) <= layers.reduce((all, { thickness }) => all + thickness, 0) + 1e-12, {
    path: ["depths"],
    message: "The depths lie within the layers.",
  })
  .describe("Coupled heat and moisture through layers in time.")
export type HygroInput = z.output<typeof HygroInput>

const list = z.array(z.number())
/** Temperature and water through the section and through time. */
export const HygroOutput = z.strictObject({
  profiles: z.array(
    z.strictObject({
      time: quantity("s", "time"),
      x: list.describe("m from the outdoor face"),
      temperature: list.describe("°C"),
      relativeHumidity: list.describe("0..1"),
      waterContent: list.describe("kg/m³"),
    }),
  ),
  layers: z.array(z.strictObject({ time: quantity("s", "time"), waterContent: list.describe("kg/m³, mean of each layer") })),
  balance: z.strictObject({ water: z.number(), heat: z.number() }).describe("relative errors"),
  notes,
})
export type HygroOutput = z.output<typeof HygroOutput>
