import type { Cure } from "../core/ledger/cure"
import { addLayer } from "./assembly-edits"
import type { Edit } from "./edit"
import { setPart } from "./shell-edits"

/** What a cure changes in a job. @param id of the layer that it adds, if it adds one */
export function cureEdit(cure: Cure, id: string): Edit {
  switch (cure.kind) {
    case "layer":
      return addLayer(cure.assembly, id, cure.material, cure.at, cure.thickness)
    case "bar":
      return setPart("penetrations", cure.penetration, { break: cure.break })
    case "frame":
      return {
        label: "A break in a frame",
        recipe: ({ shell }) => {
          const opening = shell.openings[cure.opening]
          if (opening?.frame) opening.frame.break = cure.break
        },
      }
  }
}
