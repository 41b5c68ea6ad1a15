import { STEFAN_BOLTZMANN, ZERO_CELSIUS } from "../quantity/constants"

/** Temperature of a sky that sends so much long-wave light down, °C. @param infrared W/m² on level ground */
export const skyTemperatureOf = (infrared: number): number => (infrared / STEFAN_BOLTZMANN) ** 0.25 - ZERO_CELSIUS

/** Dew point below which drier air sends no less, °C: the fit knows none, and would fall to nothing. */
export const DRIEST = -60

/**
 * Temperature of the sky from the air's and the dew point near the ground and the clouds, °C.
 * @param cloud share of the sky that clouds cover, 0…1
 * @see Clark and Allen, Proc. 2nd National Passive Solar Conf., 1978 (clear sky); Walton, NBSIR 83-2655, 1983 (clouds)
 */
export function skyTemperature(temperature: number, dewPoint: number, cloud: number): number {
  const tenths = 10 * cloud
  const clear = 0.787 + 0.764 * Math.log((Math.max(DRIEST, dewPoint) + ZERO_CELSIUS) / ZERO_CELSIUS)
  const emissivity = clear * (1 + 0.0224 * tenths - 0.0035 * tenths ** 2 + 0.00028 * tenths ** 3)
  return (temperature + ZERO_CELSIUS) * Math.min(1, emissivity) ** 0.25 - ZERO_CELSIUS
}

/**
 * Long-wave light that a black level face sends to the sky over what it gets from it, as if the face were as warm as the air, W/m².
 * @param temperature, sky °C
 * @see ISO 13790:2008, 11.3.5 (extra radiation to the sky)
 */
export const skyLoss = (temperature: number, sky: number): number =>
  STEFAN_BOLTZMANN * ((temperature + ZERO_CELSIUS) ** 4 - (sky + ZERO_CELSIUS) ** 4)

/**
 * Share of the sky that clouds cover, from the sun that comes through them.
 * @param share of what comes through a clear sky, 0…1
 * @see Kasten and Czeplak, Solar Energy 24 (1980): G = G_clear (1 − 0.75 (N/8)^3.4)
 */
export const cloudOf = (share: number): number => Math.min(1, Math.max(0, (1 - share) / 0.75) ** (1 / 3.4))

/** Sun on level ground under a clear sky, W/m². @param height sine of the sun's altitude @see Kasten and Czeplak 1980 */
export const clearGlobal = (height: number): number => Math.max(0, 910 * height - 30)

/** A day whose clear sky would give less than this on level ground says nothing of clouds, W·h/m². */
const TELLING = 200

/**
 * Clouds of each hour from the sun of its day; where the sun does not rise they stay as they were, and are half the sky where nothing tells.
 * @param global sun on level ground, W/m², and `heights` sines of the sun's altitude, by the hour of the year
 */
export function cloudsBySun(global: Float64Array, heights: Float64Array): Float64Array {
  const days = Math.floor(global.length / 24)
  const shares = Array.from({ length: days }, (_, day) => {
    let [sun, clear] = [0, 0]
    for (let hour = day * 24; hour < day * 24 + 24; hour++) {
      sun += global[hour]!
      clear += clearGlobal(heights[hour]!)
    }
    return clear < TELLING ? null : cloudOf(sun / clear)
  })
  let last = shares.filter((share) => share !== null).at(-1) ?? 0.5
  const clouds = new Float64Array(global.length)
  for (const [day, share] of shares.entries()) {
    last = share ?? last
    clouds.fill(last, day * 24, day * 24 + 24)
  }
  return clouds
}
