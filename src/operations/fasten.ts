import { fastening } from "../core/takeoff/fastening"
import { FastenInput, FastenOutput } from "../schema/fasten"
import { operation } from "./operation"

/** Screws through boards: `npm run calc fasten`. */
export const fasten = operation({
  name: "fasten",
  summary: "screws through boards into what holds them: how long, how many",
  input: FastenInput,
  output: FastenOutput,
  run: fastening,
})
