import type { Dimension } from "../edit/shell-edits"
import type { Form } from "../schema/job/job"

/** What is measured of each form, in the order in which one asks for it. */
export const DIMENSIONS: Record<Form["kind"], readonly { dimension: Dimension; label: string }[]> = {
  box: [
    { dimension: "length", label: "Length" },
    { dimension: "width", label: "Width" },
    { dimension: "height", label: "Height" },
  ],
  gable: [
    { dimension: "length", label: "Length, along the ridge" },
    { dimension: "width", label: "Width" },
    { dimension: "wallHeight", label: "Height at the eaves" },
    { dimension: "ridgeHeight", label: "Height at the ridge" },
  ],
}
