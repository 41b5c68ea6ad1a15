import { describe, expect, test } from "@jest/globals"
import { longestAbsence, presenceOf } from "./presence"

const week = (text: string) => [..."mtwtfss"].map((_, i) => text.includes(String(i)))
const hours = (list: ArrayLike<number>) => Array.from(list).flatMap((there, k) => (there ? [k] : []))

describe("who is there when, the first day a Monday", () => {
  test("working days from seven to five", () => {
    const { there, until, since } = presenceOf({ from: 7, to: 17, days: week("01234") }, 14)
    expect(hours(there).slice(0, 11)).toEqual([7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 31])
    expect(hours(there)).toHaveLength(2 * 50)
    expect([until[0], until[6], until[7], since[7], since[9], since[17]]).toEqual([7, 1, 0, 0, 2, -1])
    // From Friday at 17:00 to Monday at 7:00.
    expect(until[4 * 24 + 17]).toBe(62)
    expect(longestAbsence({ from: 7, to: 17, days: week("01234") })).toBe(62)
  })

  test("a night belongs to the day that it begins on: Friday and Saturday from five to ten", () => {
    const { there } = presenceOf({ from: 17, to: 10, days: week("45") }, 7)
    const friday = 4 * 24
    expect(hours(there)).toEqual([...Array(17).keys(), ...[...Array(17).keys()].map((k) => k + 24)].map((k) => friday + 17 + k))
    // A Sunday's night goes on into Monday, which is where a year begins.
    expect(hours(presenceOf({ from: 22, to: 6, days: week("6") }, 7).there)).toEqual([0, 1, 2, 3, 4, 5, 166, 167])
  })

  test("always, and never", () => {
    const always = presenceOf({ from: 0, to: 24, days: week("0123456") }, 7)
    expect([always.until[100], always.since[100]]).toEqual([0, Infinity])
    const never = presenceOf({ from: 0, to: 24, days: week("") }, 7)
    expect([never.until[0], never.since[0]]).toEqual([Infinity, -1])
  })
})
