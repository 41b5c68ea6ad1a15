import type { Activity } from "../../schema/job/inside"

/** Heat that a person gives off, W: to the air, and as water that a cooler must condense. */
export interface PersonHeat {
  sensible: number
  latent: number
}

/** @see ASHRAE Fundamentals 2017, ch. 18, table 1: seated (theatre), light bench work, heavy work */
const BY_ACTIVITY: Readonly<Record<Activity, PersonHeat>> = {
  seated: { sensible: 70, latent: 35 },
  "light-work": { sensible: 80, latent: 80 },
  "heavy-work": { sensible: 170, latent: 255 },
}

/** Rooms below this are cold stores, where a person is dressed and works, °C. */
const COLD_STORE = 10

/**
 * Heat of one person in a room. In a cold store all of it goes to the air.
 * @param room °C
 * @see ASHRAE Refrigeration 2018, ch. 24, eq. 16: q = 272 − 6t
 */
export function personHeat(activity: Activity, room: number): PersonHeat {
  const known = BY_ACTIVITY[activity]
  if (room >= COLD_STORE) return known
  return { sensible: Math.max(272 - 6 * room, known.sensible + known.latent), latent: 0 }
}

/**
 * Whether people and machines are there at a clock hour.
 * @param hour 1…24, that at whose end it is
 * @param from, to clock hours; `to` not later than `from`: over midnight
 */
export const isThere = (hour: number, from: number, to: number): boolean =>
  to > from ? hour > from && hour <= to : hour > from || hour <= to

/** Hours of a day between two clock hours. */
export const hoursThere = (from: number, to: number): number => (to > from ? to - from : to - from + 24)
