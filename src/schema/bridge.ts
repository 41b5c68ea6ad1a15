import * as z from "./zod"
import { conductivity, emissivity, filmResistance, HeatFlowDirection, notes, quantity, temperature } from "./quantity"
import { stretchOf } from "./stretch"

const length = (meaning: string) => quantity("m", meaning, { above: 0, max: 100 })
const place = (meaning: string) => quantity("m", meaning, { min: -100, max: 100 })
const id = z.string().min(1).max(60)

/** A rectangle of one stuff, or an unventilated void. */
export const BridgeBlock = z
  .strictObject({
    x: place("left edge"),
    y: place("lower edge"),
    width: length("width"),
    height: length("height"),
    conductivity: conductivity().optional(),
    airspace: z
      .strictObject({
        along: z.enum(["x", "y"]).describe("axis along which the heat flows"),
        direction: HeatFlowDirection,
        emissivity1: emissivity().default(0.9),
        emissivity2: emissivity().default(0.9),
      })
      .describe("an unventilated void, by its equivalent conductivity at 10 °C and 5 K")
      .optional(),
  })
  .describe("Exactly one of conductivity and airspace.")
  .superRefine((block, context) => {
    if (block.conductivity === undefined && block.airspace === undefined)
      context.addIssue({ code: "custom", path: ["conductivity"], message: "The block needs a conductivity or an airspace." })
    if (block.conductivity !== undefined && block.airspace !== undefined)
      context.addIssue({ code: "custom", path: ["airspace"], message: "Give only one of conductivity and airspace for a block." })
  })
export type BridgeBlock = z.output<typeof BridgeBlock>

/** A stretch of the body's edge with air, or a fixed temperature, beyond it. */
export const BridgeBoundary = z.strictObject({
  id,
  edge: z.enum(["left", "right", "bottom", "top"]),
  from: place("where it begins along the edge, from the origin; the edge's beginning").optional(),
  to: place("where it ends; the edge's end").optional(),
  temperature: temperature("temperature beyond it"),
  resistance: filmResistance("surface resistance; 0 fixes the temperature of the face"),
})
export type BridgeBoundary = z.output<typeof BridgeBoundary>

/** A body cut across, with the air along its edges, for the calculation in two dimensions. */
export const BridgeInput = z
  .strictObject({
    width: length("width of the body"),
    height: length("height of the body"),
    background: z.strictObject({ conductivity: conductivity() }).describe("what is not covered by a block"),
    blocks: z.array(BridgeBlock).max(500).describe("later blocks overwrite earlier ones; clipped to the body; origin bottom left"),
    boundaries: z.array(BridgeBoundary).min(1).max(100).describe("what no boundary covers is adiabatic; those of one edge do not overlap"),
    probes: z
      .array(z.strictObject({ id, x: place("from the left"), y: place("from below") }))
      .max(1000)
      .describe("points whose temperature is wanted, within the body; ids are unique")
      .optional(),
    accuracy: quantity("share", "change of any heat flow, of the largest, that doubling the mesh may still make", {
      // Finer than this no mesh that the program makes can be told to be.
      min: 1e-5,
      max: 1,
    }).default(0.001),
  })
  .describe("Steady conduction in two dimensions, ISO 10211.")
  .superRefine((body, context) => {
    const fault = (path: (string | number)[], message: string) => context.addIssue({ code: "custom", path, message })
    const { boundaries, probes = [] } = body
    for (const [i, boundary] of boundaries.entries()) {
      const { edge, from, to } = stretchOf(body, boundary)
      const fits = (place: number) => place >= 0 && place <= edge * (1 + 1e-12)
      if (!fits(from)) fault(["boundaries", i, "from"], `from must lie on the ${boundary.edge} edge, between 0 and ${edge}.`)
      else if (!fits(to)) fault(["boundaries", i, "to"], `to must lie on the ${boundary.edge} edge, between 0 and ${edge}.`)
      else if (to <= from) fault(["boundaries", i, "to"], "A boundary must end after it begins.")
      if (boundaries.findIndex((other) => other.id === boundary.id) < i)
        fault(["boundaries", i, "id"], `There are two boundaries "${boundary.id}".`)
      const over = boundaries.slice(0, i).find((other) => {
        const before = stretchOf(body, other)
        return other.edge === boundary.edge && before.from < to - 1e-12 && from < before.to - 1e-12
      })
      if (over) fault(["boundaries", i, "from"], `The boundaries "${over.id}" and "${boundary.id}" overlap.`)
    }
    for (const [i, { id: name, x, y }] of probes.entries()) {
      if (x < 0 || x > body.width) fault(["probes", i, "x"], `The probe "${name}" lies outside the body.`)
      if (y < 0 || y > body.height) fault(["probes", i, "y"], `The probe "${name}" lies outside the body.`)
      if (probes.findIndex((other) => other.id === name) < i) fault(["probes", i, "id"], `There are two probes "${name}".`)
    }
  })
export type BridgeInput = z.output<typeof BridgeInput>

/** Heat flows and surface temperatures of that body, W/m and °C. */
export const BridgeOutput = z.strictObject({
  heatFlow: z.record(z.string(), quantity("W/m", "heat into the body")).describe("by boundary, W/m, positive into the body"),
  probes: z.record(z.string(), quantity("°C", "temperature at a probe")),
  surface: z
    .record(
      z.string(),
      z.strictObject({
        minimum: quantity("°C", "lowest temperature of the face"),
        maximum: quantity("°C", "highest temperature of the face"),
        mean: quantity("°C", "mean by length"),
        minimumAt: z.strictObject({ x: quantity("m", "from the left"), y: quantity("m", "from below") }),
      }),
    )
    .describe("the body's own face along each boundary, ends included"),
  imbalance: quantity("share", "sum of the heat flows against the largest"),
  cells: z.number().describe("cells of the finest mesh"),
  fRsi: z
    .number()
    .nullable()
    .describe("lowest surface temperature of the warm side, between the two temperatures, 0..1; null unless there are just two"),
  notes,
})
export type BridgeOutput = z.output<typeof BridgeOutput>
