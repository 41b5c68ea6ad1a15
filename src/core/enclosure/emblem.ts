import type { MaterialClass } from "../../schema/material"
import { onPelt, type Point } from "../shell/face"
import type { SurfaceFigures } from "./surface-figures"

/** A pelt as an emblem: outlines on the pelt, m to the millimetre, and what mostly insulates each face. */
export type Emblem = { id: string; outline: Point[]; material: MaterialClass }[]

/** The class of the layer that insulates most. */
export function mainClass({ layers }: Pick<SurfaceFigures, "layers">): MaterialClass {
  return layers.reduce((best, layer) => ((layer.declaredResistance ?? 0) > (best.declaredResistance ?? 0) ? layer : best)).material.class
}

/** The emblem of a job's surfaces. */
export const emblemOf = (surfaces: readonly SurfaceFigures[]): Emblem =>
  surfaces.map((figures) => ({
    id: figures.id,
    outline: figures.face.outline.map((corner) => toMillimetres(onPelt(figures.face.place, corner))),
    material: mainClass(figures),
  }))

const toMillimetres = ([x, y]: Point): Point => [Math.round(x * 1000) / 1000, Math.round(y * 1000) / 1000]
