import { ownWeather } from "../../core/climate/own-weather"
import { setWeather } from "../../edit/brief-edits"
import type { Fault } from "../../schema/outcome"
import type { MonthlyNormals } from "../../schema/normals"
import type { WeatherInput, WeatherOutput } from "../../schema/weather"
import { call } from "../job/api"
import type { JobStore } from "../job/job-store"

/** Reads a year of weather where the calculator is, and lays it into the job. @returns why it could not be, or null */
export async function readWeather(
  store: JobStore,
  input: WeatherInput,
  name: string | null,
  normals: readonly MonthlyNormals[] | null = null,
): Promise<Fault | null> {
  const answer = await call<WeatherOutput>("POST", "/api/calc/weather", input)
  if (!answer.ok) return answer.error
  return store.edit(setWeather(ownWeather(name ?? answer.value.name, answer.value, normals)))
}
