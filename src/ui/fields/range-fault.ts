import type { Fault } from "../../schema/outcome"

/** What is wrong with a figure that is asked within a range; null where it lies in it. @param told a figure as it is written */
export const rangeFault = (value: number, [least, most]: readonly [number, number], told: (one: number) => string): Fault | null =>
  value >= least && value <= most ? null : { code: "out-of-range", path: [], message: `It must be from ${told(least)} to ${told(most)}.` }
