import { unusualSize } from "../../core/shell/usual-size"
import type { Dimension } from "../../schema/job/form"
import type { JobKind } from "../../schema/job/job"

const CALLED: Record<JobKind, string> = {
  van: "van",
  cabin: "towed cabin",
  "cold-room": "cold room",
  shed: "shed",
  "post-frame": "post-frame building",
}

/** What is asked before a measure is taken that no such enclosure has. @param length writes one */
export const sizeDoubt =
  (kind: JobKind, dimension: Dimension, length: (value: number) => string) =>
  (value: number): string | null => {
    const usual = unusualSize(kind, dimension, value)
    return usual && `${length(value)} is not the size of a ${CALLED[kind]}, which has ${length(usual.least)} to ${length(usual.most)} here.`
  }
