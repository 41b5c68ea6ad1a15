import type { BridgeBlock } from "../../schema/bridge"
import { airSpace } from "../assembly/air-space"
import { STEFAN_BOLTZMANN, ZERO_CELSIUS } from "../quantity/constants"

/** Temperature at which a void is taken, °C. */
const MEAN = 10

/**
 * Equivalent conductivity of an unventilated rectangular void.
 * @param width, height of the void, m
 * @returns W/(m·K), d/R with d along the heat flow
 * @see ISO 6946:2017, annex D.4 (small or divided voids); ISO 10077-2 treats frame cavities alike
 */
export function cavityConductivity({
  width,
  height,
  airspace,
}: Pick<BridgeBlock, "width" | "height"> & { airspace: NonNullable<BridgeBlock["airspace"]> }): number {
  const { along, direction, emissivity1, emissivity2 } = airspace
  const [deep, across] = along === "x" ? [width, height] : [height, width]
  const space = airSpace({ thickness: deep, direction, emissivity1, emissivity2, meanTemperature: MEAN, temperatureDifference: 5 })
  const ratio = deep / across
  const seen = 1 + Math.sqrt(1 + ratio ** 2) - ratio
  const radiative = (space.effectiveEmissivity / 2) * seen * 4 * STEFAN_BOLTZMANN * (MEAN + ZERO_CELSIUS) ** 3
  return deep * (space.convective + radiative)
}
