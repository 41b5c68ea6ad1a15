import * as z from "./zod"
import {
  AirState,
  conductivity,
  emissivity,
  filmResistance,
  fraction,
  HeatFlowDirection,
  notes,
  quantity,
  resistance,
  thickness,
} from "./quantity"

/** Metal that holds a layer and passes through it. */
export const Fasteners = z.strictObject({
  perArea: quantity("1/m²", "number of fasteners per area", { min: 0 }),
  area: quantity("m²", "cross-section of one fastener", { above: 0 }),
  conductivity: conductivity("conductivity of the fastener"),
  recessed: quantity("m", "length by which the metal stops short of the layer's face", { min: 0 }).optional(),
})
export type Fasteners = z.output<typeof Fasteners>

const kinds = ["conductivity", "resistance", "airspace"] as const

/** A layer of the operation `assembly`, with its own figures in place of a material's name. */
export const AssemblyLayer = z
  .strictObject({
    name: z.string().max(200).optional(),
    thickness: thickness(),
    conductivity: conductivity().optional(),
    resistance: resistance("thermal resistance of the layer").optional(),
    airspace: z
      .strictObject({ emissivity1: emissivity(), emissivity2: emissivity() })
      .describe("an unventilated air space, taken at 10 °C and 5 K")
      .optional(),
    framing: z
      .strictObject({
        fraction: fraction("share of the face's area taken by members"),
        conductivity: conductivity("conductivity of the members"),
      })
      .describe("members of the layer's own depth")
      .optional(),
    voids: z.literal([0, 1, 2]).describe("level of air voids in the insulation, ISO 6946 annex F").optional(),
    fasteners: Fasteners.optional(),
  })
  .describe("Exactly one of conductivity, resistance and airspace.")
  .superRefine((layer, context) => {
    const given = kinds.filter((kind) => layer[kind] !== undefined)
    if (given.length === 0)
      context.addIssue({ code: "custom", path: ["conductivity"], message: "The layer needs one of conductivity, resistance and airspace." })
    if (given.length > 1)
      context.addIssue({ code: "custom", path: [given[1] as string], message: `Give only one of ${given.join(" and ")} for a layer.` })
    if (layer.fasteners?.recessed !== undefined && layer.fasteners.recessed > layer.thickness)
      context.addIssue({ code: "custom", path: ["fasteners", "recessed"], message: "recessed must be at most the layer's thickness." })
  })
export type AssemblyLayer = z.output<typeof AssemblyLayer>

/** Layers outside to inside between two airs. */
export const AssemblyInput = z
  .strictObject({
    direction: HeatFlowDirection,
    rsi: filmResistance("surface resistance indoors; by direction 0.13 horizontal, 0.10 up, 0.17 down").optional(),
    rse: filmResistance("surface resistance outdoors; 0.04").optional(),
    layers: z.array(AssemblyLayer).min(1).max(60).describe("layers, outside to inside"),
    inside: AirState.optional(),
    outside: AirState.optional(),
  })
  .describe("A build-up, layers outside to inside.")
  .superRefine((assembly, context) => {
    // The upper limit runs over every combination of sections: 2 to the power of the framed layers.
    const framed = assembly.layers.filter((layer) => layer.framing).length
    if (framed > 14)
      context.addIssue({ code: "custom", path: ["layers"], message: `At most 14 layers may have framing; there are ${framed}.` })
    if (assembly.rsi === 0 && assembly.rse === 0 && assembly.layers.every(({ resistance }) => resistance === 0))
      context.addIssue({ code: "custom", path: ["layers"], message: "Something must resist: a layer or a surface above 0." })
  })
export type AssemblyInput = z.output<typeof AssemblyInput>

/** State at a face of a layer. */
export const Interface = z.strictObject({
  depth: quantity("m", "distance from the outdoor face"),
  temperature: quantity("°C", "temperature"),
  saturationPressure: quantity("Pa", "vapour pressure of saturated air at that temperature"),
  vapourPressure: quantity("Pa", "vapour pressure, where the layers' vapour resistances are known").optional(),
})
export type Interface = z.output<typeof Interface>

/** Transmittance of the layers, and the profile through them. */
export const AssemblyOutput = z.strictObject({
  uValue: quantity("W/(m²·K)", "thermal transmittance with corrections"),
  resistanceTotal: quantity("m²·K/W", "total thermal resistance, mean of the limits, without corrections"),
  resistanceUpper: quantity("m²·K/W", "upper limit"),
  resistanceLower: quantity("m²·K/W", "lower limit"),
  centreResistance: quantity("m²·K/W", "air to air on the unframed path"),
  corrections: z.strictObject({ voids: quantity("W/(m²·K)", "for air voids"), fasteners: quantity("W/(m²·K)", "for fasteners") }),
  thickness: quantity("m", "sum of the layers"),
  interfaces: z
    .array(Interface)
    .describe("from the outdoor to the indoor surface on the unframed path; with both climates only")
    .optional(),
  notes,
})
export type AssemblyOutput = z.output<typeof AssemblyOutput>
