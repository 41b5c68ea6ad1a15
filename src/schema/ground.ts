import * as z from "./zod"
import { conductivity, filmResistance, notes, quantity, thickness } from "./quantity"

/** A slab on the ground. */
export const GroundInput = z
  .strictObject({
    area: quantity("m²", "area of the floor", { above: 0 }),
    perimeter: quantity("m", "exposed perimeter of the floor", { above: 0 }),
    wallThickness: quantity("m", "full thickness of the walls", { min: 0 }),
    soilConductivity: conductivity("conductivity of the unfrozen ground").default(2),
    floorResistance: filmResistance("thermal resistance of the floor's layers, slab of dense concrete and coverings may be left out"),
    rsi: filmResistance("surface resistance indoors").default(0.17),
    rse: filmResistance("surface resistance outdoors").default(0.04),
    edge: z
      .strictObject({
        kind: z.enum(["horizontal", "vertical"]),
        depthOrWidth: quantity("m", "width of horizontal, depth of vertical edge insulation", { above: 0 }),
        thickness: thickness("thickness of the edge insulation"),
        conductivity: conductivity("conductivity of the edge insulation"),
      })
      .optional(),
  })
  .describe("A slab on the ground.")
export type GroundInput = z.output<typeof GroundInput>

/** Its transmittance, W/(m²·K), and what the whole slab passes, W/K. */
export const GroundOutput = z.strictObject({
  uValue: quantity("W/(m²·K)", "thermal transmittance of the floor, ground included, without edge insulation"),
  characteristicDimension: quantity("m", "area over half the perimeter"),
  equivalentThickness: quantity("m", "thickness of ground with the same resistance as the floor"),
  edgeTransmittance: quantity("W/(m·K)", "linear transmittance of the edge insulation, at most 0"),
  heatTransferCoefficient: quantity("W/K", "steady ground heat transfer"),
  notes,
})
export type GroundOutput = z.output<typeof GroundOutput>
