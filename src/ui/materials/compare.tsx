"use client"
import { X } from "lucide-react"
import type { Candidate } from "../../core/material/search"
import { useJob } from "../job/job-store"
import { Button, IconButton } from "../primitives/button"
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
    <section aria-label="Side by side" className="overflow-x-auto border-b border-seam pb-3">
      <table className="w-full border-collapse text-dense">
        <thead>
          <tr className="border-b border-seam align-bottom">
            <td />
            {layers.map(({ id, material }) => (
              <th key={id} scope="col" className="py-1 pl-4 text-left font-semibold">
                <span className="flex items-end gap-1">
                  {material.name}
                  <IconButton name={`Put ${material.name} away`} onClick={() => onAway(id)}>
                    <X size={14} aria-hidden />
                  </IconButton>
                </span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {COLUMNS.map(({ name, of }) => (
            <Line key={name(units)} name={name(units)} texts={layers.map((layer) => of(layer, units))} />
          ))}
          {LINES.map(({ name, of }) => (
            <Line key={name} name={name} texts={layers.map(({ material }) => of(material, units))} />
          ))}
          <tr>
            <td />
            {layers.map((layer) => (
              <td key={layer.id} className="pt-2 pl-4">
                <Button aria-label={`Take ${layer.material.name}`} onClick={() => onTake(layer)}>
                  Take
                </Button>
              </td>
            ))}
          </tr>
        </tbody>
      </table>
    </section>
  )
}

function Line({ name, texts }: { name: string; texts: readonly string[] }) {
  return (
    <tr className="border-b border-seam align-top">
      <th scope="row" className="py-[3px] text-left font-normal whitespace-nowrap text-graphite">
        {name}
      </th>
      {texts.map((text, i) => (
        <td key={i} className="py-[3px] pl-4">
          {text}
        </td>
      ))}
    </tr>
  )
}
