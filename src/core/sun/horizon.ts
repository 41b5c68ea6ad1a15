import type { SolarPosition } from "./solar-position"

/** What stands around a place and over it. */
export interface Around {
  /** Degrees above level that the sky begins at, looking north, north-east and so on round; between them straight. */
  horizon: readonly number[]
  /** Degrees from which a roof over it keeps the sun off; null: there is none. */
  roof: number | null
}

/** Level all round, under the open sky. */
export const OPEN_SKY: Around = { horizon: [0, 0, 0, 0, 0, 0, 0, 0], roof: null }

/** How high what stands there reaches, looking so, degrees. */
function horizonAt(horizon: readonly number[], azimuth: number): number {
  const at = ((((azimuth % 360) + 360) % 360) / 360) * horizon.length
  const low = Math.floor(at) % horizon.length
  const [one, two] = [horizon[low]!, horizon[(low + 1) % horizon.length]!]
  return one + (at - Math.floor(at)) * (two - one)
}

/** Whether what stands around or over a place keeps the sun's beam off it. */
export const isHidden = ({ horizon, roof }: Around, { altitude, azimuth }: Pick<SolarPosition, "altitude" | "azimuth">): boolean =>
  altitude < horizonAt(horizon, azimuth) || (roof !== null && altitude > roof)

/** Whether nothing does, at any hour. */
export const isOpen = ({ horizon, roof }: Around): boolean => roof === null && horizon.every((altitude) => altitude === 0)
