"use client"
import { useId } from "react"
import type { SurfaceFigures } from "../../core/enclosure/surface-figures"
import { onPelt } from "../../core/shell/face"
import { hatch, HatchPatterns } from "./hatches"
import { mainClass } from "../overlays/materials"
import { fit } from "./pelt-view"

/** A pelt as an emblem: outlines and hatching, no words; the scale can be shared between several. */
export function SmallPelt({ surfaces, width, height }: { surfaces: readonly SurfaceFigures[]; width: number; height: number }) {
  const name = useId()
  const view = fit(
    surfaces.map((figures) => figures.face),
    { width, height },
    4,
  )
  return (
    <svg viewBox={`0 0 ${width} ${height}`} width={width} height={height} aria-hidden className="max-w-full">
      <HatchPatterns name={name} />
      {surfaces.map((figures) => {
        const outline = figures.face.outline.map((corner) => view.at(onPelt(figures.face.place, corner)).join(",")).join(" ")
        return (
          <g key={figures.id}>
            <polygon points={outline} fill="var(--sheet)" />
            <polygon points={outline} fill={hatch(name, mainClass(figures))} stroke="var(--ink)" strokeWidth={1.1} />
          </g>
        )
      })}
    </svg>
  )
}
