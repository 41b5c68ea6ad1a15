import { inSentence } from "../in-sentence"
import { layerStack } from "../conduction/member-detail"
import { stepDetail } from "../conduction/step-detail"
import { sum } from "../numeric/sum"
import { type Border, bordersBetween } from "../shell/borders"
import type { LineBridge, Run } from "./line-bridge"
import { type Place, place } from "./place"
import { bridgeAt, type SolvedDetails } from "./solved-details"
import type { SurfaceFigures } from "./surface-figures"

/**
 * The lines along which two build-ups of one face meet, each with its ψ; between two airs it is drawn in the first. Where a part of a floor
 * leaves the ground none is: the way through the soil is in the slab's perimeter.
 */
export function borderBridges(surfaces: readonly SurfaceFigures[], solved: SolvedDetails): LineBridge[] {
  const lines = new Map<Place, Border<SurfaceFigures>[]>()
  for (const border of bordersBetween(surfaces)) {
    const [zone, other] = border.between
    if (zone.assembly === other.assembly || zone.ground || other.ground) continue
    const at = place.border([zone.id, other.id])
    lines.set(at, [...(lines.get(at) ?? []), border])
  }
  return [...lines].map(([at, borders]): LineBridge => {
    const { between } = borders[0]!
    const [zone, other] = between
    const length = sum(borders.map((border) => border.length))
    const runs = borders.map(({ from, to }): Run => ({ on: zone.id, from, to }))
    const films = zone.lineFilms
    const [left, right] = [layerStack(zone.governing, films.direction), layerStack(other.governing, films.direction)]
    const bridge = bridgeAt(at, stepDetail(left, right, films), 0, solved)
    return {
      ...{
        kind: "border",
        name: `${zone.name} beside ${inSentence(other.name)}`,
        face: zone,
        other,
        angleFactor: 1,
        between,
        opening: null,
        runs,
      },
      ...{ ...bridge, length, conductance: bridge.linearTransmittance * length },
    }
  })
}
