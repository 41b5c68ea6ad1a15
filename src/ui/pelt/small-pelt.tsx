"use client"
import { useId } from "react"
import type { Emblem } from "../../core/enclosure/emblem"
import { boundsOf } from "../../core/shell/polygon"
import { hatch, HatchPatterns } from "./hatches"
import { fitBounds, pathText } from "./pelt-view"

/** A pelt as an emblem: outlines and hatching, no words. */
export function SmallPelt({ emblem, width, height }: { emblem: Emblem; width: number; height: number }) {
  const name = useId()
  const view = fitBounds(boundsOf(emblem.flatMap(({ outlines }) => outlines.flat())), { width, height }, 4, 1, 0)
  const path = (outlines: Emblem[number]["outlines"]) => pathText(outlines.map((outline) => outline.map(view.at)))
  return (
    <svg viewBox={`0 0 ${width} ${height}`} width={width} height={height} aria-hidden className="max-w-full">
      <HatchPatterns name={name} of={emblem.map(({ material }) => material)} />
      <path d={path(emblem.flatMap(({ outlines }) => outlines))} fill="var(--sheet)" />
      {emblem.map(({ material, outlines }) => (
        <path key={material} d={path(outlines)} fill={hatch(name, material)} stroke="var(--ink)" strokeWidth={1.1} />
      ))}
    </svg>
  )
}
