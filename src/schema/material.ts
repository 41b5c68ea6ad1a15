import * as z from "./zod"
import { emissivity, fraction, quantity, relativeHumidity, temperature, thickness } from "./quantity"

/** Class of a material: says how it is hatched and which physical ranges are plausible for it. */
export const MaterialClass = z.enum(["metal", "wood", "board", "stone", "fibre", "foam", "membrane", "covering", "plaster", "glass", "air"])
export type MaterialClass = z.output<typeof MaterialClass>

/** How it is put in place. */
export const Application = z.enum(["board", "sheet", "batt", "loose", "sprayed", "poured", "brushed", "length", "built"])
export type Application = z.output<typeof Application>

/** What a material is offered for where the bench looks for one. */
export const Use = z.enum(["thermal-break", "slab-edge"])
export type Use = z.output<typeof Use>

/** From far under a vacuum panel to far over silver. */
const conductivity = (meaning: string) => quantity("W/(m·K)", meaning, { min: 0.0005, max: 1000 })

const dryAndWet = (meaning: string, unit: string) =>
  z.strictObject({
    dry: quantity(unit, `${meaning}, dry cup`, { above: 0, max: 1e9 }),
    wet: quantity(unit, `${meaning}, wet cup`, { above: 0, max: 1e9 }),
  })

/** A record of the catalogue, or a material of a job's own. */
export const Material = z.strictObject({
  name: z.string().min(1).max(80),
  class: MaterialClass,
  conductivity: z.strictObject({
    declared: conductivity("declared or tabulated conductivity"),
    at: z.union([z.literal(10), z.literal(24)]).describe("mean temperature at which it is declared, °C"),
    byTemperature: z
      .array(z.tuple([temperature("mean temperature"), conductivity("conductivity there")]))
      .min(1)
      .describe("course with the mean temperature, rising"),
    aged: conductivity("after 25 years of service"),
    perMoisture: quantity("1", "relative rise for each per cent by volume of water", { min: 0, max: 10 }),
  }),
  density: quantity("kg/m³", "density", { min: 0.1, max: 30_000 }),
  specificHeat: quantity("J/(kg·K)", "specific heat", { min: 10, max: 20_000 }),
  vapour: z
    .strictObject({
      mu: dryAndWet("vapour resistance factor", "1").optional(),
      sd: dryAndWet("equivalent air layer", "m").optional(),
      sdByHumidity: z
        .array(z.tuple([relativeHumidity(), quantity("m", "equivalent air layer there", { above: 0, max: 1e9 })]))
        .min(2)
        .max(20)
        .optional()
        .describe("course of sd with the mean of the humidities on both faces, rising; of films that open where it is damp"),
    })
    .describe("exactly one of mu (bulk materials) and sd (sheets and films)")
    .refine((vapour) => (vapour.mu === undefined) !== (vapour.sd === undefined), "Give exactly one of mu and sd.")
    .refine((vapour) => vapour.sdByHumidity === undefined || vapour.sd !== undefined, "sdByHumidity goes with sd."),
  sorption: z
    .array(z.tuple([relativeHumidity(), quantity("kg/m³", "water content", { min: 0, max: 2000 })]))
    .nullable()
    .describe("water held against relative humidity; null where it holds none"),
  face: z.strictObject({ emissivity: emissivity("long-wave emissivity"), absorptance: fraction("solar absorptance as delivered") }),
  compressiveStrength: quantity("Pa", "stress at 10 % strain or at yield", { above: 0, max: 1e11 }).nullable(),
  fire: z.strictObject({
    reaction: z.string().max(200),
    combustible: z.boolean().describe("whether it burns, smoulders or chars"),
    needsCover: z.boolean().describe("foam to be covered by an approved barrier in occupied spaces"),
  }),
  application: Application,
  uses: z.array(Use).max(2).describe("what it is offered for beside layers of a build-up"),
  sold: z.strictObject({
    form: z.enum(["sheet", "roll", "batt", "bag", "kit", "length", "tin", "built"]),
    thicknesses: z.array(thickness()).min(1).max(60).describe("thicknesses sold or usual, rising"),
    width: quantity("m", "width of the sheet or roll", { above: 0 }).nullable(),
    length: quantity("m", "length of the sheet or roll", { above: 0 }).nullable(),
  }),
  price: z.strictObject({ amount: quantity("€", "invented price", { min: 0, max: 1e6 }), per: z.enum(["m³", "m²", "kg"]) }),
  source: z.string().max(200).describe("class of source of the figures"),
})
export type Material = z.output<typeof Material>
