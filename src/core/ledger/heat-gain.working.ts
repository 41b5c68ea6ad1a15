import { factor, quantityOf, type Working, type WorkingLine } from "../working"
import { pathWorking } from "./heat-path"
import type { Ledger } from "./ledger"

/** How the heat gain of the worst afternoon was got: each part at the hour at which all together are greatest. */
export function heatGainWorking(ledger: Ledger): Working {
  const { summer } = ledger.conditions
  const peak = ledger.gain.hours.find(({ hour }) => hour === ledger.gain.hour)!
  const lines = peak.parts.map(({ kind, id, name, heat }): WorkingLine => {
    const result = quantityOf("power", heat)
    const path = kind === "path" ? ledger.paths.find(({ place }) => place === id) : undefined
    if (path) return { ...pathWorking(path, heat), name }
    const figures = ledger.faces.find((face) => kind === "face" && face.id === id)
    if (!figures) return { name, factors: [], operator: "×", result, from: { station: kind === "opening" ? "shell" : "build-ups" } }
    const from = { station: "build-ups", face: figures.id } as const
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
      { name: "Inside, summer", quantity: quantityOf("temperature", summer.inside.temperature), from: { station: "brief" } },
      { name: "Outdoors, hottest hour", quantity: quantityOf("temperature", summer.outside.temperature), from: { station: "brief" } },
      ...ledger.faces
        .filter((face) => face.id !== "floor")
        .map((face) => ({
          name: `Sun on the ${face.name.toLowerCase()} then`,
          quantity: quantityOf("heatFlux", ledger.gain.atPeak[face.id]!.irradiance),
          from: { station: "shell", face: face.id } as const,
        })),
    ],
    method:
      "Hour by hour over a clear 21 July, each hour as if it lasted: heavy walls would delay and lower it. People, lights, machines and shade are not counted; nor is the cold sky, on the safe side.",
    source: "Sol-air temperature, ASHRAE Fundamentals 2017, ch. 18; clear sky, ch. 14; tilted faces, Hay and Davies (1980)",
    notes: [],
  }
}
