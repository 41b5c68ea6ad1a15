"use client"
import type { SurfaceFigures } from "../../core/enclosure/surface-figures"
import { boxOutlinesOn } from "../../core/shell/floor-boxes"
import type { Face } from "../../core/shell/face"
import type { SurfaceId } from "../../core/enclosure/surface"
import type { Shell } from "../../schema/job/shell"
import type { Paint } from "../overlays/overlay"
import { faceButton } from "./face-button"
import { hatch } from "./hatches"
import { outlineOn, pathText, type View } from "./pelt-view"

interface Props {
  figures: SurfaceFigures
  shell: Shell
  floor: Face
  paint: Paint
  view: View
  hatches: string
  chosen: boolean
  onChoose: (surface: SurfaceId) => void
}

/** The skin of a box on the floor as a button: where it stands against its wall, and its foot. */
export function BoxDrawing({ figures, shell, floor, paint, view, hatches, chosen, onChoose }: Props) {
  const id = figures.box!
  const own = { form: shell.form, boxes: { [id]: shell.boxes[id]! } }
  const outlines = [figures.face, floor].flatMap((face) => boxOutlinesOn(face, own).map((outline) => outlineOn(face, outline, view)))
  const path = pathText(outlines)
  return (
    <g {...faceButton(figures, paint, chosen, onChoose)}>
      <path d={path} fill={paint.fill ?? "var(--sheet)"} />
      {paint.hatch ? <path d={path} fill={hatch(hatches, paint.hatch)} /> : null}
      <path
        d={path}
        fill="none"
        stroke={chosen ? "var(--spruce)" : "var(--ink)"}
        strokeWidth={chosen ? 3 : 1.2}
        strokeDasharray="9 3"
        className="group-focus-visible:stroke-spruce group-focus-visible:[stroke-width:3px]"
      />
    </g>
  )
}
