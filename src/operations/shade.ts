import { profileAngle, sunlitShare } from "../core/shell/shading"
import { solarPosition } from "../core/sun/solar-position"
import { ShadeInput, ShadeOutput } from "../schema/shade"
import { operation } from "./operation"

/** An overhang and side fins on an opening: `npm run calc shade`. */
export const shade = operation({
  name: "shade",
  summary: "overhang and side fins on an opening",
  input: ShadeInput,
  output: ShadeOutput,
  run: ({ latitude, longitude, time, azimuth, opening, overhang, fins }) => {
    const sun = solarPosition(Date.parse(time), latitude, longitude)
    const shades = { overhang: overhang ?? null, left: fins.left ?? null, right: fins.right ?? null }
    return {
      sunlitFraction: sunlitShare(sun, azimuth, opening.width, opening.height, shades),
      profileAngle: profileAngle(sun, azimuth),
      notes: [],
    }
  },
})
