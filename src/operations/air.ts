import { moistAir } from "../core/air/moist-air"
import { AirInput, AirOutput } from "../schema/air"
import { operation } from "./operation"

/** State of moist air: `npm run calc air`. */
export const air = operation({ name: "air", summary: "state of moist air", input: AirInput, output: AirOutput, run: moistAir })
