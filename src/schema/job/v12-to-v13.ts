import { changed, eachState, type Untyped } from "./parts"

const DAYS = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31]

/** Means of the months of one figure's text; all alike where it is none, for the schema to name. */
function monthsOf(text: unknown): number[] {
  const hours = typeof text === "string" ? text.split(" ").map(Number) : []
  let first = 0
  return DAYS.map((days) => {
    const month = hours.slice(first, (first += 24 * days))
    return month.length > 0 ? month.reduce((all, one) => all + one, 0) / month.length : 0
  })
}

const withHumidity = (weather: Untyped): Untyped => ({
  ...weather,
  climate: changed(weather.climate, (climate) => ({
    ...climate,
    monthlyRelativeHumidity: monthsOf((weather.hours as Untyped | undefined)?.relativeHumidity),
  })),
})

/**
 * In version 13 weather that a job brings along tells the humidity of its months, which its hours did before, and a job may say what gives
 * off water inside; before, the humidity inside was typed.
 */
export const v12ToV13 = eachState(({ brief }) => ({
  brief: changed(brief, ({ inside, weather, ...known }) => ({
    ...known,
    inside: changed(inside, (part) => ({ ...part, water: null })),
    weather: changed(weather, withHumidity),
  })),
}))
