"use client"
import type { Candidate } from "../../core/material/search"
import { SideBySide } from "../primitives/side-by-side"
import { COLUMNS, LINES } from "./figures"
import { useWriting } from "../writing/writing"

interface Props {
  layers: readonly Candidate[]
  onTake: (layer: Candidate) => void
  onAway: (id: string) => void
}

/** Materials side by side, with all that the catalogue says of them. */
export function Compare({ layers, onTake, onAway }: Props) {
  const writing = useWriting()
  return (
    <SideBySide
      columns={layers.map((layer) => ({
        id: layer.id,
        name: layer.material.name,
        onAway: () => onAway(layer.id),
        take: { words: "Take", onTake: () => onTake(layer) },
      }))}
      lines={[
        ...COLUMNS.map(({ name, of }) => ({ name: name(writing), texts: layers.map((layer) => of(layer, writing)) })),
        ...LINES.map(({ name, of }) => ({ name, texts: layers.map(({ material }) => of(material, writing)) })),
      ]}
    />
  )
}
