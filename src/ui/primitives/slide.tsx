"use client"

interface Props {
  label: string
  least: number
  most: number
  value: number
  /** The value in words. */
  words: string
  onChange: (value: number) => void
}

/** A place on a row of whole numbers, by drag or by keys, with its words at the end. */
export function Slide({ label, least, most, value, words, onChange }: Props) {
  return (
    <label className="flex items-center gap-3">
      <span className="w-10 text-dense text-graphite">{label}</span>
      <input
        type="range"
        min={least}
        max={most}
        step={1}
        value={value}
        aria-valuetext={words}
        className="w-full accent-spruce"
        onChange={({ target }) => onChange(Number(target.value))}
      />
      <span className="w-28 text-right font-semibold whitespace-nowrap">{words}</span>
    </label>
  )
}
