import { pressureOf } from "../enclosure/month-airs"
import { sum } from "../numeric/sum"
import { asBuilt, type Build } from "./likely-builds"
import type { SectionModel } from "./section-model"
import { WEATHER_SIDE } from "./wall-rain"

/**
 * How the mean of the year that is exceeded once in ten lies off that of all: 1.28 times the spread of years, which is some 1 K, 1.5 % of
 * humidity and 5 % of sun.
 */
const [COLDER, DAMPER, DULLER] = [1.3, 0.02, 0.93] as const
/** Air inside is so much damper than said where people make it so, and where a cooler holds it. @see EN 15026:2007, annex C (5 %) */
const [ROOM_DAMPER, COOLED_DAMPER] = [0.05, 0.02] as const

/**
 * What a face is judged by: a year that is exceeded once in ten, on the side that wets it; air inside damper than said; twice the leaks that
 * are said; holes in tight sheets as they usually are; a wall that faces the rain.
 * @see EN 15026:2007, 5.4 (a year that is exceeded once in ten) and annex C (5 % of humidity on top)
 */
function designBuild({ airs }: SectionModel): Build {
  const outward = sum(airs.map(({ inside, beyond }) => pressureOf(inside) - pressureOf(beyond))) >= 0
  return {
    ...{ leaks: 2, resistance: 1, fit: 1, holes: 0.02, rain: WEATHER_SIDE, builtIn: 0.8 },
    humidity: outward ? ROOM_DAMPER : COOLED_DAMPER,
    ...{ outdoors: outward ? -COLDER : COLDER, outdoorHumidity: DAMPER, sun: outward ? DULLER : 1 },
  }
}

/** A face as it is judged: built and used on the bad side of usual, through the worst year of ten. */
export const judgedModel = (model: SectionModel): SectionModel => asBuilt(model, designBuild(model))

/** The same where what stuffs draw in was measured for others like them: those draw nothing in. */
export const withoutBorrowed = (model: SectionModel): SectionModel => ({
  ...model,
  layers: model.layers.map((layer) =>
    layer.borrowed ? { ...layer, material: { ...layer.material, liquidConductivity: undefined } } : layer,
  ),
})

/** Whether it rests on what was measured for other stuffs. */
export const isBorrowed = ({ layers }: SectionModel): boolean =>
  layers.some(({ borrowed, material }) => borrowed && material.liquidConductivity !== undefined)
