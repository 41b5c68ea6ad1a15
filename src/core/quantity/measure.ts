import { InputError } from "../../schema/outcome"
import { AIR_VAPOUR_PERMEABILITY } from "./constants"
import type { CurrencyCode } from "../../schema/currency"
import { CURRENCIES } from "./currency"
import { FOOT, parseLength, printLength } from "./length"
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
  /** What is printed falls as the SI value rises: `factor` over it. */
  inverse?: true
  /** Decimals are counted from the first figure that is not zero. */
  significant?: true
}

interface Measure {
  metric: Scale
  inchPound: Scale
  /** What people write for a unit, in lower case without spaces → its scale. */
  written: Record<string, Written>
  /** An example for the message. */
  example: string
}

type Written = Pick<Scale, "factor" | "zero" | "inverse">

const FAHRENHEIT = { factor: 5 / 9, zero: -160 / 9 }
/** m²·K/W in one h·ft²·°F/Btu. */
const R_VALUE = 0.176110184
const BTU_PER_HOUR = 0.29307107
const POUND = 0.45359237
const PSI = 6894.757
const MPH = 0.44704
const KWH = 3.6e6
/** A therm is 100,000 Btu (IT). */
const THERM = 1.05505585e8
/** kg/(s·m²·Pa) in one perm, kg/(s·m·Pa) in one perm-inch, both at 23 °C. */
const PERM = 5.72135e-11
const PERM_INCH = 1.45322e-12
/** m³ in one board foot, a foot square and an inch thick. */
const BOARD_FOOT = FOOT ** 3 / 12
/** m³ in a US gallon. */
const GALLON = 3.785411784e-3
/** Stands for the currency of the job in units. */
const MONEY = "¤"

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
  energyPrice: same("¤/kWh", 2, 1 / KWH, { "¤/kwh": 1 / KWH, "¤/mj": 1e-6, "¤/therm": 1 / THERM }, "0.25 ¤/kWh or 1.50 ¤/therm"),
  volumePrice: measure(
    scale("¤/m³", 0),
    scale("¤/ft³", 2, PER_FOOT_3),
    { "¤/m³": 1, "¤/m3": 1, "¤/ft³": PER_FOOT_3, "¤/ft3": PER_FOOT_3 },
    "500 ¤/m³",
  ),
  /** Price of stuff by its volume; in North America by the board foot. */
  boardPrice: measure(
    scale("¤/m³", 0),
    scale("¤/bd ft", 2, 1 / BOARD_FOOT),
    { "¤/m³": 1, "¤/m3": 1, "¤/bdft": 1 / BOARD_FOOT, "¤/ft³": PER_FOOT_3 },
    "500 ¤/m³ or 1.20 ¤/bd ft",
  ),
  massPrice: measure(scale("¤/kg", 2), scale("¤/lb", 2, 1 / POUND), { "¤/kg": 1, "¤/lb": 1 / POUND }, "2 ¤/kg"),
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
  /** In inches and pounds by what an inch of it resists. */
  conductivity: {
    metric: scale("W/(m·K)", 3),
    inchPound: { unit: "R an inch", factor: 0.144227889, decimals: 3, inverse: true, significant: true },
    written: {
      "w/(m·k)": { factor: 1 },
      "w/mk": { factor: 1 },
      raninch: { factor: 0.144227889, inverse: true },
      "r/in": { factor: 0.144227889, inverse: true },
      "btu·in/(h·ft²·°f)": { factor: 0.144227889 },
    },
    example: "0.036 W/(m·K) or 4 R an inch",
  },
  specificHeat: measure(scale("J/(kg·K)", 0), scale("Btu/(lb·°F)", 3, 4186.8), { "j/(kg·k)": 1, "btu/(lb·°f)": 4186.8 }, "1400 J/(kg·K)"),
  /** Of a layer, by its equivalent air layer sd, m; in inches and pounds what it lets through. @see ISO 13788:2012, 3.1 (vapour permeability of air) */
  vapourResistance: {
    metric: { ...scale("m", 2), significant: true },
    inchPound: { unit: "perm", factor: AIR_VAPOUR_PERMEABILITY / PERM, decimals: 2, inverse: true, significant: true },
    written: {
      m: { factor: 1 },
      perm: { factor: AIR_VAPOUR_PERMEABILITY / PERM, inverse: true },
      perms: { factor: AIR_VAPOUR_PERMEABILITY / PERM, inverse: true },
    },
    example: "2 m or 1.7 perm",
  },
  /** Of a stuff, by its factor μ; in inches and pounds what an inch of it lets through. */
  vapourFactor: {
    metric: { ...scale("", 3), significant: true },
    inchPound: { unit: "perm-inch", factor: AIR_VAPOUR_PERMEABILITY / PERM_INCH, decimals: 2, inverse: true, significant: true },
    written: {
      "perm-inch": { factor: AIR_VAPOUR_PERMEABILITY / PERM_INCH, inverse: true },
      "perm-in": { factor: AIR_VAPOUR_PERMEABILITY / PERM_INCH, inverse: true },
    },
    example: "60 or 2.3 perm-inch",
  },
  /** Water on a face, kg/m². */
  arealWater: measure(scale("g/m²", 1, 0.001), scale("oz/ft²", 3, (POUND / 16) * PER_FOOT_2), { "g/m²": 0.001 }, "20 g/m²"),
  /** Rain by its depth; stored in kg/m². */
  rain: measure(scale("mm", 0), scale("in", 2, 25.4), { mm: 1, "kg/m²": 1, in: 25.4 }, "60 mm or 2.4 in"),
  area: measure(
    scale("m²", 2),
    scale("ft²", 1, FOOT ** 2),
    { "m²": 1, m2: 1, "ft²": FOOT ** 2, ft2: FOOT ** 2, sqft: FOOT ** 2 },
    "5.7 m² or 61 ft²",
  ),
  volume: measure(scale("m³", 2), scale("ft³", 0, FOOT ** 3), { "m³": 1, m3: 1, "ft³": FOOT ** 3, ft3: FOOT ** 3 }, "12 m³"),
  /** Of fuel and other liquids; stored in m³. */
  liquid: measure(scale("L", 0, 1e-3), scale("gal", 1, GALLON), { l: 1e-3, gal: GALLON }, "300 L or 80 gal"),
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
  /** Of a battery or of a day; stored in J. */
  charge: same("kWh", 2, KWH, { kwh: KWH, wh: KWH / 1000, mj: 1e6 }, "1.2 kWh or 1200 Wh"),
  /** Sun on a face in a month or a year; stored in J/m². */
  sunEnergy: measure(scale("kWh/m²", 0, KWH), scale("kWh/ft²", 1, KWH / FOOT ** 2), { "kwh/m²": KWH }, "1000 kWh/m²"),
  /** As a fuel is metered. */
  fuel: measure(scale("kWh", 0, KWH), scale("therms", 1, THERM), { kwh: KWH, mj: 1e6, therm: THERM, therms: THERM }, "1300 kWh"),
  /** Air that is let in. */
  airFlow: measure(
    scale("L/s", 1, 0.001),
    scale("cfm", 0, FOOT ** 3 / 60),
    { "l/s": 0.001, "m³/h": 1 / 3600, "m3/h": 1 / 3600, cfm: FOOT ** 3 / 60 },
    "7 L/s, 25 m³/h or 15 cfm",
  ),
  /** Given off in freezing. */
  latentHeat: measure(scale("kJ/kg", 0, 1000), scale("Btu/lb", 0, 2326), { "kj/kg": 1000, "btu/lb": 2326 }, "260 kJ/kg"),
  /** Heat of living goods. */
  respiration: measure(
    scale("W/t", 1, 0.001),
    scale("Btu/(ton·day)", 0, 1055.05585 / 86_400 / (2000 * POUND)),
    { "w/t": 0.001, "mw/kg": 0.001, "btu/(ton·day)": 1055.05585 / 86_400 / (2000 * POUND) },
    "20 W/t",
  ),
  speed: measure(scale("m/s", 1), scale("mph", 1, MPH), { "m/s": 1, "km/h": 1 / 3.6, mph: MPH }, "5 m/s or 11 mph"),
  /** Stored as 0…1. */
  percent: same("%", 1, 0.01, { "%": 0.01 }, "50 %"),
  stress: measure(scale("kPa", 1, 1000), scale("psi", 1, PSI), { kpa: 1000, psi: PSI }, "30 kPa or 4.4 psi"),
  pressure: same("Pa", 0, 1, { pa: 1 }, "50 Pa"),
  money: same("¤", 0, 1, { "¤": 1 }, "2500"),
  /** Of one thing. */
  price: same("¤", 2, 1, { "¤": 1 }, "12.50"),
  arealMoney: measure(
    scale("¤/m²", 2),
    scale("¤/ft²", 2, PER_FOOT_2),
    { "¤/m²": 1, "¤/m2": 1, "/m²": 1, "/m2": 1, "¤/ft²": PER_FOOT_2, "¤/ft2": PER_FOOT_2, "/ft²": PER_FOOT_2, "/ft2": PER_FOOT_2 },
    "25",
  ),
  airChanges: same("1/h", 2, 1, { "1/h": 1, ach: 1 }, "5"),
  angle: same("°", 0, 1, { "°": 1, deg: 1 }, "180"),
  ratio: same("", 2, 1, {}, "0.6"),
} satisfies Record<string, Measure>

/** The kinds of figure that Pelzhaus prints and reads. */
export type Kind = keyof typeof MEASURES | "length"

/** How a job's quantities are written. */
export interface Style {
  units: UnitSystem
  currency: CurrencyCode
}

/** A quantity as it is written: figure and unit apart, and what stands before the figure. */
export interface Printed {
  before: string
  text: string
  unit: string
}

/**
 * Prints a stored value in a job's units.
 * @param value SI
 * @returns figure and unit apart, so that the unit can be set small
 */
export function printQuantity(kind: Kind, value: number, style: Style): Printed {
  if (!Number.isFinite(value)) return { before: "", text: "–", unit: "" }
  if (kind === "length") return { before: "", ...printLength(value, style.units) }
  const scale = scaleOf(MEASURES[kind], style.units)
  const shown = shownNumber(kind, value, style.units)
  const fixed = kind === "resistance" || kind === "arealMoney"
  const decimals = scale.significant ? Math.max(0, scale.decimals - 1 - Math.floor(Math.log10(Math.abs(shown) || 1))) : scale.decimals
  const text = fixed ? printNumber(shown, decimals, style.units) : printShort(shown, decimals, style.units)
  const { symbol, before } = CURRENCIES[style.currency]
  if (!scale.unit.startsWith(MONEY)) return { before: "", text, unit: scale.unit }
  return before
    ? { before: symbol, text, unit: scale.unit.slice(MONEY.length) }
    : { before: "", text, unit: scale.unit.replace(MONEY, symbol) }
}

/** The unit over a column of figures of a kind; lengths are written with theirs. */
export function unitOf(kind: Exclude<Kind, "length">, { units, currency }: Style): string {
  return scaleOf(MEASURES[kind], units).unit.replace(MONEY, CURRENCIES[currency].symbol)
}

/** The number that stands before the unit, for a chart's axis; of any kind but lengths. */
export function shownNumber(kind: Exclude<Kind, "length">, value: number, system: UnitSystem): number {
  const { zero = 0, factor, inverse } = scaleOf(MEASURES[kind], system)
  return inverse ? factor / value : (value - zero) / factor
}

/** Whether what is printed falls as the value rises, as R an inch does of a conductivity: what is divided by the one is times the other. */
export const printsInverse = (kind: Kind, system: UnitSystem): boolean =>
  kind !== "length" && scaleOf(MEASURES[kind], system).inverse === true

/** Figure and unit in one text that does not break between them. */
export function printWithUnit(kind: Kind, value: number, style: Style): string {
  const { before, text, unit } = printQuantity(kind, value, style)
  const joined = unit === "" || unit === "°" || unit.startsWith("/") ? text + unit : `${text}\u00a0${unit}`
  return before === "" || !/^[−+]/.test(joined) ? before + joined : `${joined[0]}${before}${joined.slice(1)}`
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
export function parseQuantity(kind: Kind, text: string, { units, currency }: Style): number {
  if (kind === "length") return parseLength(text, units)
  const measure: Measure = MEASURES[kind]
  const { symbol } = CURRENCIES[currency]
  // A currency is read by its symbol or its code, before the figure or behind it.
  const plain = (units === "metric" ? plainText(text) : withoutCommas(plainText(text)))
    .replace(symbol, MONEY)
    .replace(new RegExp(`\\b${currency}\\b`, "i"), MONEY)
  if (kind === "resistance") {
    const marked = /^(R|RSI)[ -]?(\d+(?:[.,]\d+)?|\.\d+)$/i.exec(plain)
    if (marked) return decimal(marked[2]!) * (marked[1]!.toUpperCase() === "RSI" ? 1 : R_VALUE)
  }
  const match = /^(¤ ?)?([+-]?(?:\d+(?:[.,]\d+)?|\.\d+)) ?(.*)$/.exec(plain)
  const written = ((match?.[1] ? MONEY : "") + (match?.[3] ?? "")).toLowerCase().replace(/ /g, "")
  const scale = written === "" ? scaleOf(measure, units) : measure.written[written]
  if (!match || !scale)
    throw new InputError(`not-a-${kind}`, [], `"${text.trim()}" cannot be read here; write ${measure.example.replaceAll(MONEY, symbol)}.`)
  const figure = decimal(match[2]!)
  if (!scale.inverse) return figure * scale.factor + (scale.zero ?? 0)
  if (figure > 0) return scale.factor / figure
  throw new InputError(`not-a-${kind}`, [], `It must be more than nothing; write ${measure.example}.`)
}

/** Where thousands are set off by commas those are no decimal marks: `1,234.5`, but not `0,125` or `12,34`. */
const withoutCommas = (text: string): string =>
  text.replace(/(?<![\d.,])[1-9]\d{0,2}(?:,\d{3})+(?![\d,])/g, (number) => number.replaceAll(",", ""))

const scaleOf = (measure: Measure, system: UnitSystem): Scale => (system === "metric" ? measure.metric : measure.inchPound)
