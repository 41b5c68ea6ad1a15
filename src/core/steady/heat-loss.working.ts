import { ANNUAL_TEMPERATURE_FACTOR } from "./transmission"
import { AIR_DENSITY, AIR_SPECIFIC_HEAT } from "../quantity/constants"
import { factor, quantityOf, type Working, type WorkingLine } from "../working"
import { type SurfaceFigures, temperatureBeyond } from "../enclosure/surface-figures"
import { pathWorking } from "../enclosure/heat-path"
import type { Enclosure } from "../enclosure/enclosure"
import { place } from "../enclosure/place"
import type { HeatLoss } from "./heat-loss"

type Lost = Pick<Enclosure, "conditions" | "surfaces" | "paths"> & { loss: HeatLoss }

/** How the heat loss of the worst night was got. */
export function heatLossWorking(ledger: Lost): Working {
  const { winter, annualMean } = ledger.conditions
  const indoors = winter.inside.temperature
  const lines = ledger.loss.parts.map(({ kind, place: at, name, heat }): WorkingLine => {
    const result = quantityOf("power", heat)
    if (kind === "air") {
      const factors = [
        factor("ρ·c·q", "conductance", AIR_DENSITY * AIR_SPECIFIC_HEAT * ledger.loss.air.flow),
        factor("ΔT", "temperatureDifference", indoors - ledger.loss.air.from.temperature),
      ]
      return { name, factors, operator: "×", result, from: { of: "build-up" } }
    }
    const path = ledger.paths.find(({ place }) => place === at)
    if (path) return { ...pathWorking(path, heat), name }
    const closing = ({ closures }: SurfaceFigures) => closures.find((closure) => closure.place === at)
    const figures = ledger.surfaces.find((surface) => place.surface(surface.id) === at || closing(surface))!
    const difference = indoors - temperatureBeyond(figures, "winter", indoors, winter.outside.temperature)
    const closure = closing(figures)
    if (closure) {
      const factors = [
        factor("A", "area", closure.area),
        factor("U", "transmittance", closure.uValue),
        factor("ΔT", "temperatureDifference", difference),
      ]
      return { name, factors, operator: "×", result, from: { of: "shell", surface: figures.id } }
    }
    const from = { of: "build-up", surface: figures.id } as const
    if (figures.ground) {
      const factors = [
        factor("H", "conductance", figures.ground.heatTransferCoefficient),
        factor("f", "ratio", ANNUAL_TEMPERATURE_FACTOR),
        factor("ΔT", "temperatureDifference", indoors - annualMean),
      ]
      return { name: `${name}, into the ground`, factors, operator: "×", result, from }
    }
    const factors = [
      factor("A", "area", figures.netArea),
      factor("U", "transmittance", figures.transmittance),
      factor("ΔT", "temperatureDifference", difference),
    ]
    return { name, factors, operator: "×", result, from }
  })
  return {
    title: "Heat lost on the worst night",
    formula: "Φ = Σ A·U·(θi − θe) + Σ H·(θi − θe) + ρ·c·q·(θi − θe)",
    lines,
    total: quantityOf("power", ledger.loss.total),
    inputs: [
      { name: "Inside, winter", quantity: quantityOf("temperature", winter.inside.temperature), from: { of: "brief" } },
      { name: "Outdoors, worst night", quantity: quantityOf("temperature", winter.outside.temperature), from: { of: "brief" } },
      ...spacesBeyond(ledger),
      { name: "Air changes by leaks", quantity: quantityOf("airChanges", ledger.loss.air.ach), from: { of: "build-up" } },
    ],
    method: "Steady flow: nobody inside, no sun, everything at rest. Faces are measured over all; ψ of an edge makes up for that.",
    source: "EN 12831-1:2017, 6.3; ψ by ISO 10211:2017; infiltration by ASHRAE Fundamentals 2017, ch. 16; ground by ISO 13370:2017",
    notes: ledger.surfaces.flatMap(({ name, notes }) => notes.map(({ code, text }) => ({ code, text: `${name}: ${text}` }))),
  }
}

/** The spaces that faces stand against, each with its temperature. */
function spacesBeyond(ledger: Lost): Working["inputs"] {
  const { inside, outside } = ledger.conditions.winter
  const seen = new Map<string, Working["inputs"][number]>()
  for (const figures of ledger.surfaces) {
    if (figures.adjacent.kind !== "space") continue
    const temperature = temperatureBeyond(figures, "winter", inside.temperature, outside.temperature)
    seen.set(figures.adjacent.id, {
      name: `${figures.adjacent.space.name}, worst night`,
      quantity: quantityOf("temperature", temperature),
      from: { of: "shell", surface: figures.id },
    })
  }
  return [...seen.values()]
}
