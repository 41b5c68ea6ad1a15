import type { LoadsOutput } from "../../schema/loads"
import { heatGain } from "./heat-gain"
import { heatLoss, type SteadyEnclosure } from "./heat-loss"

/**
 * Design heating and cooling by what asks for them; what the sun brings stands apart from what the air drives.
 * @param heaterAsked W of the heater, with what brings the inside back
 */
export function designLoads(enclosure: SteadyEnclosure, heaterAsked: number): Pick<LoadsOutput, "heating" | "cooling" | "equipment"> {
  const loss = heatLoss(enclosure)
  const gain = heatGain(enclosure)
  // Every way is linear in the sun: what it brings is what a job that takes up none of it lacks.
  const unlit = new Map(heatGain(inTheDark(enclosure)).parts.map(({ place, hours }) => [place, hours]))
  const parts = gain.parts.flatMap(({ kind, place, name, hours }): LoadsOutput["cooling"]["parts"] => {
    const dark = unlit.get(place)!
    const sun = hours.map((heat, i) => heat - dark[i]!)
    return [
      { kind, place, name, hours: dark },
      ...(sun.some(Boolean) ? [{ kind: "sun" as const, place, name: `Sun, ${name}`, hours: sun }] : []),
    ]
  })
  return {
    heating: { total: loss.total, parts: loss.parts },
    cooling: { hour: gain.hour, total: gain.total, hours: gain.hours.map(({ total }) => total), parts },
    equipment: { heating: Math.max(0, heaterAsked), cooling: gain.asked },
  }
}

const inTheDark = (enclosure: SteadyEnclosure): SteadyEnclosure => ({
  ...enclosure,
  surfaces: enclosure.surfaces.map((surface) => ({
    ...surface,
    absorptance: 0,
    closures: surface.closures.map((closure) => ({ ...closure, solarFactor: 0 })),
  })),
})
