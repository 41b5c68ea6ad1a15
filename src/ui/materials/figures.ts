import { fireWords } from "../../core/material/layer-properties"
import type { Candidate } from "../../core/material/search"
import { printNumber } from "../../core/quantity/number"
import type { Writing } from "../writing/writing"
import type { Material } from "../../schema/material"

/** An equivalent air layer, which is given in metres everywhere. */
export const printAirLayer = (metres: number): string => printNumber(metres, metres < 0.1 ? 2 : metres < 10 ? 1 : 0)

/** The figures of a layer that are compared in a table, in its order. */
export const COLUMNS: readonly { name: (writing: Writing) => string; of: (layer: Candidate, writing: Writing) => string }[] = [
  { name: ({ unit }) => unit("length"), of: ({ thickness }, writing) => writing.figure("length", thickness) },
  { name: () => "R label", of: ({ resistance }, writing) => (resistance === null ? "–" : writing.figure("resistance", resistance)) },
  { name: () => "sd, m", of: ({ airLayer }) => printAirLayer(airLayer) },
  { name: (writing) => writing.unit("arealMass"), of: ({ mass }, writing) => writing.figure("arealMass", mass) },
  { name: (writing) => writing.unit("arealMoney"), of: ({ price }, writing) => writing.figure("arealMoney", price) },
]

/** All that the catalogue says of a material, line by line, to be set beside another. */
export const LINES: readonly { name: string; of: (material: Material, writing: Writing) => string }[] = [
  {
    name: "λ declared",
    of: ({ conductivity: { declared, at } }, writing) =>
      `${writing.write("conductivity", declared)} at ${writing.write("temperature", at)}`,
  },
  { name: "λ after 25 years", of: ({ conductivity: { aged } }, writing) => writing.write("conductivity", aged) },
  {
    name: "λ with cold and heat",
    of: ({ conductivity: { byTemperature } }, writing) => {
      const [[cold, low], [warm, high]] = [byTemperature[0]!, byTemperature.at(-1)!]
      const at = (temperature: number) => writing.write("temperature", temperature)
      const text = (value: number) => writing.figure("conductivity", value)
      return `${text(low)} at ${at(cold)}, ${text(high)} at ${at(warm)}`
    },
  },
  { name: "density", of: ({ density }, writing) => writing.write("density", density) },
  { name: "specific heat", of: ({ specificHeat }) => `${printNumber(specificHeat, 0)} J/(kg·K)` },
  {
    name: "vapour, dry and wet",
    of: ({ vapour: { mu, sd, sdByHumidity } }) =>
      mu
        ? `μ ${mu.dry} and ${mu.wet}`
        : `sd ${printAirLayer(sd!.dry)} and ${printAirLayer(sd!.wet)} m${sdByHumidity ? ", follows the humidity" : ""}`,
  },
  { name: "holds water", of: ({ sorption }) => (sorption ? `${printNumber(waterAt80(sorption), 1)} kg/m³ at 80 %` : "none") },
  { name: "face: emissivity, sun taken up", of: ({ face }) => `${face.emissivity}, ${face.absorptance}` },
  {
    name: "compressive strength",
    of: ({ compressiveStrength }) => (compressiveStrength === null ? "none" : `${printNumber(compressiveStrength / 1000, 0)} kPa`),
  },
  { name: "fire", of: fireWords },
  {
    name: "sold as",
    of: ({ sold }, writing) => {
      const size = [sold.width, sold.length].filter((side) => side !== null).map((side) => writing.write("length", side))
      return `${sold.form}${size.length === 2 ? ` ${size.join(" × ")}` : ""}`
    },
  },
  { name: "thicknesses", of: ({ sold }, writing) => sold.thicknesses.map((thickness) => writing.figure("length", thickness)).join(", ") },
  { name: "figures from", of: ({ source }) => source },
]

const waterAt80 = (sorption: NonNullable<Material["sorption"]>): number => sorption.find(([humidity]) => humidity >= 0.8)![1]
