import type { WeatherYear } from "../climate/weather-file"
import { HOURS, MONTH_OF_HOUR } from "../climate/weather-year"
import { hoursThere } from "../inside/people"
import { presenceOf } from "../inside/presence"
import { supplyHours } from "../plant/battery"
import { machineCurves } from "../plant/machine"
import type { MonthPower } from "../plant/off-grid-year"
import { panelPower } from "../plant/panel"
import type { MonthEnergy } from "../steady/year"
import type { YearMachine, YearModel } from "./year-model"
import { sunOn } from "./year-of-sun"

/** What heater and cooler of a year take of what they run on. */
export interface YearPower {
  /** J of fuel or electricity in each month */
  taken: MonthEnergy[]
  /** J of electricity for fans and pumps in the year */
  fans: number
  /** Null: nothing is said of where power comes from. */
  offGrid: MonthPower[] | null
}

/** What a year asks of its plant, W in each hour, and the air inside, °C. */
export interface Asked {
  heating: Float64Array
  cooling: Float64Array
  air: Float64Array
}

/** What a year takes of fuel and electricity, by the machines' curves; they give no more than they can. */
export function yearPower(model: YearModel, weather: WeatherYear, asked: Asked): YearPower {
  const taken = Array.from({ length: 12 }, (): MonthEnergy => ({ heating: 0, cooling: 0 }))
  const electric = new Float64Array(HOURS)
  let fans = 0
  for (const [way, machine] of [
    ["heating", model.heater],
    ["cooling", model.cooler],
  ] as const) {
    if (!machine) continue
    const at = workingHours(machine, weather, asked.air)
    for (let k = 0; k < HOURS; k++) {
      const [most, performance] = at(k)
      const given = Math.min(asked[way][k]!, most)
      if (given <= 0) continue
      const power = given / performance
      const fan = (machine.machine?.fan ?? 0) * Math.min(1, given / most || 1)
      taken[MONTH_OF_HOUR[k]!]![way] += power * 3600
      fans += fan * 3600
      electric[k]! += fan + (machine.machine?.energy === "electricity" ? power : 0)
    }
  }
  return { taken, fans, offGrid: model.offGrid && monthsOffGrid(model, model.offGrid, weather, electric) }
}

/** What a machine can give in each hour, W, and how well it does it. */
export function workingHours({ machine, capacity }: YearMachine, weather: WeatherYear, air: ArrayLike<number>) {
  const curves = machineCurves(machine)
  return (k: number): [most: number, performance: number] => {
    const { output, performance } = curves(weather.hours[k]!.temperature, air[k]!)
    return [capacity === null ? Infinity : capacity * output, performance]
  }
}

function monthsOffGrid(
  { coming }: YearModel,
  offGrid: NonNullable<YearModel["offGrid"]>,
  weather: WeatherYear,
  electric: Float64Array,
): MonthPower[] {
  const { panel, tilt, azimuth, appliances } = offGrid
  const sun = sunOn(weather, { strips: [{ share: 1, tilt, azimuth }], width: 1, height: 1, shades: null })
  const made = sun.map((irradiance, k) => panelPower(panel, irradiance, weather.hours[k]!.temperature))
  const { there } = presenceOf(coming, HOURS / 24)
  const each = appliances / (3600 * hoursThere(coming.from, coming.to))
  const used = electric.map((power, k) => power + there[k]! * each)
  const months = Array.from({ length: 12 }, (): MonthPower => ({ made: 0, used: 0, generated: 0, missing: 0, running: 0, dark: 0 }))
  // Gone through twice, so that January begins with what December left.
  const twice = (values: Float64Array) => Float64Array.from({ length: 2 * HOURS }, (_, k) => values[k % HOURS]!)
  for (const [i, step] of supplyHours(offGrid, twice(made), twice(used), 3600).entries()) {
    if (i < HOURS) continue
    const month = months[MONTH_OF_HOUR[i - HOURS]!]!
    month.made += step.made
    month.used += step.used
    month.generated += step.generated
    month.missing += step.missing
    month.running += step.running / 3600
    if (step.missing > 0) month.dark++
  }
  return months
}
