import { partOf } from "../../core/shell/face"
import { type ChosenPart, isChosen } from "../job/selection"
import type { SurfaceFigures } from "../../core/enclosure/surface-figures"
import { boundsOf } from "../../core/shell/polygon"
import type { Edit } from "../../edit/edit"
import { setDimension, setPart } from "../../edit/shell-edits"
import type { Dimension, FormKind } from "../../schema/job/form"
import type { FaceId, Shell } from "../../schema/job/shell"
import { boxesOn } from "../../core/shell/floor-boxes"

/** A length on a face that can be read, and typed where it is a measure of its own. */
export interface FaceLength {
  id: string
  axis: "x" | "y"
  /** m in the face's own coordinates */
  from: number
  to: number
  label: string
  /** The edit that a typed length asks for; null where the length follows from others. */
  edit: ((length: number) => Edit) | null
  /** The measure of the shell that it is, if it is one. */
  measure?: Dimension | null
}

/** More openings than this are measured one at a time: the chosen one. */
const AT_ONCE = 3

/** All lengths of a face, its openings' and its boxes'. */
export function faceLengths(figures: SurfaceFigures, shell: Shell, chosen: ChosenPart | null): FaceLength[] {
  const { left, right, low, high } = boundsOf(figures.face.outline)
  const few = figures.openings.length <= AT_ONCE
  const [along, up] = [runMeasure(figures.face.id), heightMeasure(figures.face.id, shell.form.kind)]
  const whole: FaceLength[] = [
    {
      id: "run",
      axis: "x",
      from: left,
      to: right,
      label: `${figures.name}, along`,
      edit: along && ((length) => setDimension(along, length)),
      measure: along,
    },
    {
      id: "rise",
      axis: "y",
      from: low,
      to: high,
      label: `${figures.name}, up`,
      edit: up && ((length) => setDimension(up, length)),
      measure: up,
    },
  ]
  const eaves = figures.id === "front" || figures.id === "back" ? eavesOf(shell) : null
  if (eaves)
    whole.push({
      id: "eaves",
      axis: "y",
      from: 0,
      to: eaves.height,
      label: `${figures.name}, to the eaves`,
      edit: (length) => setDimension(eaves.dimension, length),
      measure: eaves.dimension,
    })
  const openings = figures.openings
    .filter(({ id }) => few || isChosen(chosen, "openings", id))
    .flatMap(({ id, opening }) => openingLengths(id, opening))
  return [...whole, ...openings, ...boxLengths(figures, shell)]
}

function openingLengths(id: string, { name, x, y, width, height }: Shell["openings"][string]): FaceLength[] {
  const length = (key: "x" | "y" | "width" | "height", axis: "x" | "y", from: number, to: number, words: string): FaceLength => ({
    id: `${id}-${key}`,
    axis,
    from,
    to,
    label: `${name}, ${words}`,
    edit: (value) => setPart("openings", id, { [key]: value }),
  })
  return [
    ...(x > 0 ? [length("x", "x", 0, x, "from the left")] : []),
    length("width", "x", x, x + width, "width"),
    ...(y > 0 ? [length("y", "y", 0, y, "from below")] : []),
    length("height", "y", y, y + height, "height"),
  ]
}

/** A box's own length, on the wall that it stands against. */
function boxLengths({ id: face, face: shape }: SurfaceFigures, shell: Shell): FaceLength[] {
  if (face !== "left" && face !== "right") return []
  const places = boxesOn(shape, shell)
  return Object.entries(shell.boxes)
    .filter(([, box]) => box.side === face)
    .map(([id, { name }], i): FaceLength => {
      const { x, width } = places[i]!
      return {
        id: `${id}-length`,
        axis: "x",
        from: x,
        to: x + width,
        label: `${name}, length`,
        edit: (value) => setPart("boxes", id, { length: value }),
      }
    })
}

const runMeasure = (face: FaceId): Dimension | null => (["front", "back", "roof-front", "roof-back"].includes(face) ? "width" : "length")

/** The measure that a face's height is; none where it is developed from others. */
function heightMeasure(face: FaceId, form: FormKind): Dimension | null {
  if (partOf(face) === "floor") return "width"
  if (face.startsWith("roof")) return form === "box" ? "width" : null
  const side = face === "left" || face === "right"
  switch (form) {
    case "box":
      return "height"
    case "shed":
      return face === "right" ? "rightHeight" : face === "left" ? "leftHeight" : null
    case "gable":
      return side ? "wallHeight" : "ridgeHeight"
    case "hip":
      return "wallHeight"
    case "arch":
      return side ? "wallHeight" : "crownHeight"
    case "van":
      return side ? null : "crownHeight"
  }
}

function eavesOf({ form }: Shell): { dimension: Dimension; height: number } | null {
  if (form.kind === "gable" || form.kind === "arch") return { dimension: "wallHeight", height: form.wallHeight }
  return form.kind === "van" ? { dimension: "shoulderHeight", height: form.shoulderHeight } : null
}
