import { MONTHS } from "../../core/climate/design-day"
import type { Kind } from "../../core/quantity/measure"
import { useWriting } from "../writing/writing"

/** One of two things that are told of each month. */
export interface MonthSeries {
  name: string
  /** How its columns are drawn. */
  look: string
  values: readonly number[]
}

/** Two things month by month, a pair of columns for each. @param words what is said of a month to who does not see them */
export function MonthColumns({
  label,
  kind,
  pair,
  words,
}: {
  label: string
  kind: Kind
  pair: readonly [MonthSeries, MonthSeries]
  words: (month: number) => string
}) {
  const { write } = useWriting()
  const most = Math.max(...pair.flatMap(({ values }) => values), 1e-9)
  return (
    <figure>
      <ul className="grid h-28 grid-cols-12 gap-x-1.5 border-b border-ink" aria-label={label}>
        {MONTHS.map((month, i) => (
          <li key={month} className="flex h-full items-end justify-center gap-px">
            <span className="sr-only">
              {month}: {words(i)}
            </span>
            {pair.map(({ name, look, values }) => (
              <span
                key={name}
                aria-hidden
                className={`w-full ${look} ${values[i] === 0 ? "invisible" : ""}`}
                style={{ height: `${(values[i]! / most) * 100}%` }}
              />
            ))}
          </li>
        ))}
      </ul>
      <div aria-hidden className="grid grid-cols-12 gap-x-1.5 text-center text-dense text-graphite">
        {MONTHS.map((month) => (
          <span key={month}>{month.slice(0, 3)}</span>
        ))}
      </div>
      <figcaption className="flex flex-wrap gap-x-4 pt-1 text-dense text-graphite">
        {pair.map(({ name, look }) => (
          <span key={name}>
            <span aria-hidden className={`mr-1 inline-block size-2.5 ${look}`} />
            {name}
          </span>
        ))}
        <span>most in a month: {write(kind, most)}</span>
      </figcaption>
    </figure>
  )
}
