"use client"

interface Props<T extends string> {
  label: string
  value: T
  options: readonly { value: T; name: string }[]
  onChange: (value: T) => void
}

/** One of a few views; the one at hand is underlined. */
export function Tabs<T extends string>({ label, value, options, onChange }: Props<T>) {
  return (
    <div role="radiogroup" aria-label={label} className="flex flex-wrap gap-x-4 gap-y-1 whitespace-nowrap">
      {options.map((option) => (
        <button
          key={option.value}
          type="button"
          role="radio"
          aria-checked={option.value === value}
          className={
            option.value === value ? "border-b-2 border-ink font-semibold" : "border-b-2 border-transparent text-graphite hover:text-ink"
          }
          onClick={() => onChange(option.value)}
        >
          {option.name}
        </button>
      ))}
    </div>
  )
}
