import type { MemberSet } from "../../schema/job/build-up"
import type { Shell } from "../../schema/job/shell"
import { kept } from "../kept"
import type { Face } from "./face"
import { type Holes, type MemberLayout, memberLayout } from "./members"
import { notchStrips } from "./notch"

/** A set of members as it stands on a face of a shell; drawn once for each state of both. */
export const framingOn = kept((shell: Shell, face: Face, set: MemberSet): MemberLayout => memberLayout(face, set, holesOf(shell, face)))

/** What share of the face the members take: typed, else counted from the drawing. */
export function memberShare(shell: Shell, face: Face, set: MemberSet): number {
  return set.share ?? framingOn(shell, face, set).drawn
}

/** Openings and notches of a face. */
export function holesOf(shell: Shell, face: Face): Holes {
  return {
    openings: Object.values(shell.openings).filter((opening) => opening.face === face.id),
    pieces: Object.values(shell.notches)
      .filter((notch) => notch.face === face.id)
      .flatMap((notch) => notchStrips(face, notch)),
  }
}
