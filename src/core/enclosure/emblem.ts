import type { MaterialClass } from "../../schema/material"
import { onPelt, type Point } from "../shell/face"
import { peltBounds } from "../shell/pelt-layout"
import type { SurfaceFigures } from "./surface-figures"

/** A pelt as an emblem: outlines of faces by what mostly insulates them, in whole units, within a square of `SIDE`. */
export type Emblem = { material: MaterialClass; outlines: Point[][] }[]

const SIDE = 999
/** Corners nearer to the one before are left out: an arch is drawn from dozens. */
const NEAR = 10

/** The class of the layer that insulates most. */
export function mainClass({ layers }: Pick<SurfaceFigures, "layers">): MaterialClass {
  return layers.reduce((best, layer) => ((layer.declaredResistance ?? 0) > (best.declaredResistance ?? 0) ? layer : best)).material.class
}

/** The emblem of a job's surfaces; zones are too small for it, but where they make up a face. */
export function emblemOf(all: readonly SurfaceFigures[]): Emblem {
  const surfaces = all.filter(({ face }, i) => all.findIndex((one) => one.face.id === face.id) === i)
  const { left, right, low, high } = peltBounds(surfaces.map(({ face }) => face))
  const scale = SIDE / Math.max(right - left, high - low)
  const drawn = ({ face }: SurfaceFigures): Point[] =>
    withoutNear(
      face.outline.map((corner): Point => {
        const [x, y] = onPelt(face.place, corner)
        return [Math.round((x - left) * scale), Math.round((y - low) * scale)]
      }),
    )
  const materials = [...new Set(surfaces.map(mainClass))]
  return materials.map((material) => ({
    material,
    outlines: surfaces.filter((figures) => mainClass(figures) === material).map(drawn),
  }))
}

const withoutNear = (corners: readonly Point[]): Point[] =>
  corners.reduce<Point[]>((kept, [x, y]) => {
    const [px, py] = kept.at(-1) ?? [Infinity, Infinity]
    return Math.hypot(x - px, y - py) < NEAR ? kept : [...kept, [x, y]]
  }, [])
