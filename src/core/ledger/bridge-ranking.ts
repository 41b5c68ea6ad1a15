import type { BridgeOutput } from "../../schema/bridge"
import type { MemberSet } from "../../schema/job/build-up"
import { memberSets } from "../assembly/build-up"
import { type MemberBridge, memberBridge } from "../conduction/member-detail"
import type { FaceFigures } from "./face-figures"
import type { Ledger } from "./ledger"
import { type FaceDetail, faceDetail } from "./member-bridge"

/** All members of one set on one face, ready to be solved in two dimensions. */
export interface SetOnFace {
  figures: FaceFigures
  id: string
  set: MemberSet
  /** Of all its sticks, plates and ends, openings left out: their share of the face over the width of one, m. */
  length: number
  detail: FaceDetail
}

/** Every set of members on every face that has one and two airs beside it. */
export function setsOnFaces({ faces, conditions }: Ledger): SetOnFace[] {
  return faces.flatMap((figures) =>
    memberSets(figures.layers).flatMap(([id, set]) => {
      const detail = faceDetail(figures, id, conditions)
      const { fraction } = figures.layers.find(({ layer }) => layer.between === id)!
      return detail ? [{ figures, id, set, length: (fraction * figures.netArea) / set.width, detail }] : []
    }),
  )
}

/** What a set on a face costs beyond the bare build-up. */
export interface RankedBridge extends SetOnFace {
  bridge: MemberBridge
  /** W in the season that drives most heat through it. */
  watts: number
  /** The inside face over a member is colder than the room's dew point. */
  sweats: boolean
}

/** The sets by what they cost, the most first: ψ times their length times the difference of the two airs. */
export function rankedBridges(sets: readonly SetOnFace[], solved: readonly BridgeOutput[]): RankedBridge[] {
  return sets
    .map((one, i): RankedBridge => {
      const { climate, dewPoint, body } = one.detail
      const bridge = memberBridge(one.figures.layers, body, solved[i]!, climate)
      const difference = Math.abs(climate.inside.temperature - climate.outside.temperature)
      const cold = climate.inside.temperature > climate.outside.temperature
      return {
        ...one,
        bridge,
        watts: bridge.linear * one.length * difference,
        sweats: cold && dewPoint !== null && bridge.coldestInside < dewPoint,
      }
    })
    .sort((a, b) => b.watts - a.watts)
}
