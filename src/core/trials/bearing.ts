import type { Material } from "../../schema/material"
import type { JobState } from "../enclosure/job-state"

/** Whether a layer carries what stands on it: one that runs on right through a floor. */
export const mustBear = ({ variant }: JobState, assembly: string, layer: string): boolean =>
  variant.wears.floor === assembly && variant.assemblies[assembly]!.layers[layer]!.between === null

/** Whether a stuff can lie under what bears: nothing loose, and nothing that gives way. */
export const canBear = ({ application, compressiveStrength }: Material): boolean => application !== "loose" && compressiveStrength !== null
