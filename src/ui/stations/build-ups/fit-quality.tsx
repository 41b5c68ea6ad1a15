"use client"
import { useId } from "react"
import type { Layer } from "../../../schema/job/build-up"
import { hatch, HatchPatterns } from "../../pelt/hatches"
import type { MaterialClass } from "../../../schema/material"

type Level = Layer["voids"]

/** The levels of voids as one sees them. @see ISO 6946:2017, table F.1 */
const LEVELS: { level: Level; name: string; words: string }[] = [
  {
    level: 0,
    name: "no gaps that matter",
    words: "pieces close against each other and against both faces, or two layers cover each other’s joints",
  },
  { level: 1, name: "some gaps across it", words: "joints stand open from the cold face to the warm one, but no air runs behind it" },
  { level: 2, name: "gaps, and air behind it", words: "joints stand open and air runs round it between its faces" },
]

interface Props {
  level: Level
  kind: MaterialClass
  onChange: (level: Level) => void
}

/** How well a layer is fitted, chosen by what it looks like cut through. */
export function FitQuality({ level, kind, onChange }: Props) {
  const name = useId()
  return (
    <fieldset className="col-span-3">
      <legend className="text-dense text-graphite">How well it is fitted (cut through, outdoors left)</legend>
      <div className="grid grid-cols-3 gap-3 pt-1">
        {LEVELS.map((one) => (
          <label
            key={one.level}
            title={one.words}
            className="flex cursor-pointer items-start gap-2 border-t-2 border-transparent pt-1 has-checked:border-spruce"
          >
            <input
              type="radio"
              name={name}
              className="mt-0.5 size-4 shrink-0 accent-spruce"
              checked={level === one.level}
              onChange={() => onChange(one.level)}
            />
            <span className="grid gap-1">
              <Cut level={one.level} kind={kind} />
              <span className="text-dense leading-4">{one.name}</span>
            </span>
          </label>
        ))}
      </div>
      <p className="pt-1 text-dense text-graphite">{LEVELS[level]!.words}.</p>
    </fieldset>
  )
}

/** Two pieces of a layer between the boards on its faces: close, apart, or apart and off the outer board. */
function Cut({ level, kind }: { level: Level; kind: MaterialClass }) {
  const hatches = useId().replace(/\W/g, "")
  const [from, gap] = [level === 2 ? 16 : 8, level === 0 ? 0 : 6]
  const pieces = [
    { y: 0, height: 24 - gap / 2 },
    { y: 24 + gap / 2, height: 24 - gap / 2 },
  ]
  return (
    <svg width={92} height={48} aria-hidden className="border border-seam">
      <HatchPatterns name={hatches} />
      <rect width={92} height={48} fill="var(--felt)" />
      <rect width={8} height={48} fill={hatch(hatches, "board")} />
      <rect x={84} width={8} height={48} fill={hatch(hatches, "board")} />
      {pieces.map(({ y, height }) => (
        <g key={y} stroke="var(--graphite)" strokeWidth={0.8}>
          <rect x={from} y={y} width={84 - from} height={height} fill="var(--sheet)" />
          <rect x={from} y={y} width={84 - from} height={height} fill={hatch(hatches, kind)} />
        </g>
      ))}
      {level === 0 ? null : (
        <path d={level === 1 ? "M80 24H12" : "M80 24H12V46"} fill="none" stroke="var(--frost)" strokeWidth={1.6} strokeDasharray="3 2" />
      )}
    </svg>
  )
}
