import { factor, quantityOf, type Working, type WorkingLine } from "../working"
import { pathWorking } from "../enclosure/heat-path"
import type { Enclosure } from "../enclosure/enclosure"
import { place } from "../enclosure/place"
import type { HeatGain } from "./heat-gain"

type Gained = Pick<Enclosure, "conditions" | "surfaces" | "paths"> & { gain: HeatGain }

/** How the heat gain of the worst afternoon was got: each part at the hour at which all together are greatest. */
export function heatGainWorking(ledger: Gained): Working {
  const { summer } = ledger.conditions
  const peak = ledger.gain.hours.find(({ hour }) => hour === ledger.gain.hour)!
  const lines = peak.parts.map(({ kind, place: at, name, heat }): WorkingLine => {
    const result = quantityOf("power", heat)
    const path = ledger.paths.find(({ place }) => place === at)
    if (path) return { ...pathWorking(path, heat), name }
    const figures = ledger.surfaces.find(({ id }) => place.surface(id) === at)
    if (!figures) return { name, factors: [], operator: "×", result, from: { of: kind === "opening" ? "shell" : "build-up" } }
    const from = { of: "build-up", surface: figures.id } as const
    if (figures.ground) return { name: `${name}, from the ground`, factors: [], operator: "×", result, from }
    const drive = heat / (figures.netArea * figures.summerTransmittance || 1)
    const factors = [
      factor("A", "area", figures.netArea),
      factor("U", "transmittance", figures.summerTransmittance),
      factor("θsol − θi", "temperatureDifference", drive),
    ]
    return { name, factors, operator: "×", result, from }
  })
  return {
    title: `Heat gained on the hottest day, ${ledger.gain.hour}:00`,
    formula: "Φ = Σ A·U·(θe + α·I·Rse − θi) + A·(U·(θe − θi) + g·I) + Σ H·(θe − θi) + leaking air with its water",
    lines,
    total: quantityOf("power", ledger.gain.total),
    inputs: [
      { name: "Inside, summer", quantity: quantityOf("temperature", summer.inside.temperature), from: { of: "brief" } },
      { name: "Outdoors, hottest hour", quantity: quantityOf("temperature", summer.outside.temperature), from: { of: "brief" } },
      ...ledger.surfaces
        .filter(({ face }) => face.part !== "floor")
        .map(({ id, name }) => ({
          name: `Sun on the ${name.toLowerCase()} then`,
          quantity: quantityOf("heatFlux", ledger.gain.atPeak[id]!.irradiance),
          from: { of: "shell", surface: id } as const,
        })),
    ],
    method:
      "Hour by hour over a clear 21 July, each hour as if it lasted: heavy walls would delay and lower it. People, lights, machines and shade are not counted; nor is the cold sky, on the safe side.",
    source: "Sol-air temperature, ASHRAE Fundamentals 2017, ch. 18; clear sky, ch. 14; tilted faces, Hay and Davies (1980)",
    notes: [],
  }
}
