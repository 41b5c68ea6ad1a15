import { inSentence } from "../in-sentence"
import type { Detail } from "../conduction/detail"
import { layerStack } from "../conduction/member-detail"
import { slabBorderDetail } from "../conduction/slab-border-detail"
import { stepDetail } from "../conduction/step-detail"
import { sum } from "../numeric/sum"
import type { Shell } from "../../schema/job/shell"
import type { Border } from "../shell/borders"
import { isInWeather } from "./adjacent"
import type { LineBridge, Run } from "./line-bridge"
import { type Place, place } from "./place"
import { bridgeAt, type SolvedDetails } from "./solved-details"
import { bordersOf, type SurfacePart } from "./surface"
import type { SurfaceFigures } from "./surface-figures"

/** The lines along which two surfaces of one face meet, each with its ψ. */
export function borderBridges(shell: Shell, surfaces: readonly SurfaceFigures[], solved: SolvedDetails): LineBridge[] {
  const named = new Map(surfaces.map((surface) => [surface.id, surface]))
  const lines = new Map<Place, Border<SurfacePart>[]>()
  for (const border of bordersOf(shell)) {
    const at = place.border([border.between[0].id, border.between[1].id])
    lines.set(at, [...(lines.get(at) ?? []), border])
  }
  return [...lines].flatMap(([at, borders]): LineBridge[] => {
    const between = borders[0]!.between.map(({ id }) => named.get(id)!) as [SurfaceFigures, SurfaceFigures]
    const [zone, other] = between
    const drawn = drawnAt(zone, other)
    if (!drawn) return []
    const length = sum(borders.map((border) => border.length))
    const runs = borders.map(({ from, to }): Run => ({ on: zone.id, from, to }))
    const bridge = bridgeAt(at, drawn.detail, 0, solved)
    const name = `${zone.name} beside ${inSentence(other.name)}`
    return [
      {
        ...{ kind: "border", name, face: drawn.face, other: drawn.other, angleFactor: 1, between, opening: null, runs },
        ...{ ...bridge, length, conductance: bridge.linearTransmittance * length },
      },
    ]
  })
}

/**
 * What is drawn where two surfaces meet, and the airs that its heat goes to. Of two build-ups side by side it is the step from one to the
 * other, outdoors where one of them stands there, else in the zone's air; where a floor leaves the ground, the slab's edge in the air below the
 * rest. Towards a room that is held below nothing is drawn: what stands there is not known.
 * @returns null where nothing changes, or nothing is drawn
 */
function drawnAt(zone: SurfaceFigures, other: SurfaceFigures): { detail: Detail; face: SurfaceFigures; other: SurfaceFigures } | null {
  if (zone.ground && other.ground) return null
  if (zone.ground || other.ground) {
    const [slab, over] = zone.ground ? [zone, other] : [other, zone]
    if (!isInWeather(over.adjacent)) return null
    const [under, floor] = [layerStack(slab.governing, "down"), layerStack(over.governing, "down")]
    return { detail: slabBorderDetail(under, floor, slab.ground!, { ...over.lineFilms, direction: "down" }), face: over, other: over }
  }
  if (zone.assembly === other.assembly) return null
  const [face, milder] = zone.adjacent.kind === "outdoors" || other.adjacent.kind !== "outdoors" ? [zone, other] : [other, zone]
  const films = face.lineFilms
  const [left, right] = [layerStack(face.governing, films.direction), layerStack(milder.governing, films.direction)]
  return { detail: stepDetail(left, right, films), face, other: milder }
}
