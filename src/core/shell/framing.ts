import type { MemberSet } from "../../schema/job/build-up"
import type { FaceId, Shell } from "../../schema/job/shell"
import { memoised } from "../memoised"
import type { Face } from "./face"
import { type Holes, type MemberLayout, memberLayout } from "./members"
import { notchStrips } from "./notch"

/** A set of members as it stands on a face of a shell; drawn once for each state of both. */
export const framingOn = (shell: Shell, face: Face, set: MemberSet): MemberLayout =>
  layoutBeside(set, face.outline, face.id, holesText(face.outline, face.id, shell.openings, shell.notches))

const layoutBeside = memoised((set: MemberSet, outline: Face["outline"], id: FaceId, holes: string) =>
  memberLayout({ id, outline }, set, JSON.parse(holes) as Holes),
)

/** Holes as a text, so that an opening with another name is the same hole. */
const holesText = memoised((outline: Face["outline"], id: FaceId, openings: Shell["openings"], notches: Shell["notches"]) =>
  JSON.stringify(holesOf({ id, outline }, openings, notches)),
)

/** What share of the face the members take: typed, else counted from the drawing. */
export function memberShare(shell: Shell, face: Face, set: MemberSet): number {
  return set.share ?? framingOn(shell, face, set).drawn
}

/** Openings and notches of a face. */
function holesOf(face: Pick<Face, "id" | "outline">, openings: Shell["openings"], notches: Shell["notches"]): Holes {
  return {
    openings: Object.values(openings)
      .filter((opening) => opening.face === face.id)
      .map(({ x, y, width, height }) => ({ x, y, width, height })),
    pieces: Object.values(notches)
      .filter((notch) => notch.face === face.id)
      .flatMap((notch) => notchStrips(face, notch)),
  }
}
