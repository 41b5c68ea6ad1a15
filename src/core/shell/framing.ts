import type { MemberSet } from "../../schema/job/build-up"
import type { FaceId, Shell } from "../../schema/job/shell"
import { memoised } from "../memoised"
import type { Face } from "./face"
import { type MemberLayout, memberLayout } from "./members"
import { notchStrips } from "./notch"
import type { Holes, Region } from "./zones"

/** A face, and so much of it as has one build-up. */
export interface FaceRegion {
  face: Face
  region: Region
}

/** All of a face, as if it had no zones. */
export const undivided = memoised(<F extends Pick<Face, "outline">>(face: F): { face: F; region: Region } => ({
  face,
  region: { outline: face.outline, own: null, over: [], behind: [] },
}))

/** A set of members as it stands on a face of a shell or a part of it; drawn once for each state of both. */
export const framingOn = (shell: Shell, { face, region }: FaceRegion, set: MemberSet): MemberLayout =>
  layoutBeside(set, face.outline, region, face.id, holesText(face.outline, face.id, shell.openings, shell.notches))

const layoutBeside = memoised((set: MemberSet, outline: Face["outline"], region: Region, id: FaceId, holes: string) =>
  memberLayout({ id, outline, region }, set, JSON.parse(holes) as Holes),
)

/** Holes as a text, so that an opening with another name is the same hole. */
const holesText = memoised((outline: Face["outline"], id: FaceId, openings: Shell["openings"], notches: Shell["notches"]) =>
  JSON.stringify(holesOn({ id, outline }, { openings, notches })),
)

/** What share of it the members take: typed, else counted from the drawing. */
export function memberShare(shell: Shell, on: FaceRegion, set: MemberSet): number {
  return set.share ?? framingOn(shell, on, set).drawn
}

/** Openings and notches of a face. */
export function holesOn(face: Pick<Face, "id" | "outline">, { openings, notches }: Pick<Shell, "openings" | "notches">): Holes {
  return {
    openings: Object.values(openings)
      .filter((opening) => opening.face === face.id)
      .map(({ x, y, width, height }) => ({ x, y, width, height })),
    pieces: Object.values(notches)
      .filter((notch) => notch.face === face.id)
      .flatMap((notch) => notchStrips(face, notch)),
  }
}
