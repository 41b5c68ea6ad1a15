import { moistAir } from "../core/air/moist-air"
import { AirInput, AirOutput } from "../schema/air"
import { operation } from "./operation"

export const air = operation({ name: "air", summary: "state of moist air", input: AirInput, output: AirOutput, run: moistAir })
