import type { Held } from "../dynamic/enclosure-hours"
import type { Thermostat } from "../dynamic/thermostats"
import { presenceOf } from "../inside/presence"
import type { YearModel } from "./year-model"

type Setting = Pick<YearModel, "coming" | "away"> & { heater: Thermostat | null; cooler: Thermostat | null }

/** Nearer than this the inside is as it is to be, K. */
const THERE = 1e-6

/**
 * What heater and cooler hold in each hour of so many days, the first a Monday. While nobody is there it is what is held then; before people
 * come, or from when they are there, each hour goes its part of what is left of the way back. The plant is as strong as it must be.
 */
export function heldByHour({ coming, away, heater, cooler }: Setting, days: number): (k: number, inside: number) => Held {
  const ideal = (setpoint: number): Thermostat => ({ setpoint, capacity: null })
  const used: Held = { heating: heater && ideal(heater.setpoint), cooling: cooler && ideal(cooler.setpoint) }
  if (!away) return () => used
  const { until, since } = presenceOf(coming, days)
  const kept = (machine: Thermostat | null, at: number | null) => (machine && at !== null ? ideal(at) : null)
  const empty: Held = { heating: kept(heater, away.heating), cooling: kept(cooler, coolerKeeps(away)) }
  const hours = Math.round(away.hours)
  return (k, inside) => {
    /** Hours in which it is still to come back, this one among them; 0: it is, Infinity: not yet. */
    const left = since[k]! < 0 ? (away.early && until[k]! <= hours ? until[k]! : Infinity) : away.early ? 0 : Math.max(0, hours - since[k]!)
    if (left === Infinity) return empty
    if (left <= 1) return used
    const colder = heater !== null && inside < heater.setpoint - THERE
    const warmer = cooler !== null && inside > cooler.setpoint + THERE
    if (!colder && !warmer) return used
    const wanted = colder ? heater.setpoint : cooler!.setpoint
    const onTheWay = ideal(inside + (wanted - inside) / left)
    return { heating: colder ? onTheWay : null, cooling: colder ? null : onTheWay }
  }
}

/** Nothing is cooled to below what it is heated to. */
const coolerKeeps = ({ heating, cooling }: NonNullable<YearModel["away"]>): number | null =>
  cooling === null ? null : Math.max(cooling, heating ?? -Infinity)
