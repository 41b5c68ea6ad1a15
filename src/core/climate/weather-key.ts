import type { OwnWeather } from "../../schema/job/weather"
import { memoised } from "../memoised"

/** Tells weather apart by all that a year hangs on: two hashes of 32 bits (FNV-1a, and one by sums), so that as good as never two are alike. */
export function weatherKey({ latitude, longitude, timeZone, year, hours }: OwnWeather): string {
  let [a, b] = [0x9e3779b1, 0x85ebca6b]
  for (const text of [`${latitude} ${longitude} ${timeZone} ${year}`, ...Object.values(hours)])
    for (let i = 0; i < text.length; i++) {
      const code = text.charCodeAt(i)
      a = Math.imul(a ^ code, 0x01000193)
      b = Math.imul(b + code, 0x5bd1e995) ^ (b >>> 15)
    }
  return `${(a >>> 0).toString(36)}-${(b >>> 0).toString(36)}`
}

const ownKey = memoised((weather: OwnWeather) => weatherKey(weather))

/** The same short: the id of a station, or the key of weather that a job brings along. */
export const weatherName = (weather: string | OwnWeather): string => (typeof weather === "string" ? weather : ownKey(weather))
