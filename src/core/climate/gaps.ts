/** What was put in for hours that a file does not tell. */
export interface Filled {
  field: string
  hours: number
  how: string
}

/** Gaps of so many hours are bridged by a straight line. */
const SHORT = 6
/** How gaps are filled, in words. */
export const STRAIGHT = "on a straight line between the hours beside"
/** How longer ones are. */
export const DAYS_BESIDE = "from the same hours of the days beside"

/**
 * Fills the gaps of a year in its place: short ones on a straight line, longer ones from the same hours of the nearest days that tell them,
 * each by its nearness. The year is a ring: before January stands December.
 * @param values by the hour, NaN where unknown; some are known
 * @returns what was filled
 */
export function fillGaps(field: string, values: Float64Array): Filled[] {
  const known = values.slice()
  const length = values.length
  const at = (hour: number) => known[((hour % length) + length) % length]!
  const counts = { [STRAIGHT]: 0, [DAYS_BESIDE]: 0 }
  // From an hour that is known, once around.
  const first = known.findIndex((value) => !Number.isNaN(value))
  for (let from = first; from < first + length;) {
    if (!Number.isNaN(at(from))) {
      from++
      continue
    }
    let end = from
    while (Number.isNaN(at(end))) end++
    const [before, after, long] = [at(from - 1), at(end), end - from]
    for (let hour = from; hour < end; hour++) {
      const line = before + ((after - before) * (hour - from + 1)) / (long + 1)
      values[hour % length] = long <= SHORT ? line : (dayBeside(at, hour, length) ?? line)
    }
    counts[long <= SHORT ? STRAIGHT : DAYS_BESIDE] += long
    from = end
  }
  return Object.entries(counts)
    .filter(([, hours]) => hours > 0)
    .map(([how, hours]) => ({ field, hours, how }))
}

/** Between the same hours of the nearest days before and after that tell them; null where no day tells that hour. */
function dayBeside(at: (hour: number) => number, hour: number, length: number): number | null {
  const days = length / 24
  const nearest = (step: 1 | -1) => {
    for (let day = 1; day < days; day++) if (!Number.isNaN(at(hour + step * 24 * day))) return { day, value: at(hour + step * 24 * day) }
    return null
  }
  const [before, after] = [nearest(-1), nearest(1)]
  if (!before || !after) return null
  return (before.value * after.day + after.value * before.day) / (before.day + after.day)
}
