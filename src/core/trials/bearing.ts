import type { Material } from "../../schema/material"
import type { Variant } from "../../schema/job/job"
import type { Shell } from "../../schema/job/shell"
import type { JobState } from "../enclosure/job-state"
import { surfacesOf } from "../enclosure/surface"

/** Whether a layer carries what stands on it: one that runs on right through a floor. */
export const mustBear = ({ shell, variant }: JobState, assembly: string, layer: string): boolean =>
  floorsOf(shell, variant).includes(assembly) && variant.assemblies[assembly]!.layers[layer]!.between === null

/** Build-ups of the floor and its zones. */
const floorsOf = (shell: Shell, variant: Variant): string[] =>
  surfacesOf(shell, variant).flatMap(({ face, box, assembly: worn }) => (face.part === "floor" && box === null ? [worn] : []))

/** Whether a stuff can lie under what bears: nothing loose, and nothing that gives way. */
export const canBear = ({ application, compressiveStrength }: Material): boolean => application !== "loose" && compressiveStrength !== null
