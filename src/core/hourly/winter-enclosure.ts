import { resistanceOf } from "../assembly/periodic"
import { outdoorFilm } from "../assembly/build-up"
import { heatFlowDirection, INDOOR_RESISTANCE } from "../assembly/surface-resistance"
import type { Exposure, HourlyEnclosure, HourlyFace, Weather } from "../dynamic/enclosure-hours"
import type { Condition, Conditions } from "../enclosure/conditions"
import { leakingAir, type PlainLeaks, plainLeaks } from "../enclosure/leaks"
import { SOIL, storingLayers } from "../enclosure/surface-day"
import { type SurfaceFigures, temperatureBeyond } from "../enclosure/surface-figures"
import { sum } from "../numeric/sum"
import { FURNITURE, floorArea } from "../steady/free-day"
import { heatLoss, type SteadyEnclosure } from "../steady/heat-loss"

/** An enclosure in the design winter as it is stepped through time, numbers only: at rest it loses what the worst night's loss says. */
export interface WinterModel extends Omit<HourlyEnclosure, "heating" | "cooling" | "airFlow"> {
  /** What its leaks pass, and at which condition. */
  leaks: PlainLeaks
  winter: Condition
}

/** Weather that stays as the design winter's, in so many steps of so many seconds. */
export function heldWinter({ winter }: WinterModel, steps: number, step: number): Weather {
  const { outside, windSpeed } = winter
  const weather = { temperature: outside.temperature, directNormal: 0, diffuseHorizontal: 0, skyTemperature: null, windSpeed }
  return {
    ...{ latitude: 0, longitude: 0, start: 0, offset: 0, step, groundAlbedo: 0 },
    hours: new Array<typeof weather>(steps).fill(weather),
  }
}

/** A model as it is stepped. */
export const winterEnclosure = ({ leaks, winter, ...model }: WinterModel): Omit<HourlyEnclosure, "heating" | "cooling"> => ({
  ...model,
  airFlow: (inside, outside, windSpeed) =>
    leakingAir(leaks, "winter", {
      inside: { ...winter.inside, temperature: inside },
      outside: { ...winter.outside, temperature: outside },
      windSpeed,
    }).flow,
})

/**
 * Faces as they store heat beside their members; what members, openings, edges and ventilation pass goes at once.
 * @param volume of the air inside, m³
 */
export function winterModel(enclosure: SteadyEnclosure, volume: number): WinterModel {
  const { surfaces, leaks, conditions } = enclosure
  const { winter } = conditions
  const faces = surfaces.map((figures) => winterFace(figures, conditions))
  // All that does not go through the faces' layers is a straight line of the inside temperature: its slope, and what of it stays at no difference.
  const beside = (inside: number) => {
    const held = { ...conditions, winter: { ...winter, inside: { ...winter.inside, temperature: inside } } }
    const all = heatLoss({ ...enclosure, conditions: held }).parts.filter(({ kind }) => kind !== "air")
    return sum(all.map(({ heat }) => heat)) - sum(faces.map((face) => throughFace(face, inside, winter.outside.temperature)))
  }
  const outdoors = winter.outside.temperature
  const conductance = beside(outdoors + 1) - beside(outdoors)
  return {
    faces,
    openings: [{ area: 1, uValue: conductance, g: 0, tilt: 90, azimuth: 0 }],
    volume,
    capacity: FURNITURE * floorArea(enclosure),
    leaks: plainLeaks(leaks),
    winter,
    gains: new Array<number>(24).fill(-beside(outdoors)),
  }
}

function winterFace(figures: SurfaceFigures, conditions: Conditions): HourlyFace {
  const { face, netArea, layers, winterFilm, ground } = figures
  const { winter, annualMean } = conditions
  const direction = heatFlowDirection(face.tilt, true)
  const storing = storingLayers(layers, direction)
  const still = {
    area: Math.max(netArea, 1e-6),
    tilt: face.tilt,
    azimuth: face.azimuth,
    absorptance: 0,
    emissivity: 0.9,
    skyExchange: false,
  }
  // As in the cold that all begins in: what an unheated space beyond warms with the inside is in what goes beside the layers.
  const outdoors = winter.outside.temperature
  const exposure: Exposure = { temperature: ground ? annualMean : temperatureBeyond(figures, "winter", outdoors, outdoors) }
  return {
    ...still,
    layers: ground ? [SOIL, ...storing] : storing,
    rsi: INDOOR_RESISTANCE[direction],
    rse: ground ? 0 : outdoorFilm(layers, winterFilm, direction),
    exposure,
  }
}

/** What a face passes at rest, W. */
function throughFace({ layers, area, rsi, rse, exposure }: HourlyFace, inside: number, outdoors: number): number {
  const far = typeof exposure === "object" ? exposure.temperature : outdoors
  return (area * (inside - far)) / (rsi + resistanceOf(layers) + rse)
}
