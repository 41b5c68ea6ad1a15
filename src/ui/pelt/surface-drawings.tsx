"use client"
import type { SurfaceFigures } from "../../core/enclosure/surface-figures"
import { floorOf } from "../../core/enclosure/surface-figures"
import type { SurfaceId } from "../../core/enclosure/surface"
import type { Shell } from "../../schema/job/shell"
import type { Paint } from "../overlays/overlay"
import { BoxDrawing } from "./box-drawing"
import { FaceDrawing } from "./face-drawing"
import type { View } from "./pelt-view"

interface Props {
  surfaces: readonly SurfaceFigures[]
  shell: Shell
  paintOf: (surface: SurfaceFigures) => Paint
  lengths: boolean
  view: View
  hatches: string
  chosen: SurfaceId | null
  onChoose: (surface: SurfaceId) => void
}

/** All surfaces on the pelt: zones lie on their faces; of both the chosen one is drawn last, so that its outline lies over its neighbours'. */
export function SurfaceDrawings({ surfaces, paintOf, lengths, chosen, ...shared }: Props) {
  const last = ({ id, zone }: SurfaceFigures) => 2 * Number(zone !== null) + Number(id === chosen)
  const floor = floorOf(surfaces).face
  return [...surfaces]
    .sort((a, b) => last(a) - last(b))
    .map((figures) => {
      const own = { ...shared, figures, paint: paintOf(figures), chosen: figures.id === chosen }
      return figures.box === null ? (
        <FaceDrawing key={figures.id} {...own} lengths={lengths} />
      ) : (
        <BoxDrawing key={figures.id} {...own} floor={floor} />
      )
    })
}
