import { fireWords } from "../../core/material/layer-properties"
import type { Candidate } from "../../core/material/search"
import type { Writing } from "../writing/writing"
import type { Material } from "../../schema/material"

/** Over a column of how layers meet vapour: what resists it, or in inches and pounds what lets it through. */
export const vapourHead = ({ units, unit }: Writing): string => `vapour, ${units === "metric" ? "sd " : ""}${unit("vapourResistance")}`

/** How well a stuff insulates, as its label says it: λ, or R an inch. */
export const conductivityWords = ({ units, write, figure }: Writing, value: number): string =>
  units === "metric" ? `λ ${write("conductivity", value)}` : `R-${figure("conductivity", value)} an inch`

/** The figures of a layer that are compared in a table, in its order. */
export const COLUMNS: readonly { name: (writing: Writing) => string; of: (layer: Candidate, writing: Writing) => string }[] = [
  { name: ({ unit }) => unit("length"), of: ({ thickness }, writing) => writing.figure("length", thickness) },
  { name: () => "R label", of: ({ resistance }, writing) => (resistance === null ? "–" : writing.figure("resistance", resistance)) },
  { name: vapourHead, of: ({ airLayer }, writing) => writing.figure("vapourResistance", airLayer) },
  { name: (writing) => writing.unit("arealMass"), of: ({ mass }, writing) => writing.figure("arealMass", mass) },
  { name: (writing) => writing.unit("arealMoney"), of: ({ price }, writing) => writing.figure("arealMoney", price) },
]

/** What tells layers apart soonest, in a line. */
export const inBrief = ({ thickness, resistance, price, material }: Candidate, { write, figure }: Writing): string =>
  [
    write("length", thickness),
    ...(resistance === null ? [] : [`R ${figure("resistance", resistance)}`]),
    write("arealMoney", price),
    fireWords(material),
  ].join(" · ")

/** All that the catalogue says of a material, line by line, to be set beside another. */
export const LINES: readonly { name: string; of: (material: Material, writing: Writing) => string }[] = [
  {
    name: "insulates, as declared",
    of: ({ conductivity: { declared, at } }, writing) => `${conductivityWords(writing, declared)} at ${writing.wholeDegrees(at)}`,
  },
  { name: "after 25 years", of: ({ conductivity: { aged } }, writing) => conductivityWords(writing, aged) },
  {
    name: "with cold and heat",
    of: ({ conductivity: { byTemperature } }, writing) => {
      const [[cold, low], [warm, high]] = [byTemperature[0]!, byTemperature.at(-1)!]
      const at = (temperature: number) => writing.write("temperature", temperature)
      const text = (value: number) => writing.figure("conductivity", value)
      return `${text(low)} at ${at(cold)}, ${text(high)} at ${at(warm)}`
    },
  },
  { name: "density", of: ({ density }, writing) => writing.write("density", density) },
  { name: "specific heat", of: ({ specificHeat }, writing) => writing.write("specificHeat", specificHeat) },
  {
    name: "vapour, dry and wet",
    of: ({ vapour: { mu, sd, sdByHumidity } }, { units, figure, write }) =>
      mu
        ? `${units === "metric" ? "μ " : ""}${figure("vapourFactor", mu.dry)} and ${write("vapourFactor", mu.wet)}`
        : `${units === "metric" ? "sd " : ""}${figure("vapourResistance", sd!.dry)} and ${write("vapourResistance", sd!.wet)}${sdByHumidity ? ", follows the humidity" : ""}`,
  },
  { name: "holds water", of: ({ sorption }, writing) => (sorption ? `${writing.write("density", waterAt80(sorption))} at 80 %` : "none") },
  { name: "face: emissivity, sun taken up", of: ({ face }) => `${face.emissivity}, ${face.absorptance}` },
  {
    name: "compressive strength",
    of: ({ compressiveStrength }, writing) => (compressiveStrength === null ? "none" : writing.write("stress", compressiveStrength)),
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
