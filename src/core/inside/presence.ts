import type { Inside } from "../../schema/job/inside"
import { memoised } from "../memoised"
import { isThere } from "./people"

/** Days of a week, Monday first. */
export const DAYS_OF_WEEK = 7

/** Hours in which people are there, and how far each is from one. */
export interface Presence {
  /** 1 where somebody is there */
  there: Uint8Array
  /** Hours until they come; 0 while they are there, Infinity where nobody ever comes. */
  until: Float64Array
  /** Hours since they came; −1 while nobody is there, Infinity where they never left. */
  since: Float64Array
}

/** Who comes when: hours of the day, and days of the week from Monday; hours over midnight belong to the day that they begin on. */
export type Coming = Pick<Inside, "from" | "to" | "days">

/**
 * Presence in each hour of so many days, the first of them a Monday, which repeat.
 * @param days a whole year, or weeks
 */
export const presenceOf = memoised((coming: Coming, days: number): Presence => {
  const hours = 24 * days
  const there = Uint8Array.from({ length: hours }, (_, k) => Number(isComing(coming, k)))
  const until = new Float64Array(hours).fill(Infinity)
  const since = new Float64Array(hours).fill(-1)
  const begins = (k: number) => there[k] === 1 && there[(k + hours - 1) % hours] === 0
  // Twice around, so that the end of the year knows of its beginning.
  for (let i = 2 * hours - 1; i >= 0; i--) {
    const k = i % hours
    until[k] = there[k] ? 0 : until[(k + 1) % hours]! + 1
  }
  const always = there.every(Boolean)
  for (let i = 0; i < 2 * hours; i++) {
    const k = i % hours
    if (there[k]) since[k] = begins(k) ? 0 : always ? Infinity : Math.max(0, since[(k + hours - 1) % hours]! + 1)
  }
  return { there, until, since }
})

function isComing({ from, to, days }: Coming, k: number): boolean {
  const hour = (k % 24) + 1
  if (!isThere(hour, from, to)) return false
  const sinceYesterday = to <= from && hour <= to
  const day = Math.floor(k / 24) - (sinceYesterday ? 1 : 0)
  return days[(day + DAYS_OF_WEEK) % DAYS_OF_WEEK]!
}

/** The longest time for which nobody is there, hours. */
export function longestAbsence(coming: Coming): number {
  const { until } = presenceOf(coming, DAYS_OF_WEEK)
  return until.reduce((longest, hours) => Math.max(longest, hours), 0)
}
