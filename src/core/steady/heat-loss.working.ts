import { AIR_DENSITY, AIR_SPECIFIC_HEAT } from "../quantity/constants"
import { type Factor, factor, input, quantityOf, type Source, type Working, workingLine, type WorkingLine } from "../working"
import { type SurfaceFigures, temperatureBeyond } from "../enclosure/surface-figures"
import { pathWorking } from "../enclosure/heat-path"
import type { Enclosure } from "../enclosure/enclosure"
import { place } from "../enclosure/place"
import type { HeatLoss } from "./heat-loss"
import { ventilationHeat } from "./transmission"

type Lost = Pick<Enclosure, "conditions" | "surfaces" | "paths" | "ventilation"> & { loss: HeatLoss }

/** How the heat loss of the worst night was got. */
export function heatLossWorking(ledger: Lost): Working {
  const { winter, annualMean, coldestMonth } = ledger.conditions
  const indoors = winter.inside.temperature
  const lines = ledger.loss.parts.flatMap(({ kind, place: at, name, heat }): WorkingLine | WorkingLine[] => {
    const product = (from: Source, factors: Factor[]) => workingLine(name, ["power", heat], from, factors)
    if (kind === "air")
      return product({ of: "build-up" }, [
        factor("ρ·c·q", "conductance", AIR_DENSITY * AIR_SPECIFIC_HEAT * ledger.loss.air.flow),
        factor("ΔT", "temperatureDifference", indoors - ledger.loss.air.from.temperature),
      ])
    if (kind === "ventilation")
      return product({ of: "brief" }, [
        factor("ρ·c·q·(1 − η)", "conductance", ventilationHeat(ledger.ventilation, 1)),
        factor("ΔT", "temperatureDifference", indoors - winter.outside.temperature),
      ])
    const path = ledger.paths.find(({ place }) => place === at)
    if (path) return pathWorking(path, name, heat)
    const closing = ({ closures }: SurfaceFigures) => closures.find((closure) => closure.place === at)
    const figures = ledger.surfaces.find((surface) => place.surface(surface.id) === at || closing(surface))!
    const from = { of: "build-up", surface: figures.id } as const
    const through = (area: number, transmittance: number) => [
      factor("A", "area", area),
      factor("U", "transmittance", transmittance),
      factor("ΔT", "temperatureDifference", indoors - temperatureBeyond(figures, "winter", indoors, winter.outside.temperature)),
    ]
    const closure = closing(figures)
    if (closure) return product({ ...from, of: "shell" }, through(closure.area, closure.uValue))
    if (!figures.ground) return product(from, through(figures.netArea, figures.transmittance))
    const into = (words: string, conductance: number, difference: number) =>
      workingLine(`${name}, ${words}`, ["power", conductance * difference], from, [
        factor("H", "conductance", conductance),
        factor("ΔT", "temperatureDifference", difference),
      ])
    return [
      into("into the ground over the year", figures.ground.heatTransferCoefficient, indoors - annualMean),
      into("by its edge, the coldest month", figures.ground.periodicCoefficient, annualMean - coldestMonth),
    ]
  })
  return {
    title: "Heat lost on the worst night",
    formula: "Φ = Σ A·U·(θi − θe) + Σ H·(θi − θe) + ρ·c·q·(θi − θe)",
    lines,
    total: quantityOf("power", ledger.loss.total),
    inputs: [
      input("Inside, winter", "temperature", winter.inside.temperature, "brief"),
      input("Outdoors, worst night", "temperature", winter.outside.temperature, "brief"),
      ...spacesBeyond(ledger),
      input("Air changes by leaks", "airChanges", ledger.loss.air.ach, "build-up"),
    ],
    method:
      "Steady flow: no warmth of people, lamps or sun is counted on. η: what a heat exchanger keeps. Faces are measured over all; ψ of an edge makes up for that.",
    source:
      "EN 12831-1:2017, 6.3; ψ by ISO 10211:2017; infiltration by ASHRAE Fundamentals 2017, ch. 16; ground by ISO 13370:2017, the edge's swing by its annex on monthly rates",
    notes: ledger.surfaces.flatMap(({ name, notes }) => notes.map(({ code, text }) => ({ code, text: `${name}: ${text}` }))),
  }
}

/** The spaces that faces stand against, each with its temperature. */
function spacesBeyond({ conditions: { winter }, surfaces }: Lost): Working["inputs"] {
  const beyond = surfaces.flatMap(({ id, adjacent, ...figures }) => {
    if (adjacent.kind !== "space") return []
    const temperature = temperatureBeyond({ ...figures, adjacent }, "winter", winter.inside.temperature, winter.outside.temperature)
    return [[adjacent.id, input(`${adjacent.space.name}, worst night`, "temperature", temperature, "shell", id)] as const]
  })
  return [...new Map(beyond).values()]
}
