import type { MaterialClass } from "../../schema/material"

interface Tile {
  width: number
  height: number
  /** Path of its lines; dots are lines of no length with round ends. */
  lines: string
  weight: number
  dash?: [number, number]
  /** Painted over and over. */
  full?: true
}

/** How each class of material is hatched; two classes that look alike to the eye are told apart by name as well. */
export const TILES: Record<Exclude<MaterialClass, "air">, Tile> = {
  fibre: { width: 12, height: 16, weight: 0.9, lines: "M1 16C1 4 3 2 6 2s5 2 5 14M-5 8c0 6 2 6 6 6M7 14c4 0 6 0 6-6" },
  foam: { width: 9, height: 9, weight: 1.7, lines: "M2 2h.01M6.5 6.5h.01" },
  wood: { width: 26, height: 9, weight: 0.9, lines: "M0 2.5c7-1.6 12 1.6 26 0M0 7c10 1.6 17-1.6 26 0" },
  board: { width: 14, height: 8, weight: 0.9, lines: "M0 2h8M6 6h8" },
  metal: { width: 6, height: 6, weight: 0.9, lines: "M-1 7L7-1M-1 1L1-1M5 7L7 5" },
  stone: { width: 16, height: 14, weight: 0.9, lines: "M3 3l2 1-1 1zM11 9l2 1-2 1zM8 2h.01M2 10h.01M13 3h.01M7 12h.01" },
  membrane: { width: 4, height: 4, weight: 0.9, lines: "", full: true },
  covering: { width: 8, height: 8, weight: 0.9, lines: "M0 4h8M4 0v8", dash: [1.5, 2.5] },
  plaster: { width: 10, height: 10, weight: 1.1, lines: "M2 3h.01M7 1h.01M5 6h.01M9 8h.01M1 8h.01" },
  glass: { width: 14, height: 14, weight: 0.9, lines: "M2 6L6 2M7 12L12 7" },
}

/** The patterns of one drawing, all or those of some classes; ids carry its name, as a page holds many drawings. */
export function HatchPatterns({ name, of }: { name: string; of?: readonly MaterialClass[] }) {
  return (
    <defs>
      {(Object.entries(TILES) as [MaterialClass, Tile][])
        .filter(([kind]) => of?.includes(kind) ?? true)
        .map(([kind, { width, height, lines, weight, dash, full }]) => (
          <pattern key={kind} id={`${name}-${kind}`} width={width} height={height} patternUnits="userSpaceOnUse">
            {full ? <rect width={width} height={height} fill="var(--ink)" /> : null}
            <path
              d={lines}
              fill="none"
              stroke="var(--hatch)"
              strokeWidth={weight}
              strokeLinecap={dash ? "butt" : "round"}
              strokeDasharray={dash?.join(" ")}
            />
          </pattern>
        ))}
    </defs>
  )
}

export const hatch = (name: string, kind: MaterialClass): string => (kind === "air" ? "none" : `url(#${name}-${kind})`)

/** A small square of a material's hatch, for lists that hold the patterns once. */
export function Swatch({ kind, hatches }: { kind: MaterialClass; hatches: string }) {
  return (
    <svg width={22} height={16} aria-hidden className="shrink-0">
      <rect x={0.5} y={0.5} width={21} height={15} fill="var(--sheet)" stroke="var(--graphite)" />
      <rect x={0.5} y={0.5} width={21} height={15} fill={hatch(hatches, kind)} />
    </svg>
  )
}
