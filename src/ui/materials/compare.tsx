"use client"
import type { Candidate } from "../../core/material/search"
import { useJob } from "../job/job-store"
import { SideBySide } from "../primitives/side-by-side"
import { COLUMNS, LINES } from "./figures"

interface Props {
  layers: readonly Candidate[]
  onTake: (layer: Candidate) => void
  onAway: (id: string) => void
}

/** Materials side by side, with all that the catalogue says of them. */
export function Compare({ layers, onTake, onAway }: Props) {
  const { units } = useJob()
  return (
    <SideBySide
      columns={layers.map((layer) => ({
        id: layer.id,
        name: layer.material.name,
        onAway: () => onAway(layer.id),
        take: { words: "Take", onTake: () => onTake(layer) },
      }))}
      lines={[
        ...COLUMNS.map(({ name, of }) => ({ name: name(units), texts: layers.map((layer) => of(layer, units)) })),
        ...LINES.map(({ name, of }) => ({ name, texts: layers.map(({ material }) => of(material, units)) })),
      ]}
    />
  )
}
