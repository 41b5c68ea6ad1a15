import type { JobKind } from "../../schema/job/job"
import type { BuiltLayer } from "../assembly/build-up"

/** Cautions that belong to a kind of enclosure, each with the kind of rule that decides. */
const BY_KIND: Record<JobKind, readonly string[]> = {
  van: [
    "A burner or stove without a flue, or a generator nearby, kills: carbon monoxide alarm and outdoor air where people sleep. Your local code and the maker’s sheet decide.",
    "The gross weight on the vehicle’s plate is a limit by law: weigh it loaded.",
  ],
  cabin: [
    "A burner or stove without a flue kills: carbon monoxide alarm, outdoor air, and the maker’s clearances. A licensed trade decides.",
    "The tow vehicle’s and the frame’s rated weights are limits by law: weigh it loaded.",
  ],
  "cold-room": [
    "A person must be able to open the door from inside at any time, with the light on.",
    "Refrigerant is work for a licensed trade; do not override an air conditioner’s own controls.",
  ],
  shed: [
    "A stove needs outdoor air, clearances and a carbon monoxide alarm where people sleep; your local code decides.",
    "Snow, wind and hold-down of frame and roof belong to an engineer.",
  ],
  "post-frame": [
    "Snow, wind and hold-down of posts and trusses belong to an engineer.",
    "Fuel burners and running engines need exhaust and outdoor air; your local code decides.",
  ],
}

/** What can hurt people in an enclosure of a kind, in plain sentences. */
export const cautionsFor = (kind: JobKind): readonly string[] => BY_KIND[kind]

/** Cautions that the layers of a build-up call for. */
export function layerCautions(layers: readonly BuiltLayer[]): string[] {
  const cautions: string[] = []
  const foam = layers.find(({ material }) => material.fire.needsCover)
  if (foam)
    cautions.push(
      `${foam.material.name} ${foam.material.fire.reaction}: in most occupied spaces it needs an approved thermal or ignition barrier. Your local code and the maker’s sheet decide.`,
    )
  if (layers.some(({ material }) => material.application === "sprayed"))
    cautions.push(
      "Sprayed foam: fumes, heat by lift thickness and time before re-entry are in the maker’s sheet; a licensed applicator decides.",
    )
  if (layers.some(({ material }) => material.class === "fibre")) cautions.push("Fibre dust: mask, gloves and long sleeves while cutting.")
  return cautions
}
