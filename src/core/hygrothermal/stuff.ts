import type { HygroMaterial } from "../../schema/hygro"
import { AIR_VAPOUR_PERMEABILITY } from "../quantity/constants"
import { read, type Reading, type Table, tableOf } from "./table"

/** A stuff as the equations take it. */
export interface Stuff {
  /** J/(m³·K), dry */
  dry: number
  /** kg/m³ by φ */
  sorption: Table
  /** W/(m·K) by kg/m³ */
  conductivity: Table
  /** kg/(m·s·Pa): by kg/m³, or the diffusion resistance factor by φ */
  vapour: { by: "water"; permeability: Table } | { by: "humidity"; mu: Table }
  /** kg/(m·s·Pa) by kg/m³; null: no liquid goes through it */
  liquid: Table | null
}

/** A material of the operation as the equations take it. */
export function stuffOf({ density, specificHeat, sorption, conductivity, liquidConductivity, ...vapour }: HygroMaterial): Stuff {
  const { vapourPermeability, mu, muByHumidity } = vapour
  return {
    dry: density * specificHeat,
    sorption: tableOf(sorption),
    conductivity: tableOf(conductivity),
    vapour: vapourPermeability
      ? { by: "water", permeability: tableOf(vapourPermeability) }
      : { by: "humidity", mu: tableOf(muByHumidity ?? [[0, mu!]]) },
    liquid: liquidConductivity ? tableOf(liquidConductivity) : null,
  }
}

/**
 * Water in it, kg/m³, by humidity. Beyond saturation, which a stuff that water is driven into may pass, it goes on as it rose last; the slope
 * is above 0 everywhere.
 */
export function readWater({ sorption }: Stuff, humidity: number, into: Reading): void {
  read(sorption, humidity, into)
  if (into.slope > 0) return
  const { slopes } = sorption
  into.slope = humidity <= 0 ? slopes[0]! : slopes.at(-1)!
  if (humidity > 1) into.value += into.slope * (humidity - 1)
}

/** Vapour permeability, kg/(m·s·Pa), and how it changes with humidity. @param water that it holds */
export function readVapour({ vapour }: Stuff, humidity: number, water: Reading, into: Reading): void {
  if (vapour.by === "water") {
    read(vapour.permeability, water.value, into)
    into.slope *= water.slope
  } else {
    read(vapour.mu, humidity, into)
    const permeability = AIR_VAPOUR_PERMEABILITY / into.value
    into.slope *= -permeability / into.value
    into.value = permeability
  }
}
