import type { BuiltLayer } from "../assembly/build-up"
import type { Material } from "../../schema/material"

/** Of what takes no water up, kg/m². @see DIN 4108-3:2018, 5.2.2 */
const LIMIT = 0.5

/** Thickness of a board that can share the water that lies on it, m: within a season it soaks no deeper. */
const SOAKS = 0.025

/**
 * Water that may gather at a plane within a cold season without harm, by what it lies on: wood by its mass, stone and plaster soak it up,
 * metal, foil, foam and fibre let it run.
 * @returns kg/m²
 * @see DIN 4108-3:2018, 5.2.2: 1.0 kg/m² for layers that take water up, 0.5 kg/m² where neither does; wood 5 %, wood-based boards 3 % by mass
 */
export function trappedWaterLimit({ class: kind, density, fire }: Pick<Material, "class" | "density" | "fire">, thickness: number): number {
  const soaking = density * Math.min(thickness, SOAKS)
  if (kind === "wood") return 0.05 * soaking
  if (kind === "board") return fire.combustible ? 0.03 * soaking : LIMIT
  return kind === "stone" || kind === "plaster" ? 1 : LIMIT
}

/**
 * Water that may lie at a plane, kg/m².
 * @param outer layer on whose inner face it lies, or within which; an air space passes the water on to what bounds it
 * @param inner the next layer inward
 */
export function bearableWater(outer: BuiltLayer | undefined, inner: BuiltLayer | undefined): number {
  const bearing = bearingLayer(outer, inner)
  return bearing ? trappedWaterLimit(bearing.material, bearing.layer.thickness) : LIMIT
}

/** What water at a plane lies on. */
export const bearingLayer = (outer: BuiltLayer | undefined, inner: BuiltLayer | undefined): BuiltLayer | undefined =>
  outer && outer.material.class !== "air" ? outer : (inner ?? outer)
