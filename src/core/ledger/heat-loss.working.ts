import { GROUND_SWING } from "../heat/transmission"
import { AIR_DENSITY, AIR_SPECIFIC_HEAT } from "../quantity/constants"
import { factor, quantityOf, type Working, type WorkingLine } from "../working"
import { temperatureBeyondFace } from "./face-figures"
import { pathWorking } from "./heat-path"
import type { Ledger } from "./ledger"

/** How the heat loss of the worst night was got. */
export function heatLossWorking(ledger: Ledger): Working {
  const { winter, annualMean } = ledger.conditions
  const indoors = winter.inside.temperature
  const lines = ledger.loss.parts.map(({ kind, id, name, heat }): WorkingLine => {
    const result = quantityOf("power", heat)
    if (kind === "air") {
      const factors = [
        factor("ρ·c·q", "conductance", AIR_DENSITY * AIR_SPECIFIC_HEAT * ledger.loss.air.flow),
        factor("ΔT", "temperatureDifference", indoors - ledger.loss.air.from.temperature),
      ]
      return { name, factors, operator: "×", result, from: { station: "build-ups" } }
    }
    const path = kind === "path" ? ledger.paths.find(({ place }) => place === id) : undefined
    if (path) return { ...pathWorking(path, heat), name }
    const figures = ledger.faces.find((face) => (kind === "face" ? face.id === id : face.closures.some((closure) => closure.id === id)))!
    const difference = indoors - temperatureBeyondFace(figures, "winter", indoors, winter.outside.temperature)
    const closure = figures.closures.find((candidate) => candidate.id === id)
    if (kind === "opening" && closure) {
      const factors = [
        factor("A", "area", closure.area),
        factor("U", "transmittance", closure.uValue),
        factor("ΔT", "temperatureDifference", difference),
      ]
      return { name, factors, operator: "×", result, from: { station: "shell", face: figures.id } }
    }
    const from = { station: "build-ups", face: figures.id } as const
    if (figures.ground) {
      const factors = [
        factor("H", "conductance", figures.ground.heatTransferCoefficient),
        factor("f", "ratio", GROUND_SWING),
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
      { name: "Inside, winter", quantity: quantityOf("temperature", winter.inside.temperature), from: { station: "brief" } },
      { name: "Outdoors, worst night", quantity: quantityOf("temperature", winter.outside.temperature), from: { station: "brief" } },
      ...spacesBeyond(ledger),
      { name: "Air changes by leaks", quantity: quantityOf("airChanges", ledger.loss.air.ach), from: { station: "build-ups" } },
    ],
    method: "Steady flow: nobody inside, no sun, everything at rest. Faces are measured over all; ψ of an edge makes up for that.",
    source: "EN 12831-1:2017, 6.3; ψ by ISO 10211:2017; infiltration by ASHRAE Fundamentals 2017, ch. 16; ground by ISO 13370:2017",
    notes: ledger.faces.flatMap((face) => face.notes.map((note) => `${face.name}: ${note}`)),
  }
}

/** The spaces that faces stand against, each with its temperature. */
function spacesBeyond(ledger: Ledger): Working["inputs"] {
  const { inside, outside } = ledger.conditions.winter
  const seen = new Map<string, Working["inputs"][number]>()
  for (const figures of ledger.faces) {
    if (figures.beyond.kind !== "space") continue
    const temperature = temperatureBeyondFace(figures, "winter", inside.temperature, outside.temperature)
    seen.set(figures.beyond.id, {
      name: `${figures.beyond.space.name}, worst night`,
      quantity: quantityOf("temperature", temperature),
      from: { station: "shell", face: figures.id },
    })
  }
  return [...seen.values()]
}
