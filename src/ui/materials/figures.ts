import type { Candidate } from "../../core/material/search"
import { type Kind, printQuantity, printWithUnit } from "../../core/quantity/measure"
import { printNumber } from "../../core/quantity/number"
import type { UnitSystem } from "../../core/quantity/unit-system"
import type { Material } from "../../schema/material"

/** An equivalent air layer, which is given in metres everywhere. */
export const printAirLayer = (metres: number): string => printNumber(metres, metres < 0.1 ? 2 : metres < 10 ? 1 : 0)

/** The figures of a layer that are compared in a table, in its order. */
export const COLUMNS: readonly { name: (system: UnitSystem) => string; of: (layer: Candidate, system: UnitSystem) => string }[] = [
  { name: (system) => (system === "metric" ? "mm" : "in"), of: ({ thickness }, system) => printQuantity("length", thickness, system).text },
  {
    name: () => "R label",
    of: ({ resistance }, system) => (resistance === null ? "–" : printQuantity("resistance", resistance, system).text),
  },
  { name: () => "sd, m", of: ({ airLayer }) => printAirLayer(airLayer) },
  { name: (system) => unit("arealMass", system), of: ({ mass }, system) => printQuantity("arealMass", mass, system).text },
  { name: (system) => unit("arealMoney", system), of: ({ price }, system) => printQuantity("arealMoney", price, system).text },
]

const unit = (kind: Kind, system: UnitSystem) => printQuantity(kind, 0, system).unit

/** All that the catalogue says of a material, line by line, to be set beside another. */
export const LINES: readonly { name: string; of: (material: Material, system: UnitSystem) => string }[] = [
  {
    name: "λ declared",
    of: ({ conductivity: { declared, at } }, system) =>
      `${printWithUnit("conductivity", declared, system)} at ${printWithUnit("temperature", at, system)}`,
  },
  { name: "λ after 25 years", of: ({ conductivity: { aged } }, system) => printWithUnit("conductivity", aged, system) },
  {
    name: "λ with cold and heat",
    of: ({ conductivity: { byTemperature } }, system) => {
      const [[cold, low], [warm, high]] = [byTemperature[0]!, byTemperature.at(-1)!]
      const at = (temperature: number) => printWithUnit("temperature", temperature, system)
      const text = (value: number) => printQuantity("conductivity", value, system).text
      return `${text(low)} at ${at(cold)}, ${text(high)} at ${at(warm)}`
    },
  },
  { name: "density", of: ({ density }, system) => printWithUnit("density", density, system) },
  { name: "specific heat", of: ({ specificHeat }) => `${printNumber(specificHeat, 0)} J/(kg·K)` },
  {
    name: "vapour, dry and wet",
    of: ({ vapour: { mu, sd } }) => (mu ? `μ ${mu.dry} and ${mu.wet}` : `sd ${printAirLayer(sd!.dry)} and ${printAirLayer(sd!.wet)} m`),
  },
  { name: "holds water", of: ({ sorption }) => (sorption ? `${printNumber(waterAt80(sorption), 1)} kg/m³ at 80 %` : "none") },
  { name: "face: emissivity, sun taken up", of: ({ face }) => `${face.emissivity}, ${face.absorptance}` },
  {
    name: "compressive strength",
    of: ({ compressiveStrength }) => (compressiveStrength === null ? "none" : `${printNumber(compressiveStrength / 1000, 0)} kPa`),
  },
  { name: "fire", of: ({ fire }) => fire.reaction },
  {
    name: "sold as",
    of: ({ sold }, system) => {
      const size = [sold.width, sold.length].filter((side) => side !== null).map((side) => printWithUnit("length", side, system))
      return `${sold.form}${size.length === 2 ? ` ${size.join(" × ")}` : ""}`
    },
  },
  {
    name: "thicknesses",
    of: ({ sold }, system) => sold.thicknesses.map((thickness) => printQuantity("length", thickness, system).text).join(", "),
  },
  { name: "figures from", of: ({ source }) => source },
]

const waterAt80 = (sorption: NonNullable<Material["sorption"]>): number => sorption.find(([humidity]) => humidity >= 0.8)![1]
