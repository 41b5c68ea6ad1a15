"use client"
import { place } from "../../../core/enclosure/place"
import { sum } from "../../../core/numeric/sum"
import type { HeatPart } from "../../../core/steady/heat-loss"
import { useJobStore } from "../../job/job-store"
import { useLedger } from "../../job/use-ledger"
import { useWriting } from "../../writing/writing"

/** Edges, reveals and corners as one part: each by itself is in the table of bridges. */
function pathsTogether(parts: readonly HeatPart[]): HeatPart[] {
  const paths = parts.filter(({ kind }) => kind === "path")
  const rest = parts.filter(({ kind }) => kind !== "path")
  if (paths.length === 0) return rest
  return [...rest, { kind: "path", place: paths[0]!.place, name: "Corners and edges", heat: sum(paths.map(({ heat }) => heat)) }]
}

/** Parts of a flow, greatest first; what flows the other way is said so. */
export function HeatBars({ parts, token }: { parts: readonly HeatPart[]; token: "ember" | "ochre" }) {
  const { write } = useWriting()
  const store = useJobStore()
  const sorted = pathsTogether(parts).sort((a, b) => b.heat - a.heat)
  const greatest = Math.max(...sorted.map(({ heat }) => Math.abs(heat)), 1e-9)
  const { surfaces } = useLedger()
  return (
    <ul className="grid gap-1">
      {sorted.map((part) => {
        const face = surfaces.find(
          ({ id, closures }) => place.surface(id) === part.place || closures.some((closure) => closure.place === part.place),
        )
        return (
          <li key={part.place} className="grid grid-cols-[minmax(0,15rem)_minmax(4rem,1fr)_5.5rem] items-center gap-3">
            {face ? (
              <button
                type="button"
                className="truncate text-left hover:underline"
                onClick={() => store.choose({ face: face.id, layer: null })}
              >
                {part.name}
              </button>
            ) : (
              <span>{part.name}</span>
            )}
            <span className="h-4">
              <span
                className={`block h-full ${part.heat < 0 ? "border border-frost" : token === "ember" ? "bg-ember/80" : "bg-ochre/90"}`}
                style={{ width: `${(Math.abs(part.heat) / greatest) * 100}%` }}
              />
            </span>
            <span className="text-right font-semibold whitespace-nowrap">{write("power", part.heat)}</span>
          </li>
        )
      })}
    </ul>
  )
}
