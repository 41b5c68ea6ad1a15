import { type Noted, noteIf } from "../../schema/note"
import type { ShrinkageInput, ShrinkageOutput } from "../../schema/shrinkage"

/** Moisture at which the cell walls are full: above it wood neither swells nor shrinks, kg/kg. @see Wood Handbook, ch. 4, eq. 4-7 */
export const FIBRE_SATURATION = 0.3

/** Shrinkage from green to oven-dry across the rings (radial) and along them (tangential), of the green dimension. */
export interface Shrinkage {
  radial: number
  tangential: number
}

/** @see Wood Handbook, USDA FPL-GTR-282 (2021), ch. 4, table 4-3 */
export const SPECIES: Readonly<Record<string, Shrinkage>> = {
  "douglas-fir": { radial: 0.048, tangential: 0.076 },
  "sitka-spruce": { radial: 0.043, tangential: 0.075 },
  "white-spruce": { radial: 0.047, tangential: 0.082 },
  "eastern-white-pine": { radial: 0.021, tangential: 0.061 },
  "ponderosa-pine": { radial: 0.039, tangential: 0.062 },
  "loblolly-pine": { radial: 0.048, tangential: 0.074 },
  "western-hemlock": { radial: 0.042, tangential: 0.078 },
  "western-larch": { radial: 0.045, tangential: 0.091 },
  "western-redcedar": { radial: 0.024, tangential: 0.05 },
  "white-ash": { radial: 0.049, tangential: 0.078 },
  "paper-birch": { radial: 0.063, tangential: 0.086 },
  "yellow-birch": { radial: 0.073, tangential: 0.095 },
  "sugar-maple": { radial: 0.048, tangential: 0.099 },
  "white-oak": { radial: 0.056, tangential: 0.105 },
  "northern-red-oak": { radial: 0.04, tangential: 0.086 },
}

/** What a board does across its width as its water changes. @see Wood Handbook, ch. 4, eq. 4-7 */
export function shrinkage({ width, species, tangential, radial, from, to }: ShrinkageInput): Noted<ShrinkageOutput> {
  const whole = tangential ?? radial ?? SPECIES[species!]!.tangential
  const [before, after] = [from, to].map((moisture) => Math.min(FIBRE_SATURATION, moisture)) as [number, number]
  const change = (width * (after - before) * whole) / FIBRE_SATURATION
  return {
    change,
    widthAfter: width + change,
    notes: noteIf(species !== undefined, "flat-sawn", "Taken as sawn flat, along the rings: sawn across them it moves about half as much."),
  }
}
