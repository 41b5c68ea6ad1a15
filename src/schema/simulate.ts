import * as z from "./zod"
import { leakage, Shelter } from "./infiltration"
import { StoringLayer } from "./periodic"
import { filmResistance, fraction, notes, quantity, temperature } from "./quantity"
import { azimuth, latitude, longitude } from "./place"
import { moment } from "./time"

const area = () => quantity("m²", "area", { above: 0, max: 1e6 })
const tilt = () => quantity("degrees", "0 faces up, 90 is a wall, 180 faces down", { min: 0, max: 180 })
const power = (meaning: string) => quantity("W", meaning, { min: 0, max: 1e9 })

const Thermostat = z.strictObject({
  setpoint: temperature("that the plant holds"),
  capacity: power("most that it gives; left out: without an end").optional(),
})

/** An enclosure of one air, and the weather that it stands in. */
export const SimulateInput = z
  .strictObject({
    faces: z
      .array(
        z
          .strictObject({
            id: z.string().min(1).max(80),
            area: area(),
            tilt: tilt(),
            azimuth,
            layers: z.array(StoringLayer).max(60).describe("outside to inside"),
            rsi: filmResistance("surface resistance inside; left out: by tilt").optional(),
            rse: filmResistance("surface resistance outside").default(0.04),
            absorptance: fraction("of the sun").default(0.6),
            emissivity: fraction("long-wave").default(0.9),
            exposure: z
              .union([z.enum(["outdoor", "adiabatic"]), z.strictObject({ temperature: temperature("behind it") })])
              .describe("what lies behind it"),
            skyExchange: z.boolean().default(true).describe("whether it sees the sky"),
          })
          .refine(
            ({ layers, rsi, rse, exposure }) =>
              exposure === "adiabatic" || rse > 0 || rsi !== 0 || layers.some((layer) => !("resistance" in layer) || layer.resistance > 0),
            { path: ["layers"], message: "Nothing resists heat here: give a layer or a surface a resistance." },
          ),
      )
      .max(60)
      .refine((faces) => new Set(faces.map(({ id }) => id)).size === faces.length, "Give each face an id of its own."),
    openings: z
      .array(
        z.strictObject({
          area: area(),
          uValue: quantity("W/(m²·K)", "transmittance", { min: 0, max: 100 }),
          g: fraction("of the sun that comes in"),
          tilt: tilt(),
          azimuth,
        }),
      )
      .max(300),
    zone: z.strictObject({
      volume: quantity("m³", "inside", { above: 0, max: 1e6 }),
      capacity: quantity("J/K", "beyond the air's own", { min: 0, max: 1e12 }).default(0),
    }),
    airChanges: quantity("1/h", "of outdoor air", { min: 0, max: 1e4 }).optional(),
    infiltration: z
      .strictObject({ ...leakage, shelter: Shelter.default(3) })
      .refine(({ flow50, ach50 }) => (flow50 === undefined) !== (ach50 === undefined), "Give exactly one of flow50 and ach50.")
      .optional()
      .describe("in place of airChanges"),
    gains: z
      .union([
        quantity("W", "to the air", { min: -1e9, max: 1e9 }),
        z.array(quantity("W", "by clock hour", { min: -1e9, max: 1e9 })).length(24),
      ])
      .describe("W, or 24 by the clock hour of the step's start"),
    control: z
      .strictObject({ heating: Thermostat.optional(), cooling: Thermostat.optional() })
      .refine(
        ({ heating, cooling }) => !heating || !cooling || cooling.setpoint >= heating.setpoint,
        "Cooling is held no lower than heating.",
      )
      .describe("ideal plant; none: the air floats"),
    weather: z.strictObject({
      latitude,
      longitude,
      start: moment,
      step: quantity("s", "of each entry", { min: 60, max: 3600 }).default(3600),
      groundAlbedo: fraction("of the sun that the ground throws back").default(0.2),
      hours: z
        .array(
          z.strictObject({
            temperature: temperature("outdoors"),
            directNormal: quantity("W/m²", "beam", { min: 0, max: 2000 }).default(0),
            diffuseHorizontal: quantity("W/m²", "sky", { min: 0, max: 2000 }).default(0),
            skyTemperature: temperature("of the sky; left out: as the air").optional(),
            windSpeed: quantity("m/s", "of an open station at 10 m", { min: 0, max: 150 }).optional(),
            relativeHumidity: fraction("taken from weather files, not used here").optional(),
            rain: quantity("kg/(m²·s)", "taken from weather files, not used here", { min: 0 }).optional(),
          }),
        )
        .min(1)
        .max(110_000),
    }),
    warmup: z.int().min(0).max(1000).default(0).describe("repeats of the first day before"),
    initialTemperature: temperature("of all at the start; left out: a setpoint, or outdoors").optional(),
  })
  .refine(({ airChanges, infiltration }) => (airChanges === undefined) !== (infiltration === undefined), {
    path: ["airChanges"],
    message: "Give exactly one of airChanges and infiltration.",
  })
  .describe("An enclosure of one air, and the weather that it stands in.")
export type SimulateInput = z.output<typeof SimulateInput>

/** What it comes to: temperatures at the end of each step, powers as means over it. */
export const SimulateOutput = z.strictObject({
  hours: z.array(
    z.strictObject({
      air: quantity("°C", "at the step's end"),
      heating: quantity("W", "mean"),
      cooling: quantity("W", "mean"),
      faces: z.record(
        z.string(),
        z.strictObject({
          outer: quantity("°C", "surface"),
          inner: quantity("°C", "surface"),
          flux: quantity("W/m²", "from the room into it"),
        }),
      ),
    }),
  ),
  totals: z.strictObject({
    heating: quantity("J", "heat given"),
    cooling: quantity("J", "heat taken"),
    peakHeating: quantity("W", "greatest mean of a step"),
    peakCooling: quantity("W", "greatest mean of a step"),
    minimumAir: quantity("°C", "at a step's end"),
    maximumAir: quantity("°C", "at a step's end"),
  }),
  balance: quantity("", "heat lost between the sums, of all that was summed"),
  notes,
})
export type SimulateOutput = z.output<typeof SimulateOutput>
