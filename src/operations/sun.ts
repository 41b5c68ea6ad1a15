import { equationOfTime, incidenceCosine, solarPosition } from "../core/sun/solar-position"
import { SunInput, SunOutput } from "../schema/sun"
import { operation } from "./operation"

/** Years between which the sun's place is good to 0.02°. */
const GOOD = { from: 1950, to: 2050 }

/** Where the sun stands, and at which angle it meets a surface: `npm run calc sun`. */
export const sun = operation({
  name: "sun",
  summary: "solar position and incidence",
  input: SunInput,
  output: SunOutput,
  run: ({ latitude, longitude, time, surface }) => {
    const instant = Date.parse(time)
    const position = solarPosition(instant, latitude, longitude)
    const cosine = surface && incidenceCosine(position, surface.tilt, surface.azimuth)
    const year = new Date(instant).getUTCFullYear()
    return {
      ...position,
      equationOfTime: equationOfTime(instant),
      ...(cosine === undefined ? {} : { incidence: (Math.acos(Math.max(-1, Math.min(1, cosine))) * 180) / Math.PI }),
      notes:
        year < GOOD.from || year > GOOD.to
          ? [{ code: "far-year", text: `The sun's place is good to 0.02° between ${GOOD.from} and ${GOOD.to}; beyond it drifts slowly.` }]
          : [],
    }
  },
})
