import { weatherName } from "../climate/weather-key"
import { memoised } from "../memoised"
import type { SlabAsked } from "../moisture/slab-sweats"
import type { Calculation } from "./calculation"

/** Hours of each month in which outdoor air sweats on a slab. */
export const SLAB: Calculation<SlabAsked, number[]> = {
  kind: "slab",
  key: memoised(({ weather, face }: SlabAsked) => JSON.stringify([weatherName(weather), face.map((one) => Math.round(one * 100))])),
}
