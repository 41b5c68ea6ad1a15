import type { MemberSet } from "../../schema/job/build-up"
import { membersOf, transmittanceLayers, withoutMembers } from "../assembly/build-up"
import { thermalTransmittance } from "../assembly/thermal-transmittance"
import type { Detail } from "../conduction/detail"
import { memberDetail } from "../conduction/member-detail"
import { memoised } from "../memoised"
import { pitchOf } from "../shell/members"
import type { Construction } from "./construction"
import { place } from "./place"
import { type Bridge, bridgeAt, type SolvedDetails } from "./solved-details"
import type { SurfaceId } from "./surface"

/** Members of one set on a surface, solved in two dimensions. */
export interface MemberBridge extends Bridge {
  id: string
  set: MemberSet
  /** Share of the surface that they take. */
  fraction: number
}

/** The stretch of a build-up around one member of a set, and its ψ by the combined method; null where none can be drawn. */
export const memberDetailOf = memoised(
  ({ governing: layers, governingFilms: films, adjacent }: Construction, set: string): { detail: Detail; estimate: number } | null => {
    const members = membersOf(layers).find(({ id }) => id === set)?.set
    if (!members || adjacent.kind === "ground") return null
    const pitch = Math.max(pitchOf(members), members.width)
    const detail = memberDetail(layers, set, pitch, films)
    if (!detail) return null
    // The same stretch: this set at its pitch, and no other.
    const stretch = withoutMembers(layers, ({ id }) => id !== set).map((layer) => ({
      ...layer,
      members: layer.members.map((one) => ({ ...one, fraction: members.width / pitch })),
    }))
    const input = { direction: films.direction, layers: transmittanceLayers(stretch), rsi: films.inside, rse: films.outside }
    return { detail, estimate: pitch / thermalTransmittance(input).resistanceTotal - detail.oneDimensional }
  },
)

/** ψ of the sets for which the combined method does not hold. */
export function memberBridges(surface: SurfaceId, construction: Construction, solved: SolvedDetails): MemberBridge[] {
  const members = membersOf(construction.governing)
  return construction.sets.flatMap((id) => {
    const found = memberDetailOf(construction, id)
    if (!found) return []
    const { set, fraction } = members.find((one) => one.id === id)!
    return [{ ...bridgeAt(place.member(surface, id), found.detail, found.estimate, solved), id, set, fraction }]
  })
}
