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
const PSI = 6894.757
const MPH = 0.44704
const KWH = 3.6e6

const scale = (unit: string, decimals: number, factor = 1): Scale => ({ unit, factor, decimals })

/** A kind of figure in both systems; units as written by their SI values. */
const measure = (metric: Scale, inchPound: Scale, written: Record<string, number>, example: string): Measure => ({
  metric,
  inchPound,
  written: Object.fromEntries(Object.entries(written).map(([unit, factor]) => [unit, { factor }])),
  example,
})

/** A kind of figure that both systems write alike. */
const same = (unit: string, decimals: number, factor: number, written: Record<string, number>, example: string): Measure =>
  measure(scale(unit, decimals, factor), scale(unit, decimals, factor), written, example)

const PER_FOOT_2 = 1 / FOOT ** 2
const PER_FOOT_3 = 1 / FOOT ** 3
const HEAT_LOSS = scale("Btu/(h·°F)", 2, BTU_PER_HOUR * 1.8)

/** Every kind of figure that is written or read, lengths apart. Factors: NIST SP 811 (2008), appendix B. */
const MEASURES = {
  temperature: {
    metric: scale("°C", 1),
    inchPound: { ...scale("°F", 1), ...FAHRENHEIT },
    written: { c: { factor: 1 }, "°c": { factor: 1 }, f: FAHRENHEIT, "°f": FAHRENHEIT },
    example: "18 °C or 65 °F",
  },
  temperatureDifference: measure(scale("K", 1), scale("°F", 1, 5 / 9), { k: 1, "°f": 5 / 9, f: 5 / 9 }, "5 K"),
  resistance: measure(
    scale("m²·K/W", 2),
    scale("h·ft²·°F/Btu", 1, R_VALUE),
    { "m²k/w": 1, "m2k/w": 1, "m²·k/w": 1, "h·ft²·°f/btu": R_VALUE },
    "R-13 or RSI 2.3",
  ),
  transmittance: measure(
    scale("W/(m²·K)", 3),
    scale("Btu/(h·ft²·°F)", 4, 1 / R_VALUE),
    { "w/(m²·k)": 1, "w/m2k": 1, "btu/(h·ft²·°f)": 1 / R_VALUE },
    "1.4 W/(m²·K)",
  ),
  conductance: measure(scale("W/K", 2), HEAT_LOSS, { "w/k": 1 }, "40 W/K"),
  /** Price of energy; stored in €/J. */
  energyPrice: same("€/kWh", 2, 1 / KWH, { "€/kwh": 1 / KWH, "eur/kwh": 1 / KWH, "€/mj": 1e-6 }, "0.25 €/kWh"),
  volumePrice: measure(scale("€/m³", 0), scale("€/ft³", 1, PER_FOOT_3), { "€/m³": 1, "€/m3": 1, "€/ft³": PER_FOOT_3 }, "500 €/m³"),
  perArea: measure(
    scale("per m²", 1),
    scale("per ft²", 2, PER_FOOT_2),
    { "perm²": 1, "/m²": 1, "perft²": PER_FOOT_2, "/ft²": PER_FOOT_2 },
    "6 per m²",
  ),
  /** Openings for a metre of width; stored in m²/m. */
  vents: measure(
    scale("mm²/m", 0, 1e-6),
    scale("in²/ft", 2, 0.0254 ** 2 / FOOT),
    { "mm²/m": 1e-6, "cm²/m": 1e-4, "in²/ft": 0.0254 ** 2 / FOOT },
    "1500 mm²/m",
  ),
  pointTransmittance: measure(scale("W/K", 4), { ...HEAT_LOSS, decimals: 4 }, { "w/k": 1 }, "0.005 W/K"),
  linearTransmittance: measure(scale("W/(m·K)", 3), scale("Btu/(h·ft·°F)", 4, 1.730735), { "w/(m·k)": 1, "w/mk": 1 }, "0.05 W/(m·K)"),
  conductivity: measure(scale("W/(m·K)", 3), scale("Btu·in/(h·ft²·°F)", 3, 0.144227889), { "w/(m·k)": 1, "w/mk": 1 }, "0.036 W/(m·K)"),
  area: measure(
    scale("m²", 2),
    scale("ft²", 1, FOOT ** 2),
    { "m²": 1, m2: 1, "ft²": FOOT ** 2, ft2: FOOT ** 2, sqft: FOOT ** 2 },
    "5.7 m² or 61 ft²",
  ),
  volume: measure(scale("m³", 2), scale("ft³", 0, FOOT ** 3), { "m³": 1, m3: 1, "ft³": FOOT ** 3, ft3: FOOT ** 3 }, "12 m³"),
  mass: measure(scale("kg", 1), scale("lb", 0, POUND), { kg: 1, lb: POUND, lbs: POUND, t: 1000 }, "320 kg or 700 lb"),
  arealMass: measure(scale("kg/m²", 1), scale("lb/ft²", 2, POUND / FOOT ** 2), { "kg/m²": 1, "lb/ft²": POUND / FOOT ** 2 }, "12 kg/m²"),
  density: measure(scale("kg/m³", 0), scale("lb/ft³", 1, POUND / FOOT ** 3), { "kg/m³": 1, "lb/ft³": POUND / FOOT ** 3 }, "30 kg/m³"),
  power: measure(
    scale("W", 0),
    scale("Btu/h", 0, BTU_PER_HOUR),
    { w: 1, kw: 1000, "btu/h": BTU_PER_HOUR, btuh: BTU_PER_HOUR },
    "750 W, 1.5 kW or 2500 Btu/h",
  ),
  heatFlux: measure(scale("W/m²", 0), scale("Btu/(h·ft²)", 1, BTU_PER_HOUR / FOOT ** 2), { "w/m²": 1 }, "20 W/m²"),
  /** Stored in J. */
  energy: same("kWh", 0, KWH, { kwh: KWH, mj: 1e6 }, "1300 kWh"),
  speed: measure(scale("m/s", 1), scale("mph", 1, MPH), { "m/s": 1, "km/h": 1 / 3.6, mph: MPH }, "5 m/s or 11 mph"),
  /** Stored as 0…1. */
  percent: same("%", 1, 0.01, { "%": 0.01 }, "50 %"),
  stress: measure(scale("kPa", 1, 1000), scale("psi", 1, PSI), { kpa: 1000, psi: PSI }, "30 kPa or 4.4 psi"),
  pressure: same("Pa", 0, 1, { pa: 1 }, "50 Pa"),
  money: same("€", 0, 1, { "€": 1, eur: 1 }, "2500"),
  arealMoney: measure(scale("€/m²", 2), scale("€/ft²", 2, PER_FOOT_2), {}, "25"),
  airChanges: same("1/h", 2, 1, { "1/h": 1, ach: 1 }, "5"),
  angle: same("°", 0, 1, { "°": 1, deg: 1 }, "180"),
  ratio: same("", 2, 1, {}, "0.6"),
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
