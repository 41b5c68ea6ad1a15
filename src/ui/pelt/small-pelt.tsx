"use client"
import { useId } from "react"
import type { Emblem } from "../../core/enclosure/emblem"
import { boundsOf } from "../../core/shell/polygon"
import { hatch, HatchPatterns } from "./hatches"
import { fitBounds, pointsText } from "./pelt-view"

/** A pelt as an emblem: outlines and hatching, no words. */
export function SmallPelt({ emblem, width, height }: { emblem: Emblem; width: number; height: number }) {
  const name = useId()
  const view = fitBounds(boundsOf(emblem.flatMap(({ outline }) => outline)), { width, height }, 4)
  const kinds = new Set(emblem.map(({ material }) => material))
  return (
    <svg viewBox={`0 0 ${width} ${height}`} width={width} height={height} aria-hidden className="max-w-full">
      <HatchPatterns name={name} of={kinds} />
      {emblem.map(({ id, outline, material }) => {
        const points = pointsText(outline.map((corner) => view.at(corner).map(Math.round) as [number, number]))
        return (
          <g key={id} stroke="var(--ink)" strokeWidth={1.1}>
            <polygon points={points} fill="var(--sheet)" />
            <polygon points={points} fill={hatch(name, material)} />
          </g>
        )
      })}
    </svg>
  )
}
