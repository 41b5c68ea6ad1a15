import type { OffGrid } from "../../schema/job/plant"
import { hoursIn } from "../climate/weather-year"
import { sum } from "../numeric/sum"
import { autonomy } from "./battery"

/** A month of power where no mains is, J; hours that the generator runs, and in which something is missing. */
export interface MonthPower {
  made: number
  used: number
  generated: number
  missing: number
  running: number
  dark: number
}

/** Whether battery and panel hold through a year. */
export interface OffGridYear {
  /** The month in which least is left of what the panel makes, 0…11, and what a day of it takes and makes, J. */
  worst: number
  usedADay: number
  madeADay: number
  /** s that the full battery lasts in that month without sun; null where nothing is used */
  lasts: number | null
  /** Months in which the panel makes what is drawn. */
  carried: boolean[]
  /** W of panel with which the worst month would be carried too; null where no panel could, or none is needed more */
  panelNeeded: number | null
  /** Hours in the year that the generator runs, and in which something is missing. */
  running: number
  dark: number
}

/** What a year of power comes to. */
export function offGridYear(months: readonly MonthPower[], { inverter, panel, battery }: OffGrid): OffGridYear {
  const short = months.map(({ made, used }) => used / inverter - made)
  const perDay = short.map((energy, month) => energy / (hoursIn(month) / 24))
  const worst = perDay.indexOf(Math.max(...perDay))
  const { made, used } = months[worst]!
  const days = hoursIn(worst) / 24
  return {
    worst,
    usedADay: used / days,
    madeADay: made / days,
    lasts: autonomy({ battery, inverter }, used / (days * 86_400)),
    carried: short.map((energy) => energy <= 0),
    panelNeeded: made > 0 && short[worst]! > 0 ? (panel * used) / inverter / made : null,
    running: sum(months.map(({ running }) => running)),
    dark: sum(months.map(({ dark }) => dark)),
  }
}

/**
 * What a battery and a panel weigh and cost, for comparing with a layer: lithium iron phosphate with its case, framed silicon panels.
 * Weights and areas are of the usual order; prices are invented.
 */
export const OFF_GRID_PARTS = {
  battery: { massPerEnergy: 1 / (105 * 3600), pricePerEnergy: 380 / 3.6e6 },
  panel: { powerPerArea: 205, pricePerPower: 0.9 },
} as const

/** What a smaller day of use spares of battery and panel. */
export interface Spared {
  /** J of battery, its kg; m² of panel; and € of both */
  battery: number
  mass: number
  area: number
  money: number
}

/**
 * What so much less use a day spares of battery and panel, both kept as long-lasting as they are.
 * @param saved J a day
 * @param year as it is now
 */
export function sparedBy(saved: number, { lasts, madeADay }: OffGridYear, { inverter, panel }: OffGrid): Spared {
  const battery = lasts === null ? 0 : (saved * (lasts / 86_400)) / inverter
  const watts = madeADay > 0 ? (panel * saved) / inverter / madeADay : 0
  const { massPerEnergy, pricePerEnergy } = OFF_GRID_PARTS.battery
  return {
    battery,
    mass: battery * massPerEnergy,
    area: watts / OFF_GRID_PARTS.panel.powerPerArea,
    money: battery * pricePerEnergy + watts * OFF_GRID_PARTS.panel.pricePerPower,
  }
}
