import { airLeakageHeat, transmission, ventilationHeat } from "./transmission"
import { type Place, place } from "../enclosure/place"
import { groundFlow } from "../ground/monthly-flow"
import { sum } from "../numeric/sum"
import { temperatureBeyond } from "../enclosure/surface-figures"
import type { Enclosure } from "../enclosure/enclosure"
import { pathLoss } from "../enclosure/heat-path"
import { type LeakingAir, leakingAir } from "../enclosure/leaks"

/** One way for heat to pass: W, positive outward in winter and inward in summer. */
export interface HeatPart {
  kind: "surface" | "opening" | "path" | "air" | "ventilation" | "people" | "equipment" | "goods" | "defrost" | "traffic"
  place: Place
  name: string
  heat: number
}

/** What of an enclosure its steady heat depends on. */
export type SteadyEnclosure = Pick<Enclosure, "surfaces" | "countedPaths" | "leaks" | "conditions" | "ventilation" | "inside">

/** Heat lost on the worst night and what it is made of, W. */
export interface HeatLoss {
  total: number
  parts: HeatPart[]
  air: LeakingAir
}

/**
 * Steady heat loss on the worst night: through faces, openings, edges, leaks and what is let in for people; no sun, and no warmth of anyone.
 * @see EN 12831-1:2017, 6.3 (transmission); the ground by ISO 13370 in its coldest month; with infiltration of ASHRAE Fundamentals 2017, ch. 16
 */
export function heatLoss({ surfaces, countedPaths, leaks, conditions, ventilation }: SteadyEnclosure): HeatLoss {
  const { inside, outside } = conditions.winter
  const air = leakingAir(leaks, "winter", conditions.winter)
  const parts: HeatPart[] = surfaces.flatMap((figures): HeatPart[] => {
    const difference = inside.temperature - temperatureBeyond(figures, "winter", inside.temperature, outside.temperature)
    return [
      {
        kind: "surface",
        place: place.surface(figures.id),
        name: figures.name,
        heat: figures.ground
          ? groundFlow(figures.ground, inside.temperature, conditions.annualMean, conditions.coldestMonth)
          : transmission(figures.netArea, figures.transmittance, difference),
      },
      ...figures.closures.map(({ place, name, area, uValue }): HeatPart => {
        return { kind: "opening", place, name, heat: transmission(area, uValue, difference) }
      }),
    ]
  })
  for (const path of countedPaths)
    parts.push({
      kind: "path",
      place: path.place,
      name: path.name,
      heat: pathLoss(path, "winter", inside.temperature, outside.temperature),
    })
  parts.push({
    kind: "air",
    place: place.air(),
    name: "Air leaking in",
    heat: airLeakageHeat(air.flow, inside.temperature - air.from.temperature),
  })
  if (ventilation.flow > 0)
    parts.push({
      kind: "ventilation",
      place: place.ventilation(),
      name: "Outdoor air let in",
      heat: ventilationHeat(ventilation, inside.temperature - outside.temperature),
    })
  return { total: sum(parts.map((part) => part.heat)), parts, air }
}
