import type { MemberSet } from "../../schema/job/build-up"
import type { FaceId, Shell } from "../../schema/job/shell"
import type { Face } from "./face"
import { type Holes, type MemberLayout, memberLayout } from "./members"
import { notchStrips } from "./notch"

const drawn = new WeakMap<Shell, Map<FaceId, WeakMap<MemberSet, MemberLayout>>>()

/** A set of members as it stands on a face of a shell; drawn once for each state of both. */
export function framingOn(shell: Shell, face: Face, set: MemberSet): MemberLayout {
  const faces = drawn.get(shell) ?? new Map<FaceId, WeakMap<MemberSet, MemberLayout>>()
  drawn.set(shell, faces)
  const sets = faces.get(face.id) ?? new WeakMap<MemberSet, MemberLayout>()
  faces.set(face.id, sets)
  const layout = sets.get(set) ?? memberLayout(face, set, holesOf(shell, face))
  sets.set(set, layout)
  return layout
}

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
