import { InputError } from "../../schema/outcome"
import { parseLength, printLength } from "./length"
import { decimal, plainText, printNumber, printShort } from "./number"
import type { UnitSystem } from "./unit-system"

interface Scale {
  /** Unit as printed. */
  unit: string
  /** SI value of one unit. */
  factor: number
  /** SI value at zero of the scale. */
  zero?: number
  /** Most decimals printed. */
  decimals: number
}

interface Measure {
  metric: Scale
  inchPound: Scale
  /** What people write for a unit, in lower case without spaces → its scale. */
  written: Record<string, { factor: number; zero?: number }>
  /** An example for the message. */
  example: string
}

const FAHRENHEIT = { factor: 5 / 9, zero: -160 / 9 }
/** m²·K/W in one h·ft²·°F/Btu. */
const R_VALUE = 0.176110184
const BTU_PER_HOUR = 0.29307107
const FOOT = 0.3048
const POUND = 0.45359237

const same = (unit: string, decimals: number, factor = 1): Pick<Measure, "metric" | "inchPound"> => ({
  metric: { unit, factor, decimals },
  inchPound: { unit, factor, decimals },
})

/** Every kind of figure that is written or read, lengths apart. Factors: NIST SP 811 (2008), appendix B. */
const MEASURES = {
  temperature: {
    metric: { unit: "°C", factor: 1, decimals: 1 },
    inchPound: { unit: "°F", ...FAHRENHEIT, decimals: 1 },
    written: { c: { factor: 1 }, "°c": { factor: 1 }, f: FAHRENHEIT, "°f": FAHRENHEIT },
    example: "18 °C or 65 °F",
  },
  temperatureDifference: {
    metric: { unit: "K", factor: 1, decimals: 1 },
    inchPound: { unit: "°F", factor: 5 / 9, decimals: 1 },
    written: { k: { factor: 1 }, "°f": { factor: 5 / 9 }, f: { factor: 5 / 9 } },
    example: "5 K",
  },
  resistance: {
    metric: { unit: "m²·K/W", factor: 1, decimals: 2 },
    inchPound: { unit: "h·ft²·°F/Btu", factor: R_VALUE, decimals: 1 },
    written: { "m²k/w": { factor: 1 }, "m2k/w": { factor: 1 }, "m²·k/w": { factor: 1 }, "h·ft²·°f/btu": { factor: R_VALUE } },
    example: "R-13 or RSI 2.3",
  },
  transmittance: {
    metric: { unit: "W/(m²·K)", factor: 1, decimals: 3 },
    inchPound: { unit: "Btu/(h·ft²·°F)", factor: 1 / R_VALUE, decimals: 4 },
    written: { "w/(m²·k)": { factor: 1 }, "w/m2k": { factor: 1 }, "btu/(h·ft²·°f)": { factor: 1 / R_VALUE } },
    example: "1.4 W/(m²·K)",
  },
  conductance: {
    metric: { unit: "W/K", factor: 1, decimals: 2 },
    inchPound: { unit: "Btu/(h·°F)", factor: BTU_PER_HOUR * 1.8, decimals: 2 },
    written: { "w/k": { factor: 1 } },
    example: "40 W/K",
  },
  /** Price of energy; stored in €/J. */
  energyPrice: {
    ...same("€/kWh", 2, 1 / 3.6e6),
    written: { "€/kwh": { factor: 1 / 3.6e6 }, "eur/kwh": { factor: 1 / 3.6e6 }, "€/mj": { factor: 1e-6 } },
    example: "0.25 €/kWh",
  },
  volumePrice: {
    metric: { unit: "€/m³", factor: 1, decimals: 0 },
    inchPound: { unit: "€/ft³", factor: 1 / FOOT ** 3, decimals: 1 },
    written: { "€/m³": { factor: 1 }, "€/m3": { factor: 1 }, "€/ft³": { factor: 1 / FOOT ** 3 } },
    example: "500 €/m³",
  },
  perArea: {
    metric: { unit: "per m²", factor: 1, decimals: 1 },
    inchPound: { unit: "per ft²", factor: 1 / FOOT ** 2, decimals: 2 },
    written: { "perm²": { factor: 1 }, "/m²": { factor: 1 }, "perft²": { factor: 1 / FOOT ** 2 }, "/ft²": { factor: 1 / FOOT ** 2 } },
    example: "6 per m²",
  },
  /** Openings for a metre of width; stored in m²/m. */
  vents: {
    metric: { unit: "mm²/m", factor: 1e-6, decimals: 0 },
    inchPound: { unit: "in²/ft", factor: 0.0254 ** 2 / FOOT, decimals: 2 },
    written: { "mm²/m": { factor: 1e-6 }, "cm²/m": { factor: 1e-4 }, "in²/ft": { factor: 0.0254 ** 2 / FOOT } },
    example: "1500 mm²/m",
  },
  pointTransmittance: {
    metric: { unit: "W/K", factor: 1, decimals: 4 },
    inchPound: { unit: "Btu/(h·°F)", factor: BTU_PER_HOUR * 1.8, decimals: 4 },
    written: { "w/k": { factor: 1 } },
    example: "0.005 W/K",
  },
  linearTransmittance: {
    metric: { unit: "W/(m·K)", factor: 1, decimals: 3 },
    inchPound: { unit: "Btu/(h·ft·°F)", factor: 1.730735, decimals: 4 },
    written: { "w/(m·k)": { factor: 1 }, "w/mk": { factor: 1 } },
    example: "0.05 W/(m·K)",
  },
  conductivity: {
    metric: { unit: "W/(m·K)", factor: 1, decimals: 3 },
    inchPound: { unit: "Btu·in/(h·ft²·°F)", factor: 0.144227889, decimals: 3 },
    written: { "w/(m·k)": { factor: 1 }, "w/mk": { factor: 1 } },
    example: "0.036 W/(m·K)",
  },
  area: {
    metric: { unit: "m²", factor: 1, decimals: 2 },
    inchPound: { unit: "ft²", factor: FOOT ** 2, decimals: 1 },
    written: {
      "m²": { factor: 1 },
      m2: { factor: 1 },
      "ft²": { factor: FOOT ** 2 },
      ft2: { factor: FOOT ** 2 },
      sqft: { factor: FOOT ** 2 },
    },
    example: "5.7 m² or 61 ft²",
  },
  volume: {
    metric: { unit: "m³", factor: 1, decimals: 2 },
    inchPound: { unit: "ft³", factor: FOOT ** 3, decimals: 0 },
    written: { "m³": { factor: 1 }, m3: { factor: 1 }, "ft³": { factor: FOOT ** 3 }, ft3: { factor: FOOT ** 3 } },
    example: "12 m³",
  },
  mass: {
    metric: { unit: "kg", factor: 1, decimals: 1 },
    inchPound: { unit: "lb", factor: POUND, decimals: 0 },
    written: { kg: { factor: 1 }, lb: { factor: POUND }, lbs: { factor: POUND }, t: { factor: 1000 } },
    example: "320 kg or 700 lb",
  },
  arealMass: {
    metric: { unit: "kg/m²", factor: 1, decimals: 1 },
    inchPound: { unit: "lb/ft²", factor: POUND / FOOT ** 2, decimals: 2 },
    written: { "kg/m²": { factor: 1 }, "lb/ft²": { factor: POUND / FOOT ** 2 } },
    example: "12 kg/m²",
  },
  density: {
    metric: { unit: "kg/m³", factor: 1, decimals: 0 },
    inchPound: { unit: "lb/ft³", factor: POUND / FOOT ** 3, decimals: 1 },
    written: { "kg/m³": { factor: 1 }, "lb/ft³": { factor: POUND / FOOT ** 3 } },
    example: "30 kg/m³",
  },
  power: {
    metric: { unit: "W", factor: 1, decimals: 0 },
    inchPound: { unit: "Btu/h", factor: BTU_PER_HOUR, decimals: 0 },
    written: { w: { factor: 1 }, kw: { factor: 1000 }, "btu/h": { factor: BTU_PER_HOUR }, btuh: { factor: BTU_PER_HOUR } },
    example: "750 W, 1.5 kW or 2500 Btu/h",
  },
  heatFlux: {
    metric: { unit: "W/m²", factor: 1, decimals: 0 },
    inchPound: { unit: "Btu/(h·ft²)", factor: BTU_PER_HOUR / FOOT ** 2, decimals: 1 },
    written: { "w/m²": { factor: 1 } },
    example: "20 W/m²",
  },
  /** Stored in J. */
  energy: {
    metric: { unit: "kWh", factor: 3.6e6, decimals: 0 },
    inchPound: { unit: "kWh", factor: 3.6e6, decimals: 0 },
    written: { kwh: { factor: 3.6e6 }, mj: { factor: 1e6 } },
    example: "1300 kWh",
  },
  speed: {
    metric: { unit: "m/s", factor: 1, decimals: 1 },
    inchPound: { unit: "mph", factor: 0.44704, decimals: 1 },
    written: { "m/s": { factor: 1 }, "km/h": { factor: 1 / 3.6 }, mph: { factor: 0.44704 } },
    example: "5 m/s or 11 mph",
  },
  /** Stored as 0…1. */
  percent: { ...same("%", 1, 0.01), written: { "%": { factor: 0.01 } }, example: "50 %" },
  stress: {
    metric: { unit: "kPa", factor: 1000, decimals: 1 },
    inchPound: { unit: "psi", factor: 6894.757, decimals: 1 },
    written: { kpa: { factor: 1000 }, psi: { factor: 6894.757 } },
    example: "30 kPa or 4.4 psi",
  },
  pressure: { ...same("Pa", 0), written: { pa: { factor: 1 } }, example: "50 Pa" },
  money: { ...same("€", 0), written: { "€": { factor: 1 }, eur: { factor: 1 } }, example: "2500" },
  arealMoney: {
    metric: { unit: "€/m²", factor: 1, decimals: 2 },
    inchPound: { unit: "€/ft²", factor: 1 / FOOT ** 2, decimals: 2 },
    written: {},
    example: "25",
  },
  airChanges: { ...same("1/h", 2), written: { "1/h": { factor: 1 }, ach: { factor: 1 } }, example: "5" },
  angle: { ...same("°", 0), written: { "°": { factor: 1 }, deg: { factor: 1 } }, example: "180" },
  ratio: { ...same("", 2), written: {}, example: "0.6" },
} satisfies Record<string, Measure>

/** The kinds of figure that Pelzhaus prints and reads. */
export type Kind = keyof typeof MEASURES | "length"

/** A quantity as it is written: figure and unit apart. */
export interface Printed {
  text: string
  unit: string
}

/**
 * Prints a stored value in a job's units.
 * @param value SI
 * @returns figure and unit apart, so that the unit can be set small
 */
export function printQuantity(kind: Kind, value: number, system: UnitSystem): Printed {
  if (!Number.isFinite(value)) return { text: "–", unit: "" }
  if (kind === "length") return printLength(value, system)
  const scale = scaleOf(MEASURES[kind], system)
  const shown = shownNumber(kind, value, system)
  const fixed = kind === "resistance" || kind === "arealMoney"
  return { text: fixed ? printNumber(shown, scale.decimals) : printShort(shown, scale.decimals), unit: scale.unit }
}

/** The number that stands before the unit, for a chart's axis; of any kind but lengths. */
export function shownNumber(kind: Exclude<Kind, "length">, value: number, system: UnitSystem): number {
  const { zero = 0, factor } = scaleOf(MEASURES[kind], system)
  return (value - zero) / factor
}

/** Figure and unit in one text that does not break between them. */
export function printWithUnit(kind: Kind, value: number, system: UnitSystem): string {
  const { text, unit } = printQuantity(kind, value, system)
  return unit === "" || unit === "°" ? text + unit : `${text}\u00a0${unit}`
}

/** A temperature in whole degrees: as finely as a skin can be known. */
export function printWholeDegrees(temperature: number, system: UnitSystem): string {
  return `${printNumber(degrees(system).shown(temperature), 0)}\u00a0${scaleOf(MEASURES.temperature, system).unit}`
}

/** From °C to a thermometer's own degrees, and back. */
export function degrees(system: UnitSystem): { shown: (celsius: number) => number; stored: (shown: number) => number } {
  const { factor, zero } = { zero: 0, ...scaleOf(MEASURES.temperature, system) }
  return { shown: (celsius) => (celsius - zero) / factor, stored: (shown) => shown * factor + zero }
}

/**
 * Reads a figure as people write it, with or without its unit.
 * @returns SI
 * @throws InputError `not-a-<kind>`, `ambiguous-number`
 */
export function parseQuantity(kind: Kind, text: string, system: UnitSystem): number {
  if (kind === "length") return parseLength(text, system)
  const measure: Measure = MEASURES[kind]
  const plain = plainText(text)
  if (kind === "resistance") {
    const marked = /^(R|RSI)[ -]?(\d+(?:[.,]\d+)?|\.\d+)$/i.exec(plain)
    if (marked) return decimal(marked[2]!) * (marked[1]!.toUpperCase() === "RSI" ? 1 : R_VALUE)
  }
  const match = /^([+-]?(?:\d+(?:[.,]\d+)?|\.\d+)) ?(.*)$/.exec(plain)
  const written = match?.[2]!.toLowerCase().replace(/ /g, "")
  const scale = written === "" ? scaleOf(measure, system) : measure.written[written ?? ""]
  if (!match || !scale) throw new InputError(`not-a-${kind}`, [], `"${text.trim()}" cannot be read here; write ${measure.example}.`)
  return decimal(match[1]!) * scale.factor + (scale.zero ?? 0)
}

const scaleOf = (measure: Measure, system: UnitSystem): Scale => (system === "metric" ? measure.metric : measure.inchPound)
