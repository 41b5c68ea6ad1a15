import type { AirState } from "../../schema/quantity"
import { dewPoint } from "../air/dew-point"
import { vapourPressureAt } from "../air/moist-air"
import { outdoorFilm, transmittanceLayers } from "../assembly/build-up"
import { heatFlowDirection, INDOOR_RESISTANCE } from "../assembly/surface-resistance"
import { layerResistance } from "../assembly/thermal-transmittance"
import { DRIEST, skyLoss, skyTemperature } from "../climate/sky-temperature"
import type { Conditions } from "../enclosure/conditions"
import type { SurfaceFigures } from "../enclosure/surface-figures"
import { memoised } from "../memoised"
import { sum } from "../numeric/sum"
import { STEFAN_BOLTZMANN, ZERO_CELSIUS } from "../quantity/constants"

/** A clear still night, and what stands in it. */
export interface ClearNight {
  inside: AirState
  /** °C of the outdoor air, and as the sky makes it seem to a face */
  outdoors: number
  seems: number
  /** What the face loses to the sky where it is as warm as the air, W/m². */
  lost: number
  /** Dew point of the air inside, °C; null in air without water. */
  dewPoint: number | null
  /** °C of the skin outdoors and of the inside face */
  skin: number
  face: number
}

/** Wind of a still night, m/s. */
const STILL = 1
/** Outdoor air of a damp night in the milder months. */
const DAMP = 0.9

/** Resistance of an outdoor film in a still night, m²·K/W. @see ISO 6946:2017, C.2: h_ce = 4 + 4v */
const stillFilm = (emissivity: number, temperature: number): number =>
  1 / (4 + 4 * STILL + 4 * emissivity * STEFAN_BOLTZMANN * (temperature + ZERO_CELSIUS) ** 3)

/** Nights in which a sky takes heat from what sees it: the worst night, and where nothing heats a damp one as warm as the year's mean. */
function nightsOf({ winter, annualMean, unheated }: Conditions): readonly { inside: AirState; outside: AirState }[] {
  const mild = { temperature: annualMean, relativeHumidity: DAMP }
  return [{ inside: winter.inside, outside: winter.outside }, ...(unheated ? [{ inside: mild, outside: mild }] : [])]
}

/** How a face stands in each clear night; empty for one that does not see the sky. */
export const clearNights = memoised(
  ({ adjacent, layers, face }: Pick<SurfaceFigures, "adjacent" | "layers" | "face">, conditions: Conditions): ClearNight[] => {
    if (adjacent.kind !== "outdoors" || !adjacent.sun || conditions.around.roof !== null) return []
    const { emissivity } = layers[0]!.material.face
    const seen = sum(face.strips.map(({ area, tilt }) => (area * (1 + Math.cos((tilt * Math.PI) / 180))) / 2)) / face.area
    return nightsOf(conditions).map(({ inside, outside }): ClearNight => {
      const dew = dewPoint(vapourPressureAt(outside.temperature, outside.relativeHumidity)) ?? DRIEST
      const sky = skyTemperature(outside.temperature, dew, 0)
      const still = stillFilm(emissivity, outside.temperature)
      // A vented skin keeps the sky off what lies behind it.
      const lost = emissivity * seen * skyLoss(outside.temperature, sky)
      const behind = layers[0]!.effectiveShare * lost
      const direction = heatFlowDirection(face.tilt, true)
      const seems = outside.temperature - behind * still
      const [rsi, rse] = [INDOOR_RESISTANCE[direction], outdoorFilm(layers, still, direction)]
      const own = sum(transmittanceLayers(layers).map((layer) => layerResistance(layer, direction)))
      const flow = (inside.temperature - seems) / (rsi + own + rse)
      return {
        inside,
        outdoors: outside.temperature,
        seems,
        lost: behind,
        dewPoint: dewPoint(vapourPressureAt(inside.temperature, inside.relativeHumidity)),
        skin: layers[0]!.effectiveShare < 1 ? outside.temperature - lost * still : seems + flow * rse,
        face: inside.temperature - flow * rsi,
      }
    })
  },
)
