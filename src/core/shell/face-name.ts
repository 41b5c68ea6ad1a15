import type { FormKind } from "../../schema/job/form"
import type { JobKind } from "../../schema/job/job"
import type { FaceId } from "../../schema/job/shell"

const NAMES: Record<FaceId, string> = {
  floor: "Floor",
  left: "Left wall",
  right: "Right wall",
  front: "Front wall",
  back: "Back wall",
  roof: "Roof",
  "roof-left": "Left roof",
  "roof-right": "Right roof",
  "roof-front": "Front roof",
  "roof-back": "Back roof",
}

/** Names that a kind of enclosure has for its faces. */
const OWN_NAMES: Partial<Record<JobKind, Partial<Record<FaceId, string>>>> = {
  van: { front: "Bulkhead", back: "Rear doors" },
  "cold-room": { roof: "Ceiling" },
  shed: { front: "Front gable", back: "Back gable" },
  "post-frame": { front: "Front gable", back: "Back gable" },
}

/** What a face is called in a job of a kind and form. */
export function faceName(id: FaceId, kind: JobKind, form: FormKind): string {
  const own = OWN_NAMES[kind]?.[id]
  if (own === undefined || (own.endsWith("gable") && form !== "gable")) return NAMES[id]
  return own
}

const POINTS = ["north", "north-east", "east", "south-east", "south", "south-west", "west", "north-west"] as const

/** Compass direction in words. */
export function compassPoint(azimuth: number): string {
  return POINTS[Math.round(azimuth / 45) % 8]!
}
